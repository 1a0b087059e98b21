import { useQuery } from '@tanstack/react-query';
import type { KeptIncident } from '@graft/core/trail';
import { orKept } from '../device/answers';
import { notesKey } from '../device/keptTrips';
import { waitingLetters } from '../device/outbox';
import { keepsNotes } from '../device/permission';
import { api } from '../shared/api';

/** The log of a trip, for those who lead it in full. */
export function useIncidents(tripId: string) {
  return useQuery({ queryKey: ['incidents', tripId], queryFn: () => readLog(tripId) });
}

/** What the server has, then what waits on this device to be sent. */
async function readLog(tripId: string): Promise<readonly KeptIncident[]> {
  const options = { tripId, private: !keepsNotes() };
  const [waiting, log] = await Promise.all([
    waitingLetters(tripId),
    orKept(notesKey(tripId), () => api.incidents(tripId), options).catch((error: unknown) => error as Error),
  ]);
  const told = waiting.flatMap((letter): readonly KeptIncident[] =>
    letter.kind === 'incident' ? [{ ...letter.note, id: letter.noteId, writtenAt: '', writtenBy: '' }] : [],
  );
  if (!(log instanceof Error)) return [...log, ...told];
  if (told.length === 0) throw log;
  return told;
}
