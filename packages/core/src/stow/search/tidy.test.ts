import { aMember, aThing, aTrip } from '../../testing/smallTrip.js';
import type { PersonalThing, Thing } from '../../trip/model.js';
import { FINE_CELL_CM } from '../packGeometry.js';
import { compareCost, WEIGHTS } from '../stowCost.js';
import { stowProblem } from '../stowProblem.js';
import { StowSearch } from './stowSearch.js';
import { tidy } from './tidy.js';

const own = (id: string, more: Partial<Thing>): PersonalThing => ({
  ...aThing(id, more),
  memberId: 'a',
  worn: false,
});
const parcel = (day: number): PersonalThing =>
  own(`parcel-${day}`, {
    purpose: 'food',
    massKg: 0.9,
    volumeL: 2,
    shape: { kind: 'pouch' },
    consumption: { fromDay: day, toDay: day, residueKg: 0.01 },
  });
const at = (thingId: string, zoneId: string, yCm: number, pinned = false) =>
  ({ thingId, zoneId, side: 'centre', pinned, spot: { xCm: 0, yCm, turn: 0 } }) as const;
const searchOf = (things: readonly PersonalThing[], places: readonly ReturnType<typeof at>[]) =>
  new StowSearch(stowProblem(aTrip([aMember('a')], [], things, 3), 'a', 1), places, FINE_CELL_CM);
const orderOf = (search: StowSearch): readonly string[] => search.placements().map((p) => p.thingId);

test('food of later that lies over food of sooner changes places with it', () => {
  const search = searchOf(
    [parcel(1), parcel(3), own('book', { massKg: 0.1, volumeL: 0.1 })],
    [at('parcel-1', 'core', 8), at('parcel-3', 'core', 8), at('book', 'lid', 8)],
  );
  const before = search.settle().cost;
  const after = tidy(search, search, WEIGHTS);
  expect(compareCost(after, before)).toBeLessThan(0);
  expect(search.look().cost).toEqual(after);
  const order = orderOf(search);
  expect(order.indexOf('parcel-3')).toBeLessThan(order.indexOf('parcel-1'));
});

test('what is out of place goes into a pocket that it belongs in; nothing pinned is touched', () => {
  const light = own('light', { purpose: 'light', needed: 'stop', massKg: 0.1, volumeL: 0.2 });
  const search = searchOf(
    [light, parcel(1), parcel(2)],
    [at('light', 'bottom', 8), at('parcel-1', 'core', 8, true), at('parcel-2', 'core', 8, true)],
  );
  const [one, two] = ['parcel-1', 'parcel-2'].map((id) => search.placements().find((p) => p.thingId === id));
  tidy(search, search, WEIGHTS);
  const now = new Map(search.placements().map((p) => [p.thingId, p]));
  expect(now.get('light')!.zoneId).not.toBe('bottom');
  expect([now.get('parcel-1'), now.get('parcel-2')]).toEqual([one, two]);
});
