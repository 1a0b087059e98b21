/**
 * Parties as leaders make them, drawn by a seed: a style, people, groups, what the lists propose and some more of the
 * starter library, food and fuel, a share, and for everybody a pack that is as full as packs usually are.
 */
import { fillMeals, takeLightestCanisters } from '../larder/planMeals.js';
import { landLarder } from '../larder/landLarder.js';
import { cookGroups } from '../larder/mealPlan.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { proposeKit, takeProposals } from '../lists/kitTemplates.js';
import { giveEach } from '../lists/takeFromLibrary.js';
import { shareProblem } from '../share/problem.js';
import { solveShare } from '../share/solveShare.js';
import { planningDay, solidVolumeL, stowProblem } from '../stow/stowProblem.js';
import { replaceShare } from '../trip/changes.js';
import { newMember } from '../trip/emptyTrip.js';
import { HOUSE_RULE_CHOICES, type HouseRules, type Trip } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { tripFromTemplate } from '../trip/templates.js';
import { pickIndex, seededRandom, type Random } from '../units/random.js';

/** House rules about a pack; one in four is chosen against the usual way. */
const PACK_RULES = [
  'tent',
  'poles',
  'firstAid',
  'food',
  'outside',
  'bags',
  'rainProtection',
  'fuel',
  'rainGear',
  'lid',
] as const;
const OTHERWISE = 0.25;
/** Litres in all of a pack beside what is carried. */
const ROOM = { least: 1.15, most: 1.45 };
const EXTRAS_EACH = 4;

const pick = <T>(random: Random, list: readonly T[]): T => list[pickIndex(random, list.length)]!;

/** @throws Error when no share is found: the party is then not one that a leader would set out with */
export function randomParty(seed: number): Trip {
  const random = seededRandom(seed);
  const bare = withPeople(random, drawnTrip(random, seed));
  const listed = withExtras(random, takeProposals(bare, proposeKit(bare, starterLibrary())));
  const dishes = starterLibrary().filter((e) => e.kind === 'dish');
  const planned = fillMeals({ ...listed, larder: { ...listed.larder, snackGPerDay: 80 } }, dishes);
  const trip = landLarder(cookGroups(planned).reduce(takeLightestCanisters, planned));
  const solved = solveShare(shareProblem(trip), { seed, iterations: 20_000 });
  if (solved.kind !== 'solved') throw new Error(`party ${seed}: ${solved.reasons.join('; ')}`);
  return withPacks(random, replaceShare(trip, solved.share));
}

function drawnTrip(random: Random, seed: number): Trip {
  const style = pick(random, ['camp', 'camp', 'hut', 'training', 'survey', 'winter', 'dayWalk'] as const);
  const days = style === 'dayWalk' ? 1 : 2 + pickIndex(random, 4);
  const trip = tripFromTemplate(`party-${seed}`, `Party ${seed}`, '2027-06-14', style, days);
  const rules = PACK_RULES.map((id) => [
    id,
    random() < OTHERWISE ? pick<string>(random, HOUSE_RULE_CHOICES[id]) : trip.houseRules[id],
  ]);
  const school = random() < OTHERWISE ? pick(random, ['high', 'middle', 'low'] as const) : trip.packingSchool;
  return {
    ...trip,
    packingSchool: school,
    houseRules: { ...trip.houseRules, ...(Object.fromEntries(rules) as Partial<HouseRules>) },
    legs: trip.legs.map((leg) => ({ ...leg, distanceKm: 14, climbM: 400, descentM: 400 })),
  };
}

function withPeople(random: Random, trip: Trip): Trip {
  const count = 2 + pickIndex(random, 4);
  const large = PACK_SIZES.at(-1)!;
  const members = Array.from({ length: count }, (_v, i) => ({
    ...newMember(`m${i}`, `Member ${i + 1}`, `pack-m${i}`),
    bodyMassKg: 52 + pickIndex(random, 45),
    torsoCm: 43 + pickIndex(random, 12),
  }));
  return { ...trip, members, packs: members.map((m) => cataloguePack(m.packId, large)) };
}

function withExtras(random: Random, trip: Trip): Trip {
  const own = starterLibrary()
    .filter((e) => e.kind === 'thing')
    .filter((e) => e.use === 'each' && !e.worn);
  return trip.members.reduce((next, m) => {
    const extras = Array.from({ length: EXTRAS_EACH }, () => pick(random, own));
    // Nobody brings another thing for what a list has given them.
    const has = new Set(next.personalThings.filter((t) => t.memberId === m.id).map((t) => t.purpose));
    const more = [...new Set(extras)].filter((e) => e.thing.purpose === 'other' || !has.has(e.thing.purpose));
    return more.reduce((t, e) => giveEach(t, e, [m.id]), next);
  }, trip);
}

/** The smallest pack of the catalogue that leaves so much room on the day of the largest load. */
function withPacks(random: Random, trip: Trip): Trip {
  const packs = trip.members.map((m) => {
    const day = planningDay(trip, m.id);
    const { things, inside } = stowProblem(trip, m.id, day);
    const litres = things
      .filter((t) => !inside.has(t.thing.id))
      .reduce((sum, t) => sum + solidVolumeL(t, day), 0);
    const wanted = litres * (ROOM.least + random() * (ROOM.most - ROOM.least));
    return cataloguePack(m.packId, PACK_SIZES.find((s) => s.nominalL >= wanted) ?? PACK_SIZES.at(-1)!);
  });
  return { ...trip, packs };
}
