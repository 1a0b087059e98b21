/** A member's answers as proposals: each says what it would change of the trip; what is there already is none. */
import { STARTER_LIBRARY } from '../library/starterLibrary.js';
import { guessFacts } from '../lists/guessFacts.js';
import { giveWholeKit, looseKit, thingIds } from '../lists/takeFromLibrary.js';
import { freshId, putKit, putMember, putPersonalThing } from '../trip/changes.js';
import { isSameName } from '../trip/names.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { putPack } from '../trip/partyChanges.js';
import { allPieces, memberById, ownThings, packOf } from '../trip/queries.js';
import { formatMass } from '../units/format.js';
import { bandMiddleKg } from './answers.js';
/** @returns what of the answers the trip does not have yet, in the order in which it is asked */
export function answerProposals(trip, memberId, answers, unit = 'kg') {
    const member = memberById(trip, memberId);
    return [
        ...bodyProposals(member, answers, unit),
        ...packProposals(trip, member, answers),
        ...carryProposals(member, answers, unit),
        ...noteProposals(member, answers),
        ...tentProposals(trip, member, answers),
        ...[...answers.own].flatMap(([id, own]) => ownProposal(trip, member, id, own, unit)),
        ...[...answers.offers].flatMap(([id, offer]) => offerProposal(trip, member, id, offer, unit)),
    ];
}
/** All proposals into the trip, one after another. */
export function takeAnswers(trip, memberId, answers) {
    return answerProposals(trip, memberId, answers).reduce((t, p) => p.apply(t), trip);
}
const change = (memberId, make) => (trip) => putMember(trip, make(memberById(trip, memberId)));
function bodyProposals(member, { said }, unit) {
    const { body, band, stature } = said;
    const list = [];
    const was = `${member.bodyEstimated === true ? '≈ ' : ''}${formatMass(member.bodyMassKg, unit)}`;
    if (typeof body === 'number' && (body !== member.bodyMassKg || member.bodyEstimated === true))
        list.push({
            id: 'body',
            label: `Body weight ${formatMass(body, unit)}, was ${was}`,
            isPrivate: true,
            apply: change(member.id, ({ bodyEstimated: _guess, ...m }) => ({ ...m, bodyMassKg: body })),
        });
    const middle = typeof band === 'string' ? bandMiddleKg(band) : undefined;
    if (middle !== undefined &&
        body === undefined &&
        member.bodyEstimated === true &&
        member.bodyMassKg !== middle)
        list.push({
            id: 'band',
            label: `Body weight ${String(band)} kg, was ${was}`,
            isPrivate: true,
            apply: change(member.id, (m) => ({ ...m, bodyMassKg: middle, bodyEstimated: true })),
        });
    if (typeof stature === 'number' && stature !== member.statureCm)
        list.push({
            id: 'stature',
            label: `Stature ${stature} cm, was ${member.statureCm} cm`,
            isPrivate: false,
            apply: change(member.id, (m) => ({ ...m, statureCm: stature })),
        });
    return list;
}
function packProposals(trip, member, { said }) {
    const size = PACK_SIZES.find((s) => s.nominalL === said.pack);
    const { name } = packOf(trip, member);
    if (size === undefined || name === cataloguePack('', size).name)
        return [];
    return [
        {
            id: 'pack',
            label: `A pack of ${size.nominalL} L, was ${name}`,
            isPrivate: false,
            apply: (t) => putPack(t, cataloguePack(memberById(t, member.id).packId, size)),
        },
    ];
}
function carryProposals(member, { said }, unit) {
    const { ownKg, cap } = said;
    const list = [];
    if (typeof ownKg === 'number' && (ownKg !== member.ownThingsKg || member.ownThingsEstimated === true))
        list.push({
            id: 'ownKg',
            label: `Own things ${formatMass(ownKg, unit)} together`,
            isPrivate: false,
            apply: change(member.id, ({ ownThingsEstimated: _guess, ...m }) => ({ ...m, ownThingsKg: ownKg })),
        });
    if (typeof cap === 'number' && cap !== member.ownCapKg)
        list.push({
            id: 'cap',
            label: `Can carry ${formatMass(cap, unit)} at most`,
            isPrivate: false,
            apply: change(member.id, (m) => ({ ...m, ownCapKg: cap })),
        });
    return list;
}
const NOTES = [
    ['capWhy', 'Carrying'],
    ['eats', 'Cannot eat'],
    ['medicines', 'Medicines'],
    ['guardian', 'Answered by their guardian'],
];
const LONGEST_NOTES = 2000;
/** What is private goes to the health notes, a line each. */
function noteProposals(member, { said }) {
    return NOTES.flatMap(([field, word]) => {
        const text = said[field];
        if (typeof text !== 'string')
            return [];
        const line = `${word}: ${text.trim()}`;
        if ((member.healthNotes ?? '').includes(line))
            return [];
        return [
            {
                id: field,
                label: `${line} (into the private notes)`,
                isPrivate: true,
                apply: change(member.id, (m) => ({
                    ...m,
                    // A line of the same kind is told anew.
                    healthNotes: [
                        ...(m.healthNotes ?? '').split('\n').filter((l) => l !== '' && !l.startsWith(`${word}: `)),
                        line,
                    ]
                        .join('\n')
                        .slice(0, LONGEST_NOTES),
                })),
            },
        ];
    });
}
function tentProposals(trip, member, { said }) {
    const other = trip.members.find((m) => m.id === said.tentWith);
    if (other === undefined || other.id === member.id)
        return [];
    if (member.tentGroupId !== undefined && member.tentGroupId === other.tentGroupId)
        return [];
    return [
        {
            id: 'tentWith',
            label: `Shares a tent with ${other.name}`,
            isPrivate: false,
            apply: (t) => {
                const groupId = memberById(t, other.id).tentGroupId;
                if (groupId !== undefined)
                    return change(member.id, (m) => ({ ...m, tentGroupId: groupId }))(t);
                const name = `Tent of ${other.name} and ${member.name}`.slice(0, 120);
                const id = freshId(`tent-${name}`, t.groups.map((g) => g.id));
                const grouped = { ...t, groups: [...t.groups, { id, name, kind: 'tent', sleeps: 2 }] };
                return [member.id, other.id].reduce((next, who) => change(who, (m) => ({ ...m, tentGroupId: id }))(next), grouped);
            },
        },
    ];
}
const massWords = (kg, unit) => kg === undefined ? '' : `, ${formatMass(kg, unit)}`;
function ownProposal(trip, member, id, { name, kg }, unit) {
    const there = ownThings(trip, member.id).find((t) => isSameName(t.name, name));
    if (there !== undefined && (kg === undefined || (there.massKg === kg && !there.massEstimated)))
        return [];
    return [
        {
            id: `own ${id}`,
            label: there === undefined ? `Brings ${name}${massWords(kg, unit)}` : `${name}: ${formatMass(kg, unit)}`,
            isPrivate: false,
            apply: (t) => {
                const now = ownThings(t, member.id).find((o) => isSameName(o.name, name));
                if (now !== undefined)
                    return kg === undefined ? t : putPersonalThing(t, { ...now, massKg: kg, massEstimated: false });
                const { facts } = guessFacts(name, STARTER_LIBRARY, kg);
                return putPersonalThing(t, {
                    ...facts,
                    massEstimated: kg === undefined,
                    id: freshId(`${member.id.slice(0, 30)}-${name}`, thingIds(t)),
                    name,
                    memberId: member.id,
                    worn: false,
                });
            },
        },
    ];
}
/** What is offered is the party's to carry, and stays its owner's. */
function offerProposal(trip, member, id, offer, unit) {
    const { name, kg, what, sleeps } = offer;
    const title = `${member.name}’s ${name}`.slice(0, 120);
    const isThere = trip.kits.some((k) => k.name === title) || allPieces(trip).some((p) => p.name === title);
    if (isThere)
        return [];
    return [
        {
            id: `offer ${id}`,
            label: `Offers ${name}${sleeps === undefined ? '' : `, sleeps ${sleeps}`}${massWords(kg, unit)}`,
            isPrivate: false,
            apply: (t) => {
                const owned = (next) => ({
                    ...next,
                    kits: next.kits.map((k) => k.name === title ? { ...k, pieces: k.pieces.map((p) => ({ ...p, owner: member.name })) } : k),
                });
                const tent = what === 'tent' ? tentFor(sleeps ?? 2) : undefined;
                if (tent !== undefined)
                    return owned(giveWholeKit(t, tent.id, { name: title, massKg: kg ?? tent.massKg }));
                const { facts } = guessFacts(name, STARTER_LIBRARY, kg);
                const kit = looseKit(t);
                const piece = {
                    ...facts,
                    massEstimated: kg === undefined,
                    id: freshId(title, thingIds(t)),
                    name: title,
                    owner: member.name,
                };
                return putKit(t, { ...kit, pieces: [...kit.pieces, piece] });
            },
        },
    ];
}
/** The starter library's tent of a size, or the largest there is. */
function tentFor(sleeps) {
    const tents = STARTER_LIBRARY.filter((e) => e.kind === 'kit' && e.groupKind === 'tent' && e.sleeps !== undefined).sort((a, b) => a.sleeps - b.sleeps);
    const tent = tents.find((k) => k.sleeps >= sleeps) ?? tents[tents.length - 1];
    return tent && { id: tent.id, massKg: tent.pieces.reduce((sum, p) => sum + p.thing.massKg, 0) };
}
//# sourceMappingURL=takeAnswers.js.map