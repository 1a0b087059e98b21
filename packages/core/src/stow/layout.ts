/**
 * A stow made real: every thing of a pack loaded into its compartment on a grid, by its placement, in the order of the
 * list. What is shown, weighed and checked is this, whether a plan or a hand made the placements.
 */
import type { Pack, Placement, PointCm, Thing, Zone, ZoneKind } from '../trip/model.js';
import { withLoaders } from './columnKernel.js';
import { ColumnLoader } from './columnLoader.js';
import { compareLoading } from './loadingOrder.js';
import {
  capacityL,
  compartmentsOf,
  FINE_CELL_CM,
  type Compartment,
  compartmentIndex,
} from './packGeometry.js';
import { nestingOf } from './nesting.js';
import { solidOf, type Solid, type Turn } from './solids.js';
import type { StowProblem, StowThing } from './stowProblem.js';
import { isMainZone } from './zoneKinds.js';

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

export interface LaidCompartment {
  readonly compartment: Compartment;
  readonly capacityL: number;
  readonly filledL: number;
  /** Space lost under, between and over things. */
  readonly voidL: number;
  /** What is above the ceiling, or does not go in at all. */
  readonly overflowL: number;
  /** By loading order: the part of thing i's floor plan that thing j lies over, at [i][j]. */
  readonly over: readonly (readonly number[])[];
  readonly thingIds: readonly string[];
}

export interface StowLayout {
  readonly things: readonly LaidThing[];
  readonly compartments: readonly LaidCompartment[];
  readonly unplaced: readonly StowThing[];
}

/** Where the zones of the main compartment part, cm. */
export interface MainParting {
  readonly bottomTop: number;
  readonly topFloor: number;
  readonly coreEnd: number;
  readonly zones: Readonly<Partial<Record<ZoneKind, number>>>;
}

export function mainParting(pack: Pack): MainParting {
  const zones: Partial<Record<ZoneKind, number>> = {};
  pack.zones.forEach((z, i) => {
    if (isMainZone(z.kind)) zones[z.kind] ??= i;
  });
  const at = (kind: ZoneKind): Zone | undefined => pack.zones[zones[kind] ?? -1];
  const [bottom, core, top] = [at('bottom'), at('core'), at('top')];
  return {
    bottomTop: bottom === undefined ? -Infinity : bottom.at.z + bottom.heightCm,
    topFloor: top === undefined ? Infinity : top.at.z,
    coreEnd: core === undefined ? -Infinity : core.at.y + core.depthCm,
    zones,
  };
}

/** The index of the main zone that a point is in; where the pack lacks that zone, of the next best. */
export function mainZoneAt(parting: MainParting, y: number, z: number): number {
  const { zones } = parting;
  const order: readonly ZoneKind[] =
    z < parting.bottomTop
      ? ['bottom', 'core', 'outer', 'top']
      : z >= parting.topFloor
        ? ['top', 'outer', 'core', 'bottom']
        : y < parting.coreEnd
          ? ['core', 'outer', 'top', 'bottom']
          : ['outer', 'core', 'top', 'bottom'];
  return zones[order.find((kind) => zones[kind] !== undefined)!]!;
}

/** What a thing takes on the day; a soft reservoir is as big as the water in it. */
export function dayVolumeL(t: StowThing, day: number): number {
  const volumeL = t.volumeL[day - 1]!;
  const { thing } = t;
  if (thing.waterCapacityL === undefined || (thing.shape.kind !== 'pouch' && thing.shape.kind !== 'stuff'))
    return volumeL;
  return volumeL * Math.max(EMPTY_RESERVOIR, t.waterL / thing.waterCapacityL);
}
/** An empty reservoir, rolled flat, against a full one. */
const EMPTY_RESERVOIR = 0.1;

/** A reservoir's cloth gives into the pack by so much, litres (Graft's own number). */
export const SLEEVE_GIVE_L = 0.5;

/** The filled reservoir as a slab in its sleeve; undefined when the sleeve is empty. */
export function sleeveSlab(
  pack: Pack,
  volumeL: number,
):
  | {
      readonly zone: Zone;
      readonly widthCm: number;
      readonly depthCm: number;
      readonly low: number;
      readonly high: number;
    }
  | undefined {
  const zone = pack.zones.find((z) => z.kind === 'sleeve');
  if (zone === undefined || volumeL <= 0) return undefined;
  const heightCm = Math.min(zone.heightCm, (volumeL * 1000) / (zone.widthCm * 1.5));
  return {
    zone,
    widthCm: zone.widthCm,
    depthCm: (volumeL * 1000) / (zone.widthCm * heightCm),
    low: zone.at.z,
    high: zone.at.z + heightCm,
  };
}

/**
 * Where a thing goes when only zone and side are known: in the middle of that part, soft things spread, rigid ones flat
 * against the back in the core, standing in open pockets, lying elsewhere.
 */
export function defaultSpot(
  compartment: Compartment,
  zone: Zone,
  side: Placement['side'],
  solid: Solid,
): NonNullable<Placement['spot']> {
  const { nx, ny, cellCm, x0, y0 } = compartment;
  const [w, d] = [nx * cellCm, ny * cellCm];
  const main = isMainZone(zone.kind);
  const across = main ? { left: 0.25, centre: 0.5, right: 0.75 }[side] : 0.5;
  const out = zone.kind === 'core' ? 0.25 : zone.kind === 'outer' ? 0.75 : 0.5;
  return { xCm: x0 + across * w, yCm: y0 + out * d, turn: defaultTurn(compartment, zone, solid) };
}

function defaultTurn({ nx, ny }: Compartment, zone: Zone, solid: Solid): number {
  if (solid.kind === 'soft') return zone.kind === 'bottom' ? 1 : 0;
  const price = (t: Turn): number => {
    const fits = t.nx <= nx && t.ny <= ny ? 0 : 1000;
    const size = zone.openAbove ? -t.heightCm : zone.kind === 'core' ? t.depthCm : t.heightCm;
    return fits + size;
  };
  const prices = solid.turns.map(price);
  return prices.indexOf(Math.min(...prices));
}

/** Left, centre or right of its middle where a compartment has sides: a fifth of the width about the middle is its centre. */
export function sideIn(c: Compartment, xCm: number): Placement['side'] {
  if (c.kind !== 'main') return 'centre';
  const widthCm = c.nx * c.cellCm;
  const fromMiddleCm = xCm - (c.x0 + widthCm / 2);
  return Math.abs(fromMiddleCm) < widthCm / 10 ? 'centre' : fromMiddleCm < 0 ? 'left' : 'right';
}

const ZONE_RANK: Readonly<Partial<Record<ZoneKind, number>>> = { bottom: 0, core: 1, outer: 1, top: 2 };

/** Placements in the order in which they go in: as listed; lists without any exact place, from the bottom up. */
export function inLoadingOrder(problem: StowProblem, placements: readonly Placement[]): readonly Placement[] {
  if (placements.some((p) => p.spot !== undefined)) return placements;
  const zones = new Map(problem.pack.zones.map((z) => [z.id, z]));
  const things = new Map(problem.things.map((t) => [t.thing.id, t]));
  const rank = (p: Placement): number => ZONE_RANK[zones.get(p.zoneId)?.kind ?? 'top'] ?? 3;
  return [...placements].sort((a, b) => {
    const [s, t] = [things.get(a.thingId), things.get(b.thingId)];
    return rank(a) - rank(b) || (s === undefined || t === undefined ? 0 : compareLoading(s, t));
  });
}

/**
 * Load a pack as its placements say.
 *
 * @param problem things with their masses and volumes on the problem's day
 * @param placements in loading order
 */
export function realise(
  problem: StowProblem,
  placements: readonly Placement[],
  cellCm = FINE_CELL_CM,
): StowLayout {
  return withLoaders(() => realised(problem, placements, cellCm));
}

function realised(problem: StowProblem, placements: readonly Placement[], cellCm: number): StowLayout {
  const { pack, day } = problem;
  const compartments = compartmentsOf(pack, cellCm);
  const byId = new Map(problem.things.map((t) => [t.thing.id, t]));
  const zoneById = new Map(pack.zones.map((z) => [z.id, z]));
  const known = inLoadingOrder(problem, placements).filter(
    (p) => byId.has(p.thingId) && zoneById.has(p.zoneId),
  );
  const inside = nestingOf(problem);
  const parting = mainParting(pack);
  const placed = new Map<string, LaidThing>();
  const laid: LaidCompartment[] = [];
  const sleeved = known.filter((p) => zoneById.get(p.zoneId)!.kind === 'sleeve' && !inside.has(p.thingId));
  const sleevedL = sleeved.reduce((sum, p) => sum + dayVolumeL(byId.get(p.thingId)!, day), 0);
  const slab = sleeveSlab(pack, sleevedL);
  for (const [index, compartment] of compartments.entries()) {
    const mine = known.filter(
      (p) =>
        !inside.has(p.thingId) &&
        compartmentIndex(compartments, zoneById.get(p.zoneId)!) === index &&
        compartment.kind !== 'sleeve',
    );
    // What lies apart is in all the same: a thing may be larger today than on the day the stow was planned for.
    const loader = new ColumnLoader(
      compartment,
      mine.length,
      compartment.id === 'main' ? slab : undefined,
      true,
    );
    let filledL = 0;
    const solids: Solid[] = [];
    for (const p of mine) {
      const t = byId.get(p.thingId)!;
      const solid = solidOf(t.thing.shape, dayVolumeL(t, day), cellCm);
      solids.push(solid);
      const spot = p.spot ?? defaultSpot(compartment, zoneById.get(p.zoneId)!, p.side, solid);
      loader.load(solid, spot.turn, spot.xCm, spot.yCm);
    }
    for (const [i, p] of mine.entries()) {
      const t = byId.get(p.thingId)!;
      const geometry = geometryOf(loader, i, solids[i]!, p.spot, compartment);
      filledL += geometry.volumeL;
      const zone = compartment.zone ?? pack.zones[mainZoneAt(parting, geometry.centre.y, geometry.centre.z)]!;
      placed.set(p.thingId, {
        thing: t.thing,
        placement: p,
        zone,
        compartmentId: compartment.id,
        order: i,
        massKg: t.massKg,
        waterL: t.waterL,
        insideId: undefined,
        ...geometry,
      });
    }
    const leftOverL = loader.overflowCm3 / 1000;
    const overZoneL =
      compartment.zone === undefined ? 0 : Math.max(0, filledL + leftOverL - compartment.zone.volumeL);
    laid.push({
      compartment,
      capacityL: capacityL(compartment) - (compartment.id === 'main' ? sleevedL : 0),
      filledL,
      voidL: (loader.voidCm3 + loader.creviceCm3()) / 1000,
      overflowL: Math.max(overZoneL, leftOverL),
      over: coverage(loader),
      thingIds: mine.map((p) => p.thingId),
    });
  }
  if (slab !== undefined) {
    for (const [i, p] of sleeved.entries()) {
      const t = byId.get(p.thingId)!;
      const { zone } = slab;
      placed.set(p.thingId, {
        thing: t.thing,
        placement: p,
        zone,
        compartmentId: zone.id,
        order: i,
        massKg: t.massKg,
        waterL: t.waterL,
        volumeL: dayVolumeL(t, day),
        insideId: undefined,
        turn: undefined,
        segments: [],
        centre: { x: zone.at.x, y: zone.at.y + slab.depthCm / 2, z: (slab.low + slab.high) / 2 },
        box: {
          x0: zone.at.x - zone.widthCm / 2,
          x1: zone.at.x + zone.widthCm / 2,
          y0: zone.at.y,
          y1: zone.at.y + slab.depthCm,
          z0: slab.low,
          z1: slab.high,
        },
      });
    }
  }
  for (const [id, holderId] of inside) {
    const holder = placed.get(holderId);
    const t = byId.get(id);
    if (holder === undefined || t === undefined) continue;
    const placement = known.find((p) => p.thingId === id) ?? { ...holder.placement, thingId: id };
    placed.set(id, {
      ...holder,
      thing: t.thing,
      placement,
      massKg: t.massKg,
      waterL: t.waterL,
      volumeL: 0,
      insideId: holderId,
      segments: [],
      turn: undefined,
    });
  }
  return {
    things: problem.things.flatMap((t) => placed.get(t.thing.id) ?? []),
    compartments: laid,
    unplaced: problem.things.filter((t) => !placed.has(t.thing.id)),
  };
}

type Geometry = Pick<LaidThing, 'volumeL' | 'centre' | 'box' | 'turn' | 'segments'>;

/** Where the i-th loaded thing of a loader is. */
function geometryOf(
  loader: ColumnLoader,
  i: number,
  solid: Solid,
  spot: Placement['spot'],
  c: Compartment,
): Geometry {
  const rigid = loader.rigidAt(i);
  if (rigid !== undefined && solid.kind === 'rigid') {
    const { turn, xCm, yCm, zCm } = rigid;
    const box = {
      x0: xCm - turn.widthCm / 2,
      x1: xCm + turn.widthCm / 2,
      y0: yCm - turn.depthCm / 2,
      y1: yCm + turn.depthCm / 2,
      z0: zCm,
      z1: zCm + turn.heightCm,
    };
    const round = turn.round === 'none' ? 1 : Math.PI / 4;
    const volumeL = (round * turn.widthCm * turn.depthCm * turn.heightCm) / 1000;
    return { turn, box, volumeL, segments: [], centre: { x: xCm, y: yCm, z: zCm + turn.heightCm / 2 } };
  }
  const segments: Segment[] = [];
  const half = c.cellCm / 2;
  let [sum, mx, my, mz] = [0, 0, 0, 0];
  let box: Box | undefined;
  for (const { column, low: z0, high: z1 } of loader.partsOf(i)) {
    const [x, y] = [loader.columnX(column), loader.columnY(column)];
    segments.push({ x, y, z0, z1 });
    const h = z1 - z0;
    sum += h;
    mx += h * x;
    my += h * y;
    mz += (h * (z0 + z1)) / 2;
    box = {
      x0: Math.min(box?.x0 ?? Infinity, x - half),
      x1: Math.max(box?.x1 ?? -Infinity, x + half),
      y0: Math.min(box?.y0 ?? Infinity, y - half),
      y1: Math.max(box?.y1 ?? -Infinity, y + half),
      z0: Math.min(box?.z0 ?? Infinity, z0),
      z1: Math.max(box?.z1 ?? -Infinity, z1),
    };
  }
  if (box === undefined || sum === 0) {
    // Nothing of it on this day, or no room at all: it is taken to be where it was put.
    const x = spot?.xCm ?? c.x0 + (c.nx * c.cellCm) / 2;
    const y = spot?.yCm ?? c.y0 + (c.ny * c.cellCm) / 2;
    const z = c.floor[0]!;
    return {
      turn: undefined,
      segments,
      volumeL: solid.kind === 'soft' ? solid.volumeL : 0,
      centre: { x, y, z },
      box: { x0: x, x1: x, y0: y, y1: y, z0: z, z1: z },
    };
  }
  return {
    turn: undefined,
    segments,
    box,
    volumeL: (sum * c.cellCm * c.cellCm) / 1000,
    centre: { x: mx / sum, y: my / sum, z: mz / sum },
  };
}

/** For each pair of loaded things, the part of the first one's floor plan that the second lies over. */
export function coverage(loader: ColumnLoader): number[][] {
  return Array.from({ length: loader.loaded }, (_v, i) => {
    const own = loader.columnsOf(i);
    return Array.from(loader.coversOf(i), (count) => (own === 0 ? 0 : count / own));
  });
}
