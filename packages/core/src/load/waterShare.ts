/**
 * Who carries the water of a day. What a person needs and what they carry are two things: over a dry stretch the party's
 * litres are dealt out by what each can carry, over the containers there are, or each carries their own, by house rule.
 * Children and big eaters drink by their portion (Graft's own).
 */
import { carryLimit } from '../limits/carryLimit.js';
import { takesAnyForm } from './holders.js';
import { isCarriedOn } from './thingOnDay.js';
import { oncePer } from '../trip/oncePer.js';
import type { Leg, Member, Thing, Trip } from '../trip/model.js';
import { isNoPack } from '../trip/customPack.js';
import { isWithParty, ownThings, packOf } from '../trip/queries.js';

/** Water that a member with a usual portion needs on a leg: its driest stretch and what a dry camp needs, litres. */
export function waterOnLegL(leg: Leg): number {
  return leg.waterL + leg.campWaterL;
}

/** What a member needs on a day, litres; nothing once they have left. */
export function waterNeedL(trip: Trip, member: Member, day: number): number {
  const leg = trip.legs[day - 1];
  return leg === undefined || !isWithParty(member, day) ? 0 : waterOnLegL(leg) * (member.portion ?? 1);
}

/** Member → litres carried on each day. */
const dealtOut = oncePer((trip: Trip): ReadonlyMap<string, readonly number[]> => {
  const byDay = trip.legs.map((_leg, i) => dealtOnDay(trip, i + 1));
  return new Map(trip.members.map((m, k) => [m.id, byDay.map((litres) => litres[k]!)]));
});

function dealtOnDay(trip: Trip, day: number): readonly number[] {
  const needs = trip.members.map((m) => waterNeedL(trip, m, day));
  // Whoever walks without a pack drinks from another's.
  const carries = trip.members.map((m) => isWithParty(m, day) && !isNoPack(packOf(trip, m)));
  if (trip.houseRules.waterShare === 'each' && carries.every((does, i) => does || needs[i] === 0))
    return needs;
  const limits = trip.members.map((m, i) =>
    carries[i] ? carryLimit(m, packOf(trip, m), day, trip.limitPolicy).limitKg : 0,
  );
  // Where nobody may carry anything somebody must all the same.
  if (sum(limits) <= 0) return needs;
  const ownL = trip.members.map((m, i) => (limits[i]! > 0 ? ownContainersL(trip, m, day) : 0));
  return byLimitsWithin(sum(needs), limits, ownL);
}

/** What a member's own containers hold on a day, litres; a bottle in the hand carries too. */
function ownContainersL(trip: Trip, member: Member, day: number): number {
  return sum(ownThings(trip, member.id).map((t) => (isCarriedOn(t, day) ? (t.waterCapacityL ?? 0) : 0)));
}

/**
 * Litres dealt out by limits, as far as containers go: to nobody more than their own hold as long as others' hold some.
 * What no own container holds goes into the group's bags, and to those who have least for their limit.
 */
function byLimitsWithin(
  needL: number,
  limits: readonly number[],
  ownL: readonly number[],
): readonly number[] {
  const isEnough = sum(ownL) >= needL;
  const ratio = (i: number): number => ownL[i]! / limits[i]!;
  // Whose containers are full first, or whose hold more than their part: those take what theirs hold, the others the rest.
  const order = limits
    .map((_limit, i) => i)
    .filter((i) => limits[i]! > 0)
    .sort((a, b) => (isEnough ? ratio(a) - ratio(b) : ratio(b) - ratio(a)));
  const dealt = limits.map(() => 0);
  let [leftL, leftKg] = [needL, sum(limits.filter((limit) => limit > 0))];
  order.forEach((i, k) => {
    const evenL = (leftL * limits[i]!) / leftKg;
    const takesL = isEnough ? Math.min(ownL[i]!, evenL) : Math.max(ownL[i]!, evenL);
    // The last takes what is left, to the last drop.
    dealt[i] = k === order.length - 1 ? leftL : takesL;
    leftL -= dealt[i];
    leftKg -= limits[i]!;
  });
  return dealt;
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}

/** A reservoir holds no more, litres (Graft's own number). */
const LARGEST_RESERVOIR_L = 3;
/** A large container that nobody drinks from on the way: there it takes what the others do not. */
export const isForCamp = ({ needed, waterCapacityL = 0 }: Thing): boolean =>
  needed !== 'walking' && waterCapacityL > LARGEST_RESERVOIR_L;

/**
 * Which containers are filled first: bottles, that are as big full as empty and at the sides should weigh the same every
 * day; then what is soft; bags for camp last.
 */
export const fillRank = (t: Thing): number => (isForCamp(t) ? 2 : 0) + (takesAnyForm(t) ? 1 : 0);

/** What water adds to the room that its containers take empty, litres: a soft bag is as big as what is in it. */
export function waterRoomL(things: readonly Thing[], carriedL: number): number {
  const containers = things.filter((t) => t.waterCapacityL !== undefined);
  let leftL = carriedL;
  let roomL = 0;
  for (const t of [...containers].sort((a, b) => fillRank(a) - fillRank(b))) {
    const filledL = Math.min(leftL, t.waterCapacityL!);
    leftL -= filledL;
    if (takesAnyForm(t)) roomL += Math.max(0, filledL - t.volumeL);
  }
  return roomL;
}

/** What a member carries on a day, litres: of all that the party needs, the part that is theirs. */
export function waterCarriedL(trip: Trip, memberId: string, day: number): number {
  return dealtOut(trip).get(memberId)?.[day - 1] ?? 0;
}
