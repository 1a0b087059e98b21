/** What rides with one carrier, and what must not: the leader's rules, house rules on tents and cook sets, a kit's own splitting. */
import { fillingOf } from '../load/filling.js';
import { kitParts } from '../trip/kitParts.js';
import { isPersonal, isTentPart, sharedThings } from '../trip/queries.js';
/** Merge pieces that rules keep with one carrier; a whole tent by house rule, and a kit's own splitting, among them. */
export function bundlePieces(trip) {
    const pieces = sharedThings(trip);
    const root = new Map(pieces.map((p) => [p.id, p.id]));
    const find = (id) => {
        const parent = root.get(id);
        return parent === id ? id : find(parent);
    };
    const join = ([first, ...rest]) => {
        for (const id of rest)
            root.set(find(id), find(first));
    };
    for (const rule of trip.carrierRules)
        if (rule.kind === 'same')
            join(rule.pieceIds);
    if (trip.houseRules.tentSplit === 'whole') {
        for (const kit of trip.kits)
            join(kit.pieces.filter((p) => isTentPart(p)).map((p) => p.id));
    }
    for (const set of cookSets(trip))
        join(set.map((p) => p.id));
    for (const kit of trip.kits)
        for (const part of kitParts(kit))
            join(part.map((p) => p.id));
    for (const pair of ridingTogether(trip, pieces))
        join(pair);
    const groups = new Map();
    for (const piece of pieces) {
        const key = find(piece.id);
        const group = groups.get(key);
        if (group === undefined)
            groups.set(key, [piece]);
        else
            group.push(piece);
    }
    return [...groups.values()];
}
/**
 * What rides in what stays together: what the leader put into a holder, and what somebody's own bag takes of their own
 * things, whoever carries both.
 */
function ridingTogether(trip, pieces) {
    const shared = new Set(pieces.map((p) => p.id));
    const byWord = pieces.flatMap((p) => p.nestsIn === undefined || p.ridesLoose === true ? [] : [[p.id, p.nestsIn]]);
    const byOwner = trip.members.flatMap((m) => [
        ...fillingOf(pieces.filter((p) => isPersonal(p) && p.memberId === m.id && p.purpose !== 'food'), 1).inside,
    ]);
    return [...byWord, ...byOwner].filter(([, holderId]) => shared.has(holderId));
}
const COOK_SET = ['stove', 'pot', 'fire'];
/** The cook sets that ride with one carrier each, by house rule; a kit that says how it is split is split like that. */
function cookSets(trip) {
    const { cookSet } = trip.houseRules;
    if (cookSet === 'free')
        return [];
    const fuel = cookSet === 'withFuel' ? trip.kits.flatMap((kit) => kit.pieces.filter(isFuel)) : [];
    return trip.kits.flatMap((kit) => {
        const set = cookSetOf(kit);
        return set.length === 0
            ? []
            : [[...set, ...fuel.filter((p) => kit.pieces.includes(p) || isOfGroup(p, set))]];
    });
}
/** Burner, windshield, pot and lighter of a kit that has a burner; of a kit with several groups' sets nothing is one. */
export function cookSetOf(kit) {
    if (kit.splitWays !== undefined || !kit.pieces.some((p) => p.purpose === 'stove'))
        return [];
    const set = kit.pieces.filter((p) => COOK_SET.includes(p.purpose));
    return new Set(set.map((p) => p.onlyGroupId)).size === 1 ? set : [];
}
function isFuel({ flags }) {
    return flags.includes('gasFuel') || flags.includes('liquidFuel');
}
function isOfGroup(piece, set) {
    return piece.onlyGroupId !== undefined && piece.onlyGroupId === set[0].onlyGroupId;
}
export function keptApart(trip) {
    const byRule = trip.carrierRules.filter((rule) => rule.kind === 'different');
    if (trip.houseRules.cookSet !== 'stoveApart')
        return byRule;
    const food = trip.kits.flatMap((kit) => kit.pieces.filter((p) => p.purpose === 'food'));
    return [
        ...byRule,
        ...trip.kits.flatMap((kit) => {
            const set = cookSetOf(kit);
            const stove = set.find((p) => p.purpose === 'stove');
            if (stove === undefined)
                return [];
            return food
                .filter((p) => isOfGroup(p, set))
                .map((p) => ({
                pieceIds: [stove.id, p.id],
                reason: `${kit.name}: house rule, the set with one and the food with others`,
            }));
        }),
    ];
}
//# sourceMappingURL=bundlePieces.js.map