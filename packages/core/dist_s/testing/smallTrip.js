/** Trips small enough to work out by hand. */
import { emptyTrip, newMember } from '../trip/emptyTrip.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
export function aThing(id, more = {}) {
    return {
        id,
        name: id,
        massKg: 1,
        massEstimated: false,
        volumeL: 1,
        shape: { kind: 'pouch' },
        flags: [],
        needed: 'camp',
        purpose: 'other',
        ...more,
    };
}
export function aMember(id, more = {}) {
    return { ...newMember(id, id, `pack-${id}`), statureCm: 175, ...more };
}
/** A trip of these members, each in a 60 L pack, with one kit of these pieces; no water is carried. */
export function aTrip(members, pieces, personalThings = [], days = 1) {
    const empty = emptyTrip('small', 'Small trip', '2027-05-10', days);
    const size = PACK_SIZES.find((s) => s.nominalL === 60);
    return {
        ...empty,
        legs: empty.legs.map((leg) => ({ ...leg, waterL: 0 })),
        packs: members.map((m) => cataloguePack(m.packId, size)),
        members,
        kits: [{ id: 'kit', name: 'Kit', pieces }],
        personalThings,
    };
}
//# sourceMappingURL=smallTrip.js.map