/**
 * What made each step of a member's load from one day to the next: eaten, burnt, handed over, wet, water. The parts of
 * a step add up to it exactly.
 */
import { dayLoad, type DayLoad, KG_PER_L_WATER } from '../load/memberLoad.js';
import { waterCarriedL, waterOnLegL } from '../load/waterShare.js';
import { isCarriedOn, massOnDayKg } from '../load/thingOnDay.js';
import type { Member, Thing, Trip } from '../trip/model.js';
import { dayStretches } from '../route/legSlopes.js';
import {
  nameAlone,
  allThings,
  carriedPieces,
  carrierOf,
  isPersonal,
  isWithParty,
  thingsInPack,
} from '../trip/queries.js';

export const STEP_CAUSES = [
  'eaten',
  'burnt',
  'water',
  'taken',
  'given',
  'joins',
  'leaves',
  'wet',
  'dry',
  'gone',
] as const;
export type StepCause = (typeof STEP_CAUSES)[number];

export interface StepPart {
  readonly cause: StepCause;
  /** Signed, kg. */
  readonly kg: number;
  /** What it was, the heaviest first; empty for water and for somebody who has gone. */
  readonly names: readonly string[];
  /** With whom a thing changed hands, by id. */
  readonly otherId?: string;
}
export interface LoadStep {
  /** From the day before to this one. */
  readonly day: number;
  readonly before: DayLoad;
  readonly after: DayLoad;
  readonly deltaKg: number;
  /** Largest first. */
  readonly parts: readonly StepPart[];
}

/** Differences below this are rounding, kg. */
const NOTHING = 1e-9;

/** The steps between a member's days; one fewer than there are days. */
export function loadSteps(trip: Trip, member: Member): readonly LoadStep[] {
  return trip.legs.slice(1).map((_leg, i) => loadStep(trip, member, i + 2));
}

/** The step from the day before to this one. @param day from 2 on */
export function loadStep(trip: Trip, member: Member, day: number): LoadStep {
  const before = dayLoad(trip, member, day - 1);
  const after = dayLoad(trip, member, day);
  return { day, before, after, deltaKg: after.totalKg - before.totalKg, parts: partsOf(trip, member, day) };
}

function partsOf(trip: Trip, member: Member, day: number): readonly StepPart[] {
  const [yesterday, today] = [trip.legs[day - 2]!, trip.legs[day - 1]!];
  const parts = new Map<
    string,
    { cause: StepCause; kg: number; things: [string, number][]; otherId?: string }
  >();
  const add = (cause: StepCause, kg: number, name?: string, otherId?: string): void => {
    if (Math.abs(kg) < NOTHING) return;
    const key = `${cause} ${otherId ?? ''}`;
    const part = parts.get(key) ?? {
      cause,
      kg: 0,
      things: [],
      ...(otherId === undefined ? {} : { otherId }),
    };
    part.kg += kg;
    if (name !== undefined) part.things.push([name, Math.abs(kg)]);
    parts.set(key, part);
  };
  // To its owner it is no one's.
  const nameOf = (thing: Thing): string =>
    isPersonal(thing) && thing.memberId === member.id ? thing.name : nameAlone(trip, thing);
  const waterKg = (of: number): number => waterCarriedL(trip, member.id, of) * KG_PER_L_WATER;
  const [was, is] = [isWithParty(member, day - 1), isWithParty(member, day)];
  if (was && is) {
    add('water', waterKg(day) - waterKg(day - 1));
    const before = new Set<Thing>(thingsInPack(trip, member.id, day - 1));
    const after = new Set<Thing>(thingsInPack(trip, member.id, day));
    for (const thing of new Set([...before, ...after])) {
      const kgBefore = before.has(thing) ? massOnDayKg(thing, day - 1, yesterday) : 0;
      const kgAfter = after.has(thing) ? massOnDayKg(thing, day, today) : 0;
      if (before.has(thing) && after.has(thing)) addChange(thing, kgBefore, kgAfter);
      else if (after.has(thing)) add('taken', kgAfter, nameOf(thing), carrierOf(trip, thing.id, day - 1));
      else add('given', -kgBefore, nameOf(thing), carrierOf(trip, thing.id, day));
    }
  } else if (was) {
    // Whoever has gone took their own along; what they carried of the group's went too, unless it was handed over.
    const own = dayLoad(trip, member, day - 1).totalKg;
    const left = carriedPieces(trip, member.id, day).reduce((sum, p) => sum + massOnDayKg(p, day, today), 0);
    add('gone', left - own);
  }
  return [...parts.values()]
    .map(({ cause, kg, things, otherId }) => ({
      cause,
      kg,
      names: things.sort((a, b) => b[1] - a[1]).map(([name]) => name),
      ...(otherId === undefined ? {} : { otherId }),
    }))
    .sort((a, b) => {
      const larger = Math.abs(b.kg) - Math.abs(a.kg);
      return Math.abs(larger) > 1e-6 ? larger : STEP_CAUSES.indexOf(a.cause) - STEP_CAUSES.indexOf(b.cause);
    });

  function addChange(thing: Thing, kgBefore: number, kgAfter: number): void {
    const [there, stays] = [isCarriedOn(thing, day - 1), isCarriedOn(thing, day)];
    if (!there || !stays) {
      add(there ? 'leaves' : 'joins', kgAfter - kgBefore, nameOf(thing));
      return;
    }
    const dry = { ...today, afterRain: false };
    const usedKg =
      massOnDayKg(thing, day, dry) - massOnDayKg(thing, day - 1, { ...yesterday, afterRain: false });
    add(thing.purpose === 'fuel' ? 'burnt' : 'eaten', usedKg, nameOf(thing));
    const wetKg = kgAfter - kgBefore - usedKg;
    add(wetKg > 0 ? 'wet' : 'dry', wetKg, nameOf(thing));
  }
}

export interface DayMoments {
  readonly day: number;
  /** Setting off, before the water of a dry camp is taken, kg. */
  readonly morningKg: number;
  /** The day's heaviest moment, after water, kg: what ratios are worked out from. */
  readonly afterWaterKg: number;
  /** Coming into camp: the way's water drunk, own food eaten, dinner still there, kg. */
  readonly eveningKg: number;
  readonly limitKg: number;
}

/** A member's load at three moments of a day. Water for a dry camp is taken on the way where there is a sure source. */
export function dayMoments(trip: Trip, member: Member, day: number): DayMoments {
  const load = dayLoad(trip, member, day);
  const leg = trip.legs[day - 1]!;
  if (load.totalKg === 0 || !isWithParty(member, day))
    return { day, morningKg: 0, afterWaterKg: load.totalKg, eveningKg: 0, limitKg: load.limitKg };
  const eatenKg = allThings(trip)
    .filter((t) => isPersonal(t) && t.memberId === member.id && !t.worn && t.purpose !== 'fuel')
    .reduce((sum, t) => {
      // The next day's load without what joins or leaves by then, as dry or wet as it is today.
      const { fromDay: _from, toDay: _to, ...rest } = t;
      return isCarriedOn(t, day) ? sum + massOnDayKg(t, day, leg) - massOnDayKg(rest, day + 1, leg) : sum;
    }, 0);
  // Of the day's water the way and the camp are to each what they are to all.
  const campKg = waterOnLegL(leg) === 0 ? 0 : (load.waterKg * leg.campWaterL) / waterOnLegL(leg);
  return {
    day,
    morningKg: load.totalKg - (takesOnTheWay(trip, day) ? campKg : 0),
    afterWaterKg: load.totalKg,
    eveningKg: load.totalKg - (load.waterKg - campKg) - eatenKg,
    limitKg: load.limitKg,
  };
}

function takesOnTheWay(trip: Trip, day: number): boolean {
  const stretch = dayStretches(trip)[day - 1]!;
  return trip.waypoints.some(
    (w) =>
      w.kind === 'water' && w.reliance === 'sure' && w.atKm > stretch.fromKm + 0.05 && w.atKm <= stretch.toKm,
  );
}
