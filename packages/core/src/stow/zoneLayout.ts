/**
 * Where things lie within one zone: a box for each, so that a centroid is a real place and a drawing can be made.
 *
 * Main-compartment zones are filled from below in loading order: a thing "centre" is a layer over the whole width,
 * things left and right of each other share a layer, its width split by their volumes. Every box has exactly its
 * thing's volume (scaled by what the zone holds against the box of its dimensions). In pockets, things with a shape of
 * their own stand in their own dimensions, side by side where the pocket is open above, stacked where it is closed.
 */
import { shapeSizeCm } from '../trip/shapes.js';
import type { PointCm, Shape, Side, Zone, ZoneKind } from '../trip/model.js';

export interface Box {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
  readonly z0: number;
  readonly z1: number;
}
export interface LaidThing {
  readonly shape: Shape;
  readonly volumeL: number;
  readonly side: Side;
}

const MAIN_KINDS: readonly ZoneKind[] = ['bottom', 'core', 'outer', 'top'];

/** Whether a zone is part of the main compartment, where things can lie left, right or across. */
export function isMainZone(kind: ZoneKind): boolean {
  return MAIN_KINDS.includes(kind);
}

export function boxCentre(box: Box): PointCm {
  return { x: (box.x0 + box.x1) / 2, y: (box.y0 + box.y1) / 2, z: (box.z0 + box.z1) / 2 };
}

/** Left and right halves keep at least this share of the width while there is height to spare. */
const LEAST_HALF = 0.3;

/**
 * Lay things into a zone in the given order, lowest first.
 *
 * @returns one box per thing, in the order given, pack frame, cm
 */
export function layoutZone(zone: Zone, things: readonly LaidThing[]): readonly Box[] {
  if (!isMainZone(zone.kind)) return layoutPocket(zone, things);
  const relaxed = layers(zone, things, LEAST_HALF);
  const top = relaxed.reduce((z, box) => Math.max(z, box.z1), zone.at.z);
  return top <= zone.at.z + zone.heightCm + 1e-9 ? relaxed : layers(zone, things, 0);
}

function layers(zone: Zone, things: readonly LaidThing[], leastHalf: number): readonly Box[] {
  const boxes: Box[] = new Array<Box>(things.length);
  const left = zone.at.x - zone.widthCm / 2;
  const fill = zone.volumeL / ((zone.widthCm * zone.depthCm * zone.heightCm) / 1000);
  /** Height of a volume spread over a width, cm. */
  const rise = (volumeL: number, widthCm: number): number =>
    widthCm === 0 ? 0 : (volumeL * 1000) / (widthCm * zone.depthCm * fill);
  let z = zone.at.z;
  const put = (i: number, x0: number, x1: number, z0: number): number => {
    const z1 = z0 + rise(things[i]!.volumeL, x1 - x0);
    boxes[i] = { x0, x1, y0: zone.at.y, y1: zone.at.y + zone.depthCm, z0, z1 };
    return z1;
  };
  for (let i = 0; i < things.length;) {
    if (things[i]!.side === 'centre') {
      z = put(i, left, left + zone.widthCm, z);
      i += 1;
      continue;
    }
    let end = i;
    while (end < things.length && things[end]!.side !== 'centre') end += 1;
    const run = things.slice(i, end);
    const volumeOf = (side: Side): number =>
      run.reduce((sum, t) => sum + (t.side === side ? t.volumeL : 0), 0);
    const total = volumeOf('left') + volumeOf('right');
    const natural = total === 0 ? 0.5 : volumeOf('left') / total;
    const share = Math.min(1 - leastHalf, Math.max(leastHalf, natural));
    // With height to spare, a lone side takes half the width; in a full zone it spreads over all of it.
    const lone = natural === 0 || natural === 1;
    const split = left + zone.widthCm * (lone ? (leastHalf === 0 ? natural : 0.5) : share);
    let zLeft = z;
    let zRight = z;
    for (let j = i; j < end; j += 1) {
      if (things[j]!.side === 'left') zLeft = put(j, left, split, zLeft);
      else zRight = put(j, split, left + zone.widthCm, zRight);
    }
    z = Math.max(zLeft, zRight);
    i = end;
  }
  return boxes;
}

function layoutPocket(zone: Zone, things: readonly LaidThing[]): readonly Box[] {
  const sizes = things.map((t) => pocketSize(zone, t));
  let y = zone.at.y;
  let z = zone.at.z;
  const deep = sizes.reduce((sum, s) => sum + s.depth, 0);
  // Upright things that together are deeper than the pocket press into each other's slack.
  const squeeze = Math.min(1, zone.depthCm / Math.max(deep, 1e-9));
  return sizes.map(({ width, depth, height }) => {
    const x0 = zone.at.x - width / 2;
    if (zone.openAbove) {
      const d = depth * squeeze;
      const box = { x0, x1: x0 + width, y0: y, y1: y + d, z0: zone.at.z, z1: zone.at.z + height };
      y += d;
      return box;
    }
    const y0 = zone.at.y + (zone.depthCm - depth) / 2;
    const box = { x0, x1: x0 + width, y0, y1: y0 + depth, z0: z, z1: z + height };
    z += height;
    return box;
  });
}

function pocketSize(zone: Zone, thing: LaidThing): { width: number; depth: number; height: number } {
  const size = shapeSizeCm(thing.shape);
  if (size === undefined) {
    const width = zone.openAbove ? zone.widthCm : zone.widthCm * 0.92;
    if (zone.openAbove) {
      const depth = Math.min(zone.depthCm, (thing.volumeL / zone.volumeL) * zone.depthCm);
      return { width, depth, height: (thing.volumeL * 1000) / (width * Math.max(depth, 0.5)) };
    }
    return { width, depth: zone.depthCm, height: (thing.volumeL / zone.volumeL) * zone.heightCm };
  }
  const [longest, middle, shortest] = size;
  if (zone.openAbove) {
    return {
      width: Math.min(middle, zone.widthCm),
      depth: Math.min(shortest, zone.depthCm),
      height: longest,
    };
  }
  // Flat in a closed pocket; what is larger than the pocket is refused by the fit check, not drawn outside it.
  return {
    width: Math.min(longest, zone.widthCm),
    depth: Math.min(middle, zone.depthCm),
    height: Math.min(shortest, zone.heightCm * Math.max(0.05, thing.volumeL / zone.volumeL)),
  };
}
