import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../formats/tripFile.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { adoptStow } from '../trip/changes.js';
import type { PersonalThing, Placement, Thing, Trip } from '../trip/model.js';
import { isNoPack } from '../trip/customPack.js';
import { packOf } from '../trip/queries.js';
import { assessStow } from './assessStow.js';
import { fetchedFor, keptFrom, moveUpText, stowOnDay } from './movesUp.js';
import { dayToRepack, goodOnAllDays, repack, stowDays } from './overDays.js';
import { planStow } from './planStow.js';
import { costOfStow } from './solveStow.js';
import { compareCost, NO_COST, overAll } from './stowCost.js';
import { alternatives } from './stowMoves.js';
import { mendOverDays } from './search/overDays.js';
import { StowSearch } from './search/stowSearch.js';
import { FINE_CELL_CM } from './packGeometry.js';
import { planningDay, stowProblem } from './stowProblem.js';

const own = (id: string, more: Partial<Thing>): PersonalThing => ({
  ...aThing(id, more),
  memberId: 'a',
  worn: false,
});
const lunch = (day: number): PersonalThing =>
  own(`lunch-${day}`, {
    purpose: 'food',
    needed: 'stop',
    massKg: 0.4,
    volumeL: 0.6,
    consumption: { fromDay: day, toDay: day, residueKg: 0.01 },
  });
const at = (thingId: string, zoneId: string): Placement => ({
  thingId,
  zoneId,
  side: 'centre',
  pinned: false,
});
const bag = own('bag', { purpose: 'sleepingBag', volumeL: 8, shape: { kind: 'stuff', looseVolumeL: 16 } });
const three = aTrip([aMember('a')], [], [lunch(1), lunch(2), lunch(3), bag], 3);
const PLACES = [at('bag', 'bottom'), at('lunch-3', 'core'), at('lunch-2', 'core'), at('lunch-1', 'top')];
const zonesOn = (day: number, places = PLACES): Record<string, string> =>
  Object.fromEntries(
    stowOnDay(stowProblem(three, 'a', day), places).placements.map((p) => [p.thingId, p.zoneId]),
  );

describe('food of the day', () => {
  test('goes up to where the last was; everything else stays', () => {
    expect(zonesOn(1)).toEqual({ bag: 'bottom', 'lunch-3': 'core', 'lunch-2': 'core', 'lunch-1': 'top' });
    expect(zonesOn(2)).toEqual({ bag: 'bottom', 'lunch-3': 'core', 'lunch-2': 'top', 'lunch-1': 'top' });
    expect(zonesOn(3)).toEqual({ bag: 'bottom', 'lunch-3': 'top', 'lunch-2': 'core', 'lunch-1': 'top' });
    const { moves } = stowOnDay(stowProblem(three, 'a', 2), PLACES);
    expect(fetchedFor(2, moves).map(moveUpText)).toEqual(['lunch-2: up on top, where the last was']);
    expect(fetchedFor(3, moves)).toEqual([]);
  });
  test('pinned it stays where it is', () => {
    const pinned = PLACES.map((p) => (p.thingId === 'lunch-2' ? { ...p, pinned: true } : p));
    expect(zonesOn(2, pinned)['lunch-2']).toBe('core');
  });
  test('is had in time on its day, and no wrapper is found fault with', () => {
    const trip = adoptStow(three, { memberId: 'a', placements: PLACES });
    for (const day of [1, 2, 3])
      expect(assessStow(trip, 'a', day).findings.filter((f) => f.severity === 'access')).toEqual([]);
    // Without being fetched up it would lie too deep.
    const on = stowOnDay(stowProblem(three, 'a', 3), PLACES);
    expect(on.moves.map((m) => [m.thing.id, m.from?.id, m.to.id, m.insteadOf?.id])).toEqual([
      ['lunch-3', 'core', 'top', 'lunch-1'],
    ]);
  });
  test('what is changed on a day is kept, what was only fetched up is not', () => {
    const on = stowOnDay(stowProblem(three, 'a', 2), PLACES);
    const moved = on.placements.map((p) => (p.thingId === 'bag' ? { ...p, zoneId: 'outer' } : p));
    const kept = keptFrom(PLACES, on, moved);
    expect(Object.fromEntries(kept.map((p) => [p.thingId, p.zoneId]))).toMatchObject({
      bag: 'outer',
      'lunch-2': 'core',
    });
    const byHand = on.placements.map((p) => (p.thingId === 'lunch-2' ? { ...p, zoneId: 'lid' } : p));
    expect(keptFrom(PLACES, on, byHand).find((p) => p.thingId === 'lunch-2')!.zoneId).toBe('lid');
  });
});

test('several days cost half their worst and half their mean', () => {
  const cost = overAll([NO_COST, { ...NO_COST, misfit: 3, outCm: 9 }, { ...NO_COST, outCm: 3 }]);
  expect(cost.misfit).toBeCloseTo((3 + 1) / 2, 12);
  expect(cost.outCm).toBeCloseTo((9 + 4) / 2, 12);
  expect(overAll([])).toEqual(NO_COST);
});

const party = (name: string): Trip =>
  parseTripFile(readFileSync(join(__dirname, `../../../../data/${name}.graft.json`), 'utf8'));

describe.each([
  ['demo/hut-roof', 4000],
  ['parties/couple-seven-days', 4000],
])('%s, planned quickly', (name, iterations) => {
  const trip = party(name);
  const members = trip.members.filter((m) => !isNoPack(packOf(trip, m)));
  test.each(members.map((m) => [m.name, m.id] as const))(
    '%s: all that is carried on a day has its place that day',
    (_n, id) => {
      const { placements } = planStow(trip, id, { seed: 1, iterations }).stow;
      const days = stowDays(trip, id, placements);
      expect(days.length).toBe(trip.legs.length);
      for (const { stow } of days) expect(stow.unplaced).toEqual([]);
      // Never worse on all days together than without that.
      const main = planningDay(trip, id);
      const together = (list: readonly Placement[]) =>
        overAll(
          days.map(({ day }) => {
            const problem = stowProblem(trip, id, day);
            return costOfStow(problem, stowOnDay(problem, list).placements);
          }),
        );
      const again = goodOnAllDays(trip, id, placements, main).placements;
      expect(together(again).misfit).toBeLessThanOrEqual(together(placements).misfit);
    },
  );
});

test('the day to repack is the worst, and its moves make it better; a good stow has none', () => {
  const tin = own('tin', {
    massKg: 4,
    volumeL: 4,
    shape: { kind: 'block', lengthCm: 20, widthCm: 20, heightCm: 10 },
  });
  const trip = aTrip([aMember('a')], [], [lunch(1), lunch(2), bag, tin], 2);
  const places = [at('bag', 'top'), at('tin', 'lid'), at('lunch-2', 'core'), at('lunch-1', 'top')];
  const worst = dayToRepack(stowDays(trip, 'a', places))!;
  expect(worst).toBeDefined();
  const problem = stowProblem(trip, 'a', worst.day);
  const moves = repack(problem, stowOnDay(problem, places).placements);
  expect(moves.length).toBeGreaterThan(0);
  expect(moves.length).toBeLessThanOrEqual(2);
  expect(costOfStow(problem, moves.at(-1)!.placements).safety).toBeLessThan(
    costOfStow(problem, places).safety,
  );
  expect(dayToRepack([])).toBeUndefined();
});

test('after rain what gets wet weighs more', () => {
  const fly = own('fly', { massKg: 1, wetFactor: 1.5, volumeL: 3, purpose: 'tentFly' });
  const trip = aTrip([aMember('a')], [], [fly], 1);
  const [dry] = stowDays(trip, 'a', [at('fly', 'top')]);
  const [wet] = stowDays(trip, 'a', [at('fly', 'top')], true);
  expect(wet!.stow.massKg - dry!.stow.massKg).toBeCloseTo(0.5, 9);
});

test('where else a thing could be: other zones that take it, the runner-up first, none that does not', () => {
  const problem = stowProblem(three, 'a', 1);
  const others = alternatives(problem, PLACES, 'bag', 20);
  expect(others.length).toBeGreaterThan(1);
  expect(others.map((m) => m.zoneId)).not.toContain('bottom');
  // Eight litres of bag go into no belt pocket.
  expect(others.filter((m) => /belt|strap-|sleeve/.test(m.zoneId))).toEqual([]);
  for (let i = 1; i < others.length; i += 1)
    expect(compareCost(others[i - 1]!.after.cost, others[i]!.after.cost)).toBeLessThanOrEqual(0);
  expect(new Set(others.map((m) => m.zoneId)).size).toBe(others.length);
  expect(alternatives(problem, PLACES, 'bag', 2)).toHaveLength(2);
  expect(alternatives(problem, PLACES, 'nothing', 2)).toEqual([]);
});

test('what is mended on several days at once is told as it comes to rest, whatever was tried last', () => {
  const file = join(__dirname, '../../../../data/demo/corvane-census.graft.json');
  const trip = parseTripFile(readFileSync(file, 'utf8'));
  const problem = stowProblem(trip, 'wren', 2);
  const others = [1, 3, 4, 5].map((day) => stowProblem(trip, 'wren', day));
  let { placements } = planStow(trip, 'wren', { seed: 2, effort: 0.1 }).stow;
  for (const round of [1, 2]) {
    placements = mendOverDays(problem, others, placements, round);
    const search = new StowSearch(problem, placements, FINE_CELL_CM);
    search.look();
    const anew = new Map(search.placements().map((p) => [p.thingId, p]));
    for (const p of placements) expect(anew.get(p.thingId)).toEqual(p);
  }
});
