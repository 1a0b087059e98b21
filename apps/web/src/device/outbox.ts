/**
 * What is told to others besides changes of the trip itself: it waits on the device, in order, until the server has it.
 * Each letter has ids of its own, so that one that is sent twice is kept once.
 */
import { api } from '../shared/api';
import { isUnreached } from './answers';
import { device, keep } from './deviceStore';
import type { Letter, Told } from './kept';

function deliver(letter: Told): Promise<unknown> {
  switch (letter.kind) {
    case 'marks':
      return api.tellMember(letter.tripId, letter.memberId, letter.marks);
    case 'incident':
      return api.addIncident(letter.tripId, letter.noteId, letter.note);
  }
}

/**
 * Sends a letter, or keeps it until the server can be reached.
 *
 * @returns whether it was sent
 * @throws what the server said against it; and why nobody was reached, where the device cannot keep it
 */
export async function post(letter: Told): Promise<boolean> {
  if ((await waitingLetters()).length === 0) {
    try {
      await deliver(letter);
      return true;
    } catch (error) {
      if (!isUnreached(error) || !(await keep({ store: 'letters', value: letter }))) throw error;
      return false;
    }
  }
  // Behind what waits already.
  if (!(await keep({ store: 'letters', value: letter })))
    throw new Error('This device has no room to keep it. Try again later.');
  await sendLetters();
  return false;
}

export async function waitingLetters(tripId?: string): Promise<readonly Letter[]> {
  const all = (await (await device())?.getAll('letters')) ?? [];
  return all.filter((letter) => letter.refused === undefined && (tripId ?? letter.tripId) === letter.tripId);
}

/** What of a trip the server did not take, each with its reason. */
export async function refusedLetters(tripId: string): Promise<readonly Letter[]> {
  const all = (await (await device())?.getAll('letters')) ?? [];
  return all.filter((letter) => letter.refused !== undefined && letter.tripId === tripId);
}

export async function dropLetter({ seq }: Letter): Promise<void> {
  if (seq !== undefined) await (await device())?.delete('letters', seq);
}

let sending: Promise<readonly string[]> | undefined;
/**
 * Sends what waits, in order, until one cannot be delivered. What the server will not take stays with its reason.
 *
 * @returns the trips that something was delivered of
 */
export function sendLetters(): Promise<readonly string[]> {
  sending ??= sendAll().finally(() => {
    sending = undefined;
  });
  return sending;
}

async function sendAll(): Promise<readonly string[]> {
  const db = await device();
  const trips = new Set<string>();
  for (const letter of await waitingLetters()) {
    try {
      await deliver(letter);
      trips.add(letter.tripId);
      await db?.delete('letters', letter.seq!);
    } catch (error) {
      if (isUnreached(error) || (error as { status?: number }).status === 401) break;
      await keep({ store: 'letters', value: { ...letter, refused: (error as Error).message } });
    }
  }
  return [...trips];
}
