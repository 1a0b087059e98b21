/** What of a stow is seen in the round: bodies by thing, and where each goes when the pack is pulled apart. */
import { bodyOf, type Body, type PlacedThing, type StowAssessment } from '@graft/core/stow';
import { isMainZone } from '@graft/core/trip';

export interface SeenThing {
  readonly placed: PlacedThing;
  readonly body: Body;
  /** Way from its place, cm, when all is pulled apart. */
  readonly apart: readonly [x: number, y: number, z: number];
}

/** From the middle of what is stowed every thing goes so much further out than it is. */
const SIDEWAYS = 1.3;
const UPWARD = 0.9;
/** What is in pockets keeps out of the way of the rest, cm. */
const POCKET_CM = 14;

export function seenThings(stow: StowAssessment): readonly SeenThing[] {
  const inMain = stow.placed.filter((p) => isMainZone(p.zone.kind));
  const middle = (of: (p: PlacedThing) => number): number =>
    inMain.reduce((sum, p) => sum + of(p), 0) / Math.max(1, inMain.length);
  const [x, y, z] = [middle((p) => p.centre.x), middle((p) => p.centre.y), middle((p) => p.centre.z)];
  return stow.placed.flatMap((placed): readonly SeenThing[] => {
    const body = bodyOf(placed);
    if (body === undefined) return [];
    const { centre: at } = placed;
    const more = isMainZone(placed.zone.kind) ? 0 : POCKET_CM;
    const away = (d: number): number => SIDEWAYS * d + Math.sign(d) * more;
    return [{ placed, body, apart: [away(at.x - x), away(at.y - y), UPWARD * (at.z - z)] }];
  });
}
