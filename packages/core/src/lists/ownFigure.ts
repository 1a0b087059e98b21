/**
 * Own things without a list: one figure for what a member brings for themselves. Entries of their list replace it as they
 * come; what is left of it stands on the list as soft bulk, kept in step by every change, so that loads, shares and stows
 * are of what is there.
 */
import { freshId } from '../trip/changes.js';
import { withMade } from '../trip/madeThings.js';
import type { Member, PersonalThing, Trip } from '../trip/model.js';
import { allThings, ownThings } from '../trip/queries.js';
import { starterLibrary } from '../library/starterLibrary.js';
import type { ThingEntry } from '../library/libraryModel.js';
import { entryById } from './cures.js';
import { usualOwn } from './usualOwn.js';

/** What no list is written of: less is nothing that anybody would list (Graft's own). */
const LEAST_REST_KG = 0.05;
/** Soft bulk is stowed in bundles of at most so much, L: a larger one would fit no part of a pack (Graft's own). */
const BUNDLE_L = 8;

export interface OwnTotal {
  /** What own things come to in the pack, kg: by the figure, or by the list where that is more. */
  readonly kg: number;
  /** What is on the list, worn things and food of the larder left out, kg. */
  readonly listedKg: number;
  readonly listed: number;
  /** What the figure says beyond the list, kg. */
  readonly restKg: number;
}

/** Whether a thing stands for what is not listed yet. */
export function isUnlisted(thing: Pick<PersonalThing, 'madeBy'>): boolean {
  return thing.madeBy === 'ownFigure';
}

export function ownTotal(trip: Trip, member: Member): OwnTotal {
  const own = ownThings(trip, member.id).filter((t) => t.madeBy === undefined);
  const listedKg = own.reduce((sum, t) => sum + (t.worn ? 0 : t.massKg), 0);
  const restKg = Math.max(0, (member.ownThingsKg ?? 0) - listedKg);
  return { kg: listedKg + restKg, listedKg, listed: own.length, restKg };
}

/** Whether nobody has said what a member brings: neither a figure nor a list. */
export function isOwnUnknown(trip: Trip, member: Member): boolean {
  return member.ownThingsKg === undefined && ownTotal(trip, member).listed === 0;
}

/** Whether a member's own things are on a list, all that the figure says of them. */
export function isListed(trip: Trip, member: Member): boolean {
  const { listed, restKg } = ownTotal(trip, member);
  return listed > 0 && restKg < LEAST_REST_KG;
}

export interface OwnSuggestion {
  readonly kg: number;
  readonly volumeL: number;
}

/** What the lists by template come to for a member on such a trip: by nights, season, ground and house rules. */
export function suggestOwn(trip: Trip, member: Member): OwnSuggestion {
  const things = usualOwn(trip, member).flatMap((o) => (o.want === 'required' ? [o.entry.thing] : []));
  return {
    kg: Math.round(things.reduce((sum, t) => sum + t.massKg, 0) * 10) / 10,
    volumeL: things.reduce((sum, t) => sum + t.volumeL, 0),
  };
}

/** The suggestion as the figure of everybody of whom nothing is known; it is an estimate. */
export function takeSuggestedOwn(trip: Trip): Trip {
  return {
    ...trip,
    members: trip.members.map((m) =>
      isOwnUnknown(trip, m) ? { ...m, ownThingsKg: suggestOwn(trip, m).kg, ownThingsEstimated: true } : m,
    ),
  };
}

/** After a change of a trip: what the figures say beyond the lists, made again where the change touches it. */
export function settleOwnThings(before: Trip, after: Trip): Trip {
  const isTouched = before.members !== after.members || before.personalThings !== after.personalThings;
  const isFigured =
    after.members.some((m) => m.ownThingsKg !== undefined) || after.personalThings.some(isUnlisted);
  return isTouched && isFigured ? landOwnThings(after) : after;
}

/** The trip with what its figures say beyond the lists; the same trip comes back when nothing has to change. */
export function landOwnThings(trip: Trip): Trip {
  const taken = new Set(allThings(trip).map((t) => t.id));
  const old = new Map<string, PersonalThing[]>();
  for (const thing of trip.personalThings.filter(isUnlisted))
    old.set(thing.memberId, [...(old.get(thing.memberId) ?? []), thing]);
  const made = trip.members.flatMap((m) => unlistedOf(trip, m, old.get(m.id) ?? [], taken));
  return withMade(trip, 'ownFigure', made);
}

/** What is over what such trips usually take is denser than clothes and sleeping bags, L/kg (Graft's own). */
const MORE_L_PER_KG = 2.5;
/** Two independent water carriers each, whatever else nobody has listed. */
const BOTTLES = ['own-bottle-1-l', 'own-soft-bottle-1-l'] as const;

/** What is not listed of a member's things; what was there keeps its id and what was said of it. */
function unlistedOf(
  trip: Trip,
  member: Member,
  old: readonly PersonalThing[],
  taken: Set<string>,
): readonly PersonalThing[] {
  const { restKg } = ownTotal(trip, member);
  if (member.ownThingsKg === undefined || restKg < LEAST_REST_KG) return [];
  const listed = ownThings(trip, member.id).filter((t) => !isUnlisted(t) && t.waterCapacityL !== undefined);
  const bottles = BOTTLES.slice(listed.length).map((id) => entryById(starterLibrary(), id));
  const bottlesKg = bottles.reduce((sum, b) => sum + b.thing.massKg, 0);
  const has = bottlesKg < restKg ? bottles : [];
  const softKg = restKg - (has.length === 0 ? 0 : bottlesKg);
  const things = [
    ...has.map((b) => ({ ...b.thing, name: `${b.name}, not listed` })),
    ...bundles(trip, member, softKg),
  ];
  const free = [...old];
  return things.map((thing): PersonalThing => {
    const isBottle = thing.waterCapacityL !== undefined;
    const at = free.findIndex((t) => (t.waterCapacityL !== undefined) === isBottle);
    const [was] = at < 0 ? [] : free.splice(at, 1);
    const id = was?.id ?? freshId(`${member.id.slice(0, 30)}-own-things`, taken);
    taken.add(id);
    return {
      ...was,
      ...thing,
      id,
      memberId: member.id,
      massEstimated: member.ownThingsEstimated === true,
      worn: false,
      madeBy: 'ownFigure',
    };
  });
}

/** So much of a member's things as soft bundles of one size. */
function bundles(
  trip: Trip,
  member: Member,
  kg: number,
): readonly (ThingEntry['thing'] & { name: string })[] {
  const usual = suggestOwn(trip, member);
  const usualKg = Math.min(kg, usual.kg);
  const volumeL = (usualKg * usual.volumeL) / usual.kg + (kg - usualKg) * MORE_L_PER_KG;
  const count = Math.max(1, Math.ceil(volumeL / BUNDLE_L - 1e-9));
  const bundleKg = round(kg / count);
  return Array.from({ length: count }, (_v, i) => ({
    name: count === 1 ? 'Own things, not listed' : `Own things, not listed, ${i + 1} of ${count}`,
    massKg: i < count - 1 ? bundleKg : round(kg - bundleKg * (count - 1)),
    massEstimated: true,
    volumeL: round(volumeL / count),
    shape: { kind: 'stuff', looseVolumeL: round((1.3 * volumeL) / count) },
    flags: [],
    needed: 'camp',
    purpose: 'spareClothing',
  }));
}

const round = (value: number): number => Math.round(value * 1000) / 1000;
