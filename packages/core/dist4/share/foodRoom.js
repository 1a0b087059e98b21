/**
 * Food in stiff containers takes no room of the pack, as long as they have some left: their own room is counted. Here by
 * litres, for what is not yet in anybody's pack; `load/filling` puts thing by thing.
 */
import { fillingOf } from '../load/filling.js';
import { goesWithFood, holdingOf, takesAnyForm } from '../load/holders.js';
import { isCarriedOn } from '../load/thingOnDay.js';
/** What of a container is filled by things that keep their form (Graft's own number). */
const FILLED = 0.9;
function isStiffContainer(thing) {
    return holdingOf(thing)?.meantFor === 'food' && !takesAnyForm(thing);
}
/**
 * What is left in stiff containers among things for the food of others, litres.
 *
 * @param day day of the trip, from 1
 */
export function stiffRoomL(things, day) {
    const containers = things.filter((t) => isStiffContainer(t) && isCarriedOn(t, day));
    if (containers.length === 0)
        return 0;
    const { inside, wholeL } = fillingOf(things, day);
    return containers
        .filter((c) => !inside.has(c.id))
        .reduce((sum, c) => {
        const within = things.filter((t) => inside.get(t.id) === c.id);
        const usedL = within.reduce((litres, t) => litres + wholeL(t), 0);
        return sum + Math.max(0, FILLED * holdingOf(c).capacityL - usedL);
    }, 0);
}
/** Of the room that things take, what goes into containers of others, litres. */
export function fillsL(things, day) {
    const food = things.filter((t) => goesWithFood(t, day) &&
        holdingOf(t) === undefined &&
        t.nestsIn === undefined &&
        t.ridesLoose !== true &&
        !t.flags.includes('ridesOutside'));
    if (food.length === 0)
        return 0;
    const { takesL } = fillingOf(things, day);
    return food.reduce((sum, t) => sum + takesL(t), 0);
}
/** The room of a pack that so much takes. */
export function roomTakenL(allL, fillsL, stiffL) {
    const within = fillsL < stiffL ? fillsL : stiffL;
    return within > 0 ? allL - within : allL;
}
//# sourceMappingURL=foodRoom.js.map