import { cataloguePack, PACK_SIZES } from './packCatalogue.js';
import { ofKind } from './packKinds.js';
import { isMainZone } from './zoneKinds.js';
/** Parts that a pack may be without. */
export const OPTIONAL_PARTS = [
    'sleeve',
    'lid',
    'front',
    'side',
    'hipBelt',
    'strap',
    'lash',
];
/** Width and depth of a pack of any size, from the catalogue's neighbours; beyond its ends in the same shape. */
function sizeFor(volumeL) {
    const [smallest, largest] = [PACK_SIZES[0], PACK_SIZES.at(-1)];
    const end = volumeL < smallest.nominalL ? smallest : volumeL > largest.nominalL ? largest : undefined;
    if (end !== undefined) {
        const scale = Math.cbrt(volumeL / end.nominalL);
        return { widthCm: tenth(scale * end.widthCm), depthCm: tenth(scale * end.depthCm) };
    }
    const above = PACK_SIZES.findIndex((s) => s.nominalL >= volumeL);
    const b = PACK_SIZES[above];
    const a = PACK_SIZES[Math.max(0, PACK_SIZES.indexOf(b) - 1)];
    const t = a === b ? 0 : Math.min(1, Math.max(0, (volumeL - a.nominalL) / (b.nominalL - a.nominalL)));
    const between = (x, y) => tenth(x + t * (y - x));
    return { widthCm: between(a.widthCm, b.widthCm), depthCm: between(a.depthCm, b.depthCm) };
}
const isEnclosed = (zone) => zone.kind !== 'lash';
const sumL = (zones) => zones.filter(isEnclosed).reduce((sum, z) => sum + z.volumeL, 0);
/**
 * A pack of that volume with those parts: pockets as in the catalogue, the main compartment as tall as it takes.
 *
 * @throws RangeError when the pockets alone hold more than the volume
 */
export function customPack(id, spec) {
    const base = cataloguePack(id, {
        nominalL: spec.volumeL,
        tareKg: spec.tareKg,
        ratedLoadKg: spec.ratedLoadKg,
        ...sizeFor(spec.volumeL),
    });
    const kept = base.zones.filter((z) => isMainZone(z.kind) || spec.parts.includes(z.kind));
    const mainL = sumL(kept.filter((z) => isMainZone(z.kind)));
    const wantedL = spec.volumeL - (sumL(kept) - mainL);
    if (wantedL <= 0)
        throw new RangeError(`expected more than ${(sumL(kept) - mainL).toFixed(1)} L, what the pockets hold, got ${spec.volumeL} L`);
    const factor = wantedL / mainL;
    const { main } = base;
    const made = {
        ...base,
        name: spec.name,
        zones: stretched(kept, factor),
        ...(main === undefined
            ? {}
            : {
                main: {
                    ...main,
                    heightCm: tenth(main.heightCm * factor),
                    ...(main.bottomPartCm === undefined ? {} : { bottomPartCm: tenth(main.bottomPartCm * factor) }),
                },
            }),
    };
    return ofKind(made, spec.kind ?? 'usual');
}
const tenth = (value) => Math.round(value * 10) / 10;
/** Make the main compartment taller or lower, and set what stands on it where it belongs. */
function stretched(zones, factor) {
    const main = zones.filter((z) => isMainZone(z.kind));
    const floor = Math.min(...main.map((z) => z.at.z));
    const ceiling = Math.max(...main.map((z) => z.at.z + z.heightCm));
    const grown = (ceiling - floor) * (factor - 1);
    return zones.map((z) => {
        if (isMainZone(z.kind)) {
            const heightCm = tenth(z.heightCm * factor);
            return {
                ...z,
                at: { ...z.at, z: tenth(floor + (z.at.z - floor) * factor) },
                heightCm,
                volumeL: Math.min(Math.floor(z.volumeL * factor * 100) / 100, Math.floor((z.widthCm * z.depthCm * heightCm) / 10) / 100),
            };
        }
        if (z.kind === 'lid')
            return { ...z, at: { ...z.at, z: tenth(z.at.z + grown) } };
        return z;
    });
}
/** Whoever walks without a pack: it weighs and holds nothing. */
export function noPack(id) {
    return {
        id,
        name: 'No pack',
        tareKg: 0,
        ratedLoadKg: 1,
        centreOfGravityCm: { x: 0, y: 0, z: 0 },
        zones: [],
    };
}
export function isNoPack({ zones }) {
    return zones.length === 0;
}
//# sourceMappingURL=customPack.js.map