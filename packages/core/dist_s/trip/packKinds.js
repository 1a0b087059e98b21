import { isMainZone } from './zoneKinds.js';
export const PACK_KINDS = [
    'usual',
    'topLoader',
    'panelLoader',
    'frameless',
    'child',
    'externalFrame',
];
export const PACK_KIND_TEXTS = {
    usual: { name: 'pack', label: 'usual', about: 'A frame inside; larger ones have a zip at the bottom' },
    topLoader: {
        name: 'top loader',
        label: 'top loader, no zips',
        about: 'Everything comes out through the top',
    },
    panelLoader: {
        name: 'panel loader',
        label: 'panel loader',
        about: 'Opens along the front, so that nothing is buried',
    },
    frameless: { name: 'frameless pack', label: 'frameless', about: 'What is packed keeps its back straight' },
    child: { name: 'child’s pack', label: 'child’s', about: 'For a small back: short straps, small pockets' },
    externalFrame: {
        name: 'pack on a frame',
        label: 'external frame, with a shelf',
        about: 'The bag sits high on a frame; under it a shelf with straps',
    },
};
/** Height of the shelf's room under the bag, cm, and what it bears, kg (Graft's own numbers). */
const SHELF_CM = 24;
const SHELF_KG = 8;
/** A child's back beside a grown one's: harness and pockets are smaller in proportion (Graft's own number). */
const CHILD_SCALE = 0.8;
const CHILD_TORSO = { leastCm: 26, mostCm: 40 };
const tenth = (value) => Math.round(value * 10) / 10;
/** A pack made over into another kind; its weights stay. */
export function ofKind(pack, kind) {
    const { main } = pack;
    switch (kind) {
        case 'usual':
            return pack;
        case 'topLoader': {
            if (main === undefined)
                return pack;
            const { bottomPartCm: _gone, ...rest } = main;
            return { ...pack, main: { ...rest, divider: false, openings: ['top'] } };
        }
        case 'panelLoader':
            return main === undefined ? pack : { ...pack, main: { ...main, openings: ['top', 'front'] } };
        case 'frameless':
            return { ...pack, frameless: true };
        case 'child':
            return { ...pack, torso: CHILD_TORSO, zones: pack.zones.map(forChild) };
        case 'externalFrame':
            return onFrame(pack);
    }
}
/** What is on the harness lies lower and nearer on a small body. */
function forChild(zone) {
    if (zone.kind !== 'hipBelt' && zone.kind !== 'strap')
        return zone;
    const size = (cm) => tenth(CHILD_SCALE * cm);
    return {
        ...zone,
        at: { x: size(zone.at.x), y: size(zone.at.y), z: size(zone.at.z) },
        widthCm: size(zone.widthCm),
        depthCm: size(zone.depthCm),
        heightCm: size(zone.heightCm),
        volumeL: Math.floor(CHILD_SCALE ** 3 * zone.volumeL * 100) / 100,
    };
}
/** The bag and what hangs on it is raised; the harness stays where the body is. */
function onFrame(pack) {
    const isRaised = ({ kind }) => kind !== 'hipBelt' && kind !== 'strap';
    const kept = pack.zones.filter((z) => z.id !== 'lash-below');
    const bag = kept.filter(({ kind }) => isMainZone(kind));
    if (bag.length === 0)
        return pack;
    const floor = Math.min(...bag.map((z) => z.at.z));
    const [widest, deepest] = [Math.max(...bag.map((z) => z.widthCm)), Math.max(...bag.map((z) => z.depthCm))];
    const shelf = {
        id: 'shelf',
        name: 'Shelf under the bag',
        kind: 'lash',
        side: 'centre',
        at: { x: 0, y: Math.min(...bag.map((z) => z.at.y)), z: floor },
        widthCm: tenth(widest + 12),
        depthCm: deepest,
        heightCm: SHELF_CM,
        volumeL: Math.floor((widest + 12) * deepest * SHELF_CM) / 1000,
        maxLoadKg: SHELF_KG,
        openAbove: false,
    };
    const up = (part) => ({
        ...part,
        at: { ...part.at, z: tenth(part.at.z + SHELF_CM) },
    });
    const { main, centreOfGravityCm: cg } = pack;
    return {
        ...pack,
        centreOfGravityCm: { ...cg, z: tenth(cg.z + SHELF_CM / 2) },
        zones: [...kept.map((z) => (isRaised(z) ? up(z) : z)), shelf],
        ...(main === undefined ? {} : { main: up(main) }),
    };
}
//# sourceMappingURL=packKinds.js.map