/** Handovers as a leader sees them: who gives what to whom, what it weighs, and what each carrier's load becomes. */
import { dayLoad, legOfDay } from '../load/memberLoad.js';
import { massOnDayKg, volumeOnDayL } from '../load/thingOnDay.js';
import { handOver } from '../trip/changes.js';
import type { Condition, Member, Trip } from '../trip/model.js';
import { nameAlone, carrierOf, memberById, sharedThings, type Carried } from '../trip/queries.js';
import type { ShareProblem } from './problem.js';
import type { Near } from './reshare.js';

/** What happened on a day, which makes another share needed. */
export type TrailEvent =
  | {
      readonly kind: 'weaker';
      readonly memberId: string;
      readonly day: number;
      readonly label: string;
      readonly factor: number;
    }
  | { readonly kind: 'leaves'; readonly memberId: string; readonly day: number }
  | { readonly kind: 'none'; readonly day: number };

/**
 * The trip as it is once something has happened: from that day on a member can carry less, or walks with the party no
 * more (the day before is their last).
 *
 * @throws RangeError for a member who leaves before the second day: they are not on the trip
 */
export function afterEvent(trip: Trip, event: TrailEvent): Trip {
  if (event.kind === 'none') return trip;
  const change = (of: (member: Member) => Member): Trip => ({
    ...trip,
    members: trip.members.map((m) => (m.id === event.memberId ? of(m) : m)),
  });
  if (event.kind === 'leaves') {
    if (event.day < 2) throw new RangeError(`expected day 2 or later, got ${event.day}`);
    return change((m) => ({ ...m, lastDay: event.day - 1 }));
  }
  const condition: Condition = {
    label: event.label,
    fromDay: event.day,
    toDay: trip.legs.length,
    factor: event.factor,
  };
  return change((m) => ({ ...m, conditions: [...m.conditions, condition] }));
}

export interface ProposedHandover {
  readonly piece: Carried;
  /** What it is called away from its kit. */
  readonly name: string;
  /** Undefined for a piece that nobody carries. */
  readonly from: Member | undefined;
  readonly to: Member;
  /** On the day it is given, or on which it joins, when that is later. */
  readonly massKg: number;
  readonly volumeL: number;
  /** The first day it is there to be given. */
  readonly day: number;
  readonly setId: string;
  /** The two sleep or cook together. */
  readonly near: boolean;
}

/** Whether carriers of a problem sleep or cook together. */
export function nearIn(trip: Trip, problem: ShareProblem): Near {
  const members = problem.carriers.map((c) => memberById(trip, c.memberId));
  return (a, b) => areNear(members[a]!, members[b]!);
}
function areNear(a: Member, b: Member): boolean {
  return (
    (a.tentGroupId !== undefined && a.tentGroupId === b.tentGroupId) ||
    (a.cookGroupId !== undefined && a.cookGroupId === b.cookGroupId)
  );
}

/** One piece that is to go to a member. */
export interface Move {
  readonly pieceId: string;
  readonly toMemberId: string;
  /** The same for the pieces of one set: they go together. */
  readonly setId: string;
}

/** What one gives another at once: a piece, or the pieces of a set. */
export interface HandoverSet {
  readonly id: string;
  readonly from: Member | undefined;
  readonly to: Member;
  readonly handovers: readonly ProposedHandover[];
}

/** "Lake: pot, stove": what the names have in common is said once. */
export function namesTogether(names: readonly string[]): string {
  const [first = ''] = names;
  const head = first.slice(0, first.indexOf(': ') + 2);
  return names.length > 1 && head.length > 1 && names.every((name) => name.startsWith(head))
    ? head + names.map((name) => name.slice(head.length)).join(', ')
    : names.join(', ');
}

/** Handovers in their order, those of one set together. */
export function handoverSets(handovers: readonly ProposedHandover[]): readonly HandoverSet[] {
  const sets = new Map<string, ProposedHandover[]>();
  for (const h of handovers) {
    const key = `${h.setId} ${h.from?.id ?? ''}`;
    sets.set(key, [...(sets.get(key) ?? []), h]);
  }
  return [...sets].map(([id, those]) => ({ id, from: those[0]!.from, to: those[0]!.to, handovers: those }));
}

/** Moves as handovers: people who live together first, then pair by pair, heaviest first. */
export function proposedHandovers(
  trip: Trip,
  day: number,
  moves: readonly Move[],
): readonly ProposedHandover[] {
  const pieces = new Map(sharedThings(trip).map((p) => [p.id, p]));
  const list = moves.map(({ pieceId, toMemberId, setId }): ProposedHandover => {
    const fromId = carrierOf(trip, pieceId, day);
    const piece = pieces.get(pieceId)!;
    const to = memberById(trip, toMemberId);
    const there = Math.min(trip.legs.length, Math.max(day, piece.fromDay ?? day));
    const from = fromId === undefined ? undefined : memberById(trip, fromId);
    return {
      piece,
      name: nameAlone(trip, piece),
      from,
      to,
      massKg: massOnDayKg(piece, there, legOfDay(trip, there)),
      volumeL: volumeOnDayL(piece, there),
      day: there,
      setId,
      near: from !== undefined && areNear(from, to),
    };
  });
  const pair = (h: ProposedHandover): string => `${h.from?.id ?? ''} ${h.to.id}`;
  return list.sort(
    (a, b) =>
      Number(b.near) - Number(a.near) ||
      (pair(a) < pair(b) ? -1 : pair(a) > pair(b) ? 1 : b.massKg - a.massKg),
  );
}

/** The trip with some handovers made on a day, and why. */
export function withHandovers(
  trip: Trip,
  day: number,
  handovers: readonly ProposedHandover[],
  reason: string,
): Trip {
  return handOver(
    trip,
    day,
    handovers.map((h) => ({ pieceId: h.piece.id, toMemberId: h.to.id })),
    reason,
  );
}

/** A member's largest ratio to the own limit from a day on; 0 for somebody who has left. */
export function largestRatioFrom(trip: Trip, member: Member, day: number): number {
  return Math.max(...trip.legs.slice(day - 1).map((_leg, i) => dayLoad(trip, member, day + i).ratio));
}
