/** A member's answers as proposals: each says what it would change of the trip; what is there already is none. */
import { starterLibrary } from '../library/starterLibrary.js';
import type { KitEntry } from '../library/libraryModel.js';
import { guessFacts } from '../lists/guessFacts.js';
import { giveWholeKit, looseKit, thingIds } from '../lists/takeFromLibrary.js';
import { freshId, putKit, putMember, putPersonalThing } from '../trip/changes.js';
import { isSameName } from '../trip/names.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { putPack } from '../trip/partyChanges.js';
import type { Member, Trip } from '../trip/model.js';
import { allPieces, memberById, ownThings, packOf } from '../trip/queries.js';
import { formatMass, type MassUnit } from '../units/format.js';
import { bandMiddleKg, type Answers, type OfferAnswer, type OwnAnswer } from './answers.js';

export interface AnswerProposal {
  readonly id: string;
  readonly label: string;
  /** It gives a body weight away. */
  readonly isPrivate: boolean;
  readonly apply: (trip: Trip) => Trip;
}

/** @returns what of the answers the trip does not have yet, in the order in which it is asked */
export function answerProposals(
  trip: Trip,
  memberId: string,
  answers: Answers,
  unit: MassUnit = 'kg',
): readonly AnswerProposal[] {
  const member = memberById(trip, memberId);
  return [
    ...bodyProposals(member, answers, unit),
    ...packProposals(trip, member, answers),
    ...carryProposals(member, answers, unit),
    ...noteProposals(member, answers),
    ...medicineProposals(member, answers),
    ...tentProposals(trip, member, answers),
    ...[...answers.own].flatMap(([id, own]) => ownProposal(trip, member, id, own, unit)),
    ...[...answers.offers].flatMap(([id, offer]) => offerProposal(trip, member, id, offer, unit)),
  ];
}

/** All proposals into the trip, one after another. */
export function takeAnswers(trip: Trip, memberId: string, answers: Answers): Trip {
  return answerProposals(trip, memberId, answers).reduce((t, p) => p.apply(t), trip);
}

const change =
  (memberId: string, make: (m: Member) => Member) =>
  (trip: Trip): Trip =>
    putMember(trip, make(memberById(trip, memberId)));

function bodyProposals(member: Member, { said }: Answers, unit: MassUnit): readonly AnswerProposal[] {
  const { body, band, stature } = said;
  const list: AnswerProposal[] = [];
  const was = `${member.bodyEstimated === true ? '≈ ' : ''}${formatMass(member.bodyMassKg, unit)}`;
  if (typeof body === 'number' && (body !== member.bodyMassKg || member.bodyEstimated === true))
    list.push({
      id: 'body',
      label: `Body weight ${formatMass(body, unit)}, was ${was}`,
      isPrivate: true,
      apply: change(member.id, ({ bodyEstimated: _guess, ...m }) => ({ ...m, bodyMassKg: body })),
    });
  const middle = typeof band === 'string' ? bandMiddleKg(band) : undefined;
  if (
    middle !== undefined &&
    body === undefined &&
    member.bodyEstimated === true &&
    member.bodyMassKg !== middle
  )
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

function packProposals(trip: Trip, member: Member, { said }: Answers): readonly AnswerProposal[] {
  const size = PACK_SIZES.find((s) => s.nominalL === said.pack);
  const { name } = packOf(trip, member);
  if (size === undefined || name === cataloguePack('', size).name) return [];
  return [
    {
      id: 'pack',
      label: `A pack of ${size.nominalL} L, was ${name}`,
      isPrivate: false,
      apply: (t) => putPack(t, cataloguePack(memberById(t, member.id).packId, size)),
    },
  ];
}

function carryProposals(member: Member, { said }: Answers, unit: MassUnit): readonly AnswerProposal[] {
  const { ownKg, cap } = said;
  const list: AnswerProposal[] = [];
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
] as const;
const LONGEST_NOTES = 2000;

/** What is private goes to the health notes, a line each. */
function noteProposals(member: Member, { said }: Answers): readonly AnswerProposal[] {
  return NOTES.flatMap(([field, word]): readonly AnswerProposal[] => {
    const text = said[field];
    if (typeof text !== 'string') return [];
    const line = `${word}: ${text.trim()}`;
    if ((member.healthNotes ?? '').includes(line)) return [];
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

function tentProposals(trip: Trip, member: Member, { said }: Answers): readonly AnswerProposal[] {
  const other = trip.members.find((m) => m.id === said.tentWith);
  if (other === undefined || other.id === member.id) return [];
  if (member.tentGroupId !== undefined && member.tentGroupId === other.tentGroupId) return [];
  return [
    {
      id: 'tentWith',
      label: `Shares a tent with ${other.name}`,
      isPrivate: false,
      apply: (t) => {
        const groupId = memberById(t, other.id).tentGroupId;
        if (groupId !== undefined) return change(member.id, (m) => ({ ...m, tentGroupId: groupId }))(t);
        const name = `Tent of ${other.name} and ${member.name}`.slice(0, 120);
        const id = freshId(
          `tent-${name}`,
          t.groups.map((g) => g.id),
        );
        const grouped: Trip = { ...t, groups: [...t.groups, { id, name, kind: 'tent', sleeps: 2 }] };
        return [member.id, other.id].reduce(
          (next, who) => change(who, (m) => ({ ...m, tentGroupId: id }))(next),
          grouped,
        );
      },
    },
  ];
}

function medicineProposals(member: Member, { said }: Answers): readonly AnswerProposal[] {
  const forAll = said.medicinesForAll;
  if (typeof forAll !== 'boolean' || forAll === (member.medicinesForAll ?? false)) return [];
  return [
    {
      id: 'medicinesForAll',
      label: forAll ? 'All may know of their medicines' : 'Their medicines are for the leaders alone',
      isPrivate: true,
      apply: change(member.id, ({ medicinesForAll: _old, ...m }) =>
        forAll ? { ...m, medicinesForAll: true } : m,
      ),
    },
  ];
}

const massWords = (kg: number | undefined, unit: MassUnit): string =>
  kg === undefined ? '' : `, ${formatMass(kg, unit)}`;

function ownProposal(
  trip: Trip,
  member: Member,
  id: string,
  { name, kg }: OwnAnswer,
  unit: MassUnit,
): readonly AnswerProposal[] {
  const there = ownThings(trip, member.id).find((t) => isSameName(t.name, name));
  if (there !== undefined && (kg === undefined || (there.massKg === kg && !there.massEstimated))) return [];
  return [
    {
      id: `own ${id}`,
      label:
        there === undefined ? `Brings ${name}${massWords(kg, unit)}` : `${name}: ${formatMass(kg!, unit)}`,
      isPrivate: false,
      apply: (t) => {
        const now = ownThings(t, member.id).find((o) => isSameName(o.name, name));
        if (now !== undefined)
          return kg === undefined ? t : putPersonalThing(t, { ...now, massKg: kg, massEstimated: false });
        const { facts } = guessFacts(name, starterLibrary(), kg);
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
function offerProposal(
  trip: Trip,
  member: Member,
  id: string,
  offer: OfferAnswer,
  unit: MassUnit,
): readonly AnswerProposal[] {
  const { name, kg, what, sleeps } = offer;
  const title = `${member.name}’s ${name}`.slice(0, 120);
  const isThere = trip.kits.some((k) => k.name === title) || allPieces(trip).some((p) => p.name === title);
  if (isThere) return [];
  return [
    {
      id: `offer ${id}`,
      label: `Offers ${name}${sleeps === undefined ? '' : `, sleeps ${sleeps}`}${massWords(kg, unit)}`,
      isPrivate: false,
      apply: (t) => {
        const owned = (next: Trip): Trip => ({
          ...next,
          kits: next.kits.map((k) =>
            k.name === title ? { ...k, pieces: k.pieces.map((p) => ({ ...p, owner: member.name })) } : k,
          ),
        });
        const tent = what === 'tent' ? tentFor(sleeps ?? 2) : undefined;
        if (tent !== undefined)
          return owned(giveWholeKit(t, tent.id, { name: title, massKg: kg ?? tent.massKg }));
        const { facts } = guessFacts(name, starterLibrary(), kg);
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
function tentFor(sleeps: number): { readonly id: string; readonly massKg: number } | undefined {
  const tents = starterLibrary()
    .filter((e): e is KitEntry => e.kind === 'kit' && e.groupKind === 'tent' && e.sleeps !== undefined)
    .sort((a, b) => a.sleeps! - b.sleeps!);
  const tent = tents.find((k) => k.sleeps! >= sleeps) ?? tents[tents.length - 1];
  return tent && { id: tent.id, massKg: tent.pieces.reduce((sum, p) => sum + p.thing.massKg, 0) };
}
