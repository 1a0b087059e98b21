/** A member's stow on the day it is planned for, kept as long as nothing of theirs has changed. */
import { Derived } from '../trip/derived.js';
import { partsOfMember, type MemberFields } from '../trip/memberPart.js';
import type { Member, Trip } from '../trip/model.js';
import { assessStow } from './assessStow.js';
import type { StowAssessment } from './assessment.js';
import { planningDay } from './stowProblem.js';

export interface PackFigures {
  readonly memberId: string;
  readonly stow: StowAssessment;
  /** Everything has a place and nothing is wrong. */
  readonly done: boolean;
}

const kept = new WeakMap<Member, Derived<MemberFields, PackFigures>>();

export function packFigures(trip: Trip, member: Member): PackFigures {
  let derived = kept.get(member);
  if (derived === undefined) {
    derived = new Derived((part) => packFiguresNow(part, member.id));
    kept.set(member, derived);
  }
  return derived.of(partsOfMember(trip, member));
}

/** The same, made anew. */
export function packFiguresNow(trip: Trip, memberId: string): PackFigures {
  const stow = assessStow(trip, memberId, planningDay(trip, memberId));
  const wrong = stow.findings.some((f) => f.severity === 'fit' || f.severity === 'safety');
  return { memberId, stow, done: stow.placed.length > 0 && !wrong };
}
