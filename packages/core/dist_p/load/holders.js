import { shapeVolumeL } from '../trip/shapes.js';
import { isPersonal } from '../trip/whoseThings.js';
import { oncePer } from '../trip/oncePer.js';
/** Walls and rounding: what of a hollow thing's outline can be filled (Graft's own number). */
const USABLE_INSIDE = 0.9;
/** Whether a thing takes any form, and so takes the room of what is in it. */
export function takesAnyForm({ shape, holds }) {
    return shapeVolumeL(shape) === undefined && holds?.traits.includes('rigid') !== true;
}
/** What a thing holds: as it says, or since it is a food container or a pot. */
export const holdingOf = oncePer((thing) => {
    if (thing.holds !== undefined)
        return thing.holds;
    const insideL = USABLE_INSIDE * (shapeVolumeL(thing.shape) ?? thing.volumeL);
    if (thing.purpose === 'foodContainer' || thing.foodCapacityL !== undefined) {
        const traits = takesAnyForm(thing) ? [] : ['keepsScent', 'rigid', 'keepsDry'];
        return { capacityL: thing.foodCapacityL ?? insideL, traits, meantFor: 'food' };
    }
    return thing.purpose === 'pot' && !takesAnyForm(thing)
        ? { capacityL: insideL, traits: ['rigid'], meantFor: 'cooking' }
        : undefined;
});
/** What something is said to ride in, though it does not say that it holds anything. */
export function plainHolding(thing) {
    const capacityL = USABLE_INSIDE * (shapeVolumeL(thing.shape) ?? thing.volumeL);
    return { capacityL, traits: [], meantFor: 'anything' };
}
/** Of these, so much is small, litres (Graft's own number). */
const SMALL_L = 0.5;
const BY_PURPOSE = {
    sleep: ['sleepingBag'],
    clothes: ['spareClothing', 'warmLayer', 'clothing'],
    food: ['food', 'snack'],
    cooking: ['stove', 'fuel', 'fire'],
    firstAid: ['firstAid'],
    smallThings: ['repair', 'power', 'fire', 'knife'],
};
/**
 * Whether a thing goes into a holder without being told. What is wanted on the way stays out of what is opened in camp;
 * liquid fuel goes into no pot. All of it is common practice, no source.
 *
 * @param isToday it is eaten on the day looked at
 */
export function isMeantFor(holder, thing, isToday) {
    const meantFor = holdingOf(holder)?.meantFor ?? 'anything';
    if (meantFor === 'anything' || meantFor === 'wholePack')
        return false;
    if (!BY_PURPOSE[meantFor].includes(thing.purpose) || !isSameOwner(holder, thing))
        return false;
    switch (meantFor) {
        case 'food':
            return isForLater(thing, isToday);
        case 'cooking':
            return !thing.flags.includes('liquidFuel') && isOfSameGroup(holder, thing);
        case 'clothes':
            return thing.needed === 'camp';
        case 'smallThings':
            return thing.needed === 'camp' && thing.volumeL <= SMALL_L;
        case 'sleep':
        case 'firstAid':
            return true;
    }
}
function isForLater({ needed }, isToday) {
    return needed === 'camp' || needed === 'firstInCamp' || !isToday;
}
/** Food that goes into a food container on a day: all but what is eaten on the way. */
export function goesWithFood(thing, day) {
    return BY_PURPOSE.food.includes(thing.purpose) && isForLater(thing, isEatenOn(thing, day));
}
/** Food of which nobody says when it is eaten may be eaten on any day. */
export function isEatenOn({ consumption }, day) {
    return consumption === undefined || (consumption.fromDay <= day && day <= consumption.toDay);
}
/** One's own bag is for one's own things; food goes into whatever its carrier has for food. */
function isSameOwner(holder, thing) {
    if (!isPersonal(holder) || holdingOf(holder)?.meantFor === 'food')
        return true;
    return isPersonal(thing) && thing.memberId === holder.memberId;
}
/** The pot of one cook group is not for another's stove. */
function isOfSameGroup(holder, thing) {
    const groupOf = (t) => t.onlyGroupId;
    const [a, b] = [groupOf(holder), groupOf(thing)];
    return a === undefined || b === undefined || a === b;
}
//# sourceMappingURL=holders.js.map