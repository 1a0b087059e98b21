import { isNoPack, noPack } from '../trip/customPack.js';
import { movableThings, ownThings, packOf } from '../trip/queries.js';
import { isAtHand, isHelped, isLiner } from '../trip/whoseThings.js';
import { formatMass } from '../units/format.js';
import { overloaded } from './overLimit.js';
/** So many are named; the others are counted. */
const NAMED = 3;
/** A cure for each member who is above the limit in the best share and still carries things that others could. */
export function ownThingCures(trip, problem, best) {
    if (best === undefined)
        return [];
    const movable = new Set(movableThings(trip));
    return overloaded(problem, best).flatMap(({ memberId }) => {
        const member = trip.members.find((m) => m.id === memberId);
        const things = ownThings(trip, memberId)
            .filter((t) => !t.worn && !isAtHand(t) && !movable.has(t) && t.othersMayCarry !== false)
            .sort((a, b) => b.massKg - a.massKg);
        return [
            ...(things.length === 0 ? [] : [cureOf(trip, member, things)]),
            ...(isHelped(member) && !isNoPack(packOf(trip, member)) ? [withoutPack(trip, member)] : []),
        ];
    });
}
/** Small children, and whoever is hurt badly, may walk with nothing on their back. */
function withoutPack(trip, member) {
    const { id, name, packId } = member;
    return {
        label: `${name} walks without a pack: others take all that is ${name}’s`,
        price: 'what they want on the way is in other people’s packs',
        rank: 1,
        after: {
            ...trip,
            packs: trip.packs.map((p) => (p.id === packId ? noPack(packId) : p)),
            stows: trip.stows.filter((s) => s.memberId !== id),
            // A liner without a pack stays at home.
            personalThings: trip.personalThings
                .filter((t) => t.memberId !== id || !isLiner(t))
                .map((t) => (t.memberId === id && !t.worn ? { ...t, othersMayCarry: true } : t)),
        },
    };
}
function cureOf(trip, member, things) {
    const named = things.slice(0, NAMED).map((t) => t.name);
    const rest = things.length > NAMED ? ` and ${things.length - NAMED} more` : '';
    const kg = things.reduce((sum, t) => sum + t.massKg, 0);
    const released = new Set(things);
    return {
        label: `Others take over ${member.name}’s ${named.join(', ')}${rest}: up to ${formatMass(kg)}`,
        price: 'they get them back in camp',
        rank: 0,
        after: {
            ...trip,
            personalThings: trip.personalThings.map((t) => (released.has(t) ? { ...t, othersMayCarry: true } : t)),
        },
    };
}
//# sourceMappingURL=ownThingCures.js.map