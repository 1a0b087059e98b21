/** The trip as it was planned at the departure against the trip as it was walked. */
import { dayLoad } from '../load/memberLoad.js';
import { asWalked } from '../trail/asWalked.js';
import type { Member, Trip } from '../trip/model.js';
import { carrierOf } from '../trip/queries.js';
import type { Departure } from '../trip/recordModel.js';

export interface PlannedActualMember {
  readonly member: Member;
  /** By day, kg; 0 on days they did not walk. */
  readonly plannedKg: readonly number[];
  readonly walkedKg: readonly number[];
  readonly measuredKg?: number;
  readonly plannedKgKm: number;
  readonly walkedKgKm: number;
  /** By day; undefined where nothing was said. */
  readonly comfort: readonly (number | undefined)[];
  /** Pieces that came to them and went from them on the way. */
  readonly taken: number;
  readonly given: number;
}
export interface PlannedActual {
  /** Absent when nobody signed the departure: then the plan is the one of now. */
  readonly departure?: Departure;
  readonly members: readonly PlannedActualMember[];
  readonly handovers: number;
  readonly events: number;
}

export function plannedActual(trip: Trip): PlannedActual {
  const walked = asWalked(trip);
  const plan: Trip = { ...trip, handovers: trip.handovers.filter((h) => h.day === 1) };
  const { departure } = trip;
  const days = trip.legs.map((_leg, i) => i + 1);
  const kgKm = (loads: readonly number[]): number =>
    loads.reduce((sum, kg, i) => sum + kg * (trip.legs[i]?.distanceKm ?? 0), 0);
  const onTheWay = trip.handovers.filter((h) => h.day > 1);
  return {
    ...(departure === undefined ? {} : { departure }),
    handovers: onTheWay.length,
    events: trip.events.length,
    members: trip.members.map((member) => {
      const left = departure?.loads.find((l) => l.memberId === member.id);
      const plannedKg = left?.plannedKg ?? days.map((day) => dayLoad(plan, member, day).totalKg);
      const there = walked.members.find((m) => m.id === member.id)!;
      const walkedKg = days.map((day) => dayLoad(walked, there, day).totalKg);
      return {
        member,
        plannedKg,
        walkedKg,
        ...(left?.measuredKg === undefined ? {} : { measuredKg: left.measuredKg }),
        plannedKgKm: kgKm(plannedKg),
        walkedKgKm: kgKm(walkedKg),
        comfort: days.map(
          (day) => trip.comfort.find((c) => c.memberId === member.id && c.day === day)?.comfort,
        ),
        taken: onTheWay.filter((h) => h.toMemberId === member.id).length,
        given: onTheWay.filter((h) => carrierOf(trip, h.pieceId, h.day - 1) === member.id).length,
      };
    }),
  };
}
