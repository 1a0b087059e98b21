/** The zones of the main compartment, which are parts of one room. */
import type { Pack, Zone, ZoneKind } from '../trip/model.js';
import { isMainZone } from '../trip/zoneKinds.js';

/** Where the zones of the main compartment part, cm: in a pack that is not full they are parts of the load's height. */
export interface MainParting {
  readonly bottomTop: number;
  readonly topFloor: number;
  readonly coreEnd: number;
  readonly zones: Readonly<Partial<Record<ZoneKind, number>>>;
}

/** A load is taken to be no lower than this part of its room (Graft's own number). */
const LEAST_SHARE = 0.4;
/** Voids between what is stowed, as a part of it. */
const VOIDS = 0.05;

/** @param mainL what is to ride in the main compartment, litres */
export function mainParting(pack: Pack, mainL: number): MainParting {
  const zones: Partial<Record<ZoneKind, number>> = {};
  pack.zones.forEach((z, i) => {
    if (isMainZone(z.kind)) zones[z.kind] ??= i;
  });
  const at = (kind: ZoneKind): Zone | undefined => pack.zones[zones[kind] ?? -1];
  const [bottom, core, top] = [at('bottom'), at('core'), at('top')];
  const main = pack.zones.filter((z) => isMainZone(z.kind));
  const roomL = main.reduce((sum, z) => sum + z.volumeL, 0);
  const share = Math.min(1, Math.max(LEAST_SHARE, ((1 + VOIDS) * mainL) / roomL));
  const floor = Math.min(...main.map((z) => z.at.z));
  const atShare = (z: number): number => floor + share * (z - floor);
  const bottomEnd = bottom === undefined ? -Infinity : bottom.at.z + bottom.heightCm;
  // Behind a zip of its own the bottom is where it is, however little there is over it.
  const bottomTop = pack.main?.openings.includes('bottom') === true ? bottomEnd : atShare(bottomEnd);
  return {
    bottomTop,
    topFloor: top === undefined ? Infinity : Math.max(bottomTop, atShare(top.at.z)),
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
