/** All checks of a trip's kit together, without what the leader has put aside. */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Trip } from '../trip/model.js';
import { allThings } from '../trip/queries.js';
import { completenessFindings } from './completeness.js';
import { doubleFindings } from './doubles.js';
import { essentialFindings } from './essentials.js';
import type { KitFinding } from './finding.js';
import { forgottenFindings } from './forgotten.js';
import { leaveBehindFindings } from './leaveBehind.js';
import { isListed } from './ownFigure.js';
import { ownThingsFindings } from './ownThingsChecks.js';
import { sameJobFindings } from './sameJob.js';
import { suppliedFindings } from './supplied.js';
import { airFindings, expiryFindings, repairFindings } from './timely.js';
import { unweighedFindings } from './unweighed.js';
import { waterFindings } from './waterChecks.js';

export interface KitChecks {
  /** What must be settled first, then what should, then what could; the largest saving first among equals. */
  readonly open: readonly KitFinding[];
  /** Put aside, each with its reason; a finding that is gone is not among them. */
  readonly dismissed: readonly { readonly finding: KitFinding; readonly reason: string }[];
}

const WEIGHTS = ['must', 'should', 'could'];

/** The checks one by one, for a page that must answer between two of them: their findings in this order are gathered. */
export function kitCheckSteps(
  trip: Trip,
  library: readonly LibraryEntry[],
): readonly (() => readonly KitFinding[])[] {
  // Before there is a list there is nothing to check.
  if (!allThings(trip).some((t) => t.madeBy !== 'larder')) return [];
  const listed = trip.members.filter((m) => isListed(trip, m));
  return [
    () => unweighedFindings(trip),
    () => ownThingsFindings(trip),
    () => essentialFindings(trip, library, listed),
    () => completenessFindings(trip, library),
    () => expiryFindings(trip),
    () => repairFindings(trip),
    () => waterFindings(trip, library, listed),
    () => doubleFindings(trip),
    () => sameJobFindings(trip),
    () => airFindings(trip),
    () => leaveBehindFindings(trip, library, listed),
    () => suppliedFindings(trip, library),
    () => forgottenFindings(trip, library, listed),
  ];
}

/** @param library the leader's own; cures and history come out of it */
export function kitChecks(trip: Trip, library: readonly LibraryEntry[]): KitChecks {
  return gatherChecks(
    trip,
    kitCheckSteps(trip, library).flatMap((step) => step()),
  );
}

/** Findings in the order they are to be looked at, apart from what was put aside. */
export function gatherChecks(trip: Trip, all: readonly KitFinding[]): KitChecks {
  const reasons = new Map(trip.dismissals.map((d) => [d.id, d.reason]));
  const rank = (f: KitFinding): number => WEIGHTS.indexOf(f.weight);
  const saving = (f: KitFinding): number => f.cures[0]?.changeKg ?? 0;
  return {
    open: all.filter((f) => !reasons.has(f.id)).sort((a, b) => rank(a) - rank(b) || saving(a) - saving(b)),
    dismissed: all.flatMap((finding) => {
      const reason = reasons.get(finding.id);
      return reason === undefined ? [] : [{ finding, reason }];
    }),
  };
}
