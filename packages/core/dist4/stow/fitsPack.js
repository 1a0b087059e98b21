import { shapeVolumeL } from '../trip/shapes.js';
import { compartmentIndex, compartmentsOf, FINE_CELL_CM } from './packGeometry.js';
import { solidOf } from './solids.js';
/** Lengths above a ceiling by less than this are rounding, cm. */
const ROUNDING_CM = 1e-6;
/** Whether some turn of a thing stands between the walls and under the ceiling of a compartment. */
export function goesInto(solid, c) {
    return solid.kind === 'soft' || solid.turns.some((turn) => turnGoesInto(turn, c));
}
/** Whether a thing turned like this stands between the walls and under the ceiling of a compartment. */
export function turnGoesInto(turn, c) {
    if (turn.nx > c.nx || turn.ny > c.ny)
        return false;
    if (c.zone?.openAbove === true)
        return true;
    return c.floor.some((floor, i) => turn.heightCm <= c.ceiling[i] - floor + ROUNDING_CM);
}
/**
 * Whether a compartment takes a thing: its shape, its volume and its weight. The one test of that, for the planner, the
 * check and whatever names a place.
 *
 * @param volumeL what it takes up
 */
export function takes(c, thing, solid, volumeL) {
    if (volumeL > (c.zone?.volumeL ?? Infinity) + 1e-9)
        return false;
    if (thing.massKg > (c.zone?.maxLoadKg ?? Infinity))
        return false;
    return c.kind === 'sleeve' ? solid.kind === 'soft' : goesInto(solid, c);
}
/** Whether a stiff thing goes into a compartment turned as it should stand. */
export function fitsUpright(thing, c, stands) {
    const solid = solidOf(thing.shape, thing.volumeL, FINE_CELL_CM);
    return solid.kind === 'rigid' && solid.turns.some((turn) => stands(turn) && turnGoesInto(turn, c));
}
/** Zones of a pack that take a thing. */
export function zonesThatTake(thing, pack) {
    const volumeL = shapeVolumeL(thing.shape) ?? thing.volumeL;
    const solid = solidOf(thing.shape, volumeL, FINE_CELL_CM);
    const compartments = compartmentsOf(pack, FINE_CELL_CM);
    return pack.zones.filter((zone) => takes(compartments[compartmentIndex(compartments, zone)], thing, solid, volumeL));
}
/** Whether some part of the pack, inside or out, takes the thing's shape; soft things fit everywhere. */
export function fitsPack(thing, pack) {
    const solid = solidOf(thing.shape, thing.volumeL, FINE_CELL_CM);
    if (solid.kind === 'soft')
        return true;
    return compartmentsOf(pack, FINE_CELL_CM).some((c) => goesInto(solid, c));
}
//# sourceMappingURL=fitsPack.js.map