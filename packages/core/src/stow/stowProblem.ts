/** What is to be stowed in one member's pack: things with their mass on a day and volume on every day. */
import { bandCm, isSteep, schoolOf, type PackingSchool } from '../carriage/packingSchool.js';
import { heaviestDay, KG_PER_L_WATER, legOfDay, loadsOverTrip } from '../load/memberLoad.js';
import { fillingOf, type Filling } from '../load/filling.js';
import { isEatenOn } from '../load/holders.js';
import { isLiner } from '../trip/whoseThings.js';
import { massOnDayKg } from '../load/thingOnDay.js';
import { fillRank, waterCarriedL } from '../load/waterShare.js';
import type { HouseRules, Member, Pack, Thing, Trip } from '../trip/model.js';
import { shapeVolumeL } from '../trip/shapes.js';
import { houseRulesOf, isPersonal, memberById, nameAlone, packOf, thingsInPack } from '../trip/queries.js';
import type { StowThing } from './stowThing.js';
import { isEaten, isSpent } from './thingKinds.js';
import { filledThing, withLiner } from './filledThing.js';
import { heavyHalf, isBestInMain, type HeavyHalf } from './heavyHalf.js';
import { mainParting, type MainParting } from './mainParting.js';
import { dayVolumeL } from './reservoir.js';
import { asStay } from './rolledTent.js';

export interface StowProblem {
  readonly member: Member;
  readonly pack: Pack;
  readonly house: HouseRules;
  readonly school: PackingSchool;
  /** Where the zones of the main compartment part under what is to ride in it. */
  readonly parting: MainParting;
  /** What the school is about. */
  readonly heavy: HeavyHalf;
  /** Lower and upper end of the school's band for this torso, cm: there the heavy half is to ride. */
  readonly band: readonly [number, number];
  readonly day: number;
  /** The day the stow is planned for. */
  readonly plannedFor: number;
  readonly things: readonly StowThing[];
  /** Thing → what it rides in on the day, each holder before what is in what it holds. */
  readonly inside: ReadonlyMap<string, string>;
  /** Thing → the holder that has no room for it on the day. */
  readonly leftOut: ReadonlyMap<string, string>;
  /** The pack has a liner; it counts with the pack. */
  readonly isLined: boolean;
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
  const school = schoolOf(trip, member);
  const leg = legOfDay(trip, day);
  const owned = packOf(trip, member);
  const house = heldBy(owned, houseRulesOf(trip, member));
  const all = thingsInPack(trip, memberId, day).map((t) =>
    asStay(today(named(trip, memberId, t), day), owned, house),
  );
  const liners = all.filter(isLiner);
  const linerKg = liners.reduce((sum, t) => sum + massOnDayKg(t, day, leg), 0);
  const things = all.filter((t) => !isLiner(t));
  const water = fillContainers(things, waterCarriedL(trip, memberId, day));
  const byDay = trip.legs.map((_l, i) => fillingOf(things, i + 1));
  const filling = byDay[day - 1]!;
  const ownKg = (thing: Thing): number =>
    massOnDayKg(thing, day, leg) + (water.inThing.get(thing.id) ?? 0) * KG_PER_L_WATER;
  const wholes = wholeThings(things, filling, ownKg);
  const pack = withLiner(owned, linerKg);
  const stowed = things.map((thing): StowThing => ({
    thing: wholes.made.get(thing.id)!,
    massKg: ownKg(thing),
    wholeKg: wholes.kg.get(thing.id)!,
    waterL: water.inThing.get(thing.id) ?? 0,
    volumeL: byDay.map(({ takesL }) => takesL(thing)),
  }));
  const outermostOnes = stowed
    .filter(({ thing }) => !filling.inside.has(thing.id))
    .map((t) => ({ ...t, volumeL: solidVolumeL(t, day) }));
  const mainL = outermostOnes
    .filter(({ thing }) => isBestInMain(thing, pack, house))
    .reduce((sum, t) => sum + t.volumeL, 0);
  return {
    member,
    pack,
    house,
    school,
    parting: mainParting(pack, mainL),
    heavy: heavyHalf(outermostOnes, pack, house),
    band: bandCm(school, member.torsoCm),
    day,
    plannedFor: planningDay(trip, memberId),
    things: stowed,
    inside: filling.inside,
    leftOut: filling.leftOut,
    isLined: liners.length > 0,
    waterWithoutContainerL: water.leftL,
    roughDays: trip.legs.flatMap((l, i) => (isSteep(l.ground) ? [i + 1] : [])),
  };
}

/** House rules as this pack can follow them: without a zip of its own there is no low place that is quick. */
function heldBy(pack: Pack, house: HouseRules): HouseRules {
  const hasZip = pack.main?.openings.includes('bottom') === true;
  return house.firstAid === 'lowOwnZip' && !hasZip ? { ...house, firstAid: 'topOrOuter' } : house;
}

/** Stiff things by their outline, as stows are realised, whatever volume is told. */
export function solidVolumeL(t: StowThing, day: number): number {
  return shapeVolumeL(t.thing.shape) ?? dayVolumeL(t, day);
}

/** Food of later days is not wanted on the way yet: it rides below what is. What is eaten keeps the place that it had. */
function today(thing: Thing, day: number): Thing {
  return isEaten(thing) && !isEatenOn(thing, day) && !isSpent(thing, day)
    ? { ...thing, needed: 'camp' }
    : thing;
}

/** What is somebody else's says so; their own is called as on their list. */
function named(trip: Trip, memberId: string, thing: Thing): Thing {
  return isPersonal(thing) && thing.memberId !== memberId
    ? { ...thing, name: nameAlone(trip, thing) }
    : thing;
}

/** What a thing lies in at last; itself when it rides in nothing. */
export function outermost(problem: Pick<StowProblem, 'inside'>, thingId: string): string {
  const holderId = problem.inside.get(thingId);
  return holderId === undefined ? thingId : outermost(problem, holderId);
}

/** Every thing with all that rides in it; the innermost are made first. */
function wholeThings(
  things: readonly Thing[],
  { inside, wholeL }: Filling,
  ownKg: (thing: Thing) => number,
): { readonly made: ReadonlyMap<string, Thing>; readonly kg: ReadonlyMap<string, number> } {
  const made = new Map(things.map((t) => [t.id, t]));
  const kg = new Map(things.map((t) => [t.id, ownKg(t)]));
  const innermostFirst = [...new Set(inside.values())].reverse();
  for (const id of innermostFirst) {
    const holder = made.get(id)!;
    const inners = things
      .filter((t) => inside.get(t.id) === id)
      .map((t) => ({ thing: made.get(t.id)!, massKg: kg.get(t.id)!, volumeL: wholeL(t) }));
    const whole = filledThing({ thing: holder, massKg: kg.get(id)!, volumeL: wholeL(holder) }, inners);
    made.set(id, whole);
    kg.set(id, whole.massKg);
  }
  return { made, kg };
}

/**
 * Pour the day's water into the containers as it is carried to the next source, in the order of `fillRank` and then the
 * largest first. Those of one size get the same: two bottles at the sides weigh the same when they are not full.
 */
function fillContainers(
  things: readonly Thing[],
  carriedL: number,
): { inThing: ReadonlyMap<string, number>; leftL: number } {
  const inThing = new Map<string, number>();
  let leftL = carriedL;
  const containers = things.filter((t) => t.waterCapacityL !== undefined);
  for (const rank of new Set(containers.map(fillRank).sort((a, b) => a - b))) {
    const mine = containers.filter((t) => fillRank(t) === rank);
    const sizes = [...new Set(mine.map((t) => t.waterCapacityL!))].sort((a, b) => b - a);
    for (const capacityL of sizes) {
      const alike = mine.filter((t) => t.waterCapacityL === capacityL);
      const filledL = Math.min(leftL, alike.length * capacityL);
      for (const thing of alike) inThing.set(thing.id, filledL / alike.length);
      leftL -= filledL;
    }
  }
  return { inThing, leftL };
}
