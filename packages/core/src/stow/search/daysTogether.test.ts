import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../../formats/tripFile.js';
import { seededRandom } from '../../units/random.js';
import { assess } from '../assessStow.js';
import { stowOnDay, type StowOnDay } from '../movesUp.js';
import { FINE_CELL_CM } from '../packGeometry.js';
import { costOfStow, solveStow } from '../solveStow.js';
import { energyOf, overAll, STRICT_WEIGHTS } from '../stowCost.js';
import { stowProblem } from '../stowProblem.js';
import { DaysTogether } from './daysTogether.js';
import { propose } from './moves/propose.js';
import { StowSearch, type Change } from './stowSearch.js';
import { OVER_DAYS } from './tuning.js';

const file = join(__dirname, '../../../../../data/demo/corvane-census.graft.json');
const trip = parseTripFile(readFileSync(file, 'utf8'));
const MAIN = 2;
const problems = [1, 3, 4, 5].map((day) => stowProblem(trip, 'wren', day));

function together() {
  const main = stowProblem(trip, 'wren', MAIN);
  const { placements } = solveStow(main, [], { seed: 3, iterations: 2000 }).stow;
  const search = new StowSearch(main, placements, FINE_CELL_CM);
  const others = problems.map((problem) => ({ problem, on: stowOnDay(problem, placements) }));
  return { search, days: new DaysTogether(search, others, FINE_CELL_CM, STRICT_WEIGHTS), others };
}
const move =
  (search: StowSearch, seed: number): Change =>
  () =>
    propose({ search, random: seededRandom(seed), reach: 1 });

const fetched = ({ moves }: StowOnDay): string =>
  moves.map((m) => `${m.thing.id} ${m.to.id} ${m.insteadOf?.id}`).join();

test('what all days come to is what each comes to by itself, told as it stands', () => {
  const { search, days, others } = together();
  days.settle();
  let seen = 0;
  for (let seed = 1; seed <= 120; seed += 1) {
    const next = days.trial(move(search, seed), { weights: STRICT_WEIGHTS, most: () => Infinity });
    if (next === undefined) continue;
    days.commit(next);
    const placements = search.placements();
    const alone = costOfStow(stowProblem(trip, 'wren', MAIN), placements);
    const each = problems.map((problem) => {
      const on = stowOnDay(problem, placements);
      return { on, cost: costOfStow(problem, on.placements) };
    });
    // What is fetched up is settled when the days are first looked at.
    if (each.some(({ on }, d) => fetched(on) !== fetched(others[d]!.on))) continue;
    seen += 1;
    expect(next.days[0]).toEqual(alone);
    expect(next.cost.outCm).toBeCloseTo(overAll([alone, ...each.map((e) => e.cost)]).outCm, 6);
    expect(next.days.slice(1)).toEqual(each.map((e) => e.cost));
  }
  expect(seen).toBeGreaterThan(10);
});

test('a trial is given up only above its limit, or where one day comes off much worse than all may', () => {
  const { search, days } = together();
  let now = days.settle();
  let [left, kept] = [0, 0];
  const weights = STRICT_WEIGHTS;
  for (let seed = 1; seed <= 200; seed += 1) {
    const whole = days.trial(move(search, seed), { weights, most: () => Infinity });
    if (whole === undefined) continue;
    const spare = seed % 60;
    const most = energyOf(now.cost, weights) + spare;
    const within = days.trial(move(search, seed), { weights, most: () => most });
    if (within === undefined) {
      left += 1;
      const mayLose = OVER_DAYS.worse.times * spare + OVER_DAYS.worse.plus;
      const isMuchWorse = whole.days.some(
        (day, d) => energyOf(day, weights) > energyOf(now.days[d]!, weights) + mayLose,
      );
      expect(energyOf(whole.cost, weights) > most || isMuchWorse).toBe(true);
      continue;
    }
    kept += 1;
    expect(energyOf(within.cost, weights)).toBeLessThanOrEqual(most);
    days.commit(within);
    now = within;
  }
  expect(left).toBeGreaterThan(20);
  expect(kept).toBeGreaterThan(5);
});

test('what a stow is said to cost and what is found in it agree on every day: something is left out in both or in none', () => {
  const { search } = together();
  const random = seededRandom(8);
  let out = 0;
  for (let k = 0; k < 12; k += 1) {
    for (let i = 0; i < 4; i += 1) {
      const tried = search.trial(() => propose({ search, random, reach: 1 }));
      if (tried !== undefined) search.commit(tried);
    }
    const placements = search.placements();
    for (const problem of problems) {
      const on = stowOnDay(problem, placements).placements;
      const { misfit } = costOfStow(problem, on);
      const a = assess(problem, on);
      const leftOutL = a.layout.compartments.reduce((sum, c) => sum + c.overflowL, 0);
      expect([problem.day, misfit > 1e-3]).toEqual([problem.day, leftOutL > 1e-3]);
      if (misfit > 1e-3) out += 1;
    }
  }
  expect(out).toBeGreaterThan(3);
});
