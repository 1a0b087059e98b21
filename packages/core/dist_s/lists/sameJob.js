import { allPieces, houseRulesOf, ownThings } from '../trip/queries.js';
import { leaveAtHome } from './cures.js';
import { findingId } from './finding.js';
import { tripFacts } from './tripFacts.js';
import { inSentence } from '../units/format.js';
const like = (pattern) => (t) => pattern.test(t.name);
const PAIRS = [
    {
        id: 'pillow',
        does: (t) => t.purpose === 'warmLayer',
        spare: like(/\bpillow\b/i),
        why: 'a jacket in a bag is a pillow',
    },
    {
        id: 'camera',
        does: like(/\bphone\b/i),
        spare: like(/\bcamera\b(?!.*tripod)/i),
        why: 'the phone takes pictures too',
    },
    {
        id: 'book',
        does: like(/\bphone\b/i),
        spare: (t) => /\bbook\b/i.test(t.name) && t.purpose === 'other',
        why: 'the phone holds books too',
    },
    {
        id: 'poncho',
        does: like(/rain jacket/i),
        spare: like(/\bponcho\b|\bumbrella\b/i),
        why: 'the rain jacket does it, in wind too',
    },
    {
        id: 'wind',
        does: like(/rain jacket/i),
        spare: like(/wind jacket/i),
        why: 'the rain jacket keeps wind off',
    },
    {
        id: 'knife',
        does: like(/multi-?tool/i),
        spare: (t) => t.purpose === 'knife' && !/multi-?tool/i.test(t.name),
        why: 'the multi-tool has a blade',
    },
    { id: 'towel', does: like(/neck tube/i), spare: like(/\btowel\b/i), why: 'a neck tube dries too' },
    { id: 'sit-pad', does: like(/foam mat/i), spare: like(/sit pad/i), why: 'the foam mat is a seat' },
    {
        id: 'seat',
        does: (t) => t.purpose === 'mat',
        spare: like(/folding seat|\bchair\b/i),
        why: 'the mat is a seat',
    },
    {
        id: 'bowl',
        does: like(/cup, bowl|bowl and spoon/i),
        spare: like(/^bowl$|folding cup/i),
        why: 'the set has cup and bowl',
    },
    { id: 'spoon', does: like(/cup, bowl and spoon/i), spare: like(/^spoon$/i), why: 'the set has a spoon' },
    {
        id: 'fleece',
        does: like(/down jacket|synthetic jacket|warm jacket/i),
        spare: like(/thick fleece|down waistcoat/i),
        why: 'one warm layer is enough for nights above 5 °C',
        when: (f) => !f.coldByNature && f.plannedNightC >= 5,
    },
    {
        id: 'camp-shoes',
        does: like(/trail shoes/i),
        spare: like(/camp shoes/i),
        why: 'trail shoes dry overnight',
    },
    { id: 'compass', does: like(/map and compass/i), spare: like(/^compass$/i), why: 'the set has a compass' },
];
/** Kinds of thing that a house rule leaves without a job. */
function idleByHouseRule(trip, member, own) {
    const rules = houseRulesOf(trip, member);
    const idle = (id, spare, why) => spare.length === 0 ? [] : [leave('houseRule', id, member, spare, [], why)];
    const soft = (t) => t.shape.kind === 'pouch' || t.shape.kind === 'stuff';
    const isReservoir = (t) => t.purpose === 'waterContainer' && soft(t) && /reservoir/i.test(t.name);
    return [
        ...idle('cover', rules.rainProtection === 'cover' ? own.filter(like(/pack liner/i)) : own.filter(like(/pack cover/i)), rules.rainProtection === 'cover'
            ? 'house rule: a cover keeps the rain off, the liner has nothing to do'
            : rules.rainProtection === 'liner'
                ? 'house rule: a liner keeps the load dry, the cover has nothing to do'
                : 'house rule: what must stay dry is bagged, the cover has nothing to do'),
        ...idle('dry-bags', rules.bags === 'looseInLiner' ? own.filter(like(/dry bag/i)) : [], 'house rule: loose in one liner, hard little parcels waste space'),
        ...idle('reservoir', rules.reservoir === 'bottlesOnly' ? own.filter(isReservoir) : [], 'house rule: bottles only, their level is seen and they do not burst'),
    ];
}
function leave(kind, id, member, spare, beside, why) {
    const words = spare.map((t) => inSentence(t.name)).join(', ');
    const instead = beside[0] === undefined ? '' : ` beside ${inSentence(beside[0].name)}`;
    return {
        id: findingId(kind, id, member.id),
        kind,
        weight: 'could',
        what: `${member.name}: ${words}${instead}`,
        why,
        memberIds: [member.id],
        thingIds: [...spare, ...beside].map((t) => t.id),
        cures: [leaveAtHome(`Leave ${words} at home`, spare)],
    };
}
/** What each member carries twice under two names, or that a house rule makes idle. */
export function sameJobFindings(trip) {
    const facts = tripFacts(trip);
    const pieces = allPieces(trip);
    // What the group has can do a member's job too, such as a multi-tool.
    const pairs = PAIRS.filter((p) => p.when?.(facts) ?? true).map((pair) => ({
        ...pair,
        groups: pieces.filter(pair.does),
    }));
    return trip.members.flatMap((member) => {
        const own = ownThings(trip, member.id);
        const doubled = pairs.flatMap((pair) => {
            const spare = own.filter((t) => pair.spare(t) && t.want !== 'required');
            if (spare.length === 0)
                return [];
            const does = [...own.filter((t) => pair.does(t) && !spare.includes(t)), ...pair.groups];
            return does.length === 0 ? [] : [leave('sameJob', pair.id, member, spare, does, pair.why)];
        });
        return [...doubled, ...idleByHouseRule(trip, member, own)];
    });
}
//# sourceMappingURL=sameJob.js.map