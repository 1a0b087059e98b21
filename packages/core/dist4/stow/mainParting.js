import { isMainZone } from '../trip/zoneKinds.js';
/** A load is taken to be no lower than this part of its room (Graft's own number). */
const LEAST_SHARE = 0.4;
/** Voids between what is stowed, as a part of it. */
const VOIDS = 0.05;
/** @param mainL what is to ride in the main compartment, litres */
export function mainParting(pack, mainL) {
    const zones = {};
    pack.zones.forEach((z, i) => {
        if (isMainZone(z.kind))
            zones[z.kind] ??= i;
    });
    const at = (kind) => pack.zones[zones[kind] ?? -1];
    const [bottom, core, top] = [at('bottom'), at('core'), at('top')];
    const main = pack.zones.filter((z) => isMainZone(z.kind));
    const roomL = main.reduce((sum, z) => sum + z.volumeL, 0);
    const share = Math.min(1, Math.max(LEAST_SHARE, ((1 + VOIDS) * mainL) / roomL));
    const floor = Math.min(...main.map((z) => z.at.z));
    const atShare = (z) => floor + share * (z - floor);
    const bottomEnd = bottom === undefined ? -Infinity : bottom.at.z + bottom.heightCm;
    // Behind a zip of its own the bottom is where it is, however little there is over it.
    const bottomTop = pack.main?.openings.includes('bottom') === true ? bottomEnd : atShare(bottomEnd);
    return {
        bottomTop,
        topFloor: top === undefined ? Infinity : Math.max(bottomTop, atShare(top.at.z)),
        coreEnd: core === undefined ? -Infinity : core.at.y + core.depthCm,
        zones,
    };
}
/** The index of the main zone that a point is in; where the pack lacks that zone, of the next best. */
export function mainZoneAt(parting, y, z) {
    const { zones } = parting;
    const order = z < parting.bottomTop
        ? ['bottom', 'core', 'outer', 'top']
        : z >= parting.topFloor
            ? ['top', 'outer', 'core', 'bottom']
            : y < parting.coreEnd
                ? ['core', 'outer', 'top', 'bottom']
                : ['outer', 'core', 'top', 'bottom'];
    return zones[order.find((kind) => zones[kind] !== undefined)];
}
//# sourceMappingURL=mainParting.js.map