/** A pasted list as rows for the trip's lists; what a line does not say comes from the library and the vocabulary. */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Consumption, Trip } from '../trip/model.js';
import { isSameName } from '../trip/names.js';
import { guessFacts, type Guess } from './guessFacts.js';
import type { PastedThing } from './pasteList.js';
import type { ReadRow, Target } from './takeRows.js';
import type { Eaters } from './vocabulary/sized.js';

/** A row of a list that was read, with how it was understood. */
export interface GuessedRow extends ReadRow {
  readonly guess: Guess;
}

/** What packaging and crumbs leave of food, as a share. */
const LEFT_OF_FOOD = 0.04;
/** Of a tent's parts so many named beside it mean that "tent" is not all of it. */
const PARTS_BESIDE = 2;

/** Whose food a row is: one member's, or that of all who are on the trip. */
function eatersOf(trip: Trip, list: string | undefined, target: Target): Eaters | undefined {
  const isOnes =
    list === undefined ? target.kind === 'member' : trip.members.some((m) => isSameName(m.name, list));
  const people = isOnes ? 1 : trip.members.length;
  if (people === 0) return undefined;
  const days = trip.legs.length;
  return { people, days, nights: days - 1 };
}

/** Food for the trip is eaten over its days. */
function eaten(trip: Trip, massKg: number): Consumption {
  return { fromDay: 1, toDay: trip.legs.length, residueKg: Number((LEFT_OF_FOOD * massKg).toFixed(3)) };
}

/** @param target where rows go that do not say */
export function rowsOfPasted(
  things: readonly PastedThing[],
  library: readonly LibraryEntry[],
  trip: Trip,
  target: Target,
): readonly GuessedRow[] {
  const rows = things.map(({ line, name, count, massKg, volumeL, list }): GuessedRow => {
    const guess = guessFacts(name, library, massKg, eatersOf(trip, list, target));
    const { facts, libraryId, kitId } = guess;
    const isFood = facts.purpose === 'food' || facts.purpose === 'snack';
    return {
      line,
      count,
      guess,
      ...(list === undefined ? {} : { list }),
      ...(kitId === undefined ? {} : { kitId }),
      thing: {
        ...facts,
        name,
        massEstimated: massKg === undefined,
        volumeL: volumeL === undefined || facts.shape.kind !== 'pouch' ? facts.volumeL : volumeL,
        ...(guess.isNeed && isFood ? { consumption: eaten(trip, facts.massKg) } : {}),
        ...(libraryId === undefined ? {} : { libraryId }),
      },
      personal: { worn: false },
    };
  });
  const parts = rows.filter((r) => r.kitId === undefined && isPart(r)).length;
  if (parts < PARTS_BESIDE) return rows;
  // Its parts stand beside it: the tent is one of them.
  return rows.map(({ kitId: _kitId, ...row }) => row);
}

function isPart({ thing }: GuessedRow): boolean {
  return ['tentFly', 'tentPoles', 'tentPegs', 'footprint'].includes(thing.purpose);
}
