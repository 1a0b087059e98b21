/** A rule of stowing with its check. */
import type { Finding, PlacedThing, Severity, StowAssessment } from '../assessment.js';
import type { StowProblem } from '../stowProblem.js';
import { isSpent } from '../thingKinds.js';
import { isMainZone } from '../../trip/zoneKinds.js';

export interface StowRule {
  readonly id: string;
  readonly severity: Severity;
  readonly what: string;
  readonly why: string;
  /** Who holds it, where practitioners disagree; everybody otherwise. */
  readonly camp?: string;
  /** What helps where moving things does not. */
  readonly remedy?: string;
}

/** What a rule looks at. */
export type Parts = Omit<StowAssessment, 'findings'>;
export interface CheckedRule extends StowRule {
  readonly check: (problem: StowProblem, a: Parts) => readonly Omit<Finding, 'ruleId' | 'severity'>[];
}

export const each = (
  a: Parts,
  broken: (p: PlacedThing) => string | undefined,
): readonly Omit<Finding, 'ruleId' | 'severity'>[] =>
  a.placed.flatMap((p) => {
    const message = isSpent(p.thing, a.day) ? undefined : broken(p);
    return message === undefined ? [] : [{ thingIds: [p.thing.id], message }];
  });
/** Less full than this a pack has no core, no top, and nothing for heavy things to ride on (Graft's own number). */
const HALF = 0.5;
export const isHalfEmpty = ({ main }: Parts): boolean => main.filledL < HALF * main.capacityL;
export const inMain = (p: PlacedThing): boolean => isMainZone(p.zone.kind);
export const has = (p: PlacedThing, flag: PlacedThing['thing']['flags'][number]): boolean =>
  p.thing.flags.includes(flag);
/** Whoever needs it does not unpack: it has a rule of its own. */
export const isAtHand = (p: PlacedThing): boolean =>
  ['firstAid', 'animalSpray', 'beacon'].includes(p.thing.purpose);
