/** The part of a trip that one member's own figures come from: their pack, their things, and what they carry when. */
import { isNoPack } from './customPack.js';
import { entries, whole } from './derived.js';
import { allPieces, carriedPieces, handoverDays, isPersonal, ownThings, packOf } from './queries.js';
export function partsOfMember(trip, member) {
    const days = handoverDays(trip);
    const isDealtOut = trip.houseRules.waterShare === 'byLimit' || trip.packs.some(isNoPack);
    const own = ownThings(trip, member.id);
    const forOthers = new Set(days.flatMap((day) => carriedPieces(trip, member.id, day)));
    const ids = new Set([...forOthers, ...own].map((t) => t.id));
    const pieces = allPieces(trip).filter((piece) => ids.has(piece.id));
    const taken = [...forOthers].filter(isPersonal);
    // What is carried for others is called by its owner's name.
    const owners = trip.members.filter((m) => m !== member && taken.some((t) => t.memberId === m.id));
    const containers = isDealtOut ? trip.personalThings.filter((t) => t.waterCapacityL !== undefined) : [];
    return {
        legs: whole(trip.legs),
        // Water that is dealt out by limits hangs on everybody's, and on everybody's bottles.
        members: isDealtOut ? whole(trip.members) : entries([member, ...owners]),
        packs: isDealtOut
            ? whole(trip.packs)
            : entries([...new Set([member, ...owners].map((m) => packOf(trip, m)))]),
        personalThings: entries([...new Set([...own, ...taken, ...containers])]),
        // Which kit a piece is of is nothing to whoever carries it.
        kits: { value: [{ id: 'carried', name: 'Carried', pieces }], key: pieces },
        share: entries(trip.share.filter((a) => ids.has(a.pieceId))),
        handovers: entries(trip.handovers.filter((h) => ids.has(h.pieceId))),
        limitPolicy: whole(trip.limitPolicy),
        fairness: whole(trip.fairness),
        houseRules: whole(trip.houseRules),
        packingSchool: whole(trip.packingSchool),
        stows: entries(trip.stows.filter((s) => s.memberId === member.id)),
    };
}
//# sourceMappingURL=memberPart.js.map