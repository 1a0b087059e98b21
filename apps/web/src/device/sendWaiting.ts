/** Sends what waits on this device of trips that are not open, and what else waits. */
import { today } from '../shared/dates';
import { isUnsaved, sessionReducer } from '../shared/tripSession';
import { sendOnce } from '../shared/tripSending';
import { device, sweep } from './deviceStore';
import { keepSession } from './keptSession';
import { keepTrip, waitingTrips } from './keptTrips';
import { isOpenHere } from './openHere';
import { openTrip } from './openTrip';
import { sendLetters } from './outbox';
import { keepsNotes } from './permission';

/** A trip that others change as fast as it is sent is left for later. */
const MOST_TURNS = 20;
/** One page of the application at a time, however many tabs there are. */
const LOCK = 'graft sending';

/** What is long over goes first. @returns the trips that something else than changes was sent of */
export async function sendWaiting(): Promise<readonly string[]> {
  await sweep(today());
  let told: readonly string[] = [];
  await alone(async () => {
    told = await sendLetters();
    for (const id of await waitingTrips()) if (!isOpenHere(id)) await sendTrip(id);
  });
  return told;
}

async function alone(work: () => Promise<void>): Promise<void> {
  if (navigator.locks === undefined) await work();
  else await navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => lock && work());
}

async function sendTrip(id: string): Promise<void> {
  const opened = await openTrip(id).catch(() => undefined);
  if (opened === undefined || opened.keptAt !== undefined) return;
  let state = opened.session;
  for (let turn = 0; turn < MOST_TURNS && isUnsaved(state) && state.save.kind === 'idle'; turn += 1) {
    const sending = sessionReducer(state, { type: 'sending', sent: state.trip });
    state = sessionReducer(sending, await sendOnce(id, state));
  }
  // What was refused is shown, and can be mended, when the trip is opened.
  if (isOpenHere(id) || state.save.kind === 'refused' || (await device()) === undefined) return;
  await keepSession(id, state, keepsNotes());
  const { role } = opened.stored;
  await keepTrip({ id, role, version: state.version, trip: state.saved });
}
