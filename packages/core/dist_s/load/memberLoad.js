/** Load and load ratio of a member on a day, at the day's heaviest moment, with its parts. */
import { carryLimit } from '../limits/carryLimit.js';
import { carriedPieces, isWithParty, ownInPack, packOf } from '../trip/queries.js';
import { packedVolumeL } from './filling.js';
import { massOnDayKg } from './thingOnDay.js';
import { waterCarriedL, waterRoomL } from './waterShare.js';
/** Drinking water has 1 kg a litre (definition of the litre of water for planning). */
export const KG_PER_L_WATER = 1;
/** Somebody may carry nothing: a ratio is then taken of this, so that it is a number (Graft's own). */
const LEAST_RATIO_LIMIT_KG = 0.1;
export function ratioLimitKg(limitKg) {
    return Math.max(limitKg, LEAST_RATIO_LIMIT_KG);
}
/**
 * What a member carries on a day before anything for others; nothing once they have left the party.
 *
 * @param personal their own things in their pack; by default what nobody has taken over
 * @param forOthers what is in the pack with them: only the room it takes counts here
 */
export function baseLoad(trip, member, day, personal = ownInPack(trip, member.id, day), forOthers = []) {
    const leg = legOfDay(trip, day);
    const pack = packOf(trip, member);
    const waterL = waterCarriedL(trip, member.id, day);
    const limit = carryLimit(member, pack, day, trip.limitPolicy);
    if (!isWithParty(member, day)) {
        const limitReason = day < (member.firstDay ?? 1)
            ? `with the party from day ${member.firstDay}`
            : `not with the party after day ${member.lastDay}`;
        return {
            day,
            packKg: 0,
            personalKg: 0,
            waterKg: 0,
            limitKg: limit.limitKg,
            limitReason,
            volumeL: packedVolumeL(forOthers, day),
        };
    }
    const all = forOthers.length === 0 ? personal : [...personal, ...forOthers];
    return {
        day,
        packKg: pack.tareKg,
        personalKg: personal.reduce((sum, t) => sum + massOnDayKg(t, day, leg), 0),
        waterKg: waterL * KG_PER_L_WATER,
        limitKg: limit.limitKg,
        limitReason: limit.reason,
        volumeL: packedVolumeL(all, day) + waterRoomL(all, waterL),
    };
}
/**
 * Load of a member on a day: empty pack + own things stowed + water + what is carried for others.
 *
 * @param pieces group pieces and own things of others that this member carries; by default what the share says
 */
export function dayLoad(trip, member, day, pieces = carriedPieces(trip, member.id, day)) {
    const leg = legOfDay(trip, day);
    const base = baseLoad(trip, member, day, undefined, pieces);
    const groupKg = pieces.reduce((sum, p) => sum + massOnDayKg(p, day, leg), 0);
    const totalKg = base.packKg + base.personalKg + base.waterKg + groupKg;
    return {
        ...base,
        groupKg,
        totalKg,
        ratio: totalKg / ratioLimitKg(base.limitKg),
    };
}
/** A member's load on every day of the trip. */
export function loadsOverTrip(trip, member) {
    return trip.legs.map((_leg, i) => dayLoad(trip, member, i + 1));
}
/** The day with the largest ratio; the earliest of equals. */
export function heaviestDay(loads) {
    return loads.reduce((worst, load) => (load.ratio > worst.ratio + 1e-12 ? load : worst));
}
/** The leg of a day; a day outside the trip is a RangeError. */
export function legOfDay(trip, day) {
    const leg = trip.legs[day - 1];
    if (leg === undefined)
        throw new RangeError(`expected a day of the trip, 1 to ${trip.legs.length}, got ${day}`);
    return leg;
}
//# sourceMappingURL=memberLoad.js.map