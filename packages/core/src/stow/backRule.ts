/** Hard things against the back: what pokes and what lies flat (common practice, no source; the numbers are Graft's own). */
import type { Thing } from '../trip/model.js';
import type { Turn } from './solids.js';

/** Nearer than this a hard thing is felt through the back panel, cm. */
export const FELT_WITHIN_CM = 1.5;
/** A flat face at least so large spreads its pressure, cm². */
const BROAD_FACE_CM2 = 120;

/**
 * Whether a rigid thing is felt in the back: hard or sharp, near the panel, with an edge or a small face to it.
 *
 * @param fromPanelCm distance of its nearest point from the back panel
 * @param reservoirBetween a filled reservoir lies in the sleeve and pads
 */
export function isHardAtBack(
  thing: Thing,
  turn: Turn,
  fromPanelCm: number,
  reservoirBetween: boolean,
): boolean {
  if (!thing.flags.includes('hard') && !thing.flags.includes('sharp')) return false;
  if (fromPanelCm >= FELT_WITHIN_CM - 1e-6) return false;
  if (thing.flags.includes('sharp')) return true;
  if (reservoirBetween) return false;
  return turn.round !== 'none' || turn.widthCm * turn.heightCm < BROAD_FACE_CM2;
}
