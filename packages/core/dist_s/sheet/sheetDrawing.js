import { across, sectionOf, zoneBox } from '../stow/sections.js';
const CIRCLE_CORNERS = 20;
const PAD_CM = 2;
const tenth = (cm) => Math.round(cm * 10) / 10;
export function sheetDrawing(pack, stow) {
    return { side: view(pack, stow, 'x'), behind: view(pack, stow, 'y') };
}
function view(pack, stow, axis) {
    const zones = pack.zones.map((zone) => {
        const its = zoneBox(zone);
        return { name: zone.name, outline: rectangle(...across(its, axis), its.z0, its.z1) };
    });
    // Seen from the wearer's right, and from behind: what is nearest to the eye lies over the rest.
    const things = [...stow.placed]
        .filter((p) => p.insideId === undefined)
        .sort((a, b) => a.centre[axis] - b.centre[axis])
        .flatMap((p) => {
        const section = sectionOf(p, { axis, at: middleOf(p, axis) });
        return section === undefined ? [] : [{ thingId: p.thing.id, outlines: outlinesOf(section) }];
    });
    const points = [...zones.map((z) => z.outline), ...things.flatMap((t) => t.outlines)].flat();
    const [hs, zs] = [points.map(([h]) => h), points.map(([, z]) => z)];
    const ends = (all) => [
        tenth(Math.min(...all) - PAD_CM),
        tenth(Math.max(...all) + PAD_CM),
    ];
    const { centreOfGravityCm: at } = stow;
    return {
        h: ends(hs),
        z: ends(zs),
        zones,
        things,
        centre: [tenth(axis === 'x' ? at.y : at.x), tenth(at.z)],
    };
}
/** The middle of a thing, or of its column that is nearest to it: between two columns both would be cut. */
function middleOf({ centre, segments }, axis) {
    let [nearest, least] = [centre[axis], Infinity];
    for (const segment of segments) {
        const far = Math.abs(segment[axis] - centre[axis]);
        if (far < least)
            [nearest, least] = [segment[axis], far];
    }
    return nearest;
}
function rectangle(h0, h1, z0, z1) {
    const [a, b, c, d] = [tenth(h0), tenth(h1), tenth(z0), tenth(z1)];
    return [
        [a, c],
        [b, c],
        [b, d],
        [a, d],
    ];
}
function outlinesOf(section) {
    if (section.kind === 'soft')
        return section.runs.map((run) => runOutline(run, section.cellCm));
    const { h0, h1, z0, z1, circle } = section;
    if (!circle)
        return [rectangle(h0, h1, z0, z1)];
    return [
        Array.from({ length: CIRCLE_CORNERS }, (_v, k) => {
            const turn = (2 * Math.PI * k) / CIRCLE_CORNERS;
            return [
                tenth((h0 + h1) / 2 + (Math.cos(turn) * (h1 - h0)) / 2),
                tenth((z0 + z1) / 2 + (Math.sin(turn) * (z1 - z0)) / 2),
            ];
        }),
    ];
}
/** Along the lower ends of columns side by side and back along their upper ones; steps where they differ, nothing where not. */
function runOutline(run, cellCm) {
    const half = cellCm / 2;
    const lower = run.flatMap(({ h, low }) => [
        [tenth(h - half), tenth(low)],
        [tenth(h + half), tenth(low)],
    ]);
    const upper = run.flatMap(({ h, high }) => [
        [tenth(h - half), tenth(high)],
        [tenth(h + half), tenth(high)],
    ]);
    return straightened([...lower, ...upper.reverse()]);
}
/** Without points on the straight between their neighbours. */
function straightened(points) {
    return points.filter(([h, z], i) => {
        const [h0, z0] = points[(i + points.length - 1) % points.length];
        const [h1, z1] = points[(i + 1) % points.length];
        return Math.abs((h - h0) * (z1 - z) - (h1 - h) * (z - z0)) > 1e-9;
    });
}
//# sourceMappingURL=sheetDrawing.js.map