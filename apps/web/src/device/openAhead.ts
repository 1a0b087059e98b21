/** Opening the trip that the page's address names before anything is drawn. */
import { queries, tripKey } from '../shared/queries';
import { keptAccount } from './keptAccount';
import { openTrip } from './openTrip';

/** What is on the device is there at once. For an answer of the server the page does not stay empty. */
const SOON_MS = 150;

/** Opens a trip for who was here last; whoever draws it finds it opened, or opens it. */
export async function openAhead(id: string): Promise<void> {
  if (keptAccount() === undefined) return;
  const opening = openTrip(id);
  const opened = await Promise.race([
    // What went wrong is told to who opens it again.
    opening.catch(() => undefined),
    new Promise<undefined>((resolve) => setTimeout(resolve, SOON_MS)),
  ]);
  if (opened === undefined) going = { id, opening };
  else queries.setQueryData(tripKey(id), opened);
}

let going: { readonly id: string; readonly opening: ReturnType<typeof openTrip> } | undefined;

/** Opens a trip, or goes on with what was begun. */
export function openNow(id: string): ReturnType<typeof openTrip> {
  const begun = going?.id === id ? going.opening : undefined;
  going = undefined;
  return begun ?? openTrip(id);
}
