export const PACK_SIZES = [
    { nominalL: 18, tareKg: 0.6, ratedLoadKg: 7, widthCm: 25, depthCm: 16 },
    { nominalL: 30, tareKg: 1.1, ratedLoadKg: 11, widthCm: 27, depthCm: 19 },
    { nominalL: 40, tareKg: 1.4, ratedLoadKg: 14, widthCm: 28, depthCm: 21 },
    { nominalL: 50, tareKg: 1.7, ratedLoadKg: 18, widthCm: 29, depthCm: 23 },
    { nominalL: 60, tareKg: 1.9, ratedLoadKg: 21, widthCm: 30, depthCm: 24 },
    { nominalL: 70, tareKg: 2.2, ratedLoadKg: 25, widthCm: 31, depthCm: 26 },
    { nominalL: 80, tareKg: 2.5, ratedLoadKg: 28, widthCm: 32, depthCm: 28 },
    { nominalL: 110, tareKg: 3.2, ratedLoadKg: 36, widthCm: 34, depthCm: 31 },
];
/** Cloth bulges and corners stay empty: a zone holds this share of its box. */
const USABLE = 0.95;
/** The main compartment starts this far below the hip belt's centre line, cm. */
const BELOW_BELT_CM = 9;
/** From this size on the bottom has a zip of its own, litres. */
const LEAST_WITH_BOTTOM_ZIP_L = 50;
/** Below this size a pack has no lid, and smaller side pockets, litres. */
const LEAST_WITH_LID_L = 25;
/** Padding of the back panel, cm. */
const BACK_PANEL_CM = 1.5;
const SLEEVE_DEPTH_CM = 3;
/** From this size on there are straps at the sides; below and over the lid from where whole camps are carried, litres. */
const LEAST_WITH_STRAPS_L = 18;
const LEAST_WITH_MORE_STRAPS_L = 40;
/** What straps outside go round: a rolled foam mat is the thickest that people put there. */
const STRAPPED_CM = 16;
/** Build a pack of a catalogue size. */
export function cataloguePack(id, size, name = `${size.nominalL} L pack`) {
    const { widthCm: w, depthCm: d } = size;
    const zones = [];
    const add = (zoneId, zoneName, kind, side, [x, y, z], [width, depth, height], more = {}) => {
        zones.push({
            id: zoneId,
            name: zoneName,
            kind,
            side,
            at: { x: round(x), y: round(y), z: round(z) },
            widthCm: round(width),
            depthCm: round(depth),
            heightCm: round(height),
            volumeL: Math.floor((width * depth * height * USABLE) / 10) / 100,
            ...(more.maxLoadKg === undefined ? {} : { maxLoadKg: more.maxLoadKg }),
            openAbove: more.openAbove ?? false,
        });
    };
    const isSmall = size.nominalL < LEAST_WITH_LID_L;
    const [sideW, sideD, sideH] = size.nominalL < 15 ? [9, 10, 17] : isSmall ? [9, 12.5, 17] : [10, 13, 22];
    const pocketsL = isSmall ? 0.06 * size.nominalL + 6.3 : 0.21 * size.nominalL + 4;
    const mainHeight = ((size.nominalL - pocketsL) * 1000) / (USABLE * w * d);
    const [bottomH, middleH, topH] = [0.26 * mainHeight, 0.48 * mainHeight, 0.26 * mainHeight];
    const z0 = -BELOW_BELT_CM;
    const coreDepth = 0.42 * (d - SLEEVE_DEPTH_CM);
    const coreY = BACK_PANEL_CM + SLEEVE_DEPTH_CM;
    const lidZ = z0 + mainHeight;
    const lidH = 0.085 * size.nominalL + 2;
    add('bottom', 'Bottom', 'bottom', 'centre', [0, BACK_PANEL_CM, z0], [w, d, bottomH]);
    add('core', 'Core, against the back', 'core', 'centre', [0, coreY, z0 + bottomH], [w, coreDepth, middleH]);
    add('outer', 'Outer layer', 'outer', 'centre', [0, coreY + coreDepth, z0 + bottomH], [w, d - SLEEVE_DEPTH_CM - coreDepth, middleH]);
    add('top', 'Top', 'top', 'centre', [0, BACK_PANEL_CM, z0 + bottomH + middleH], [w, d, topH]);
    add('sleeve', 'Reservoir sleeve', 'sleeve', 'centre', [0, BACK_PANEL_CM, z0 + bottomH], [w - 3, SLEEVE_DEPTH_CM, Math.max(middleH, 30)]);
    if (!isSmall)
        add('lid', 'Lid', 'lid', 'centre', [0, BACK_PANEL_CM, lidZ], [0.9 * w, d, lidH], {
            maxLoadKg: 1.5,
        });
    add('front', 'Front pocket', 'front', 'centre', [0, BACK_PANEL_CM + d, 0], [0.82 * w, isSmall ? 4 : 6, 0.52 * mainHeight], { maxLoadKg: 2.5 });
    for (const [side, sign] of [
        ['left', -1],
        ['right', 1],
    ]) {
        const sideWord = side === 'left' ? 'Left' : 'Right';
        const sideX = sign * (w / 2 + sideW / 2);
        add(`side-${side}`, `${sideWord} side pocket`, 'side', side, [sideX, Math.min(4, d - sideD), z0 + 2], [sideW, sideD, sideH], {
            openAbove: true,
        });
        add(`belt-${side}`, `${sideWord} hip-belt pocket`, 'hipBelt', side, [sign * 17, -18, -5], isSmall ? [5, 14, 9] : [6, 17, 10], {
            maxLoadKg: 0.7,
        });
        add(`strap-${side}`, `${sideWord} strap pocket`, 'strap', side, [sign * 11, -25, 29], isSmall ? [8.5, 4, 17] : [8.5, 5, 19], {
            maxLoadKg: 0.5,
        });
        if (size.nominalL >= LEAST_WITH_STRAPS_L) {
            const strapX = sign * (w / 2 + STRAPPED_CM / 2);
            const strapped = [STRAPPED_CM, Math.max(24, d - 1), 36];
            add(`lash-${side}`, `${sideWord} side straps`, 'lash', side, [strapX, 2, z0 + 26], strapped, {
                openAbove: true,
            });
        }
    }
    if (size.nominalL >= LEAST_WITH_MORE_STRAPS_L) {
        const belowY = (d - STRAPPED_CM) / 2;
        const below = [58, STRAPPED_CM, STRAPPED_CM];
        add('lash-below', 'Straps below', 'lash', 'centre', [0, belowY, z0 - STRAPPED_CM - 1], below, {
            maxLoadKg: 1.5,
        });
        add('lash-top', 'Straps over the lid', 'lash', 'centre', [0, BACK_PANEL_CM, lidZ + lidH], [w, d, 18], {
            maxLoadKg: 2.5,
        });
    }
    return {
        id,
        name,
        tareKg: size.tareKg,
        ratedLoadKg: size.ratedLoadKg,
        centreOfGravityCm: { x: 0, y: 6, z: round(z0 + 0.5 * mainHeight) },
        zones,
        main: {
            at: { x: 0, y: BACK_PANEL_CM, z: z0 },
            heightCm: round(mainHeight),
            // Narrowest at the hips: as much less as cloth and corners leave unused.
            bottomWidthCm: round((2 * USABLE - 1) * w),
            topWidthCm: w,
            bottomDepthCm: d,
            topDepthCm: d,
            divider: false,
            ...(size.nominalL >= LEAST_WITH_BOTTOM_ZIP_L
                ? { bottomPartCm: round(bottomH), openings: ['top', 'bottom'] }
                : { openings: ['top'] }),
        },
    };
}
function round(value) {
    return Math.round(value * 10) / 10;
}
//# sourceMappingURL=packCatalogue.js.map