/** What is to do after a trip, from what was taken and what became of it: returns, drying, cleaning, mending, replacing. */
import type { Thing, Trip } from '../trip/model.js';
import { allThings, isPersonal, isTentPart, memberById } from '../trip/queries.js';
import { addDays } from '../units/isoDate.js';

export const CHORE_KINDS = ['return', 'dry', 'clean', 'mend', 'replace', 'expiry'] as const;
export type ChoreKind = (typeof CHORE_KINDS)[number];

export interface Chore {
  /** The same as long as what it is about is there: what is done names it. */
  readonly id: string;
  readonly kind: ChoreKind;
  readonly thing: Thing;
  /** Who answers for it: its owner, its carrier, or the lender it goes back to. */
  readonly who: string;
  readonly why: string;
  /** ISO date until when, where there is one. */
  readonly byDate?: string;
  readonly doneOn?: string;
}

/** Things this near their date are for the list, days after the trip's end (Graft's own). */
const EXPIRY_DAYS = 180;
const CLEANED: readonly Thing['purpose'][] = ['pot', 'stove', 'waterContainer', 'filter'];
const DRIED: readonly Thing['purpose'][] = ['sleepingBag', 'rainwear', 'tarp'];

/** Every chore of the trip, returns first. */
export function chores(trip: Trip): readonly Chore[] {
  const done = new Map(trip.chores.map((c) => [c.id, c.doneOn]));
  const fates = new Map(trip.uses.map((u) => [u.thingId, u]));
  const broken = new Set(trip.events.filter((e) => e.kind === 'broken').map((e) => e.thingId));
  const lost = new Set(trip.events.filter((e) => e.kind === 'left').map((e) => e.thingId));
  const wasWet = trip.legs.some((leg) => leg.afterRain) || trip.events.some((e) => e.kind === 'wetFly');
  const end = addDays(trip.startDate, trip.legs.length - 1);
  const list: Chore[] = [];
  const add = (kind: ChoreKind, thing: Thing, who: string, why: string, byDate?: string): void => {
    const id = `${kind}/${thing.id}`;
    const doneOn = done.get(id);
    list.push({
      id,
      kind,
      thing,
      who,
      why,
      ...(byDate === undefined ? {} : { byDate }),
      ...(doneOn === undefined ? {} : { doneOn }),
    });
  };
  for (const thing of allThings(trip)) {
    const carrier = isPersonal(thing) ? memberById(trip, thing.memberId).name : undefined;
    const owner = thing.owner ?? carrier ?? 'the party';
    const fate = fates.get(thing.id);
    const isLost = fate?.fate === 'lost' || lost.has(thing.id);
    const loan = trip.arrangements.find((a) => a.kind === 'loan' && a.thingId === thing.id);
    if (loan !== undefined && !isLost) add('return', thing, loan.who, `lent: ${loan.text}`, loan.byDate);
    else if (thing.owner !== undefined && thing.owner !== carrier && !isLost)
      add('return', thing, thing.owner, `${thing.owner}’s own`);
    if (thing.madeBy === 'larder') continue;
    if (isLost) add('replace', thing, owner, noted('lost on the way', fate?.note));
    else if (fate?.fate === 'broke' || broken.has(thing.id) || thing.wear === 'needsRepair')
      add('mend', thing, owner, noted('broke, or was to be mended', fate?.note));
    if (isLost) continue;
    if (wasWet && (isTentPart(thing) || DRIED.includes(thing.purpose)))
      add('dry', thing, owner, 'it was packed wet; damp cloth rots');
    if (CLEANED.includes(thing.purpose) && fate?.fate !== 'unused')
      add('clean', thing, owner, 'it held food, fuel or water');
    if (thing.expiresOn !== undefined && thing.expiresOn <= addDays(end, EXPIRY_DAYS))
      add('expiry', thing, owner, `best before ${thing.expiresOn}`, thing.expiresOn);
  }
  return list.sort((a, b) => CHORE_KINDS.indexOf(a.kind) - CHORE_KINDS.indexOf(b.kind));
}

function noted(why: string, note: string | undefined): string {
  return note === undefined ? why : `${why}: ${note}`;
}

/** Say that a chore is done, or that it is not after all. */
export function setChoreDone(trip: Trip, id: string, doneOn: string | undefined): Trip {
  const others = trip.chores.filter((c) => c.id !== id);
  return { ...trip, chores: doneOn === undefined ? others : [...others, { id, doneOn }] };
}
