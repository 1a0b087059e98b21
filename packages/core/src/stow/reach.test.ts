import { aThing } from '../testing/smallTrip.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import type { Opening, Pack, Zone } from '../trip/model.js';
import type { Box, LaidThing } from './laidThing.js';
import type { LaidCompartment, StowLayout } from './layout.js';
import { compartmentsOf, mainOf } from './packGeometry.js';
import { reachOf, type Reach } from './reach.js';

const PLAIN = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const packWith = (openings: readonly Opening[], bottomPartCm?: number): Pack => ({
  ...PLAIN,
  main: { ...mainOf(PLAIN)!, openings, ...(bottomPartCm === undefined ? {} : { bottomPartCm }) },
});
const box = (x0: number, y0: number, z0: number, size = 10): Box => ({
  x0,
  x1: x0 + size,
  y0,
  y1: y0 + size,
  z0,
  z1: z0 + size,
});

/** Things as they lie, in the order in which they were loaded, and what lies over what: [below, above]. */
function layoutOf(
  pack: Pack,
  boxes: Readonly<Record<string, Box>>,
  over: readonly (readonly [string, string])[],
  kind: 'main' | 'side' | 'lash' = 'main',
): StowLayout {
  const compartment = compartmentsOf(pack, 1).find((c) =>
    kind === 'main' ? c.id === 'main' : c.kind === kind,
  )!;
  const ids = Object.keys(boxes);
  const things = ids.map((id, order) => {
    const b = boxes[id]!;
    const centre = { x: (b.x0 + b.x1) / 2, y: (b.y0 + b.y1) / 2, z: (b.z0 + b.z1) / 2 };
    const zone = { kind: 'core' } as Zone;
    const of = { thing: aThing(id), zone, compartmentId: compartment.id, order, massKg: 1, waterL: 0 };
    return { ...of, volumeL: 1, centre, box: b, insideId: undefined } as unknown as LaidThing;
  });
  const matrix = ids.map((a) =>
    ids.map((b) => (over.some(([low, high]) => low === a && high === b) ? 1 : 0)),
  );
  const laid = { compartment, over: matrix, thingIds: ids } as unknown as LaidCompartment;
  return { things, compartments: [laid], unplaced: [] };
}
const floor = Math.min(...compartmentsOf(PLAIN, 1).find((c) => c.id === 'main')!.floor);
const STACK = { low: box(0, 5, floor), middle: box(0, 5, floor + 10), high: box(0, 5, floor + 20) };
const STACKED = [
  ['low', 'middle'],
  ['low', 'high'],
  ['middle', 'high'],
] as const;
const reach = (pack: Pack, layout: StowLayout, id: string): Reach =>
  reachOf(pack, layout).find((r) => r.thingId === id)!;

test('through the top all that lies over a thing comes out first, the last loaded first', () => {
  const pack = packWith(['top']);
  const layout = layoutOf(pack, STACK, STACKED);
  expect(reach(pack, layout, 'low')).toEqual({
    thingId: 'low',
    count: 2,
    through: 'top',
    blockers: ['high', 'middle'],
  });
  expect(reach(pack, layout, 'high')).toMatchObject({ count: 0, blockers: [] });
});

test('what blocks a blocker comes out too', () => {
  const pack = packWith(['top']);
  // Nothing of the highest lies over the lowest, but over what does.
  const layout = layoutOf(pack, STACK, [STACKED[0], STACKED[2]]);
  expect(reach(pack, layout, 'low')).toMatchObject({ count: 2, blockers: ['high', 'middle'] });
});

test('the bottom zip is the shorter way for what lies low, the first loaded first', () => {
  const pack = packWith(['top', 'bottom'], 25);
  const layout = layoutOf(pack, STACK, STACKED);
  expect(reach(pack, layout, 'low')).toMatchObject({ count: 0, through: 'bottom' });
  expect(reach(pack, layout, 'middle')).toMatchObject({ count: 1, through: 'top', blockers: ['high'] });
  // The highest begins within the part that the zip opens, but from below there are two before it.
  expect(reach(packWith(['bottom'], 25), layout, 'high')).toMatchObject({
    count: 2,
    through: 'bottom',
    blockers: ['low', 'middle'],
  });
  // What begins above that part cannot be had through it.
  const high = layoutOf(pack, { ...STACK, high: box(0, 5, floor + 30) }, STACKED);
  expect(reach(packWith(['bottom'], 25), high, 'high')).toMatchObject({ count: 0, through: 'pocket' });
});

test('through the front what lies farther out comes first, through a side what lies nearer to that side', () => {
  const rows = { back: box(0, 0, floor), front: box(0, 10, floor), top: box(0, 0, floor + 10) };
  const over = [['back', 'top']] as const;
  const front = packWith(['front']);
  expect(reach(front, layoutOf(front, rows, over), 'back')).toMatchObject({
    count: 1,
    through: 'front',
    blockers: ['front'],
  });
  const side = packWith(['side']);
  const sides = { inner: box(0, 0, floor), outer: box(10, 0, floor), left: box(-12, 0, floor) };
  const layout = layoutOf(side, sides, []);
  expect(reach(side, layout, 'inner')).toMatchObject({ count: 1, through: 'side', blockers: ['outer'] });
  expect(reach(side, layout, 'left')).toMatchObject({ count: 0, through: 'side' });
});

test('a pocket’s things are had through it, what is lashed on from outside; what rides inside comes with its holder', () => {
  const pockets = layoutOf(PLAIN, STACK, STACKED, 'side');
  expect(reach(PLAIN, pockets, 'low')).toMatchObject({ count: 2, through: 'pocket' });
  const lashed = layoutOf(PLAIN, STACK, STACKED, 'lash');
  expect(reach(PLAIN, lashed, 'middle')).toMatchObject({ count: 1, through: 'outside' });
  const rider = { ...lashed.things[1]!, thing: aThing('rider'), insideId: 'middle' };
  const nested = { ...lashed, things: [...lashed.things, rider] };
  expect(reach(PLAIN, nested, 'rider')).toMatchObject({ count: 2, blockers: ['high', 'middle'] });
});
