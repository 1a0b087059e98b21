import { pickIndex, seededRandom } from '../units/random.js';
import { STOW_LOADS, stowLoadTrip } from '../testing/stowLoads.js';
import { planStow } from './planStow.js';
import { energyOf, WEIGHTS } from './stowCost.js';
import { settleNear, startFromRules } from './startStow.js';
import { StowSearch } from './stowSearch.js';
import { stowProblem } from './stowProblem.js';

const searchOf = (load: number, cellCm: number): StowSearch => {
  const search = new StowSearch(
    stowProblem(stowLoadTrip(STOW_LOADS[load]!, 'middle'), 'wearer', 1),
    [],
    cellCm,
  );
  startFromRules(search);
  return search;
};

describe('a search for a stow', () => {
  test.each([0, 2])('a cost is left out only when its energy is above the limit, load %i', (load) => {
    const search = searchOf(load, 2);
    const random = seededRandom(5);
    let energy = energyOf(search.cost(), WEIGHTS);
    let [left, kept] = [0, 0];
    for (let i = 0; i < 300; i += 1) {
      const parts = search.snapshot();
      const t = search.movable[pickIndex(random, search.movable.length)]!;
      const places = search.allowed[t]!;
      const c = places[pickIndex(random, places.length)]!;
      const { x0, y0, nx, ny, cellCm } = search.compartments[c]!;
      const old = [search.comp[t]!, search.x[t]!, search.y[t]!, search.turn[t]!] as const;
      const turn = pickIndex(random, search.turnsOf(t));
      search.put(t, c, x0 + random() * nx * cellCm, y0 + random() * ny * cellCm, turn);
      const limit = energy + 40 * random();
      const within = search.costWithin(WEIGHTS, limit);
      // The same state asked for without a limit.
      const whole = energyOf(search.cost(), WEIGHTS);
      if (within === undefined) {
        left += 1;
        expect(whole).toBeGreaterThan(limit);
      } else expect(energyOf(within, WEIGHTS)).toBeCloseTo(whole, 6);
      if (whole <= limit) {
        kept += 1;
        search.accept();
        energy = whole;
      } else {
        search.put(t, ...old);
        search.giveBack(parts);
      }
    }
    expect(left).toBeGreaterThan(20);
    expect(kept).toBeGreaterThan(20);
  });

  test('what comes off a coarser grid settles: never worse than by rounding alone', () => {
    const trip = stowLoadTrip(STOW_LOADS[2]!, 'middle');
    const problem = stowProblem(trip, 'wearer', 1);
    const { stow } = planStow(trip, 'wearer', { seed: 2, iterations: 4000 });
    const coarse = new StowSearch(problem, stow.placements, 2);
    const rounded = new StowSearch(problem, coarse.placements(), 1);
    const settled = new StowSearch(problem, coarse.placements(), 1);
    settleNear(settled);
    const [before, after] = [rounded.cost(), settled.cost()];
    expect(energyOf(after, WEIGHTS)).toBeLessThanOrEqual(energyOf(before, WEIGHTS));
    // Every thing stays in its compartment.
    expect([...settled.comp]).toEqual([...rounded.comp]);
  });
});

describe('a move that is taken back', () => {
  test.each([0, 1, 2])('leaves no trace, load %i', (load) => {
    const search = searchOf(load, 2);
    const random = seededRandom(7);
    const spoken = (): unknown => ({
      tooHigh: search.tooHigh,
      centre: search.centre,
      trouble: [...search.trouble],
      zoneOf: [...search.zoneOf],
      heightOf: [...search.heightOf],
      cost: search.cost(),
      placements: search.placements(),
    });
    search.cost();
    for (let i = 0; i < 90; i += 1) {
      const before = spoken();
      const parts = search.snapshot();
      const t = search.movable[pickIndex(random, search.movable.length)]!;
      const places = search.allowed[t]!;
      const c = places[pickIndex(random, places.length)]!;
      const { x0, y0, nx, ny, cellCm } = search.compartments[c]!;
      const old = [search.comp[t]!, search.x[t]!, search.y[t]!, search.turn[t]!] as const;
      search.put(t, c, x0 + random() * nx * cellCm, y0 + random() * ny * cellCm, 0);
      // Some are seen through, some are given up on the way.
      search.costWithin(WEIGHTS, i % 2 === 0 ? Infinity : energyOf(search.cost(), WEIGHTS) * random());
      search.put(t, ...old);
      search.giveBack(parts);
      expect(spoken()).toEqual(before);
    }
  });
});

test.each([0, 1, 2])('whoever watches changes nothing, load %i', (load) => {
  const trip = stowLoadTrip(STOW_LOADS[load]!, 'middle');
  for (const seed of [1, 2]) {
    const options = { seed, iterations: 24_000 };
    let shown = 0;
    const watched = planStow(trip, 'wearer', { ...options, onProgress: () => (shown += 1) });
    expect(shown).toBeGreaterThan(5);
    expect(watched).toEqual(planStow(trip, 'wearer', options));
  }
});
