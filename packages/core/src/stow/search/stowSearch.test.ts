import { pickIndex, seededRandom, type Random } from '../../units/random.js';
import { IS_DEEP } from '../../testing/runs.js';
import { STOW_LOADS, stowLoadTrip } from '../../testing/stowLoads.js';
import { planStow } from '../planStow.js';
import { energyOf, WEIGHTS } from '../stowCost.js';
import { stowProblem } from '../stowProblem.js';
import { anneal } from './anneal.js';
import { exchange } from './moves/exchange.js';
import { elsewhere } from './moves/elsewhere.js';
import { insteadOfAll } from './moves/insteadOfAll.js';
import { inTurn } from './moves/inTurn.js';
import { loadedAnew } from './moves/loadedAnew.js';
import type { Move } from './moves/move.js';
import { nearby } from './moves/nearby.js';
import { propose } from './moves/propose.js';
import { toOtherSide } from './moves/toOtherSide.js';
import { turnOver } from './moves/turnOver.js';
import { settleNear } from './settleNear.js';
import { startFromRules } from './startFromRules.js';
import { StowSearch, type Change } from './stowSearch.js';
import { COARSE_HEAT } from './tuning.js';

const searchOf = (load: number, cellCm: number): StowSearch => {
  const problem = stowProblem(stowLoadTrip(STOW_LOADS[load]!, 'middle'), 'wearer', 1);
  const search = new StowSearch(problem, [], cellCm);
  startFromRules(search);
  search.settle();
  return search;
};
const anyMove =
  (search: StowSearch, random: Random): Change =>
  () =>
    propose({ search, random, reach: 1 });
/** All that a search says of its state. */
const spoken = (search: StowSearch): unknown => {
  const { cost, centre } = search.look();
  const things = search.facts.things.map((_t, i) => [search.troubleOf(i), search.heightOf(i)]);
  return { cost, centre, things, tooHigh: search.tooHigh, placements: search.placements() };
};

describe('a search for a stow', () => {
  test.each([0, 2])('a trial is given up only when its energy is above the limit, load %i', (load) => {
    const search = searchOf(load, 2);
    const random = seededRandom(5);
    let energy = energyOf(search.look().cost, WEIGHTS);
    let [left, kept] = [0, 0];
    for (let i = 0; i < 300; i += 1) {
      // The same move asked for without a limit, from the same numbers.
      const seed = 1000 * random();
      const whole = search.trial(anyMove(search, seededRandom(seed)));
      if (whole === undefined) continue;
      const limit = energy + 40 * random();
      const move = anyMove(search, seededRandom(seed));
      const within = search.trial(move, { weights: WEIGHTS, most: () => limit });
      if (within === undefined) {
        left += 1;
        expect(energyOf(whole.cost, WEIGHTS)).toBeGreaterThan(limit);
        continue;
      }
      kept += 1;
      expect(within.cost).toEqual(whole.cost);
      search.commit(within);
      energy = energyOf(within.cost, WEIGHTS);
    }
    expect(left).toBeGreaterThan(20);
    expect(kept).toBeGreaterThan(20);
  });

  test.each([0, 1, 2])('what is committed on the way is what a new search finds, load %i', (load) => {
    const search = searchOf(load, 2);
    anneal(search, seededRandom(3), 400, COARSE_HEAT, WEIGHTS);
    const anew = new StowSearch(search.facts.problem, search.placements(), 2);
    expect(anew.look().cost).toEqual(search.look().cost);
  });

  test('a trial that is not the last cannot be committed', () => {
    const search = searchOf(0, 2);
    const random = seededRandom(1);
    const trial = (): ReturnType<StowSearch['trial']> => {
      for (let i = 0; i < 50; i += 1) {
        const found = search.trial(anyMove(search, random));
        if (found !== undefined) return found;
      }
      throw new Error('no move changes anything');
    };
    const first = trial();
    const second = trial();
    expect(() => search.commit(first!)).toThrow('only the last trial can be committed');
    search.commit(second!);
    expect(() => search.commit(second!)).toThrow('only the last trial can be committed');
  });

  test('what comes off a coarser grid settles: never worse than by rounding alone', () => {
    const trip = stowLoadTrip(STOW_LOADS[2]!, 'middle');
    const problem = stowProblem(trip, 'wearer', 1);
    const { stow } = planStow(trip, 'wearer', { seed: 2, iterations: 4000 });
    const coarse = new StowSearch(problem, stow.placements, 2);
    const rounded = new StowSearch(problem, coarse.placements(), 1);
    const settled = new StowSearch(problem, coarse.placements(), 1);
    settleNear(settled);
    const [before, after] = [rounded.look().cost, settled.look().cost];
    expect(energyOf(after, WEIGHTS)).toBeLessThanOrEqual(energyOf(before, WEIGHTS));
    // Every thing stays in its compartment.
    for (let t = 0; t < problem.things.length; t += 1)
      expect(settled.state.compartmentOf(t)).toBe(rounded.state.compartmentOf(t));
  });
});

describe('a move that is taken back', () => {
  test.each([0, 1, 2])('leaves no trace, load %i', (load) => {
    const search = searchOf(load, 2);
    const random = seededRandom(7);
    for (let i = 0; i < 90; i += 1) {
      const before = spoken(search);
      // Some are seen through, some are given up on the way.
      const most = i % 2 === 0 ? Infinity : energyOf(search.look().cost, WEIGHTS) * random();
      search.trial(anyMove(search, random), { weights: WEIGHTS, most: () => most });
      expect(spoken(search)).toEqual(before);
    }
  });

  const MOVES: Readonly<Record<string, Move>> = {
    elsewhere,
    exchange,
    insteadOfAll,
    inTurn,
    loadedAnew,
    nearby,
    toOtherSide,
    turnOver,
  };
  test.each(Object.keys(MOVES))('%s: the state is as it was, and the move did something', (name) => {
    const search = searchOf(2, 2);
    const random = seededRandom(11);
    let done = 0;
    for (let i = 0; i < 60; i += 1) {
      const before = search.state.keep();
      const t = search.facts.movable[pickIndex(random, search.facts.movable.length)]!;
      const undo = MOVES[name]!({ search, random, reach: random() }, t);
      if (undo === undefined) {
        expect(search.state.keep()).toEqual(before);
        continue;
      }
      if (JSON.stringify(search.state.keep()) !== JSON.stringify(before)) done += 1;
      undo();
      expect(search.state.keep()).toEqual(before);
    }
    expect(done).toBeGreaterThan(5);
  });
});

test.each(IS_DEEP ? [0, 1, 2] : [0])('whoever watches changes nothing, load %i', (load) => {
  const trip = stowLoadTrip(STOW_LOADS[load]!, 'middle');
  for (const seed of IS_DEEP ? [1, 2] : [1]) {
    const options = { seed, iterations: IS_DEEP ? 24_000 : 12_000 };
    let shown = 0;
    const watched = planStow(trip, 'wearer', { ...options, onProgress: () => (shown += 1) });
    expect(shown).toBeGreaterThan(5);
    expect(watched).toEqual(planStow(trip, 'wearer', options));
  }
});
