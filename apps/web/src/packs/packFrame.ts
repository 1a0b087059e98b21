/** Which part of a pack a drawing shows, and how its centimetres become pixels. */
import { meets, zoneBox, type PlacedThing, type Plane } from '@graft/core/stow';
import type { Pack, Zone, ZoneKind } from '@graft/core/trip';

export interface Span {
  readonly low: number;
  readonly high: number;
}

/** Zones that hang about the pack: with nothing in them, an edge of them is seen, so that a thing can be put there. */
const ABOUT: readonly ZoneKind[] = ['lash', 'strap', 'hipBelt'];
const EDGE_CM = 2;
export function hangsAbout({ kind }: Zone): boolean {
  return ABOUT.includes(kind);
}

/** Extents of a pack over the zones that it is drawn with. @param used ids of zones with something in them */
export function packSpans(pack: Pack, used: ReadonlySet<string>): { x: Span; y: Span; z: Span } {
  const isWhole = (zone: Zone): boolean => !hangsAbout(zone) || used.has(zone.id);
  const whole = pack.zones.filter(isWhole);
  const of = (low: (z: Zone) => number, size: (z: Zone) => number): Span => {
    const own = {
      low: Math.min(...whole.map(low)),
      high: Math.max(...whole.map((z) => low(z) + size(z))),
    };
    return {
      low: Math.max(own.low - EDGE_CM, Math.min(own.low, ...pack.zones.map(low))),
      high: Math.min(own.high + EDGE_CM, Math.max(own.high, ...pack.zones.map((z) => low(z) + size(z)))),
    };
  };
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

/**
 * How a plane sees a zone: cut; behind it, on the side that is looked at, fainter; or not at all. Seen from behind,
 * what hangs before the wearer or in front of the plane is left to the other view.
 */
export function seen(zone: Zone, plane: Plane): 'cut' | 'behind' | 'away' {
  const box = zoneBox(zone);
  if (plane.axis === 'y') {
    if (zone.kind === 'strap' || zone.kind === 'hipBelt') return 'away';
    if (meets(box, plane)) return 'cut';
    return zone.kind === 'side' || zone.kind === 'lash' ? 'behind' : 'away';
  }
  if (meets(box, plane)) return 'cut';
  const outward = plane.at >= 0 ? box.x0 >= plane.at : box.x1 <= plane.at;
  return outward ? 'behind' : 'away';
}

export interface Frame {
  readonly h: (cm: number) => number;
  readonly v: (cm: number) => number;
  /** Back from pixels to centimetres. */
  readonly cmAcross: (px: number) => number;
  readonly cmUp: (px: number) => number;
  readonly width: number;
  readonly height: number;
}

/** Both drawings share one scale, so that a centimetre is a centimetre in each. */
export function makeFrame(horizontal: Span, vertical: Span, pxPerCm: number): Frame {
  const width = (horizontal.high - horizontal.low) * pxPerCm;
  const height = (vertical.high - vertical.low) * pxPerCm;
  return {
    h: (cm) => (cm - horizontal.low) * pxPerCm,
    v: (cm) => (vertical.high - cm) * pxPerCm,
    cmAcross: (px) => horizontal.low + px / pxPerCm,
    cmUp: (px) => vertical.high - px / pxPerCm,
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
      return 0.8;
    case 'pouch':
    case 'roll':
    case 'stuff':
      return 1.4;
  }
}
