/**
 * Things of a stow as bodies in the round: boxes and cylinders where they are stiff, and the smooth skin of the columns
 * that a soft thing was poured into.
 */
import type { PointCm } from '../trip/model.js';
import type { LaidThing, Segment } from './laidThing.js';

/** Triangles in the pack's frame, cm: three coordinates a corner, three corners a triangle, seen from outside. */
export interface Skin {
  readonly positions: Float32Array;
  readonly triangles: Uint32Array;
}
export type Body =
  | { readonly kind: 'box'; readonly centre: PointCm; readonly sizeCm: PointCm }
  | {
      readonly kind: 'cylinder';
      readonly centre: PointCm;
      readonly axis: 'x' | 'y' | 'z';
      readonly lengthCm: number;
      readonly radiusCm: number;
    }
  | { readonly kind: 'skin'; readonly skin: Skin };

const CELL_CM = 1;
const AXES = { alongX: 'x', alongY: 'y', upright: 'z' } as const;

/** A thing's body; undefined for what rides in another thing, and where nothing of it is left. */
export function bodyOf({
  box,
  turn,
  segments,
  insideId,
}: Pick<LaidThing, 'box' | 'turn' | 'segments' | 'insideId'>): Body | undefined {
  if (insideId !== undefined) return undefined;
  if (segments.length > 0) return { kind: 'skin', skin: skinOf(segments) };
  const sizeCm = { x: box.x1 - box.x0, y: box.y1 - box.y0, z: box.z1 - box.z0 };
  if (sizeCm.x <= 0 || sizeCm.y <= 0 || sizeCm.z <= 0) return undefined;
  const centre = { x: (box.x0 + box.x1) / 2, y: (box.y0 + box.y1) / 2, z: (box.z0 + box.z1) / 2 };
  if (turn === undefined || turn.round === 'none') return { kind: 'box', centre, sizeCm };
  const axis = AXES[turn.round];
  const across = axis === 'z' ? sizeCm.x : sizeCm.z;
  return { kind: 'cylinder', centre, axis, lengthCm: sizeCm[axis], radiusCm: across / 2 };
}

/**
 * The skin of columns: where half of a cell is filled, by surface nets (Gibson 1998, from memory). A vertex lies in the
 * middle of where the skin crosses the edges between eight neighbouring cells; four of them are joined over each edge that
 * it crosses.
 */
export function skinOf(segments: readonly Segment[]): Skin {
  const grid = filledCells(segments);
  const { nx, ny, nz, filled, x0, y0, z0 } = grid;
  const at = (x: number, y: number, z: number): number => filled[(z * ny + y) * nx + x]!;
  const vertexOf = new Int32Array(nx * ny * nz).fill(-1);
  const positions: number[] = [];
  for (let z = 0; z + 1 < nz; z += 1)
    for (let y = 0; y + 1 < ny; y += 1)
      for (let x = 0; x + 1 < nx; x += 1) {
        const middle = crossing((dx, dy, dz) => at(x + dx, y + dy, z + dz));
        if (middle === undefined) continue;
        vertexOf[(z * ny + y) * nx + x] = positions.length / 3;
        positions.push(
          x0 + (x + 0.5 + middle[0]) * CELL_CM,
          y0 + (y + 0.5 + middle[1]) * CELL_CM,
          z0 + (z + 0.5 + middle[2]) * CELL_CM,
        );
      }
  const triangles: number[] = [];
  const vertex = (x: number, y: number, z: number): number => vertexOf[(z * ny + y) * nx + x]!;
  const quad = (a: number, b: number, c: number, d: number, outward: boolean): void => {
    triangles.push(...(outward ? [a, b, c, a, c, d] : [a, c, b, a, d, c]));
  };
  for (let z = 1; z + 1 < nz; z += 1)
    for (let y = 1; y + 1 < ny; y += 1)
      for (let x = 1; x + 1 < nx; x += 1) {
        const inside = isIn(at(x, y, z));
        // The rim of the grid is empty, so every edge of the skin begins or ends at an inner cell.
        if (inside !== isIn(at(x - 1, y, z)))
          quad(
            vertex(x - 1, y - 1, z - 1),
            vertex(x - 1, y, z - 1),
            vertex(x - 1, y, z),
            vertex(x - 1, y - 1, z),
            !inside,
          );
        if (inside !== isIn(at(x, y - 1, z)))
          quad(
            vertex(x - 1, y - 1, z - 1),
            vertex(x - 1, y - 1, z),
            vertex(x, y - 1, z),
            vertex(x, y - 1, z - 1),
            !inside,
          );
        if (inside !== isIn(at(x, y, z - 1)))
          quad(
            vertex(x - 1, y - 1, z - 1),
            vertex(x, y - 1, z - 1),
            vertex(x, y, z - 1),
            vertex(x - 1, y, z - 1),
            !inside,
          );
      }
  return { positions: Float32Array.from(positions), triangles: Uint32Array.from(triangles) };
}

/** So much of a cell is filled where the skin is. */
const SKIN_AT = 0.5;
const isIn = (part: number): boolean => part >= SKIN_AT;

interface Filled {
  readonly nx: number;
  readonly ny: number;
  readonly nz: number;
  /** What part of each cell is filled; a rim of one cell about all is empty, two above and beside. */
  readonly filled: Float32Array;
  /** The grid's corner, cm. */
  readonly x0: number;
  readonly y0: number;
  readonly z0: number;
}

function filledCells(segments: readonly Segment[]): Filled {
  const low = (of: (s: Segment) => number): number => segments.reduce((a, s) => Math.min(a, of(s)), Infinity);
  const high = (of: (s: Segment) => number): number =>
    segments.reduce((a, s) => Math.max(a, of(s)), -Infinity);
  const x0 = low((s) => s.x) - 1.5 * CELL_CM;
  const y0 = low((s) => s.y) - 1.5 * CELL_CM;
  const z0 = low((s) => s.z0) - CELL_CM;
  const nx = Math.round((high((s) => s.x) - x0) / CELL_CM + 0.5) + 2;
  const ny = Math.round((high((s) => s.y) - y0) / CELL_CM + 0.5) + 2;
  const nz = Math.ceil((high((s) => s.z1) - z0) / CELL_CM) + 2;
  const filled = new Float32Array(nx * ny * nz);
  for (const s of segments) {
    const x = Math.round((s.x - x0) / CELL_CM - 0.5);
    const y = Math.round((s.y - y0) / CELL_CM - 0.5);
    const [from, to] = [(s.z0 - z0) / CELL_CM, (s.z1 - z0) / CELL_CM];
    for (let z = Math.floor(from); z < to; z += 1)
      filled[(z * ny + y) * nx + x]! += Math.min(to, z + 1) - Math.max(from, z);
  }
  return { nx, ny, nz, filled, x0, y0, z0 };
}

/** The corners of a cube, and the pairs of them that an edge joins. */
const CORNERS = [0, 1, 2, 3, 4, 5, 6, 7].map((i) => [i & 1, (i >> 1) & 1, i >> 2] as const);
const EDGES = CORNERS.flatMap((_c, i) =>
  [1, 2, 4].filter((bit) => (i & bit) === 0).map((bit) => [i, i | bit] as const),
);

/** Where the skin crosses the edges between eight cells, in the middle; undefined when it does not. */
function crossing(
  at: (dx: number, dy: number, dz: number) => number,
): readonly [number, number, number] | undefined {
  const parts = CORNERS.map(([x, y, z]) => at(x, y, z));
  let [sx, sy, sz, n] = [0, 0, 0, 0];
  for (const [i, j] of EDGES) {
    const [a, b] = [parts[i]!, parts[j]!];
    if (isIn(a) === isIn(b)) continue;
    const t = (SKIN_AT - a) / (b - a);
    const [p, q] = [CORNERS[i]!, CORNERS[j]!];
    sx += p[0] + t * (q[0] - p[0]);
    sy += p[1] + t * (q[1] - p[1]);
    sz += p[2] + t * (q[2] - p[2]);
    n += 1;
  }
  return n === 0 ? undefined : [sx / n, sy / n, sz / n];
}
