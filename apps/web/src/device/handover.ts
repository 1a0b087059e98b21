/**
 * The lead passes from phone to phone as a file: the trip as the server had it, as it is here, and what else waits to be
 * sent. Whoever takes it goes on from there; when both have a network again, what both did meets as any two leaders' does.
 */
import { mergeTrips, type Trip } from '@graft/core/trip';
import { InvalidInputError } from '@graft/core/schema';
import type { SessionState } from '../shared/tripSession';
import { device, keep } from './deviceStore';
import { HANDOVER_FORMAT, type KeptSession, type Told } from './kept';
import { keepTrip } from './keptTrips';
import { waitingLetters } from './outbox';
import { readableTrip, TRIP_FORMAT } from './tripFormat';

const VERSION = 1;

interface Handover {
  readonly format: typeof HANDOVER_FORMAT;
  readonly version: typeof VERSION;
  /** Format of the trips in it, as of a trip file. */
  readonly tripFormat: number;
  readonly tripId: string;
  /** The server's version that `base` is. */
  readonly baseVersion: number;
  readonly base: Trip;
  readonly now: Trip;
  readonly letters: readonly Told[];
}

/** @returns the file's name and text */
export async function makeHandover(
  tripId: string,
  { saved, trip, version }: Pick<SessionState, 'saved' | 'trip' | 'version'>,
): Promise<{ readonly name: string; readonly text: string }> {
  const letters = (await waitingLetters(tripId)).map(
    ({ seq: _seq, refused: _refused, ...told }) => told as Told,
  );
  const file: Handover = {
    format: HANDOVER_FORMAT,
    version: VERSION,
    tripFormat: TRIP_FORMAT,
    tripId,
    baseVersion: version,
    base: saved,
    now: trip,
    letters,
  };
  const name = trip.name.replace(/[^\p{L}\p{N}]+/gu, '-').slice(0, 60);
  return { name: `${name}.lead.json`, text: JSON.stringify(file) };
}

/**
 * Goes on with what another leader has handed over; what this device has of the trip itself is kept too.
 *
 * @returns the trip's id
 * @throws InvalidInputError when the file is none, broken, of a newer version, or there is no room for it
 */
export async function takeHandover(text: string): Promise<string> {
  const file = readHandover(text);
  const { tripId: id, baseVersion: version } = file;
  const [base, now] = [
    await readableTrip(file.base, file.tripFormat, true),
    await readableTrip(file.now, file.tripFormat, true),
  ];
  const db = await device();
  const mine = await db?.get('sessions', id);
  const unsaved = mine?.unsaved === undefined ? now : mergeTrips(mine.base ?? base, mine.unsaved, now).trip;
  const session: KeptSession = {
    id,
    format: TRIP_FORMAT,
    version,
    base,
    unsaved,
    // If it comes to the server from the other phone too, it is no change of somebody else's.
    inDoubt: now,
    clashes: mine?.clashes ?? [],
    setAside: mine?.setAside ?? [],
    past: [],
    future: [],
  };
  const isKept =
    (await keepTrip({ id, version, role: 'full', trip: base }, true)) &&
    (await keep(
      { store: 'sessions', value: session },
      ...file.letters.map((letter) => ({ store: 'letters', value: letter }) as const),
    ));
  if (!isKept)
    throw new InvalidInputError([
      { path: '', message: 'this device has no room for the trip, or the trip was over two weeks ago' },
    ]);
  return id;
}

function readHandover(text: string): Handover {
  let file: Partial<Handover>;
  try {
    file = JSON.parse(text) as Partial<Handover>;
  } catch {
    throw broken('the file is cut off or no JSON');
  }
  if (file.format !== HANDOVER_FORMAT) throw broken(`expected a file with the format "${HANDOVER_FORMAT}"`);
  if (file.version !== VERSION)
    throw broken(`expected version ${VERSION}, got ${String(file.version)}: load the newest Graft first`);
  const { tripId, baseVersion, letters } = file;
  if (typeof tripId !== 'string' || !/^[0-9a-f-]{36}$/i.test(tripId)) throw broken('expected a trip’s id');
  if (!Number.isInteger(baseVersion)) throw broken('expected the version that it was changed from');
  if (!Array.isArray(letters) || !letters.every((l: Partial<Told>) => l.tripId === tripId))
    throw broken('expected what waits to be sent of this trip');
  return file as Handover;
}

const broken = (message: string): InvalidInputError => new InvalidInputError([{ path: '', message }]);
