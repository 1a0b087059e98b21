/** The whole party on one sheet, for the leader's pocket: loads, who has what, roles, where the safety kit is. No body weights. */
import { heaviestDay, loadsOverTrip } from '../load/memberLoad.js';
import { withEvents } from '../trail/asWalked.js';
import { nameAlone, allPieces, carriedPieces, carrierOf, memberById } from '../trip/queries.js';
import { emergencyNumbers, safetyThings } from './memberSheet.js';
export function partySheet(plan) {
    const trip = withEvents(plan);
    return {
        tripName: trip.name,
        startDate: trip.startDate,
        days: trip.legs.length,
        rows: trip.members.map((member) => {
            const loads = loadsOverTrip(trip, member);
            const heaviest = heaviestDay(loads);
            return {
                memberId: member.id,
                name: member.name,
                loadKg: loads[0].totalKg,
                ratio: heaviest.ratio,
                heaviestDay: heaviest.day,
                pieces: carriedPieces(trip, member.id, 1).map((piece) => ({
                    name: nameAlone(trip, piece),
                    massKg: piece.massKg,
                })),
                ...(member.buddyId === undefined ? {} : { buddy: memberById(trip, member.buddyId).name }),
            };
        }),
        unshared: allPieces(trip)
            .filter((p) => carrierOf(trip, p.id, 1) === undefined)
            .map((p) => nameAlone(trip, p)),
        safety: safetyThings(trip),
        numbers: emergencyNumbers(trip),
        roles: [...trip.roles]
            .sort((a, b) => a.day - b.day)
            .map(({ day, role, memberId }) => ({ day, role, who: memberById(trip, memberId).name })),
    };
}
//# sourceMappingURL=partySheet.js.map