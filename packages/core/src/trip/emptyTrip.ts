import { DEFAULT_HOUSE_RULES, type Leg, type Trip } from './model.js';

/** A leg with nothing decided but its place in the trip. */
export function newLeg(id: string, name: string): Leg {
  return {
    id,
    name,
    distanceKm: 0,
    climbM: 0,
    descentM: 0,
    ground: 'path',
    hours: 0,
    waterL: 1,
    campWaterL: 0,
    afterRain: false,
  };
}

/**
 * A trip with days and nothing else.
 *
 * @param days 1 or more
 */
export function emptyTrip(id: string, name: string, startDate: string, days: number): Trip {
  return {
    id,
    name,
    startDate,
    packingSchool: 'middle',
    houseRules: DEFAULT_HOUSE_RULES,
    legs: Array.from({ length: days }, (_v, i) => newLeg(`day-${i + 1}`, `Day ${i + 1}`)),
    groups: [],
    packs: [],
    members: [],
    kits: [],
    personalThings: [],
    carrierRules: [],
    share: [],
    stows: [],
  };
}
