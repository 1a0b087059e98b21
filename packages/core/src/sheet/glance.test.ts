import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../formats/tripFile.js';
import { shareFigures } from '../share/shareFigures.js';
import { emptyTrip } from '../trip/emptyTrip.js';
import type { Trip } from '../trip/model.js';
import { tripGlance } from './glance.js';

const demo = (id: string): Trip =>
  parseTripFile(readFileSync(join(__dirname, `../../../../data/demo/${id}.graft.json`), 'utf8'));
const hut = demo('hut-roof');
const census = demo('corvane-census');
const empty = emptyTrip('t', 'Nothing yet', '2027-05-10', 2);

test('what comes next, from nothing to a plan that lacks nothing', () => {
  const somebody = { ...hut, kits: [], personalThings: [], share: [], stows: [] };
  expect(tripGlance(empty).next).toBe('begin');
  expect(tripGlance({ ...hut, members: [], personalThings: [], share: [], stows: [] }).next).toBe('people');
  expect(tripGlance(somebody).next).toBe('kit');
  expect(tripGlance({ ...hut, share: [], stows: [] }).next).toBe('shares');
  expect(tripGlance({ ...hut, stows: [] }).next).toBe('packs');
  expect(tripGlance(hut).next).toBe('none');
});

test.each([hut, census])('the same figures as the stations tell: $name', (trip) => {
  const figures = shareFigures(trip);
  const glance = tripGlance(trip);
  glance.ratios.forEach((ratio, i) => expect(ratio).toBeCloseTo(figures.members[i]!.heaviest.ratio, 9));
  expect(glance.unshared).toBe(figures.unshared.length);
});

test('a stowed pack is drawn, an empty one is not', () => {
  expect(tripGlance(hut).pack!.things.length).toBeGreaterThan(5);
  expect(tripGlance({ ...hut, stows: [] }).pack).toBeUndefined();
});
