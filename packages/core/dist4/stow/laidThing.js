/** Taken once: a lookup on a global is not free everywhere. */
const { max, min } = Math;
/** Where the i-th loaded thing of a loader is. */
export function geometryOf(loader, i, solid, spot, c) {
    const rigid = loader.rigidAt(i);
    if (rigid !== undefined && solid.kind === 'rigid')
        return rigidGeometry(rigid);
    return softGeometry(loader, i, c) ?? nothingIn(solid, spot, c);
}
/** The outline of a rigid thing, cm. */
export function boxOf({ turn, xCm, yCm, zCm }) {
    return {
        x0: xCm - turn.widthCm / 2,
        x1: xCm + turn.widthCm / 2,
        y0: yCm - turn.depthCm / 2,
        y1: yCm + turn.depthCm / 2,
        z0: zCm,
        z1: zCm + turn.heightCm,
    };
}
function rigidGeometry(place) {
    const { turn, xCm, yCm, zCm } = place;
    const box = boxOf(place);
    const round = turn.round === 'none' ? 1 : Math.PI / 4;
    const volumeL = (round * turn.widthCm * turn.depthCm * turn.heightCm) / 1000;
    return { turn, box, volumeL, segments: [], centre: { x: xCm, y: yCm, z: zCm + turn.heightCm / 2 } };
}
/** The columns of a soft thing; undefined when nothing of it is in. */
function softGeometry(loader, i, c) {
    const segments = [];
    const half = c.cellCm / 2;
    let [sum, mx, my, mz] = [0, 0, 0, 0];
    let box;
    for (const { column, low: z0, high: z1 } of loader.partsOf(i)) {
        const [x, y] = [loader.columnX(column), loader.columnY(column)];
        segments.push({ x, y, z0, z1 });
        const h = z1 - z0;
        sum += h;
        mx += h * x;
        my += h * y;
        mz += (h * (z0 + z1)) / 2;
        box = {
            x0: min(box?.x0 ?? Infinity, x - half),
            x1: max(box?.x1 ?? -Infinity, x + half),
            y0: min(box?.y0 ?? Infinity, y - half),
            y1: max(box?.y1 ?? -Infinity, y + half),
            z0: min(box?.z0 ?? Infinity, z0),
            z1: max(box?.z1 ?? -Infinity, z1),
        };
    }
    if (box === undefined || sum === 0)
        return undefined;
    const volumeL = (sum * c.cellCm * c.cellCm) / 1000;
    return { turn: undefined, segments, box, volumeL, centre: { x: mx / sum, y: my / sum, z: mz / sum } };
}
/** Nothing of it on this day, or no room at all: it is taken to be where it was put. */
function nothingIn(solid, spot, c) {
    const x = spot?.xCm ?? c.x0 + (c.nx * c.cellCm) / 2;
    const y = spot?.yCm ?? c.y0 + (c.ny * c.cellCm) / 2;
    const z = c.floor[0];
    return {
        turn: undefined,
        segments: [],
        volumeL: solid.kind === 'soft' ? solid.volumeL : 0,
        centre: { x, y, z },
        box: { x0: x, x1: x, y0: y, y1: y, z0: z, z1: z },
    };
}
//# sourceMappingURL=laidThing.js.map