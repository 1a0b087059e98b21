import { allThings, ownThings } from '../trip/queries.js';
import { addFor, addToGroup, entryById, names } from './cures.js';
import { findingId } from './finding.js';
import { tripFacts } from './tripFacts.js';
const like = (pattern, ...purposes) => (t) => pattern.test(t.name) || purposes.includes(t.purpose);
const overnight = (f) => f.nights > 0;
const OFTEN = [
    {
        id: 'spoon',
        name: 'a spoon',
        is: like(/spoon|cutlery|fork/i),
        each: true,
        starterId: 'own-spoon',
        when: (f) => f.cooks,
    },
    {
        id: 'cup',
        name: 'a cup',
        is: like(/\bcup\b|mug/i),
        each: true,
        starterId: 'own-folding-cup',
        when: (f) => f.cooks,
    },
    {
        id: 'cells',
        name: 'spare cells or a power bank',
        is: like(/cells|power ?bank/i, 'power'),
        each: false,
        starterId: 'group-spare-cells',
    },
    {
        id: 'cable',
        name: 'a charging cable',
        is: like(/cable|charger/i),
        each: false,
        starterId: 'own-charging-cable',
        when: (f) => f.nights > 1,
    },
    {
        id: 'paper',
        name: 'toilet paper',
        is: like(/toilet|\bpaper\b/i),
        each: false,
        starterId: 'own-toilet-paper-in-a-bag',
    },
    {
        id: 'trowel',
        name: 'a trowel',
        is: like(/trowel|toilet kit/i),
        each: false,
        starterId: 'group-toilet-trowel',
        when: (f) => f.tents,
    },
    {
        id: 'wash-up',
        name: 'something to wash up with',
        is: like(/wash/i),
        each: false,
        starterId: 'group-washing-up-kit',
        when: (f) => f.cooks,
    },
    {
        id: 'rubbish',
        name: 'a bag for rubbish',
        is: like(/rubbish|dry bag|liner|bags?\b/i),
        each: false,
        starterId: 'own-pack-liner',
    },
    {
        id: 'socks',
        name: 'dry socks for the night',
        is: like(/socks|spare and night|night clothes/i),
        each: true,
        starterId: 'own-spare-socks-pair',
        when: overnight,
    },
    {
        id: 'cord',
        name: 'cord',
        is: like(/\bcord\b|rope|hang kit/i),
        each: false,
        starterId: 'group-cord-20-m',
        when: overnight,
    },
    {
        id: 'dry',
        name: 'something that keeps the sleeping bag dry',
        is: like(/liner|dry bag|pack cover/i),
        each: false,
        starterId: 'own-pack-liner',
        when: overnight,
    },
];
/**
 * What nobody has, or some members have not, of the things that are often forgotten.
 *
 * @param listed members whose own things are on a list
 */
export function forgottenFindings(trip, library, listed = trip.members) {
    if (listed.length === 0)
        return [];
    const areAllListed = listed.length === trip.members.length;
    const facts = tripFacts(trip);
    return OFTEN.filter((o) => o.when?.(facts) ?? true).flatMap((o) => {
        const without = o.each
            ? listed.filter((m) => !ownThings(trip, m.id).some((t) => o.is(t)))
            : allThings(trip).some(o.is)
                ? []
                : trip.members.slice(0, 1);
        const entry = entryById(library, o.starterId);
        if (without.length === 0 || (!o.each && !areAllListed && entry.use === 'each'))
            return [];
        return [
            {
                id: findingId('forgotten', o.id),
                kind: 'forgotten',
                weight: 'could',
                what: o.each ? `${names(without)} without ${o.name}` : `Nobody has ${o.name}`,
                why: 'often forgotten',
                memberIds: o.each ? without.map((m) => m.id) : [],
                thingIds: [],
                cures: [
                    entry.use === 'group'
                        ? addToGroup(entry)
                        : addFor(entry, without.map((m) => m.id), names(without)),
                ],
            },
        ];
    });
}
//# sourceMappingURL=forgotten.js.map