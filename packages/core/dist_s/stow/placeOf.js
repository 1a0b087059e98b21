import { isPersonal, packOf } from '../trip/queries.js';
/** Where a member has a thing, in words. */
export function placeOf(trip, member, thing) {
    if (isPersonal(thing) && thing.worn)
        return 'on the body';
    const stow = trip.stows.find((s) => s.memberId === member.id);
    const zoneId = stow?.placements.find((p) => p.thingId === thing.id)?.zoneId;
    const zone = packOf(trip, member).zones.find((z) => z.id === zoneId);
    return zone === undefined ? 'in the pack' : zone.name.toLowerCase();
}
//# sourceMappingURL=placeOf.js.map