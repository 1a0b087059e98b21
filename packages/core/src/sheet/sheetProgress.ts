/** How far a member is with their sheet, and what they wait for a leader to settle. */
import type { Trip } from '../trip/model.js';
import { memberById } from '../trip/queries.js';
import { answersOf, type Answers } from './answers.js';
import { isMarked, markKey, standing, type KeptMark, type MarkValue, type Standing } from './marks.js';
import { sheetThings, type SheetThing } from './sheetThings.js';

export const REPORT_KINDS = ['weight', 'problem', 'veto'] as const;
export type ReportKind = (typeof REPORT_KINDS)[number];

export interface SheetReport {
  readonly kind: ReportKind;
  readonly thingId: string | undefined;
  /** What it is about, by name; undefined for the load as a whole, and for what is no longer theirs. */
  readonly thing: SheetThing | undefined;
  readonly value: MarkValue;
  /** What other devices of the member say instead. */
  readonly others: readonly MarkValue[];
  readonly at: string;
  /** What a leader's mark on it takes the place of. */
  readonly heads: readonly string[];
  /** What a leader has said to it since. */
  readonly answer: string | undefined;
  readonly answerHeads: readonly string[];
}
export interface MemberProgress {
  readonly things: number;
  readonly packed: number;
  /** What comes from others, and what of it has come. */
  readonly due: number;
  readonly received: number;
  readonly knowsSafety: boolean;
  /** What is neither packed nor, where it comes from others, received; by name. */
  readonly unconfirmed: readonly string[];
  /** Things that two devices of the member tell differently; by name. */
  readonly conflicts: readonly string[];
  /** Not settled yet, oldest first: weights that differ from the plan, problems and vetoes. */
  readonly reports: readonly SheetReport[];
  /** What they have said of themselves. */
  readonly answers: Answers;
}

/** Measured and planned weights that differ by less are the same, kg: the last digit of a kitchen scale. */
export const SAME_WEIGHT_KG = 0.005;

export function sheetProgress(trip: Trip, memberId: string, marks: readonly KeptMark[]): MemberProgress {
  const things = sheetThings(trip, memberById(trip, memberId), undefined);
  const byId = new Map(things.map((t) => [t.id, t]));
  const state = standing(marks);
  const says = (kind: 'packed' | 'received', t: SheetThing): boolean =>
    isMarked(state, { kind, thingId: t.id });
  const due = things.filter((t) => t.from !== undefined);
  const disputed = new Set(
    [...state.values()].filter((s) => s.others.length > 0).map((s) => s.mark.thingId ?? ''),
  );
  return {
    things: things.length,
    packed: things.filter((t) => says('packed', t)).length,
    due: due.length,
    received: due.filter((t) => says('received', t)).length,
    knowsSafety: isMarked(state, { kind: 'safety' }),
    unconfirmed: things
      .filter((t) => !says('packed', t) && !(t.from !== undefined && says('received', t)))
      .map((t) => t.name),
    conflicts: things.filter((t) => disputed.has(t.id)).map((t) => t.name),
    answers: answersOf(marks),
    reports: [...state.values()]
      .flatMap((s) => reportOf(s, byId, state))
      .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0)),
  };
}

function reportOf(
  { mark, others, heads }: Standing<KeptMark>,
  things: ReadonlyMap<string, SheetThing>,
  state: ReadonlyMap<string, Standing<KeptMark>>,
): readonly SheetReport[] {
  const kind = REPORT_KINDS.find((k) => k === mark.kind);
  if (kind === undefined || mark.value === '') return [];
  const thing = mark.thingId === undefined ? undefined : things.get(mark.thingId);
  const settled =
    kind === 'weight' &&
    others.length === 0 &&
    (thing === undefined || Math.abs(thing.massKg - Number(mark.value)) < SAME_WEIGHT_KG);
  if (settled) return [];
  const answered = state.get(markKey({ kind: 'answer', thingId: mark.thingId }));
  const answer = answered?.mark.value;
  return [
    {
      kind,
      thingId: mark.thingId,
      thing,
      value: mark.value,
      others: others.map((o) => o.value),
      at: mark.at,
      heads,
      answer: typeof answer === 'string' && answer !== '' ? answer : undefined,
      answerHeads: answered?.heads ?? [],
    },
  ];
}
