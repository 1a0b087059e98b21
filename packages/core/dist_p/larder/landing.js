/** To a tenth of a gram, so that sums do not carry a tail of digits. */
export const round = (value) => Math.round(value * 10000) / 10000;
/** Food is picked up on the way: the last pick-up at or before a day joins what is eaten from then on. */
export function joinsOn(trip, usedOnDay, kind) {
    const days = trip.pickups
        .filter((p) => (kind === 'fuel' ? p.fuel : true))
        // Lunch is eaten before the pick-up is reached; dinner after it.
        .filter((p) => (kind === 'lunch' ? p.day < usedOnDay : p.day <= usedOnDay))
        .map((p) => p.day);
    const day = Math.max(0, ...days);
    return day <= 1 ? undefined : day;
}
/** Packaging of what was eaten before a pick-up that takes it leaves the party there. */
export function leavesOn(trip, usedOnDay) {
    const days = trip.pickups.filter((p) => p.takesWaste && p.day > usedOnDay).map((p) => p.day);
    return days.length === 0 ? undefined : Math.min(...days);
}
/** An id of what the larder makes, from what it is made for. */
export function idOf(...parts) {
    const id = parts.join('-');
    if (id.length <= 64)
        return id;
    // FNV-1a (from memory): long ids of groups or members are cut, and stay apart.
    let hash = 2166136261;
    for (const char of id)
        hash = Math.imul(hash ^ char.charCodeAt(0), 16777619) >>> 0;
    return `${id.slice(0, 55)}-${hash.toString(36)}`;
}
/** Something to eat as a thing: soft, dry, smelt by animals; weighed by nobody yet. */
export function parcel(id, name, massKg, volumeL) {
    return {
        id,
        name,
        massKg,
        massEstimated: true,
        volumeL,
        shape: { kind: 'pouch' },
        flags: ['mustStayDry', 'scented'],
        needed: 'camp',
        purpose: 'food',
        madeBy: 'larder',
    };
}
//# sourceMappingURL=landing.js.map