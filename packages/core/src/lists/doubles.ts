/**
 * Doubles over the whole party, laid side by side: more of a job's things than it needs. What is wanted twice is exempt
 * (common practice, no source): two water carriers each, map and phone, two beacons, filter and tablets.
 */
import { cookGroups } from '../larder/mealPlan.js';
import type { PersonalThing, Piece, Thing, Trip } from '../trip/model.js';
import { allPieces, allThings, isPersonal } from '../trip/queries.js';
import { leaveAtHome, names, ownersOf } from './cures.js';
import { isGroupFirstAid } from './essentials.js';
import { findingId, type KitFinding } from './finding.js';
import { inSentence } from '../units/format.js';

type Any = Piece | PersonalThing;

interface Job {
  readonly id: string;
  readonly name: string;
  readonly is: (thing: Thing) => boolean;
  /** How many the party needs, spares that are wanted among them. */
  readonly enough: (trip: Trip) => number;
  readonly why: string;
}

/** A burner itself, not what goes with it. */
export function isStove(thing: Thing): boolean {
  return thing.purpose === 'stove' && !/wind|shield|stand|lighter/i.test(thing.name);
}

const cooks = (trip: Trip): number => Math.max(1, cookGroups(trip).length);
const tents = (trip: Trip): number =>
  Math.max(Math.ceil(trip.members.length / 2), trip.groups.filter((g) => g.kind === 'tent').length);
const per =
  (people: number) =>
  (trip: Trip): number =>
    Math.max(1, Math.ceil(trip.members.length / people));
const named =
  (pattern: RegExp, ...purposes: readonly Thing['purpose'][]) =>
  (t: Thing): boolean =>
    pattern.test(t.name) && (purposes.length === 0 || purposes.includes(t.purpose));

const JOBS: readonly Job[] = [
  {
    id: 'stove',
    name: 'stoves',
    is: isStove,
    enough: cooks,
    why: 'one a cook group, for about four people',
  },
  {
    id: 'first-aid',
    name: 'big first-aid kits',
    is: isGroupFirstAid,
    enough: per(10),
    why: 'one for the party beside everybody’s own; two above ten people',
  },
  {
    id: 'wash-kit',
    name: 'wash kits',
    is: (t) => named(/wash ?kit/i, 'hygiene')(t) && t.massKg >= 0.1,
    enough: tents,
    why: 'soap, paste and towel can be shared in a tent',
  },
  {
    id: 'repair-kit',
    name: 'repair kits',
    is: (t) => named(/repair/i, 'repair')(t) && t.massKg >= 0.15,
    enough: per(8),
    why: 'one for the party; two above eight people',
  },
  {
    id: 'toilet-kit',
    name: 'trowels and toilet kits',
    is: named(/trowel|toilet kit/i, 'hygiene'),
    enough: per(8),
    why: 'one at the camp is enough for eight',
  },
  {
    id: 'lantern',
    name: 'lanterns',
    is: named(/lantern|candle/i, 'light'),
    enough: cooks,
    why: 'everybody has a head torch: one more a cook group',
  },
  {
    id: 'power-bank',
    name: 'power banks',
    is: named(/power ?bank/i),
    enough: per(4),
    why: 'one large enough for four people',
  },
  {
    id: 'tarp',
    name: 'tarps',
    is: (t) => t.purpose === 'tarp',
    enough: per(8),
    why: 'one for the party to cook and pack under',
  },
  {
    id: 'group-shelter',
    name: 'group shelters',
    is: named(/shelter/i, 'emergencyShelter'),
    enough: per(8),
    why: 'one for the party',
  },
  { id: 'saw', name: 'saws', is: named(/\bsaw\b/i), enough: () => 1, why: 'one for the party' },
  {
    id: 'filter',
    name: 'water filters',
    is: named(/filter/i, 'filter'),
    enough: per(12),
    why: 'one filter, and tablets as the second way, are enough',
  },
  {
    id: 'beacon',
    name: 'beacons',
    is: (t) => t.purpose === 'beacon' && !/transceiver|radio/i.test(t.name),
    enough: () => 2,
    why: 'two are wanted: if the party splits, each part has one',
  },
  {
    id: 'multi-tool',
    name: 'multi-tools',
    is: named(/multi-?tool/i),
    enough: per(8),
    why: 'one for the party',
  },
  {
    id: 'cards',
    name: 'games',
    is: named(/\b(cards|dice|game)/i),
    enough: () => 1,
    why: 'one is enough to play',
  },
  {
    id: 'binoculars',
    name: 'binoculars',
    is: named(/binocular/i),
    enough: per(4),
    why: 'one pair for four people',
  },
  {
    id: 'camera',
    name: 'cameras',
    is: named(/\bcamera\b/i, 'instrument'),
    enough: per(4),
    why: 'one for four people, and phones',
  },
];

/** More of a job's things than it needs: the heaviest of the personal ones can stay first, then the heaviest. */
export function doubleFindings(trip: Trip): readonly KitFinding[] {
  const things: readonly Any[] = allThings(trip);
  const byJob = JOBS.flatMap((job) => {
    const those = things.filter(job.is);
    const enough = job.enough(trip);
    if (those.length <= enough) return [];
    // Group pieces stay before personal things, lighter ones before heavier.
    const order = [...those].sort(
      (a, b) =>
        Number(isPersonal(a)) - Number(isPersonal(b)) || a.massKg - b.massKg || (a.id < b.id ? -1 : 1),
    );
    return [
      finding(
        trip,
        job.id,
        `${those.length} ${job.name}, ${enough} ${enough === 1 ? 'is' : 'are'} enough`,
        job.why,
        order.slice(enough),
        those,
      ),
    ];
  });
  return [...byJob, ...sameNameFindings(trip, things)];
}

/** Somebody carries for themselves what the group kit has under the same name. */
function sameNameFindings(trip: Trip, things: readonly Any[]): readonly KitFinding[] {
  const key = (t: Thing): string =>
    t.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, ' ')
      .trim();
  const pieces = new Map(allPieces(trip).map((p) => [key(p), p]));
  const byName = new Map<string, PersonalThing[]>();
  for (const thing of things) {
    if (!isPersonal(thing) || thing.madeBy !== undefined || WANTED_PURPOSES.includes(thing.purpose)) continue;
    const name = key(thing);
    if (!pieces.has(name) || JOBS.some((job) => job.is(thing))) continue;
    const known = byName.get(name);
    if (known === undefined) byName.set(name, [thing]);
    else known.push(thing);
  }
  return [...byName].map(([name, extra]) =>
    finding(
      trip,
      `name-${name.replaceAll(' ', '-')}`,
      `${extra[0]!.name}: in the group kit, and ${extra.length} more`,
      'the group kit has it already',
      extra,
      [pieces.get(name)!, ...extra],
    ),
  );
}
/** Purposes whose doubles are wanted. */
const WANTED_PURPOSES: readonly Thing['purpose'][] = [
  'waterContainer',
  'navigation',
  'firstAid',
  'fire',
  'light',
];

function finding(
  trip: Trip,
  id: string,
  what: string,
  why: string,
  extra: readonly Any[],
  all: readonly Any[],
): KitFinding {
  const whose = ownersOf(trip, extra);
  return {
    id: findingId('double', id),
    kind: 'double',
    weight: 'should',
    what,
    why,
    memberIds: whose.map((m) => m.id),
    thingIds: all.map((t) => t.id),
    cures: [
      leaveAtHome(
        extra.length === 1
          ? `Leave ${inSentence(extra[0]!.name)}${whose[0] === undefined ? '' : ` of ${whose[0].name}`} at home`
          : `Leave the ${extra.length} spare ones at home${whose.length === 0 ? '' : ` (${names(whose)})`}`,
        extra,
      ),
    ],
  };
}
