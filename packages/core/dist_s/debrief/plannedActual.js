/** The trip as it was planned at the departure against the trip as it was walked. */
import { dayLoad } from '../load/memberLoad.js';
import { asWalked } from '../trail/asWalked.js';
import { carrierOf } from '../trip/queries.js';
export function plannedActual(trip) {
    const walked = asWalked(trip);
    const plan = { ...trip, handovers: trip.handovers.filter((h) => h.day === 1) };
    const { departure } = trip;
    const days = trip.legs.map((_leg, i) => i + 1);
    const kgKm = (loads) => loads.reduce((sum, kg, i) => sum + kg * (trip.legs[i]?.distanceKm ?? 0), 0);
    const onTheWay = trip.handovers.filter((h) => h.day > 1);
    return {
        ...(departure === undefined ? {} : { departure }),
        handovers: onTheWay.length,
        events: trip.events.length,
        members: trip.members.map((member) => {
            const left = departure?.loads.find((l) => l.memberId === member.id);
            const plannedKg = left?.plannedKg ?? days.map((day) => dayLoad(plan, member, day).totalKg);
            const there = walked.members.find((m) => m.id === member.id);
            const walkedKg = days.map((day) => dayLoad(walked, there, day).totalKg);
            return {
                member,
                plannedKg,
                walkedKg,
                ...(left?.measuredKg === undefined ? {} : { measuredKg: left.measuredKg }),
                plannedKgKm: kgKm(plannedKg),
                walkedKgKm: kgKm(walkedKg),
                comfort: days.map((day) => trip.comfort.find((c) => c.memberId === member.id && c.day === day)?.comfort),
                taken: onTheWay.filter((h) => h.toMemberId === member.id).length,
                given: onTheWay.filter((h) => carrierOf(trip, h.pieceId, h.day - 1) === member.id).length,
            };
        }),
    };
}
//# sourceMappingURL=plannedActual.js.map