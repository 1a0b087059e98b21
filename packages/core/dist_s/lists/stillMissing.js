import { allPieces, allThings } from '../trip/queries.js';
import { isUnweighed } from './guessFacts.js';
import { isOwnUnknown } from './ownFigure.js';
/** Nothing is missing of a trip that has left: what it carries is in the packs. */
export function stillMissing(trip) {
    if (trip.departure !== undefined)
        return [];
    const { members } = trip;
    const missing = [];
    const add = (what, at, count) => missing.push({ what, at, count });
    if (members.length === 0)
        add('people', 'people', 0);
    const bodies = members.filter((m) => m.bodyEstimated === true).length;
    if (bodies > 0)
        add('bodies', 'people', bodies);
    const own = members.filter((m) => isOwnUnknown(trip, m)).length;
    if (own > 0)
        add('own', 'people', own);
    if (!allPieces(trip).some((p) => p.madeBy === undefined))
        add('kit', 'kit', 0);
    const unweighed = allThings(trip).filter(isUnweighed).length;
    if (unweighed > 0)
        add('masses', 'kit', unweighed);
    if (!hasFood(trip))
        add('food', 'larder', 0);
    return missing;
}
/** Food that is planned or listed; where one eats at a hut, or is back in the evening, nobody has to plan any. */
function hasFood(trip) {
    if (trip.style === 'hut' || trip.legs.length === 1 || trip.meals.length > 0)
        return true;
    return (trip.supplies.some((s) => /food|meal|dinner|supper/i.test(s.name)) ||
        allThings(trip).some((t) => t.purpose === 'food'));
}
/** A trip in which nobody has done anything yet. */
export function isBlank({ members, kits, personalThings }) {
    return members.length + kits.length + personalThings.length === 0;
}
//# sourceMappingURL=stillMissing.js.map