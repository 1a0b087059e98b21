/** Whether a thing goes into or onto a pack at all, by its outer dimensions. */
import type { Pack, Thing } from '../trip/model.js';
import { misfit } from './placementRules.js';
import { isMainZone } from './zoneLayout.js';

/** Outer dimensions of the main compartment, longest first, cm; zeros without one. */
export function mainSizeCm(pack: Pack): readonly [number, number, number] {
  const zones = pack.zones.filter((z) => isMainZone(z.kind));
  if (zones.length === 0) return [0, 0, 0];
  const extent = (low: readonly number[], high: readonly number[]): number =>
    Math.max(...high) - Math.min(...low);
  const x = Math.max(...zones.map((zone) => zone.widthCm));
  const y = extent(
    zones.map((zone) => zone.at.y),
    zones.map((zone) => zone.at.y + zone.depthCm),
  );
  const z = extent(
    zones.map((zone) => zone.at.z),
    zones.map((zone) => zone.at.z + zone.heightCm),
  );
  const [a, b, c] = [x, y, z].sort((p, q) => q - p);
  return [a!, b!, c!];
}

/** Whether some zone of the pack, inside or out, takes the thing's shape; soft things fit everywhere. */
export function fitsPack(thing: Thing, pack: Pack): boolean {
  const main = mainSizeCm(pack);
  return pack.zones.some((zone) => misfit(thing, zone, main) === undefined);
}
