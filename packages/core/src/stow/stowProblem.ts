/** What is to be stowed in one member's pack: things with their mass on a day and volume on every day. */
import { bandCm, isSteep, schoolOf, type PackingSchool } from '../carriage/packingSchool.js';
import { heaviestDay, KG_PER_L_WATER, legOfDay, loadsOverTrip, waterOnLegL } from '../load/memberLoad.js';
import { massOnDayKg, volumeOnDayL } from '../load/thingOnDay.js';
import type { HouseRules, Leg, Member, Pack, Thing, Trip } from '../trip/model.js';
import { houseRulesOf, memberById, packOf, thingsInPack } from '../trip/queries.js';

export interface StowThing {
  readonly thing: Thing;
  /** Mass on the day looked at, with the water it holds, kg. */
  readonly massKg: number;
  readonly waterL: number;
  /** Volume on each day of the trip, litres. */
  readonly volumeL: readonly number[];
}

export interface StowProblem {
  readonly member: Member;
  readonly pack: Pack;
  readonly house: HouseRules;
  readonly school: PackingSchool;
  /** Lower and upper end of the school's band for this torso, cm. */
  readonly band: readonly [number, number];
  readonly day: number;
  readonly things: readonly StowThing[];
  /** Water of the day that no container of this pack holds, litres. */
  readonly waterWithoutContainerL: number;
  /** Days on rough ground, where nothing should swing outside. */
  readonly roughDays: readonly number[];
}

/** The day a stow is planned for: the member's day with the largest ratio. */
export function planningDay(trip: Trip, memberId: string): number {
  return heaviestDay(loadsOverTrip(trip, memberById(trip, memberId))).day;
}

/**
 * Build a member's stowing problem.
 *
 * @param day the day whose masses count; every day's volumes must fit all the same
 */
export function stowProblem(trip: Trip, memberId: string, day: number): StowProblem {
  const member = memberById(trip, memberId);
  const pack = packOf(trip, member);
  const school = schoolOf(trip, member);
  const leg = legOfDay(trip, day);
  const things = thingsInPack(trip, memberId, day);
  const water = fillContainers(things, leg);
  return {
    member,
    pack,
    house: houseRulesOf(trip, member),
    school,
    band: bandCm(school, member.torsoCm),
    day,
    things: things.map((thing) => {
      const waterL = water.inThing.get(thing.id) ?? 0;
      return {
        thing,
        massKg: massOnDayKg(thing, day, leg) + waterL * KG_PER_L_WATER,
        waterL,
        volumeL: trip.legs.map((_l, i) => volumeOnDayL(thing, i + 1)),
      };
    }),
    waterWithoutContainerL: water.leftL,
    roughDays: trip.legs.flatMap((l, i) => (isSteep(l.ground) ? [i + 1] : [])),
  };
}

/** Pour the day's water into the containers, largest first, as it is carried to the next source. */
function fillContainers(
  things: readonly Thing[],
  leg: Leg,
): { inThing: ReadonlyMap<string, number>; leftL: number } {
  const inThing = new Map<string, number>();
  let leftL = waterOnLegL(leg);
  const containers = things.filter((t) => t.waterCapacityL !== undefined);
  for (const thing of [...containers].sort((a, b) => b.waterCapacityL! - a.waterCapacityL!)) {
    const filledL = Math.min(leftL, thing.waterCapacityL!);
    inThing.set(thing.id, filledL);
    leftL -= filledL;
  }
  return { inThing, leftL };
}
