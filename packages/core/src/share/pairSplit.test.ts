import { randomShareTrip } from '../testing/shareClasses.js';
import { seeds } from '../testing/runs.js';
import { seededRandom } from '../units/random.js';
import { PairSplit } from './pairSplit.js';
import { shareProblem } from './problem.js';
import { ShareState } from './shareState.js';
import { greedyAssignment } from './startingShares.js';

test('a pair divided anew is as good as the best of all its divisions, and nothing else moves', () => {
  for (const seed of seeds(6)) {
    const problem = shareProblem(randomShareTrip({ members: 4, pieces: 20, days: 3, fill: 0.9 }, seed));
    const state = new ShareState(problem, greedyAssignment(problem));
    const target = state.level() * 0.97;
    state.setTarget(target);
    const before = Int32Array.from(state.carrierOf);
    const cost = (s: ShareState): number => s.excess + 0.5 * s.over;
    const mine = problem.bundles.flatMap((b, i) =>
      before[i]! < 2 && b.allowed.includes(0) && b.allowed.includes(1) ? [i] : [],
    );
    let best = Infinity;
    for (let mask = 0; mask < 1 << mine.length; mask += 1) {
      const other = Int32Array.from(before);
      mine.forEach((b, k) => (other[b] = (mask >> k) & 1));
      const tried = new ShareState(problem, other);
      tried.setTarget(target);
      if (tried.apart <= state.apart) best = Math.min(best, cost(tried));
    }
    const split = new PairSplit(state, seededRandom(seed), 'level');
    const at = cost(state);
    for (let k = 0; k < 30; k += 1) split.divide(0, 1);
    expect(cost(state)).toBeLessThanOrEqual(at + 1e-9);
    // Not every division is looked at: near the best is near enough.
    expect(cost(state)).toBeLessThanOrEqual(best + 0.05);
    for (const [b, m] of before.entries()) if (m > 1) expect(state.carrierOf[b]).toBe(m);
  }
});
