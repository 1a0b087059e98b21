import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import type { SheetProgress } from '@graft/core/api';
import type { KeptMark } from '@graft/core/sheet';
import { own } from '@graft/core/trip';
import { orKept } from '../device/answers';
import { waitingLetters } from '../device/outbox';
import { api } from './api';

/** The links of a trip's sheets and what members have told. */
export function useSheets(tripId: string): UseQueryResult<SheetProgress> {
  return useQuery({
    queryKey: ['sheets', tripId],
    queryFn: async () =>
      withWaiting(await orKept(`sheets ${tripId}`, () => api.sheets(tripId), { tripId }), tripId),
    staleTime: 60_000,
    // An answer may be older than what has come in as news since it was asked for.
    structuralSharing: (known, fresh) =>
      known === undefined ? fresh : withMarks(fresh as SheetProgress, (known as SheetProgress).marks),
  });
}

/** Progress with some more marks: they never change and never go, so whatever is known of them stays. */
export function withMarks(progress: SheetProgress, more: SheetProgress['marks']): SheetProgress {
  const marks: Record<string, readonly KeptMark[]> = { ...progress.marks };
  for (const [memberId, theirs] of Object.entries(more)) {
    const known = own(marks, memberId) ?? [];
    const ids = new Set(known.map((m) => m.id));
    marks[memberId] = [...known, ...theirs.filter((m) => !ids.has(m.id))];
  }
  return { ...progress, marks };
}

/** Progress with what was told here and waits to be sent. */
async function withWaiting(progress: SheetProgress, tripId: string): Promise<SheetProgress> {
  return (await waitingLetters(tripId)).reduce(
    (known, letter) =>
      letter.kind !== 'marks'
        ? known
        : withMarks(known, { [letter.memberId]: letter.marks.map((m) => ({ ...m, byLeader: true })) }),
    progress,
  );
}
