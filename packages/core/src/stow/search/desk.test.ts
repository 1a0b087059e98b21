import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../../formats/tripFile.js';
import { plainFigures } from '../../testing/plainView.js';
import { IS_DEEP } from '../../testing/runs.js';
import { STOW_LOADS, stowLoadTrip } from '../../testing/stowLoads.js';
import type { Placement, Trip } from '../../trip/model.js';
import { seededRandom } from '../../units/random.js';
import { withLoaders } from '../columnKernel.js';
import { energyOf, WEIGHTS } from '../stowCost.js';
import { stowProblem, type StowProblem } from '../stowProblem.js';
import { propose } from './moves/propose.js';
import { noFigures, type PartFigures } from './partFigures.js';
import { startFromRules } from './startFromRules.js';
import { StowSearch, type Evaluation } from './stowSearch.js';

const stored = (name: string): Trip =>
  parseTripFile(readFileSync(join(__dirname, '../../../../../data', `${name}.graft.json`), 'utf8'));
/** Tall things are to be drawn out each by itself, and every third thing may be crushed. */
const harder = ({ house, things, ...problem }: StowProblem): StowProblem => ({
  ...problem,
  house: { ...house, stacking: 'columns' },
  things: things.map((t, i) =>
    i % 3 > 0 ? t : { ...t, thing: { ...t.thing, flags: [...t.thing.flags, 'crushable'] } },
  ),
});

/** Packs of all kinds: with a reservoir, on snow, without a frame, of a child, with much food, drawn out in columns. */
const PROBLEMS: readonly (readonly [what: string, problem: StowProblem])[] = [
  ...STOW_LOADS.map((load) => [load.name, stowProblem(stowLoadTrip(load, 'middle'), 'wearer', 1)] as const),
  ...(
    [
      'demo/corvane-census',
      'parties/three-on-snow',
      'parties/two-frameless',
      'parties/family-two-children',
    ] as const
  ).flatMap((name) => {
    const trip = stored(name);
    return trip.members.map(({ id }) => [`${name} ${id}`, stowProblem(trip, id, 1)] as const);
  }),
].flatMap(([what, problem]) => [[what, problem] as const, [`${what}, harder`, harder(problem)] as const]);

/** Every sixth thing is pinned where the rules put it. */
const somePinned = (placements: readonly Placement[]): readonly Placement[] =>
  placements.map((p, i) => ({ ...p, pinned: i % 6 === 0 }));

/** How far apart two lists of figures are at most. */
const apart = (a: Readonly<PartFigures>, b: Readonly<PartFigures>): number =>
  Math.max(
    ...Object.keys(noFigures()).map((k) => {
      const key = k as keyof PartFigures;
      return Math.abs(a[key] - b[key]);
    }),
  );

/**
 * In a pack with so many litres too many, more things are to be given other places than one loading does, and which
 * are depends on what is loaded already.
 */
const GROSSLY_OVER_L = 40;

function worstOf(search: StowSearch, { views, cost }: Evaluation): number {
  const { facts, state } = search;
  if (cost.misfit > GROSSLY_OVER_L) return 0;
  return Math.max(
    0,
    ...views.map((view, c) =>
      c === facts.sleeve ? 0 : withLoaders(() => apart(view.figures, plainFigures(facts, state, c))),
    ),
  );
}

test.each(IS_DEEP ? PROBLEMS : PROBLEMS.filter((_p, i) => i % 4 < 2))(
  'the kernel sees what a plain look sees: %s',
  (_what, problem) => {
    const started = new StowSearch(problem, [], 2);
    startFromRules(started);
    const search = new StowSearch(problem, somePinned(started.placements()), 2);
    const random = seededRandom(9);
    let seen = 0;
    expect(worstOf(search, search.settle())).toBeLessThan(1e-6);
    for (let i = 0; i < 120; i += 1) {
      // Now and then a limit, so that what is given up on the way is in memory when the next is looked at.
      const limit = i % 3 === 0 ? undefined : { weights: WEIGHTS, most: () => 900 * random() };
      const next = search.trial(() => propose({ search, random, reach: 1 }), limit);
      if (next === undefined) continue;
      if (next.cost.misfit <= GROSSLY_OVER_L) seen += 1;
      expect(worstOf(search, next)).toBeLessThan(1e-6);
      if (random() < 0.5) search.commit(next);
    }
    expect(seen).toBeGreaterThan(1);
    expect(Number.isFinite(energyOf(search.look().cost, WEIGHTS))).toBe(true);
  },
);
