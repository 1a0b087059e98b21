/** Changes of groups, roles, packs and places that keep the trip's references whole. */
import { freshId, putMember } from './changes.js';
import { newMember } from './emptyTrip.js';
import { cataloguePack, PACK_SIZES } from './packCatalogue.js';
export function putGroup(trip, group) {
    const known = trip.groups.some((g) => g.id === group.id);
    return {
        ...trip,
        groups: known ? trip.groups.map((g) => (g.id === group.id ? group : g)) : [...trip.groups, group],
    };
}
/** Members leave the group; pieces that were only for it may be carried by anybody. */
export function removeGroup(trip, groupId) {
    const leave = (m) => {
        const { tentGroupId, cookGroupId, ...rest } = m;
        return {
            ...rest,
            ...(tentGroupId === undefined || tentGroupId === groupId ? {} : { tentGroupId }),
            ...(cookGroupId === undefined || cookGroupId === groupId ? {} : { cookGroupId }),
        };
    };
    return {
        ...trip,
        groups: trip.groups.filter((g) => g.id !== groupId),
        meals: trip.meals.filter((m) => m.groupId !== groupId),
        canisters: trip.canisters.filter((c) => c.groupId !== groupId),
        leftovers: trip.leftovers.filter((l) => l.groupId !== groupId),
        members: trip.members.map(leave),
        kits: trip.kits.map((kit) => ({
            ...kit,
            pieces: kit.pieces.map((piece) => {
                const { onlyGroupId, ...rest } = piece;
                return onlyGroupId === groupId ? rest : piece;
            }),
        })),
    };
}
/** Replace a pack of the same id; a zone that goes takes its wearer's placements in it along. */
export function putPack(trip, pack) {
    const zones = new Set(pack.zones.map((z) => z.id));
    const wearer = trip.members.find((m) => m.packId === pack.id)?.id;
    return {
        ...trip,
        packs: trip.packs.map((p) => (p.id === pack.id ? pack : p)),
        stows: trip.stows.map((s) => s.memberId === wearer ? { ...s, placements: s.placements.filter((p) => zones.has(p.zoneId)) } : s),
    };
}
/**
 * Give a day's role to a member, or to nobody.
 *
 * @param among who has the turn between them: a cook group's members, or everybody
 */
export function setRole(trip, role, day, among, memberId) {
    const others = trip.roles.filter((r) => r.day !== day || r.role !== role || !among.includes(r.memberId));
    if (memberId === undefined)
        return { ...trip, roles: others };
    const id = freshId(`${role}-${day}`, others.map((r) => r.id));
    return { ...trip, roles: [...others, { id, day, role, memberId }] };
}
/** Add or change a place; places stand in the order of the way. */
export function putWaypoint(trip, place) {
    const others = trip.waypoints.filter((w) => w.id !== place.id);
    return { ...trip, waypoints: [...others, place].sort((a, b) => a.atKm - b.atKm) };
}
/** Add the places of a file; one whose name is known already is not taken twice. */
export function addWaypoints(trip, places) {
    return places.reduce((t, place) => {
        if (t.waypoints.some((w) => w.name === place.name))
            return t;
        const id = freshId(place.name, t.waypoints.map((w) => w.id));
        return putWaypoint(t, { ...place, id });
    }, trip);
}
/** The pack of somebody of whom nothing is known. */
const USUAL_PACK_L = 50;
/** Somebody new, with a pack of a usual size. */
export function addMember(trip, name) {
    const size = PACK_SIZES.find((s) => s.nominalL === USUAL_PACK_L);
    const id = freshId(`member-${trip.members.length + 1}`, trip.members.map((m) => m.id));
    const packId = freshId(`pack-${id}`, trip.packs.map((p) => p.id));
    const member = { ...newMember(id, name.slice(0, 60), packId), bodyEstimated: true };
    return putMember({ ...trip, packs: [...trip.packs, cataloguePack(packId, size)] }, member);
}
//# sourceMappingURL=partyChanges.js.map