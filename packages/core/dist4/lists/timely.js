import { freshId } from '../trip/changes.js';
import { allThings, isPersonal } from '../trip/queries.js';
import { leaveAtHome } from './cures.js';
import { findingId } from './finding.js';
import { daysBetween, lastDate } from './tripFacts.js';
import { inSentence } from '../units/format.js';
const ownerOf = (trip, thing) => isPersonal(thing) ? trip.members.find((m) => m.id === thing.memberId) : undefined;
const whoAnswers = (trip, thing) => thing.owner ?? ownerOf(trip, thing)?.name ?? 'the leader';
/** Add a loan, a thing to buy or a question. */
export function arrange(trip, arrangement) {
    const id = freshId(`${arrangement.kind}-${arrangement.text.slice(0, 30)}`, trip.arrangements.map((a) => a.id));
    return { ...trip, arrangements: [...trip.arrangements, { ...arrangement, id }] };
}
function noteToBuy(trip, thing, text) {
    return {
        label: 'Note it as a thing to buy',
        changeKg: 0,
        apply: (t) => arrange(t, {
            kind: 'buy',
            thingId: thing.id,
            text,
            who: whoAnswers(trip, thing),
            byDate: trip.startDate,
            done: false,
        }),
    };
}
/** What must work when it is wanted: out of date it is as good as missing. */
const VITAL = [
    'firstAid',
    'animalSpray',
    'beacon',
    'filter',
    'emergencyShelter',
];
/** Things past their date on the trip's last day, unless their replacement is arranged. */
export function expiryFindings(trip) {
    const end = lastDate(trip);
    const arranged = new Set(trip.arrangements.filter((a) => a.kind === 'buy').map((a) => a.thingId));
    return allThings(trip).flatMap((thing) => {
        const { expiresOn } = thing;
        if (expiresOn === undefined || expiresOn >= end || arranged.has(thing.id))
            return [];
        const before = daysBetween(expiresOn, trip.startDate);
        const when = before > 0 ? `${before} days before the start` : 'during the trip';
        return [
            {
                id: findingId('expired', thing.id),
                kind: 'expired',
                weight: VITAL.includes(thing.purpose) ? 'must' : 'should',
                what: `${thing.name} is out of date on ${expiresOn}`,
                why: `${when}: replace it; the date on the pack counts, not how it looks`,
                memberIds: isPersonal(thing) ? [thing.memberId] : [],
                thingIds: [thing.id],
                cures: [
                    noteToBuy(trip, thing, `Replace ${inSentence(thing.name)}, out of date on ${expiresOn}`),
                    leaveAtHome('Leave it at home', [thing]),
                ],
            },
        ];
    });
}
/** Things that need repair and for which nothing is arranged. */
export function repairFindings(trip) {
    const arranged = new Set(trip.arrangements.map((a) => a.thingId));
    return allThings(trip).flatMap((thing) => thing.wear !== 'needsRepair' || arranged.has(thing.id)
        ? []
        : [
            {
                id: findingId('repair', thing.id),
                kind: 'repair',
                weight: 'should',
                what: `${thing.name} needs repair`,
                why: 'before it leaves, not on the way',
                memberIds: isPersonal(thing) ? [thing.memberId] : [],
                thingIds: [thing.id],
                cures: [
                    {
                        label: 'Note the repair',
                        changeKg: 0,
                        apply: (t) => arrange(t, {
                            kind: 'question',
                            thingId: thing.id,
                            text: `Repair ${inSentence(thing.name)}: who, by when?`,
                            who: whoAnswers(trip, thing),
                            byDate: trip.startDate,
                            done: false,
                        }),
                    },
                    leaveAtHome('Leave it at home', [thing]),
                ],
            },
        ]);
}
/** What airlines commonly say (common practice, from memory; the carrier's own rules decide). */
const AIR_RULES = [
    {
        id: 'gas',
        is: (t) => t.flags.includes('gasFuel'),
        how: 'never',
        why: 'gas canisters fly neither in the cabin nor in the hold, empty ones neither',
    },
    {
        id: 'liquid',
        is: (t) => t.flags.includes('liquidFuel'),
        how: 'never',
        why: 'liquid fuel does not fly, and its bottle only when it has never been used',
    },
    { id: 'spray', is: (t) => t.purpose === 'animalSpray', how: 'never', why: 'animal spray does not fly' },
    {
        id: 'matches',
        is: (t) => t.purpose === 'fire' && /match|tinder|fire/i.test(t.name),
        how: 'never',
        why: 'matches and tinder do not fly',
    },
    {
        id: 'lighter',
        is: (t) => t.purpose === 'fire' && /lighter/i.test(t.name),
        how: 'cabin',
        why: 'one lighter a person, on the body, is mostly allowed',
    },
    {
        id: 'battery',
        is: (t) => t.purpose === 'power' && t.flags.includes('battery'),
        how: 'cabin',
        why: 'power banks and loose cells go into the cabin, poles taped',
    },
    {
        id: 'sharp',
        is: (t) => t.flags.includes('sharp') || t.purpose === 'knife',
        how: 'hold',
        why: 'blades and points go into the hold',
    },
    {
        id: 'poles',
        is: (t) => t.purpose === 'walkingPoles' || t.purpose === 'tentPoles',
        how: 'hold',
        why: 'poles go into the hold',
    },
    {
        id: 'stove',
        is: (t) => t.purpose === 'stove' && t.shape.kind !== 'flat',
        how: 'hold',
        why: 'stoves fly only clean and without a smell of fuel',
    },
];
/** For a party that flies to the start: what does not fly, and what goes where. */
export function airFindings(trip) {
    if (trip.byAir !== true)
        return [];
    const all = allThings(trip);
    const arranged = new Set(trip.arrangements.map((a) => a.thingId));
    return AIR_RULES.flatMap((rule) => {
        const things = all.filter((t) => rule.is(t) && !(rule.how === 'never' && arranged.has(t.id)));
        if (things.length === 0)
            return [];
        const names = [...new Set(things.map((t) => inSentence(t.name)))];
        const list = names.length <= 2 ? names.join(' and ') : `${names[0]} and ${names.length - 1} more kinds`;
        const where = { never: 'does not fly', cabin: 'into the cabin', hold: 'into the hold' }[rule.how];
        const buy = {
            label: things.length === 1 ? 'Buy it there' : `Buy the ${things.length} there`,
            changeKg: 0,
            apply: (t) => things.reduce((next, thing) => arrange(next, {
                kind: 'buy',
                thingId: thing.id,
                text: `Buy ${inSentence(thing.name)} after the flight`,
                who: whoAnswers(trip, thing),
                byDate: trip.startDate,
                done: false,
            }), t),
        };
        return [
            {
                id: findingId('air', rule.id),
                kind: 'air',
                weight: rule.how === 'never' ? 'must' : 'should',
                what: `${list}: ${where}`,
                why: `${rule.why}; the airline’s own rules decide`,
                memberIds: [...new Set(things.flatMap((t) => (isPersonal(t) ? [t.memberId] : [])))],
                thingIds: things.map((t) => t.id),
                cures: rule.how === 'never' ? [buy] : [],
            },
        ];
    });
}
//# sourceMappingURL=timely.js.map