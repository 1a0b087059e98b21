/** The evening's round: who has what that smells, and where in the pack; and whether what keeps it from animals is large enough. */
import { nameAlone } from '../trip/queries.js';
import { scentedNights } from '../larder/scented.js';
import { placeOf } from '../stow/placeOf.js';
/** @returns undefined for the last day, whose night is at home */
export function scentedRound(trip, day) {
    const night = scentedNights(trip)[day - 1];
    if (night === undefined)
        return undefined;
    return {
        night,
        members: trip.members
            .map((member) => ({
            member,
            things: night.things
                .filter((t) => t.memberId === member.id)
                .map(({ thing }) => ({
                id: thing.id,
                name: nameAlone(trip, thing),
                place: placeOf(trip, member, thing),
            })),
        }))
            .filter((m) => m.things.length > 0),
        unshared: night.things.filter((t) => t.memberId === undefined).map((t) => nameAlone(trip, t.thing)),
    };
}
//# sourceMappingURL=scentedRound.js.map