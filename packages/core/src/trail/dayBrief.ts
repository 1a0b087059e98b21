/** A day of a trip at a glance, for whoever leads it: the way, loads, food and water, what the day does to tomorrow. */
import { waterByDay, type DayWater } from '../route/waterStretches.js';
import { dayStretches } from '../route/legSlopes.js';
import type { MealKind } from '../trip/larderModel.js';
import type { Leg, Member, Reliance, Role, Trip } from '../trip/model.js';
import { allThings, isWithParty, nameAlone } from '../trip/queries.js';
import { giverOf } from '../trip/changes.js';
import { dayMoments, loadStep, type LoadStep } from './loadSteps.js';
import { dayLoad } from '../load/memberLoad.js';

/** What is told first of a day: loads, and what changes hands. */
export interface DayLoads {
  readonly carries: readonly {
    readonly member: Member;
    /** Setting off, kg. */
    readonly morningKg: number;
    /** The day's heaviest moment by the member's limit. */
    readonly ratio: number;
    readonly limitKg: number;
  }[];
  readonly handovers: readonly {
    readonly id: string;
    readonly name: string;
    readonly from: string | undefined;
    readonly to: string;
  }[];
}

/** What else there is to know of it. */
export interface DayBrief {
  readonly day: number;
  readonly leg: Leg;
  readonly water: DayWater;
  /** Places with water on the day's way, in order. */
  readonly sources: readonly { readonly name: string; readonly km: number; readonly reliance: Reliance }[];
  readonly meals: readonly { readonly group: string; readonly kind: MealKind; readonly dish: string }[];
  readonly roles: readonly { readonly role: Role; readonly who: string }[];
  /** What the day does to each load of tomorrow; empty on the last day. */
  readonly tomorrow: readonly { readonly member: Member; readonly step: LoadStep }[];
}

const nameIn = (trip: Trip, id: string | undefined): string | undefined =>
  trip.members.find((m) => m.id === id)?.name;
const withPartyOn = (trip: Trip, day: number): readonly Member[] =>
  trip.members.filter((m) => isWithParty(m, day));

/** @param trip as it is walked @param day from 1 to the number of legs */
export function dayLoads(trip: Trip, day: number): DayLoads {
  return {
    carries: withPartyOn(trip, day).map((member) => {
      const { ratio, limitKg } = dayLoad(trip, member, day);
      return { member, morningKg: dayMoments(trip, member, day).morningKg, ratio, limitKg };
    }),
    handovers: trip.handovers
      .filter((h) => h.day === day)
      .map((h) => {
        const thing = allThings(trip).find((t) => t.id === h.pieceId);
        return {
          id: h.id,
          name: thing === undefined ? h.pieceId : nameAlone(trip, thing),
          from: nameIn(trip, giverOf(trip, h)),
          to: nameIn(trip, h.toMemberId) ?? 'nobody',
        };
      }),
  };
}

/** @param trip as it is walked @param day from 1 to the number of legs */
export function dayBrief(trip: Trip, day: number): DayBrief {
  const { fromKm, toKm } = dayStretches(trip)[day - 1]!;
  return {
    day,
    leg: trip.legs[day - 1]!,
    water: waterByDay(trip)[day - 1]!,
    sources: trip.waypoints
      .filter((w) => w.kind === 'water' && w.atKm >= fromKm && w.atKm <= toKm)
      .sort((a, b) => a.atKm - b.atKm)
      .map((w) => ({ name: w.name, km: w.atKm - fromKm, reliance: w.reliance })),
    meals: trip.meals
      .filter((m) => m.day === day)
      .map((m) => ({
        group: trip.groups.find((g) => g.id === m.groupId)?.name ?? '',
        kind: m.kind,
        dish: m.dish.name,
      })),
    roles: trip.roles
      .filter((r) => r.day === day)
      .map((r) => ({ role: r.role, who: nameIn(trip, r.memberId) ?? '' })),
    tomorrow:
      day === trip.legs.length
        ? []
        : withPartyOn(trip, day)
            .filter((m) => isWithParty(m, day + 1))
            .map((member) => ({ member, step: loadStep(trip, member, day + 1) })),
  };
}
