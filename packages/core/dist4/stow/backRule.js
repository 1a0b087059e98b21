import { isSoft } from './thingKinds.js';
/** Nearer than this a hard thing is felt through the back panel, cm. */
const FELT_WITHIN_CM = 1.5;
/** Points go through what gives: they stay further off, cm. */
export const POINTS_WITHIN_CM = 3;
/** A flat face at least so large spreads its pressure, cm². */
const BROAD_FACE_CM2 = 120;
/**
 * Whether a rigid thing is felt in the back: hard or sharp, near the panel, with an edge or a small face to it.
 *
 * @param fromPanelCm distance of its nearest point from the back panel
 * @param reservoirBetween a filled reservoir lies in the sleeve and pads
 */
export function isHardAtBack(thing, turn, fromPanelCm, reservoirBetween) {
    if (thing.flags.includes('sharp'))
        return fromPanelCm < POINTS_WITHIN_CM - 1e-6;
    if (!thing.flags.includes('hard') || fromPanelCm >= FELT_WITHIN_CM - 1e-6)
        return false;
    if (reservoirBetween)
        return false;
    return turn.round !== 'none' || turn.widthCm * turn.heightCm < BROAD_FACE_CM2;
}
/** Whether points in a soft bag, such as pegs, are so near to the back panel that they are driven in. */
export function arePointsAtBack(thing, fromPanelCm) {
    return isSoft(thing) && thing.flags.includes('sharp') && fromPanelCm < POINTS_WITHIN_CM - 1e-6;
}
/** How far a turned thing stays from the back panel so that it is not felt, cm. */
export function keptFromBackCm(thing, turn, reservoirBetween) {
    if (!isHardAtBack(thing, turn, 0, reservoirBetween))
        return 0;
    return thing.flags.includes('sharp') ? POINTS_WITHIN_CM : FELT_WITHIN_CM;
}
/** Whether a reservoir in its sleeve lies between the back and the rest of a stow. */
export function isReservoirBetween(a) {
    return a.things.some((p) => p.zone.kind === 'sleeve');
}
//# sourceMappingURL=backRule.js.map