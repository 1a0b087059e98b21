/** The zones of the main compartment, which are parts of one room. */
import type { Pack, Zone, ZoneKind } from '../trip/model.js';
import { isMainZone } from './zoneKinds.js';

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
