import { allPieces, groupMembers } from '../trip/queries.js';
/** Litres of pot a person needs: a 3 L pot feeds about four. */
export const POT_L_PER_PERSON = 0.75;
const s = (count, word) => `${count} ${word}${count === 1 ? '' : 's'}`;
/** What a group must have among the pieces that are only for it; a piece open to all serves everybody. */
const NEEDED_PIECES = {
    tent: [
        ['tentBody', 'a tent body'],
        ['tentPoles', 'tent poles'],
        ['tentPegs', 'pegs'],
    ],
    cook: [
        ['stove', 'a stove'],
        ['pot', 'a pot'],
        ['fuel', 'fuel'],
    ],
};
function missingPieces(trip, group, pieces) {
    const own = pieces.filter((p) => p.onlyGroupId === group.id || p.onlyGroupId === undefined);
    // Before any kit is entered there is nothing to miss; a hut has its own kitchen.
    if (pieces.length === 0 || trip.style === 'hut')
        return [];
    return NEEDED_PIECES[group.kind]
        .filter(([purpose]) => !own.some((p) => p.purpose === purpose))
        .map(([, words]) => `no piece of the kit is ${words} for it`);
}
function groupNeed(trip, group, pieces) {
    const members = groupMembers(trip, group);
    const missing = members.length === 0 ? [] : missingPieces(trip, group, pieces);
    if (members.length === 0)
        return { group, members, state: 'surplus', findings: ['nobody is in it'] };
    if (group.kind === 'tent') {
        if (group.sleeps === undefined)
            return { group, members, state: 'unknown', findings: ['how many it sleeps is not said', ...missing] };
        const spare = trip.houseRules.tentSpace === 'oneSpare' ? 1 : 0;
        const free = group.sleeps - members.length - spare;
        const words = `${members.length} in a tent for ${group.sleeps}${spare === 1 ? ', one place to stay spare' : ''}`;
        const finding = free < 0
            ? `${words}: ${s(-free, 'place')} missing`
            : free > 0
                ? `${words}: ${s(free, 'place')} over`
                : `${words}: just right`;
        const state = free < 0 || missing.length > 0 ? 'missing' : free > 0 ? 'surplus' : 'right';
        return { group, members, state, findings: [finding, ...missing] };
    }
    if (group.potL === undefined)
        return { group, members, state: 'unknown', findings: ['what its pots hold is not said', ...missing] };
    const needL = members.length * POT_L_PER_PERSON;
    const overL = group.potL - needL;
    const words = `${s(members.length, 'person').replace('persons', 'people')} on ${group.potL} L of pot, ${needL.toFixed(1)} L is common`;
    // Half as much again is one pot too many for the group.
    const surplus = overL > Math.max(1, needL * 0.5);
    const finding = overL < -0.05
        ? `${words}: ${(-overL).toFixed(1)} L missing, or cook in ${Math.ceil(needL / group.potL)} turns`
        : surplus
            ? `${words}: ${overL.toFixed(1)} L over`
            : `${words}: enough`;
    const state = overL < -0.05 || missing.length > 0 ? 'missing' : surplus ? 'surplus' : 'right';
    return { group, members, state, findings: [finding, ...missing] };
}
/** How tents and cook groups stand. */
export function partyNeeds(trip) {
    const pieces = allPieces(trip);
    const groups = trip.groups.map((group) => groupNeed(trip, group, pieces));
    const of = (kind) => groups.filter((g) => g.group.kind === kind);
    const without = (kind) => of(kind).length === 0
        ? []
        : trip.members.filter((m) => (kind === 'tent' ? m.tentGroupId : m.cookGroupId) === undefined);
    const places = of('tent').reduce((sum, g) => sum + (g.group.sleeps ?? 0), 0);
    const potL = of('cook').reduce((sum, g) => sum + (g.group.potL ?? 0), 0);
    const people = trip.members.length;
    return {
        groups,
        without: { tent: without('tent'), cook: without('cook') },
        sum: {
            tent: of('tent').length === 0
                ? 'No tents yet.'
                : `${s(places, 'place')} in ${s(of('tent').length, 'tent')} for ${s(people, 'member')}.`,
            cook: of('cook').length === 0
                ? 'No cook groups yet.'
                : `${potL.toFixed(1)} L of pot in ${s(of('cook').length, 'group')} for ${s(people, 'member')}; ${(people * POT_L_PER_PERSON).toFixed(1)} L is common.`,
        },
    };
}
//# sourceMappingURL=groupNeeds.js.map