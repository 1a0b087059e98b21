/** What each member has carried how far: kilogram-kilometres, the record that makes a long trip's fairness plain. */
import { loadsOverTrip } from '../load/memberLoad.js';
import type { Member, Trip } from '../trip/model.js';
import { isSameName, nameKey } from '../trip/names.js';

/** What the members of a trip carried on earlier trips of the same leader, by name. */
export interface EarlierTrip {
  readonly id: string;
  readonly name: string;
  readonly startDate: string;
  readonly members: readonly {
    readonly name: string;
    readonly totalKgKm: number;
    readonly groupKgKm: number;
  }[];
}

export interface CarriedWork {
  readonly member: Member;
  /** Σ over days of load × distance, kg·km. */
  readonly totalKgKm: number;
  /** The same for what is the group's. */
  readonly groupKgKm: number;
  /** Running total after each day, kg·km. */
  readonly afterDay: readonly number[];
  /** The member's part of all that the group's things weigh over the way, 0 to 1. */
  readonly groupPart: number;
}

/**
 * The record of a trip as planned, with its handovers. Loads are each day's heaviest, so the record is a little high
 * for all alike.
 */
export function carriedWork(trip: Trip): readonly CarriedWork[] {
  const records = trip.members.map((member) => {
    const loads = loadsOverTrip(trip, member);
    let totalKgKm = 0;
    let groupKgKm = 0;
    const afterDay = loads.map((load, i) => {
      totalKgKm += load.totalKg * trip.legs[i]!.distanceKm;
      groupKgKm += load.groupKg * trip.legs[i]!.distanceKm;
      return totalKgKm;
    });
    return { member, totalKgKm, groupKgKm, afterDay };
  });
  const all = records.reduce((sum, r) => sum + r.groupKgKm, 0);
  return records.map((r) => ({ ...r, groupPart: all === 0 ? 0 : r.groupKgKm / all }));
}

/** What some people, known by their names, carried on another trip; undefined when none of them was there. */
export function carriedBefore(other: Trip, names: readonly string[]): EarlierTrip['members'] | undefined {
  const wanted = new Set(names.map(nameKey));
  const members = carriedWork(other)
    .filter((w) => wanted.has(nameKey(w.member.name)))
    .map(({ member, totalKgKm, groupKgKm }) => ({ name: member.name, totalKgKm, groupKgKm }));
  return members.length === 0 ? undefined : members;
}

export interface EarlierWork {
  readonly trips: number;
  readonly totalKgKm: number;
  readonly groupKgKm: number;
}

/** A member's record over earlier trips. */
export function earlierWork(earlier: readonly EarlierTrip[], memberName: string): EarlierWork {
  const own = earlier.flatMap((t) => t.members.filter((m) => isSameName(m.name, memberName)));
  return {
    trips: own.length,
    totalKgKm: own.reduce((sum, m) => sum + m.totalKgKm, 0),
    groupKgKm: own.reduce((sum, m) => sum + m.groupKgKm, 0),
  };
}
