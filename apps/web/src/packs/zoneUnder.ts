import { mainZoneAt, zoneBox, type StowProblem } from '@graft/core/stow';
import { isMainZone, type Zone } from '@graft/core/trip';
import type { PointCm } from './useDragOver';

/** How far beside the main compartment a thing may be let go and still mean it, cm. */
const SLACK_CM = 4;
/** The same above a compartment that is open at the top, cm. */
const SLACK_ABOVE_CM = 20;

/** The zone that a point is in: a pocket before the main compartment; nothing far from both. */
export function zoneUnder({ pack, parting }: StowProblem, at: PointCm): Zone | undefined {
  const inside = (zone: Zone, slackCm: number): boolean => {
    const b = zoneBox(zone);
    const openUpCm = zone.openAbove ? SLACK_ABOVE_CM : slackCm;
    return (
      at.x >= b.x0 - slackCm &&
      at.x <= b.x1 + slackCm &&
      at.y >= b.y0 - slackCm &&
      at.y <= b.y1 + slackCm &&
      at.z >= b.z0 - slackCm &&
      at.z <= b.z1 + openUpCm
    );
  };
  // A cut shows one depth: pockets beside it are met by what the view shows of them.
  const pocket = pack.zones.find((z) => !isMainZone(z.kind) && z.kind !== 'sleeve' && inside(z, 0));
  if (pocket !== undefined) return pocket;
  if (!pack.zones.some((z) => isMainZone(z.kind) && inside(z, SLACK_CM))) return undefined;
  return pack.zones[mainZoneAt(parting, at.y, at.z)];
}
