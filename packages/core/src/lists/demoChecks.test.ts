/** What was planted in the demo census is found, and nothing is called a double that is wanted twice. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile, tripErrors } from '../formats/tripFile.js';
import { energyByDay } from '../larder/energy.js';
import { foodMass } from '../larder/foodMass.js';
import { fuelPlan } from '../larder/fuelPlan.js';
import { landLarder } from '../larder/landLarder.js';
import { cookGroups } from '../larder/mealPlan.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { kitChecks } from './kitChecks.js';

const trip = parseTripFile(
  readFileSync(join(__dirname, '../../../../data/demo/corvane-census.graft.json'), 'utf8'),
);
const { open } = kitChecks(trip, starterLibrary());
const found = (id: string) => open.find((f) => f.id === id);

test('the planted doubles, each with grams and whose', () => {
  expect(open.filter((f) => f.kind === 'double').map((f) => [f.id, f.cures[0]!.changeKg.toFixed(2)])).toEqual(
    [
      ['double/wash-kit', '-0.80'],
      ['double/first-aid', '-0.62'],
      ['double/repair-kit', '-0.30'],
      ['double/stove', '-0.14'],
    ],
  );
  expect(found('double/stove')!.memberIds).toEqual(['callum']);
  expect(found('double/first-aid')!.memberIds).toEqual(['oskar']);
});
test('the first-aid kit that is out of date comes first; the tarp needs repair', () => {
  expect(open[0]).toMatchObject({ id: 'expired/oskar-first-aid', weight: 'must' });
  expect(found('repair/tarp')).toBeDefined();
});
test('every essential is there: the census lacks none', () => {
  expect(open.filter((f) => f.kind === 'essential' || f.kind === 'incomplete' || f.kind === 'water')).toEqual(
    [],
  );
});
test('all cures together leave a whole trip with none of these findings', () => {
  const cured = open.reduce((t, f) => f.cures[0]?.apply(t) ?? t, trip);
  expect(tripErrors(cured)).toEqual([]);
  const left = kitChecks(cured, starterLibrary()).open.map((f) => f.id);
  expect(left.filter((id) => open.some((f) => f.id === id && f.cures.length > 0))).toEqual([]);
});
test('its larder is landed, its canisters hold what is boiled, its food has a usual mass', () => {
  expect(landLarder(trip)).toEqual(trip);
  for (const group of cookGroups(trip)) {
    const plan = fuelPlan(trip, group);
    expect(plan.carriedKg).toBeGreaterThanOrEqual(plan.wantedKg);
  }
  expect(foodMass(trip).verdict).toBe('usual');
  for (const member of trip.members)
    for (const day of energyByDay(trip, member)) expect(day.carriedKcal).toBeGreaterThan(1500);
});
