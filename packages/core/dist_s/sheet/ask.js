/** What members are asked before the trip, with what such a trip usually takes. */
import { usualOwn } from '../lists/usualOwn.js';
import { isUnder18 } from '../trip/age.js';
import { PACK_SIZES } from '../trip/packCatalogue.js';
/** @returns undefined once the party has left */
export function sheetAsk(trip, member) {
    if (trip.departure !== undefined)
        return undefined;
    return {
        packsL: PACK_SIZES.map((s) => s.nominalL),
        own: usualOwn(trip, member).map(({ entry: { id, name, thing } }) => ({ id, name, kg: thing.massKg })),
        others: trip.members.filter((m) => m.id !== member.id).map(({ id, name }) => ({ id, name })),
        isMinor: isUnder18(member),
    };
}
//# sourceMappingURL=ask.js.map