import { allThings, isPersonal, memberById, ownThings } from '../trip/queries.js';
import { addDays } from '../units/isoDate.js';
export const CHORE_KINDS = ['return', 'dry', 'clean', 'mend', 'replace', 'expiry'];
/** Things this near their date are for the list, days after the trip's end (Graft's own). */
const EXPIRY_DAYS = 180;
const CLEANED = ['pot', 'stove', 'waterContainer', 'filter'];
const DRIED = [
    'tentBody',
    'tentFly',
    'footprint',
    'tarp',
    'sleepingBag',
    'rainwear',
];
/** Every chore of the trip, returns first. What is dried or cleaned is one chore a kit, or a person. */
export function chores(trip) {
    const done = new Map(trip.chores.map((c) => [c.id, c.doneOn]));
    const left = new Set(trip.events.filter((e) => e.kind === 'left').map((e) => e.thingId));
    const fates = new Map(trip.uses.map((u) => [u.thingId, u]));
    const isLost = (thing) => fates.get(thing.id)?.fate === 'lost' || left.has(thing.id);
    return [
        ...allThings(trip).flatMap((thing) => thingChores(trip, thing, isLost(thing), fates.get(thing.id))),
        ...washDay(trip, isLost, fates),
    ]
        .map((chore) => {
        const doneOn = done.get(chore.id);
        return { ...chore, ...(doneOn === undefined ? {} : { doneOn }) };
    })
        .sort((a, b) => CHORE_KINDS.indexOf(a.kind) - CHORE_KINDS.indexOf(b.kind));
}
/** To give back, to replace or mend, to use in time. */
function thingChores(trip, thing, isLost, use) {
    const carrier = isPersonal(thing) ? memberById(trip, thing.memberId).name : undefined;
    const owner = thing.owner ?? carrier ?? PARTY;
    const one = (kind, who, why, byDate) => ({
        id: `${kind}/${thing.id}`,
        kind,
        things: [thing],
        what: thing.name,
        who,
        why,
        ...(byDate === undefined ? {} : { byDate }),
    });
    if (isLost)
        return thing.madeBy !== undefined ? [] : [one('replace', owner, noted('lost on the way', use?.note))];
    const list = [];
    const loan = trip.arrangements.find((a) => a.kind === 'loan' && a.thingId === thing.id);
    if (loan !== undefined)
        list.push(one('return', loan.who, `lent: ${loan.text}`, loan.byDate));
    else if (thing.owner !== undefined && thing.owner !== carrier)
        list.push(one('return', thing.owner, `${thing.owner}’s own`));
    if (thing.madeBy !== undefined)
        return list;
    const broke = trip.events.some((e) => e.kind === 'broken' && e.thingId === thing.id);
    if (use?.fate === 'broke' || broke || thing.wear === 'needsRepair')
        list.push(one('mend', owner, noted('broke, or was to be mended', use?.note)));
    const end = addDays(trip.startDate, trip.legs.length - 1);
    if (thing.expiresOn !== undefined && thing.expiresOn <= addDays(end, EXPIRY_DAYS))
        list.push(one('expiry', owner, `best before ${thing.expiresOn}`, thing.expiresOn));
    return list;
}
/** What is dried and cleaned, list by list. */
function washDay(trip, isLost, fates) {
    const wasWet = trip.legs.some((leg) => leg.afterRain) || trip.events.some((e) => e.kind === 'wetFly');
    const lists = [
        ...trip.kits.map((kit) => ({ id: kit.id, name: kit.name, who: PARTY, things: kit.pieces })),
        ...trip.members.map((m) => ({ id: m.id, name: m.name, who: m.name, things: ownThings(trip, m.id) })),
    ];
    const wants = [
        ['dry', (t) => wasWet && DRIED.includes(t.purpose), 'packed wet; damp cloth rots'],
        [
            'clean',
            (t) => CLEANED.includes(t.purpose) && fates.get(t.id)?.fate !== 'unused',
            'held food, fuel or water',
        ],
    ];
    return wants.flatMap(([kind, wanted, why]) => lists.flatMap(({ id, name, who, things }) => {
        const own = things.filter((t) => t.madeBy === undefined && !isLost(t) && wanted(t));
        if (own.length === 0)
            return [];
        const what = `${name}: ${own.map((t) => t.name.replace(`${name}: `, '')).join(', ')}`;
        return [{ id: `${kind}/${id}`, kind, things: own, what, who, why }];
    }));
}
const PARTY = 'the party';
function noted(why, note) {
    return note === undefined ? why : `${why}: ${note}`;
}
/** Say that a chore is done, or that it is not after all. */
export function setChoreDone(trip, id, doneOn) {
    const others = trip.chores.filter((c) => c.id !== id);
    return { ...trip, chores: doneOn === undefined ? others : [...others, { id, doneOn }] };
}
//# sourceMappingURL=chores.js.map