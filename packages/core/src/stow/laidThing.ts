/** A thing as it lies in its pack. */
import type { Placement, PointCm, Thing, Zone } from '../trip/model.js';
import type { ColumnLoader } from './columnLoader.js';
import type { RigidPlace } from './loaderMemory.js';
import type { Compartment } from './packGeometry.js';
import type { Solid, Turn } from './solids.js';

/** Taken once: a lookup on a global is not free everywhere. */
const { max, min } = Math;

export interface Box {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
  readonly z0: number;
  readonly z1: number;
}

/** A piece of a soft thing: one column of the grid between two heights. */
export interface Segment {
  /** Middle of the column, cm. */
  readonly x: number;
  readonly y: number;
  readonly z0: number;
  readonly z1: number;
}

export interface LaidThing {
  readonly thing: Thing;
  readonly placement: Placement;
  /** Where its middle is: for things in the main compartment that may be another zone than the placement says. */
  readonly zone: Zone;
  readonly compartmentId: string;
  /** Its place in the loading order of its compartment, from 0. */
  readonly order: number;
  readonly massKg: number;
  /** With all that rides in it, kg. */
  readonly wholeKg: number;
  readonly waterL: number;
  /** What it takes as it lies: a compressible thing swells into voids. */
  readonly volumeL: number;
  readonly centre: PointCm;
  readonly box: Box;
  /** How a rigid thing is turned; undefined for soft ones. */
  readonly turn: Turn | undefined;
  /** Columns of a soft thing; empty for rigid ones. */
  readonly segments: readonly Segment[];
  /** The thing it rides in. */
  readonly insideId: string | undefined;
}

export type Geometry = Pick<LaidThing, 'volumeL' | 'centre' | 'box' | 'turn' | 'segments'>;

/** Where the i-th loaded thing of a loader is. */
export function geometryOf(
  loader: ColumnLoader,
  i: number,
  solid: Solid,
  spot: Placement['spot'],
  c: Compartment,
): Geometry {
  const rigid = loader.rigidAt(i);
  if (rigid !== undefined && solid.kind === 'rigid') return rigidGeometry(rigid);
  return softGeometry(loader, i, c) ?? nothingIn(solid, spot, c);
}

/** The outline of a rigid thing, cm. */
export function boxOf({ turn, xCm, yCm, zCm }: RigidPlace): Box {
  return {
    x0: xCm - turn.widthCm / 2,
    x1: xCm + turn.widthCm / 2,
    y0: yCm - turn.depthCm / 2,
    y1: yCm + turn.depthCm / 2,
    z0: zCm,
    z1: zCm + turn.heightCm,
  };
}

function rigidGeometry(place: RigidPlace): Geometry {
  const { turn, xCm, yCm, zCm } = place;
  const box = boxOf(place);
  const round = turn.round === 'none' ? 1 : Math.PI / 4;
  const volumeL = (round * turn.widthCm * turn.depthCm * turn.heightCm) / 1000;
  return { turn, box, volumeL, segments: [], centre: { x: xCm, y: yCm, z: zCm + turn.heightCm / 2 } };
}

/** The columns of a soft thing; undefined when nothing of it is in. */
function softGeometry(loader: ColumnLoader, i: number, c: Compartment): Geometry | undefined {
  const segments: Segment[] = [];
  const half = c.cellCm / 2;
  let [sum, mx, my, mz] = [0, 0, 0, 0];
  let [x0, y0, z0] = [Infinity, Infinity, Infinity];
  let [x1, y1, z1] = [-Infinity, -Infinity, -Infinity];
  for (const { column, low, high } of loader.partsOf(i)) {
    const [x, y] = [loader.columnX(column), loader.columnY(column)];
    segments.push({ x, y, z0: low, z1: high });
    const h = high - low;
    sum += h;
    mx += h * x;
    my += h * y;
    mz += (h * (low + high)) / 2;
    [x0, x1] = [min(x0, x - half), max(x1, x + half)];
    [y0, y1] = [min(y0, y - half), max(y1, y + half)];
    [z0, z1] = [min(z0, low), max(z1, high)];
  }
  if (sum === 0) return undefined;
  const box = { x0, x1, y0, y1, z0, z1 };
  const volumeL = (sum * c.cellCm * c.cellCm) / 1000;
  return { turn: undefined, segments, box, volumeL, centre: { x: mx / sum, y: my / sum, z: mz / sum } };
}

/** Nothing of it on this day, or no room at all: it is taken to be where it was put. */
function nothingIn(solid: Solid, spot: Placement['spot'], c: Compartment): Geometry {
  const x = spot?.xCm ?? c.x0 + (c.nx * c.cellCm) / 2;
  const y = spot?.yCm ?? c.y0 + (c.ny * c.cellCm) / 2;
  const z = c.floor[0]!;
  return {
    turn: undefined,
    segments: [],
    volumeL: solid.kind === 'soft' ? solid.volumeL : 0,
    centre: { x, y, z },
    box: { x0: x, x1: x, y0: y, y1: y, z0: z, z1: z },
  };
}
