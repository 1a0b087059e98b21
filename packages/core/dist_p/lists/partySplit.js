/**
 * Safety when people part (common practice, no source). One check names kits whose pieces ride with several people. The
 * other says what each part of a party would lack if it split here, by intent or in mist: shelter, stove, first aid,
 * map, water treatment.
 */
import { dayLoad } from '../load/memberLoad.js';
import { isCarriedOn } from '../load/thingOnDay.js';
import { treatsByKit } from '../larder/waterPlan.js';
import { allowedCarriers, allPieces, allThings, carriedPieces, carrierOf, isPersonal, isTentPart, ownThings, } from '../trip/queries.js';
import { PROVIDES } from './completeness.js';
import { isStove } from './doubles.js';
/** Kits that several people carry on a day. Whoever sets one up must know whom to ask. Food parcels do not count as kits. */
export function kitsInSeveralHands(trip, day) {
    return trip.kits.flatMap((kit) => {
        const pieces = kit.pieces.filter((p) => p.madeBy === undefined);
        const hands = trip.members.flatMap((member) => {
            const own = carriedPieces(trip, member.id, day).filter((p) => pieces.includes(p));
            return own.length === 0 ? [] : [{ member, pieces: own }];
        });
        const unshared = pieces.filter((p) => carrierOf(trip, p.id, day) === undefined);
        return hands.length + Math.min(1, unshared.length) < 2 ? [] : [{ kit, hands, unshared }];
    });
}
export const SPLIT_NEEDS = ['shelter', 'stove', 'firstAid', 'map', 'treatment'];
/** People that one group shelter or tarp covers in an emergency (common practice, no source). */
const COVERED_BY_ONE = 8;
/** What gives a need on its own. */
const PURPOSE_OF = { firstAid: 'firstAid', map: 'navigation', treatment: 'filter' };
/** What covers people without being a tent. */
function isCover(thing) {
    return thing.purpose === 'tarp' || thing.purpose === 'emergencyShelter';
}
/** What somebody of a part has in their pack or on them that day. */
function inHands(trip, part, day) {
    return part
        .flatMap((m) => [...carriedPieces(trip, m.id, day), ...ownThings(trip, m.id)])
        .filter((t) => isCarriedOn(t, day));
}
/** The pieces without which a tent does not stand; none for a kit that is no tent. */
function tentPieces(kit) {
    const parts = kit.pieces.filter((p) => isTentPart(p) && p.purpose !== 'footprint');
    return parts.some((p) => p.purpose === 'tentBody') ? parts : [];
}
function tentPlaces(trip, kit) {
    const group = trip.groups.find((g) => kit.pieces.some((p) => p.onlyGroupId === g.id));
    return group?.sleeps ?? 2;
}
function shelterPlaces(trip, things) {
    const ids = new Set(things.map((t) => t.id));
    const tents = trip.kits.reduce((sum, kit) => {
        const parts = tentPieces(kit);
        return parts.length > 0 && parts.every((p) => ids.has(p.id)) ? sum + tentPlaces(trip, kit) : sum;
    }, 0);
    return things.filter(isCover).reduce((sum, t) => sum + (isPersonal(t) ? 1 : COVERED_BY_ONE), tents);
}
/** Stoves that burn: with the fuel and what else they ask for among the same things. */
function workingStoves(things) {
    return things.filter((t) => isStove(t) &&
        (t.needs ?? []).every((need) => things.some((other) => other.id !== t.id && PROVIDES[need](other)))).length;
}
function count(trip, need, things) {
    if (need === 'shelter')
        return shelterPlaces(trip, things);
    if (need === 'stove')
        return workingStoves(things);
    return things.filter((t) => t.purpose === PURPOSE_OF[need]).length;
}
/** What a part needs of each: places for all of it, one of the others; no more than the whole party ever has of a kind. */
function wanted(trip, need, part) {
    if (need === 'shelter')
        return part.length;
    // Who cooks nothing, or drinks from taps or boils, lacks nothing where the party has none.
    if (need === 'stove' && !allThings(trip).some(isStove))
        return 0;
    if (need === 'treatment' && !treatsByKit(trip))
        return 0;
    return 1;
}
/** Sets of pieces that together give a need: a tent's, one shelter, a stove with its fuel, or a single thing. */
function givers(trip, need, day) {
    const pieces = allPieces(trip).filter((p) => isCarriedOn(p, day));
    const single = (test) => pieces.filter(test).map((p) => [p]);
    switch (need) {
        case 'shelter':
            return [
                ...single(isCover),
                ...trip.kits
                    .map(tentPieces)
                    .filter((parts) => parts.length > 0 && parts.every((p) => isCarriedOn(p, day))),
            ];
        case 'stove':
            return pieces.filter(isStove).flatMap((stove) => {
                const fuels = pieces.filter((p) => (stove.needs ?? []).some((n) => p.purpose === 'fuel' && PROVIDES[n](p)));
                return fuels.length === 0 ? [[stove]] : fuels.map((fuel) => [stove, fuel]);
            });
        case 'map':
        case 'firstAid':
        case 'treatment':
            return single((p) => p.purpose === PURPOSE_OF[need]);
    }
}
/** Who of a part may carry a piece and would be the least loaded with it that day, by the share of their limit. */
function lightestHanded(trip, piece, part, day) {
    const ratio = (m) => dayLoad(trip, m, day, [...carriedPieces(trip, m.id, day), piece]).ratio;
    return allowedCarriers(trip, piece)
        .filter((m) => part.includes(m))
        .map((member) => ({ member, ratio: ratio(member) }))
        .sort((a, b) => a.ratio - b.ratio)[0]?.member;
}
/**
 * What each part would lack if the party split.
 *
 * @param parts ids of the members of each part; whoever is in none is left out
 * @param day day of the trip, from 1: what is carried then
 * @returns in the order of the parts; a lack with the lightest handover of group pieces that mends it and takes nothing
 *   from another part that this one would then lack
 */
export function checkSplit(trip, parts, day) {
    const people = parts.map((ids) => trip.members.filter((m) => ids.includes(m.id)));
    const hands = people.map((part) => inHands(trip, part, day));
    const memberOf = new Map(trip.members.map((m) => [m.id, m]));
    const lacksOf = (need, i, things) => wanted(trip, need, people[i]) - count(trip, need, things);
    return people.map((members, i) => ({
        members,
        lacks: SPLIT_NEEDS.flatMap((need) => {
            const short = lacksOf(need, i, hands[i]);
            if (members.length === 0 || short <= 0)
                return [];
            const want = wanted(trip, need, members);
            const here = new Set(hands[i].map((t) => t.id));
            const cures = givers(trip, need, day).flatMap((set) => {
                const moved = set.filter((p) => !here.has(p.id));
                const after = [...hands[i], ...moved];
                if (moved.length === 0 || lacksOf(need, i, after) > 0)
                    return [];
                const ids = new Set(moved.map((p) => p.id));
                const robs = hands.some((things, k) => {
                    const rest = things.filter((t) => !ids.has(t.id));
                    return k !== i && SPLIT_NEEDS.some((n) => lacksOf(n, k, rest) > Math.max(0, lacksOf(n, k, things)));
                });
                const handovers = moved.flatMap((piece) => {
                    const to = lightestHanded(trip, piece, members, day);
                    const from = carrierOf(trip, piece.id, day);
                    return to === undefined
                        ? []
                        : [{ piece, from: from === undefined ? undefined : memberOf.get(from), to }];
                });
                return robs || handovers.length < moved.length ? [] : [handovers];
            });
            const kg = (set) => set.reduce((sum, h) => sum + h.piece.massKg, 0);
            const cure = cures.sort((a, b) => kg(a) - kg(b))[0] ?? [];
            return [{ need, have: count(trip, need, hands[i]), want, cure }];
        }),
    }));
}
//# sourceMappingURL=partySplit.js.map