/** The handovers of kit that goes with a role, as the roles change from day to day. */
import { handOver } from '../trip/changes.js';
import { isCarriedOn } from '../load/thingOnDay.js';
import { ROLES } from '../trip/model.js';
import { nameAlone, allowedCarriers, carrierOf, memberById } from '../trip/queries.js';
import { kitOfRole, roleHolders } from '../trip/roleKit.js';
/**
 * Every handover that the rota asks for, day by day, as if each were made. Where several have a role on one day, kit that
 * one of them has stays there.
 */
export function roleHandovers(trip) {
    const made = [];
    let now = trip;
    trip.legs.forEach((_leg, i) => {
        const day = i + 1;
        for (const role of ROLES) {
            const holders = roleHolders(trip, role, day);
            if (holders.length === 0)
                continue;
            for (const piece of kitOfRole(trip, role).filter((p) => isCarriedOn(p, day))) {
                const fromId = carrierOf(now, piece.id, day);
                if (fromId === undefined || holders.some((m) => m.id === fromId))
                    continue;
                const allowed = allowedCarriers(trip, piece);
                const to = holders.find((m) => allowed.includes(m));
                if (to === undefined)
                    continue;
                made.push({ day, role, piece, name: nameAlone(trip, piece), from: memberById(trip, fromId), to });
                now = handOver(now, day, [{ pieceId: piece.id, toMemberId: to.id }], role);
            }
        }
    });
    return made;
}
/** The trip with the rota's handovers of some days noted. */
export function handOverRoleKit(trip, handovers) {
    return handovers.reduce((t, h) => handOver(t, h.day, [{ pieceId: h.piece.id, toMemberId: h.to.id }], `${h.to.name} is ${h.role}`), trip);
}
//# sourceMappingURL=roleKit.js.map