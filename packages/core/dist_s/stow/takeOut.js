/**
 * What to take out of a pack that is too full: of what others may carry, what is least wanted on the way and takes most
 * room, and who has room for it (common practice, no source).
 */
import { packedVolumeL } from '../load/filling.js';
import { loadsOverTrip } from '../load/memberLoad.js';
import { isNoPack } from '../trip/customPack.js';
import { carriedPieces, isWithParty, memberById, mayCarry, packOf, packVolumeL, thingsInPack, } from '../trip/queries.js';
/** Never given away to make room. */
const KEPT = ['firstAid', 'emergencyShelter', 'beacon'];
/** Least wanted first. */
const BY_NEED = ['camp', 'firstInCamp', 'stop', 'walking', 'hurry'];
/** So much is lost between things, as a part of a pack's volume (Graft's own number). */
const LOST = 0.08;
/**
 * @param most how many to name
 * @returns none when everything goes in
 */
export function takeOutFirst(trip, memberId, a, most) {
    const overL = a.layout.compartments.reduce((sum, c) => sum + c.overflowL, 0);
    if (overL <= 0)
        return [];
    const pieces = carriedPieces(trip, memberId, a.day);
    const placed = new Map(a.placed.map((p) => [p.thing.id, p]));
    return pieces
        .flatMap((piece) => {
        const p = placed.get(piece.id);
        return p === undefined || p.insideId !== undefined || KEPT.includes(piece.purpose)
            ? []
            : [{ piece, litres: p.volumeL }];
    })
        .filter((c) => c.litres > 0)
        .sort((x, y) => 
    // What makes enough room by itself before what does not.
    Number(y.litres >= overL) - Number(x.litres >= overL) ||
        BY_NEED.indexOf(x.piece.needed) - BY_NEED.indexOf(y.piece.needed) ||
        y.litres - x.litres)
        .slice(0, most)
        .map(({ piece, litres }) => {
        const able = trip.members
            .filter((m) => m.id !== memberId && isWithParty(m, a.day) && mayCarry(m, piece))
            .map((member) => ({ member, freeL: freeLitres(trip, member, a.day) }))
            .filter(({ member, freeL }) => freeL >= litres && hasStrength(trip, member, a.day, piece.massKg));
        const [to] = able.sort((x, y) => y.freeL - x.freeL);
        return { thing: piece, litres, to };
    });
}
function freeLitres(trip, member, day) {
    const pack = packOf(trip, member);
    if (isNoPack(pack))
        return 0;
    return (1 - LOST) * packVolumeL(pack) - packedVolumeL(thingsInPack(trip, member.id, day), day);
}
function hasStrength(trip, member, day, massKg) {
    const load = loadsOverTrip(trip, memberById(trip, member.id))[day - 1];
    return load.totalKg + massKg <= load.limitKg;
}
//# sourceMappingURL=takeOut.js.map