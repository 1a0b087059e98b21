/** What a thing takes on the day; a soft reservoir is as big as the water in it. */
export function dayVolumeL(t, day) {
    const volumeL = t.volumeL[day - 1];
    const { thing } = t;
    if (thing.waterCapacityL === undefined || (thing.shape.kind !== 'pouch' && thing.shape.kind !== 'stuff'))
        return volumeL;
    // Some say how big theirs is empty, some how big it is full: water takes its litres all the same.
    return Math.max(t.waterL, volumeL * Math.max(EMPTY_RESERVOIR, t.waterL / thing.waterCapacityL));
}
/** An empty reservoir, rolled flat, against a full one. */
const EMPTY_RESERVOIR = 0.1;
/** A reservoir's cloth gives into the pack by so much, litres (Graft's own number). */
export const SLEEVE_GIVE_L = 0.5;
/** The filled reservoir as a slab in its sleeve; undefined when the sleeve is empty. */
export function sleeveSlab(pack, volumeL) {
    const zone = pack.zones.find((z) => z.kind === 'sleeve');
    if (zone === undefined || volumeL <= 0)
        return undefined;
    const heightCm = Math.min(zone.heightCm, (volumeL * 1000) / (zone.widthCm * 1.5));
    return {
        zone,
        widthCm: zone.widthCm,
        depthCm: (volumeL * 1000) / (zone.widthCm * heightCm),
        low: zone.at.z,
        high: zone.at.z + heightCm,
    };
}
//# sourceMappingURL=reservoir.js.map