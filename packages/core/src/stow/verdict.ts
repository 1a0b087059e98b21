/** A stow in a sentence, and what is good, fair or poor about its figures. The limits are Graft's own numbers. */
import { HARD_LIFT } from '../carriage/liftingIndex.js';
import { FAIR_OFFSET_CM, GOOD_OFFSET_CM } from '../carriage/packingSchool.js';
import type { Severity, StowAssessment } from './assessment.js';
import { findingGroups } from './findingGroups.js';
import { VOIDS_MOST } from './rules/carryingRules.js';

export const GRADES = ['good', 'fair', 'poor'] as const;
export type Grade = (typeof GRADES)[number];

export interface StowVerdict {
  readonly grade: Grade;
  /** "Rides well. One thing to mend: …". */
  readonly text: string;
}

/** What a pack is like whose gravest finding is of a kind. */
const LEADS: Readonly<Record<Severity, readonly [Grade, string]>> = {
  fit: ['poor', 'Not everything is in.'],
  safety: ['poor', 'Not safe to carry like this.'],
  access: ['fair', 'Rides, but not all is at hand.'],
  balance: ['fair', 'Rides unevenly.'],
  structure: ['fair', 'Rides, but will settle on the way.'],
  ground: ['good', 'Rides well.'],
};
const COUNTS = ['', 'One thing', 'Two things', 'Three things', 'Four things', 'Five things'];

/** @returns undefined when nothing has a place yet */
export function stowVerdict(a: Pick<StowAssessment, 'placed' | 'findings'>): StowVerdict | undefined {
  if (a.placed.length === 0) return undefined;
  const groups = findingGroups(a.findings);
  const [worst] = groups;
  if (worst === undefined) return { grade: 'good', text: 'Rides well. Nothing to mend.' };
  const [grade, lead] = LEADS[worst.severity];
  const count = COUNTS[groups.length] ?? `${groups.length} things`;
  const first = worst.findings[0]!.message;
  return { grade, text: `${lead} ${count} to mend${groups.length > 1 ? ', first' : ''}: ${first}` };
}

/** Up to where a figure is good, and up to where it is fair. */
interface Limits {
  readonly good: number;
  readonly fair: number;
}
export const FIGURE_LIMITS = {
  /** Outside the band, cm. */
  bandMissCm: { good: 0, fair: 2 },
  /** Further out than the least conceivable, cm. */
  outCm: { good: 2, fair: 3.5 },
  asideCm: { good: GOOD_OFFSET_CM, fair: FAIR_OFFSET_CM },
  /** Pack and load by what the pack is rated for. */
  loadRatio: { good: 1, fair: 1.1 },
  voidShare: { good: VOIDS_MOST, fair: 2 * VOIDS_MOST },
  leanDeg: { good: 11, fair: 15 },
  shoulderPullN: { good: 40, fair: 60 },
  swayNm: { good: 10, fair: 18 },
  liftingIndex: { good: HARD_LIFT, fair: 2 * HARD_LIFT },
} as const satisfies Readonly<Record<string, Limits>>;

/** @param value of 0 or more; a rounding error costs no grade */
export function gradeOf(figure: keyof typeof FIGURE_LIMITS, value: number): Grade {
  const { good, fair }: Limits = FIGURE_LIMITS[figure];
  return value <= good + TINY ? 'good' : value <= fair + TINY ? 'fair' : 'poor';
}
const TINY = 1e-9;
