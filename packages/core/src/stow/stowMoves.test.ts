import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../formats/tripFile.js';
import { assess } from './assessStow.js';
import { placeAt } from './placeAt.js';
import { placementVerdict } from './placementRules.js';
import { planStow } from './planStow.js';
import { costOfStow } from './solveStow.js';
import { cureOf } from './stowMoves.js';
import { planningDay, stowProblem } from './stowProblem.js';

const file = join(__dirname, '../../../../data/demo/hut-roof.graft.json');
const trip = parseTripFile(readFileSync(file, 'utf8'));

test('a cure says what it comes to, leaves nothing graver, and never names a place where the thing never rides', () => {
  let cures = 0;
  for (const { id } of trip.members) {
    const problem = stowProblem(trip, id, planningDay(trip, id));
    const { placements } = planStow(trip, id, { seed: 1, iterations: 3000 }).stow;
    // Whatever is heaviest goes into the lid.
    const [heaviest] = [...problem.things].sort((a, b) => b.massKg - a.massKg);
    const spoilt = placeAt(problem, placements, heaviest!.thing.id, {
      zoneId: 'lid',
      side: 'centre',
      pinned: false,
    });
    const before = costOfStow(problem, spoilt);
    for (const finding of assess(problem, spoilt).findings) {
      const cure = cureOf(problem, spoilt, finding);
      if (cure === undefined) continue;
      cures += 1;
      const zone = problem.pack.zones.find((z) => z.id === cure.zoneId)!;
      const { thing } = problem.things.find((t) => t.thing.id === cure.thingId)!;
      expect(placementVerdict(thing, zone, problem.house, problem.pack).level).not.toBe('never');
      expect(costOfStow(problem, cure.placements)).toEqual(cure.after.cost);
      expect(cure.after.cost.misfit).toBeLessThanOrEqual(before.misfit + 1e-6);
      expect(cure.after.cost.safety).toBeLessThanOrEqual(before.safety);
    }
  }
  expect(cures).toBeGreaterThan(3);
});
