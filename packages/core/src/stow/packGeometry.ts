/**
 * A pack as compartments in true size: the main compartment with its taper, bottom part and divider, and every pocket.
 *
 * Each compartment is a floor grid of columns that are filled from below. A column has a floor and a ceiling, cm in the
 * pack frame, so that walls may lean; a filled reservoir in its sleeve is a slab that some columns cannot pass.
 */
import type { MainCompartment, Pack, Zone, ZoneKind } from '../trip/model.js';
import { isMainZone } from '../trip/zoneKinds.js';

export interface Compartment {
  /** The zone it is; "main" or "bottom" for the parts of the main compartment. */
  readonly id: string;
  readonly kind: ZoneKind | 'main';
  /** The pocket's zone; undefined for the main compartment's parts, which hold several. */
  readonly zone: Zone | undefined;
  readonly cellCm: number;
  readonly nx: number;
  readonly ny: number;
  /** Corner of the grid with the smallest x and y, cm. */
  readonly x0: number;
  readonly y0: number;
  /** By column, iy · nx + ix; a column that is not there has its floor at its ceiling. */
  readonly floor: Float64Array;
  readonly ceiling: Float64Array;
  /** A stiff thing that starts no higher than this may stand out above the ceiling: an open pocket holds it. */
  readonly holdsFrom: number;
}

/** Edge of a cell on which stows are realised, cm. */
export const FINE_CELL_CM = 1;
/** Pocket cloth stretches by about this much, cm (Graft's own number). */
export const POCKET_GIVE_CM = 2;
/** A stiff thing is held by an open pocket when it starts in this part of its depth (Graft's own number). */
const HELD_DEPTH = 0.5;
const STRETCHES: readonly ZoneKind[] = ['side', 'front', 'hipBelt', 'strap'];

/** The main compartment of a pack: its own, or the box around its main zones; undefined for a pack without any. */
export function mainOf(pack: Pack): MainCompartment | undefined {
  if (pack.main !== undefined) return pack.main;
  const zones = pack.zones.filter((z) => isMainZone(z.kind));
  if (zones.length === 0) return undefined;
  const low = (of: (z: Zone) => number): number => Math.min(...zones.map(of));
  const high = (of: (z: Zone) => number): number => Math.max(...zones.map(of));
  const y = low((z) => z.at.y);
  const z = low((zone) => zone.at.z);
  const widthCm = high((zone) => zone.widthCm);
  const depthCm = high((zone) => zone.at.y + zone.depthCm) - y;
  const heightCm = high((zone) => zone.at.z + zone.heightCm) - z;
  const insideL = pack.zones
    .filter((zone) => isMainZone(zone.kind) || zone.kind === 'sleeve')
    .reduce((sum, zone) => sum + zone.volumeL, 0);
  // What the zones hold less than their box is taken off the floor's width: packs are narrowest at the hips.
  const usable = Math.min(1, Math.max(LEAST_USABLE, (insideL * 1000) / (widthCm * depthCm * heightCm)));
  return {
    at: { x: 0, y, z },
    heightCm,
    bottomWidthCm: widthCm * (2 * usable - 1),
    topWidthCm: widthCm,
    bottomDepthCm: depthCm,
    topDepthCm: depthCm,
    divider: false,
    openings: ['top'],
  };
}
const LEAST_USABLE = 0.8;

/** Litres of the main compartment. */
export function mainVolumeL(main: MainCompartment): number {
  const { bottomWidthCm: a, topWidthCm: b, bottomDepthCm: c, topDepthCm: d, heightCm: h } = main;
  // Integral of two linear functions of height.
  return (h * (2 * a * c + a * d + b * c + 2 * b * d)) / 6 / 1000;
}

/** Main compartment, or its two parts where a divider is between them, then each pocket inside or outside. */
export function compartmentsOf(pack: Pack, cellCm: number): readonly Compartment[] {
  let byCell = known.get(pack);
  if (byCell === undefined) known.set(pack, (byCell = new Map<number, readonly Compartment[]>()));
  let list = byCell.get(cellCm);
  if (list === undefined) byCell.set(cellCm, (list = makeCompartments(pack, cellCm)));
  return list;
}

/** Every step of a drag asks for them again. */
const known = new WeakMap<Pack, Map<number, readonly Compartment[]>>();

function makeCompartments(pack: Pack, cellCm: number): readonly Compartment[] {
  const main = mainOf(pack);
  const list: Compartment[] = [];
  if (main !== undefined) {
    const part = main.divider ? (main.bottomPartCm ?? 0) : 0;
    if (part > 0) list.push(mainPart('bottom', main, 0, part, cellCm));
    list.push(mainPart('main', main, part, main.heightCm, cellCm));
  }
  for (const zone of pack.zones) if (!isMainZone(zone.kind)) list.push(pocket(zone, cellCm));
  return list;
}

/** The main compartment between two heights above its floor. */
function mainPart(
  id: 'main' | 'bottom',
  main: MainCompartment,
  fromCm: number,
  toCm: number,
  cellCm: number,
): Compartment {
  const widest = Math.max(main.bottomWidthCm, main.topWidthCm);
  const deepest = Math.max(main.bottomDepthCm, main.topDepthCm);
  const nx = cells(widest, cellCm);
  const ny = cells(deepest, cellCm);
  const x0 = firstX(main.at.x, widest, cellCm);
  const floor = new Float64Array(nx * ny);
  const ceiling = new Float64Array(nx * ny);
  for (let iy = 0; iy < ny; iy += 1) {
    for (let ix = 0; ix < nx; ix += 1) {
      const aside = Math.abs(x0 + (ix + 0.5) * cellCm - main.at.x);
      const out = (iy + 0.5) * cellCm;
      const [lowX, highX] = insideSpan(2 * aside, main.bottomWidthCm, main.topWidthCm);
      const [lowY, highY] = insideSpan(out, main.bottomDepthCm, main.topDepthCm);
      const low = Math.max(fromCm, main.heightCm * Math.max(lowX, lowY));
      const high = Math.min(toCm, main.heightCm * Math.min(highX, highY));
      floor[iy * nx + ix] = main.at.z + Math.min(low, high);
      ceiling[iy * nx + ix] = main.at.z + Math.max(Math.min(low, high), high);
    }
  }
  return {
    id,
    kind: 'main',
    zone: undefined,
    cellCm,
    nx,
    ny,
    x0,
    y0: main.at.y,
    floor,
    ceiling,
    holdsFrom: -Infinity,
  };
}

/** Between which parts of the height, 0 to 1, a size is within walls that lean evenly from one size to another. */
function insideSpan(size: number, atBottom: number, atTop: number): readonly [number, number] {
  if (size <= Math.min(atBottom, atTop)) return [0, 1];
  if (size > Math.max(atBottom, atTop)) return [1, 1];
  const at = (size - atBottom) / (atTop - atBottom);
  return atTop > atBottom ? [at, 1] : [0, at];
}

function pocket(zone: Zone, cellCm: number): Compartment {
  const give = STRETCHES.includes(zone.kind) ? POCKET_GIVE_CM : 0;
  // A hip-belt pocket is thin across the wearer, the others from the back outward.
  const alongX = zone.kind === 'hipBelt';
  const nx = cells(zone.widthCm + (alongX ? give : 0), cellCm);
  const ny = cells(zone.depthCm + (alongX ? 0 : give), cellCm);
  const floor = new Float64Array(nx * ny).fill(zone.at.z);
  const ceiling = new Float64Array(nx * ny).fill(zone.at.z + zone.heightCm);
  const holdsFrom = zone.openAbove ? zone.at.z + HELD_DEPTH * zone.heightCm : -Infinity;
  const x0 = firstX(zone.at.x, zone.widthCm + (alongX ? give : 0), cellCm);
  return { id: zone.id, kind: zone.kind, zone, cellCm, nx, ny, x0, y0: zone.at.y, floor, ceiling, holdsFrom };
}

/**
 * Where the first of the cells across begins. Larger cells are made of whole ones of the fine grid: what lies beside
 * each other on theirs then does so on the fine one, too.
 */
function firstX(middleCm: number, widthCm: number, cellCm: number): number {
  const fineCm = cells(widthCm, FINE_CELL_CM) * FINE_CELL_CM;
  const overCm = Math.max(0, fineCm - cells(widthCm, cellCm) * cellCm);
  return middleCm - fineCm / 2 + Math.floor(overCm / 2 / FINE_CELL_CM) * FINE_CELL_CM;
}

/** The lowest and the highest of floors or ceilings, cm. */
export function spanOf(heights: Float64Array): readonly [low: number, high: number] {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < heights.length; i += 1) {
    low = Math.min(low, heights[i]!);
    high = Math.max(high, heights[i]!);
  }
  return [low, high];
}

/** Whole cells in a length; a rounding error must not cost one. */
function cells(lengthCm: number, cellCm: number): number {
  return Math.max(1, Math.floor(lengthCm / cellCm + 1e-6));
}

/** Litres between floor and ceiling; for an open pocket what its zone holds. */
export function capacityL(c: Compartment): number {
  if (c.zone !== undefined) return c.zone.volumeL;
  let sum = 0;
  for (let i = 0; i < c.floor.length; i += 1) sum += c.ceiling[i]! - c.floor[i]!;
  return (sum * c.cellCm * c.cellCm) / 1000;
}

/** The compartment that a placement's zone belongs to. */
export function compartmentIndex(compartments: readonly Compartment[], zone: Zone): number {
  if (!isMainZone(zone.kind)) return compartments.findIndex((c) => c.id === zone.id);
  const bottom = compartments.findIndex((c) => c.id === 'bottom');
  return zone.kind === 'bottom' && bottom >= 0 ? bottom : compartments.findIndex((c) => c.id === 'main');
}
