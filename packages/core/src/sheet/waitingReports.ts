/** What members have told of their sheets and wait for a leader to settle. */
import { own } from '../trip/own.js';
import type { Trip } from '../trip/model.js';
import type { KeptMark } from './marks.js';
import { sheetProgress, type SheetReport } from './sheetProgress.js';

export interface WaitingReport extends SheetReport {
  readonly memberId: string;
}

/** @param marks all marks, by member */
export function waitingReports(
  trip: Trip,
  marks: Readonly<Record<string, readonly KeptMark[]>>,
): readonly WaitingReport[] {
  return trip.members.flatMap(({ id }) => {
    const theirs = own(marks, id) ?? [];
    return theirs.length === 0
      ? []
      : sheetProgress(trip, id, theirs).reports.map((report) => ({ ...report, memberId: id }));
  });
}
