/** A party to start from: so many people, tents or none, so many stoves; what such a trip usually takes, all of it a guess. */
import type { LibraryEntry } from '../library/libraryModel.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { fillMeals, takeLightestCanisters } from '../larder/planMeals.js';
import { cookGroups } from '../larder/mealPlan.js';
import { POT_L_PER_PERSON } from '../party/groupNeeds.js';
import { freshId, putKit } from '../trip/changes.js';
import type { PartyGroup, Piece, Trip } from '../trip/model.js';
import { allPieces, groupMembers } from '../trip/queries.js';
import { addMember } from '../trip/partyChanges.js';
import { groupParty } from './groupParty.js';
import { proposeKit, takeProposals } from './kitTemplates.js';
import { takeSuggestedOwn } from './ownFigure.js';
import { thingIds } from './takeFromLibrary.js';
import { takeSizes } from './vocabulary/sizes.js';

export interface PartyStart {
  /** 1 to 60. */
  readonly people: number;
  /** 0 where nobody cooks. */
  readonly stoves: number;
}

/** Snacks that people usually take, g a day each (common practice, no source). */
const USUAL_SNACKS_G = 100;

/** @param trip a trip with its days and style, and nobody in it yet */
export function startParty(
  trip: Trip,
  { people, stoves }: PartyStart,
  library: readonly LibraryEntry[],
): Trip {
  const named = Array.from({ length: people }).reduce<Trip>(
    (t) => addMember(t, `Member ${t.members.length + 1}`),
    trip,
  );
  const grouped = groupParty(takeSuggestedOwn(named), stoves);
  const proposals = proposeKit(grouped, library).filter(
    (p) => p.want === 'required' && p.memberIds.length === 0,
  );
  const equipped = withPots(takeProposals(grouped, proposals));
  return planFood(equipped, library);
}

/** Meals on every day that has none; with the first of them, snacks. */
export function planMeals(trip: Trip, library: readonly LibraryEntry[]): Trip {
  const own = library.flatMap((e) => (e.kind === 'dish' ? [e] : []));
  const all = own.length > 0 ? own : starterLibrary().flatMap((e) => (e.kind === 'dish' ? [e] : []));
  // What is carried for days is dried; lunch is what people eat out of the hand.
  const dishes = all.filter((d) => d.dish.form === 'dried' || d.meals.includes('lunch'));
  const fed = fillMeals(trip, dishes);
  const isNew = trip.meals.length === 0 && fed.meals.length > 0;
  return isNew && fed.larder.snackGPerDay === 0
    ? { ...fed, larder: { ...fed.larder, snackGPerDay: USUAL_SNACKS_G } }
    : fed;
}

/** The same, and fuel for cook groups that have none. */
export function planFood(trip: Trip, library: readonly LibraryEntry[]): Trip {
  const fed = planMeals(trip, library);
  return cookGroups(fed).reduce(
    (next, group) => (hasFuel(next, group) ? next : takeLightestCanisters(next, group)),
    fed,
  );
}

/** Whether fuel is planned for a group, or on the list of the party. */
function hasFuel(trip: Trip, group: PartyGroup): boolean {
  return (
    trip.canisters.some((c) => c.groupId === group.id) ||
    allPieces(trip).some(
      (p) => p.purpose === 'fuel' && p.madeBy === undefined && (p.onlyGroupId ?? group.id) === group.id,
    )
  );
}

/** A second pot where the kit's holds less than its group eats from: one stove for five has two. */
function withPots(trip: Trip): Trip {
  return trip.groups
    .filter((g) => g.kind === 'cook' && g.potL !== undefined)
    .reduce((next, group) => {
      const kit = next.kits.find((k) =>
        k.pieces.some((p) => p.onlyGroupId === group.id && p.purpose === 'pot'),
      );
      const missingL = groupMembers(next, group).length * POT_L_PER_PERSON - group.potL!;
      if (kit === undefined || missingL <= 0) return next;
      const known = pots();
      const pot = known.find((p) => p.litres >= missingL) ?? known.at(-1)!;
      const id = freshId(`${kit.id}-${pot.name}`, thingIds(next));
      const piece: Piece = { ...pot.thing, id, name: pot.name, onlyGroupId: group.id };
      const larger: PartyGroup = { ...group, potL: group.potL! + pot.litres };
      return {
        ...putKit(next, { ...kit, pieces: [...kit.pieces, piece] }),
        groups: next.groups.map((g) => (g.id === group.id ? larger : g)),
      };
    }, trip);
}

/** The starter library's pots, the smallest first. */
const pots = () =>
  starterLibrary()
    .flatMap((e) => (e.kind === 'kit' ? e.pieces : []))
    .filter((p) => p.thing.purpose === 'pot')
    .map((p) => ({ ...p, litres: takeSizes(p.name).sizes.l ?? 0 }))
    .sort((a, b) => a.litres - b.litres);
