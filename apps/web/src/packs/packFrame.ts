/** Which part of a pack a drawing shows, and how its centimetres become pixels. */
import { scaleLinear } from 'd3-scale';
import type { Box, Pack, PlacedThing, Zone } from '@graft/core';

export type Side = 'left' | 'right';
export type Layer = 'core' | 'outer';

/** How far to one side of the middle the side cut runs, cm. */
export const CUT_ASIDE_CM = 6;

export interface Span {
  readonly low: number;
  readonly high: number;
}

/** Extents of a pack over all its zones, with room for the wearer's back. */
export function packSpans(pack: Pack): { x: Span; y: Span; z: Span } {
  const of = (low: (z: Zone) => number, size: (z: Zone) => number): Span => ({
    low: Math.min(...pack.zones.map(low)),
    high: Math.max(...pack.zones.map((z) => low(z) + size(z))),
  });
  return {
    x: of(
      (z) => z.at.x - z.widthCm / 2,
      (z) => z.widthCm,
    ),
    y: of(
      (z) => z.at.y,
      (z) => z.depthCm,
    ),
    z: of(
      (z) => z.at.z,
      (z) => z.heightCm,
    ),
  };
}

/** The box of a zone. */
export function zoneBox(zone: Zone): Box {
  return {
    x0: zone.at.x - zone.widthCm / 2,
    x1: zone.at.x + zone.widthCm / 2,
    y0: zone.at.y,
    y1: zone.at.y + zone.depthCm,
    z0: zone.at.z,
    z1: zone.at.z + zone.heightCm,
  };
}

/** Whether a box is met by the side cut; pockets of that side lie behind the plane and are drawn fainter. */
export function inSideCut(box: Box, side: Side): 'cut' | 'behind' | 'away' {
  const plane = side === 'right' ? CUT_ASIDE_CM : -CUT_ASIDE_CM;
  if (box.x0 <= plane && plane < box.x1) return 'cut';
  const outward = side === 'right' ? box.x0 >= plane : box.x1 <= plane;
  return outward ? 'behind' : 'away';
}

/** Whether a zone belongs to the layer the back view shows. */
export function inLayer(zone: Zone, layer: Layer): boolean {
  switch (zone.kind) {
    case 'core':
    case 'outer':
      return zone.kind === layer;
    // In front of the wearer, or before and behind the layer: the side cut shows them.
    case 'strap':
    case 'hipBelt':
    case 'sleeve':
    case 'front':
      return false;
    default:
      return true;
  }
}

export interface Frame {
  readonly h: (cm: number) => number;
  readonly v: (cm: number) => number;
  readonly width: number;
  readonly height: number;
}

/** Both drawings share one scale, so that a centimetre is a centimetre in each. */
export function makeFrame(horizontal: Span, vertical: Span, pxPerCm: number): Frame {
  const width = (horizontal.high - horizontal.low) * pxPerCm;
  const height = (vertical.high - vertical.low) * pxPerCm;
  return {
    h: scaleLinear([horizontal.low, horizontal.high], [0, width]),
    v: scaleLinear([vertical.low, vertical.high], [height, 0]),
    width,
    height,
  };
}

/** Corner radius that tells soft from stiff, cm. */
export function cornerCm(thing: PlacedThing['thing']): number {
  switch (thing.shape.kind) {
    case 'block':
    case 'flat':
      return 0.3;
    case 'long':
      return 1;
    case 'cylinder':
      return 1.6;
    case 'pouch':
      return 2.2;
    case 'roll':
    case 'stuff':
      return 3.6;
  }
}
