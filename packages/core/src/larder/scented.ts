/** What smells of food at night: the list for the evening's round, and its volume against hard containers. */
import { isCarriedOn, massOnDayKg, volumeOnDayL } from '../load/thingOnDay.js';
import type { Thing, Trip } from '../trip/model.js';
import { allPieces, allThings, carrierOf } from '../trip/queries.js';

/** Dense food takes about so much of a container, litres a person-day (common practice, no source). */
export const CONTAINER_L_PER_PERSON_DAY = { from: 1.6, to: 2 } as const;

const SCENTED_PURPOSES: readonly Thing['purpose'][] = ['food', 'snack', 'hygiene'];

/** Whether a thing goes into the round: marked as scented, or food and soap by what it is for. */
export function isScented(thing: Thing): boolean {
  return thing.flags.includes('scented') || SCENTED_PURPOSES.includes(thing.purpose);
}

export interface ScentedThing {
  readonly thing: Thing;
  /** Who has it; undefined while a group piece is unshared. */
  readonly memberId: string | undefined;
}

/** Every scented thing of the party with who carries it. */
export function scentedThings(trip: Trip): readonly ScentedThing[] {
  return [
    ...allPieces(trip)
      .filter(isScented)
      .map((thing) => ({ thing, memberId: carrierOf(trip, thing.id) })),
    ...trip.personalThings
      .filter((t) => isScented(t) && !t.worn)
      .map((thing) => ({ thing, memberId: thing.memberId })),
  ];
}

export interface ScentedNight {
  /** The night after this day. */
  readonly night: number;
  readonly count: number;
  readonly massKg: number;
  readonly volumeL: number;
  /** What hard containers and food bags hold, litres. */
  readonly capacityL: number;
}

/**
 * Night by night: what is left of the scented things after the day's dinner, against the containers carried. Of a parcel
 * that holds the next breakfast too, the breakfast counts as eaten: add about 0.2 L a person for it.
 */
export function scentedNights(trip: Trip): readonly ScentedNight[] {
  const scented = scentedThings(trip).map((s) => s.thing);
  const containers = allThings(trip).filter((t) => t.foodCapacityL !== undefined);
  return trip.legs.slice(0, -1).map((_leg, i) => {
    // After dinner the morning's load is what is left, with what leaves today still there and tomorrow's not yet.
    const [night, morning] = [i + 1, i + 2];
    const there = scented.filter((t) => isCarriedOn(t, night));
    const left = (t: Thing): Thing => {
      const { fromDay: _from, toDay: _to, ...rest } = t;
      return rest;
    };
    const dry = { ...trip.legs[i]!, afterRain: false };
    const massKg = there.reduce((sum, t) => sum + massOnDayKg(left(t), morning, dry), 0);
    const volumeL = there.reduce((sum, t) => sum + volumeOnDayL(left(t), morning), 0);
    return {
      night,
      count: there.filter((t) => volumeOnDayL(left(t), morning) > 0).length,
      massKg,
      volumeL,
      capacityL: containers
        .filter((t) => isCarriedOn(t, night))
        .reduce((sum, t) => sum + t.foodCapacityL!, 0),
    };
  });
}
