/**
 * Things as the loader sees them. A rigid thing is, for each way to turn it, a floor plan of columns with its lower and
 * upper edge over each. A soft thing is a volume that flows, between a packed and a loose one. It has a least
 * thickness, so that it is not stretched into a thread.
 */
import { shapeSizeCm } from '../trip/shapes.js';
/** Taken once: a lookup on a global is not free everywhere. */
const { abs, ceil, hypot, max, min, sqrt } = Math;
/** Turns of a soft thing, no more than a trip file knows; the last stands as a slab, as against the back. */
export const SPREADS = [
    { aspect: 1, thickness: 0.55 },
    { aspect: 2.2, thickness: 0.5 },
    { aspect: 0.45, thickness: 0.5 },
    { aspect: 1.25, thickness: 0.3 },
    { aspect: 1, thickness: 0.85 },
    { aspect: 3.2, thickness: 0.9 },
];
/** No soft thing is thinner than this anywhere, cm, unless it is small (Graft's own number). */
const LEAST_THICKNESS_CM = 2;
/**
 * @param shape as the thing says
 * @param volumeL what it takes on the day, packed
 * @param cellCm edge of a cell
 */
export function solidOf(shape, volumeL, cellCm) {
    if (shapeSizeCm(shape) === undefined) {
        const looseL = shape.kind === 'stuff' ? max(volumeL, shape.looseVolumeL) : volumeL;
        const leastCm = min(LEAST_THICKNESS_CM, 0.3 * Math.cbrt(volumeL * 1000));
        return { kind: 'soft', volumeL, looseL, leastCm };
    }
    let bySize = rigid.get(shape);
    if (bySize === undefined)
        rigid.set(shape, (bySize = new Map()));
    let solid = bySize.get(cellCm);
    if (solid === undefined)
        bySize.set(cellCm, (solid = { kind: 'rigid', turns: turnsOf(shape, cellCm) }));
    return solid;
}
/** Rigid solids by shape and size of cell: every step of a drag asks for them again. */
const rigid = new WeakMap();
function turnsOf(shape, cellCm) {
    switch (shape.kind) {
        case 'block':
        case 'flat':
            return boxTurns(shape.lengthCm, shape.widthCm, shape.heightCm, cellCm);
        case 'cylinder':
        case 'roll':
        case 'long': {
            const { lengthCm: l, diameterCm: d } = shape;
            return [upright(l, d, cellCm), lying(l, d, 'x', cellCm), lying(l, d, 'y', cellCm)];
        }
        case 'pouch':
        case 'stuff':
            throw new Error(`a ${shape.kind} has no size of its own`);
    }
}
const cellsFor = (lengthCm, cellCm) => max(1, ceil(lengthCm / cellCm - ROUNDING * cellCm));
/**
 * So much of a cell of a centimetre may stand over without counting: cloth gives. Of larger cells more may, so that
 * small things do not come out much larger than they are.
 */
const ROUNDING = 0.15;
function boxTurns(a, b, c, cellCm) {
    const seen = new Map();
    for (const [w, d, h] of [
        [a, b, c],
        [b, a, c],
        [a, c, b],
        [c, a, b],
        [b, c, a],
        [c, b, a],
    ]) {
        const key = `${w} ${d} ${h}`;
        if (!seen.has(key))
            seen.set(key, box(w, d, h, cellCm));
    }
    return [...seen.values()];
}
function box(w, d, h, cellCm) {
    const nx = cellsFor(w, cellCm);
    const ny = cellsFor(d, cellCm);
    return columns(nx, ny, [w, d, h], h >= max(w, d), 'none', () => [0, h]);
}
function upright(l, d, cellCm) {
    const n = cellsFor(d, cellCm);
    const r = n / 2;
    return columns(n, n, [d, d, l], l >= d, 'upright', (ix, iy) => hypot(ix + 0.5 - r, iy + 0.5 - r) <= r ? [0, l] : undefined);
}
function lying(l, d, along, cellCm) {
    const [nl, nd] = [cellsFor(l, cellCm), cellsFor(d, cellCm)];
    const r = d / 2;
    const edge = (i) => {
        const off = min(r, abs(((i + 0.5) / nd - 0.5) * d));
        const half = sqrt(r * r - off * off);
        return [r - half, r + half];
    };
    return along === 'x'
        ? columns(nl, nd, [l, d, d], d > l, 'alongX', (_ix, iy) => edge(iy))
        : columns(nd, nl, [d, l, d], d > l, 'alongY', (ix) => edge(ix));
}
function columns(nx, ny, [widthCm, depthCm, heightCm], isUpright, round, edgesAt) {
    const dx = [];
    const dy = [];
    const low = [];
    const high = [];
    for (let iy = 0; iy < ny; iy += 1) {
        for (let ix = 0; ix < nx; ix += 1) {
            const edges = edgesAt(ix, iy);
            if (edges === undefined)
                continue;
            dx.push(ix);
            dy.push(iy);
            low.push(edges[0]);
            high.push(edges[1]);
        }
    }
    return {
        nx,
        ny,
        widthCm,
        depthCm,
        heightCm,
        dx: Int16Array.from(dx),
        dy: Int16Array.from(dy),
        low: Float64Array.from(low),
        high: Float64Array.from(high),
        upright: isUpright,
        round,
    };
}
/** The first row of a floor plan in which a turned thing is so far from the back, as its true outline goes. */
export function firstRowOff(turn, awayCm, cellCm) {
    return max(0, ceil((awayCm - TINY_CM) / cellCm - (turn.ny - turn.depthCm / cellCm) / 2));
}
const TINY_CM = 1e-6;
//# sourceMappingURL=solids.js.map