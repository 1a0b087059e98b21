import fc from 'fast-check';
import { aThing } from '../testing/smallTrip.js';
import { runs } from '../testing/runs.js';
import type { Shape, Thing } from '../trip/model.js';
import { ColumnLoader } from './columnLoader.js';
import { clash, crush, liesOn, TOUCHES_CM2 } from './neighbours.js';
import type { Compartment } from './packGeometry.js';
import { solidOf } from './solids.js';

const fuel = aThing('fuel', { purpose: 'fuel', flags: ['liquidFuel', 'hard'] });
const dinner = aThing('dinner', { purpose: 'food' });
const quilt = aThing('quilt', { purpose: 'sleepingBag', flags: ['mustStayDry'] });

test('soap spoils food, a water bag does not; a kilogram crushes, less does not', () => {
  const soap = aThing('soap', { flags: ['leaks'] });
  expect(clash(soap, dinner)).toMatch(/^soap/);
  expect(clash(aThing('water bag', { flags: ['leaks'], waterCapacityL: 4 }), dinner)).toBeUndefined();
  const goggles = aThing('goggles', { flags: ['crushable'] });
  expect(crush(goggles, 1)).toBeDefined();
  expect(crush(goggles, 0.9)).toBeUndefined();
  expect(crush(dinner, 5)).toBeUndefined();
});

test('fuel, points, wet and scented things are named with what they spoil, in either order', () => {
  const cases: readonly (readonly [Thing, Thing, RegExp])[] = [
    [fuel, dinner, /^liquid fuel spoils food/],
    [fuel, aThing('filter', { purpose: 'filter' }), /^liquid fuel/],
    [
      fuel,
      aThing('bottle', {
        purpose: 'waterContainer',
        shape: { kind: 'cylinder', lengthCm: 24, diameterCm: 8 },
      }),
      /^liquid fuel/,
    ],
    [aThing('crampons', { flags: ['sharp'] }), aThing('mat', { purpose: 'mat' }), /^points/],
    [aThing('fly', { flags: ['oftenWet'] }), quilt, /^wet things/],
    [aThing('cheese', { purpose: 'food', flags: ['scented'] }), quilt, /^what smells/],
  ];
  for (const [one, other, why] of cases) {
    expect(clash(one, other)).toMatch(why);
    expect(clash(other, one)).toBe(clash(one, other));
  }
  expect(clash(dinner, aThing('tent', { purpose: 'tentBody' }))).toBeUndefined();
  expect(
    clash(
      aThing('crampons', { flags: ['sharp'] }),
      aThing('foam', { purpose: 'mat', flags: ['ridesOutside'] }),
    ),
  ).toBeUndefined();
});

const SIDE = 12;
const box = (): Compartment => ({
  id: 'main',
  kind: 'main',
  zone: undefined,
  cellCm: 1,
  nx: SIDE,
  ny: SIDE,
  x0: -SIDE / 2,
  y0: 0,
  floor: new Float64Array(SIDE * SIDE),
  ceiling: new Float64Array(SIDE * SIDE).fill(60),
  holdsFrom: -Infinity,
});

/** The faces that two things share, cell by cell: a tenth of a centimetre at a time beside, a cell at a time above. */
function facesCm2(loader: ColumnLoader, i: number, j: number): number {
  const spans = (k: number) => new Map(loader.partsOf(k).map((p) => [p.column, p]));
  const [earlier, later] = [spans(i), spans(j)];
  let area = 0;
  for (const [column, { low, high }] of later) {
    const below = Array.from({ length: j }, (_, k) => ({ k, part: spans(k).get(column) }))
      .filter(({ part }) => part !== undefined)
      .sort((a, b) => b.part!.high - a.part!.high)[0];
    if (below?.k === i && low - below.part!.high < 1) area += 1;
    const x = column % SIDE;
    const beside = [x > 0 ? column - 1 : -1, x < SIDE - 1 ? column + 1 : -1, column - SIDE, column + SIDE];
    for (const c of beside) {
      const other = earlier.get(c);
      for (let z = 0.05; z < 60; z += 0.1)
        if (other !== undefined && z > low && z < high && z > other.low && z < other.high) area += 0.1;
    }
  }
  return area;
}

test('how much of two things lies face to face is what the cells show', () => {
  const item = fc.record({
    form: fc.constantFrom('block', 'pouch', 'stuff'),
    cm: fc.tuple(
      fc.integer({ min: 2, max: 8 }),
      fc.integer({ min: 2, max: 8 }),
      fc.integer({ min: 1, max: 8 }),
    ),
    x: fc.double({ min: -5, max: 5, noNaN: true }),
    y: fc.double({ min: 1, max: 11, noNaN: true }),
  });
  let touching = 0;
  fc.assert(
    fc.property(fc.array(item, { minLength: 2, maxLength: 5 }), (items) => {
      const loader = new ColumnLoader(box(), items.length);
      for (const { form, cm, x, y } of items) {
        const [lengthCm, widthCm, heightCm] = cm;
        const litres = (lengthCm * widthCm * heightCm) / 1000;
        const shape: Shape =
          form === 'block'
            ? { kind: 'block', lengthCm, widthCm, heightCm }
            : form === 'stuff'
              ? { kind: 'stuff', looseVolumeL: 2 * litres }
              : { kind: 'pouch' };
        loader.load(solidOf(shape, litres, 1), 0, x, y);
      }
      for (let j = 1; j < items.length; j += 1)
        for (let i = 0; i < j; i += 1) {
          const cm2 = loader.touchCm2(i, j);
          if (cm2 > 0) touching += 1;
          expect(Math.abs(cm2 - facesCm2(loader, i, j))).toBeLessThan(0.03 * cm2 + 4);
        }
    }),
    { seed: 11, numRuns: runs(40) },
  );
  expect(touching).toBeGreaterThan(runs(40) / 2);
});

test('lies on: over a good part and against it, not beside it, not through what is between', () => {
  const plate = (heightCm: number) =>
    solidOf({ kind: 'block', lengthCm: 6, widthCm: 6, heightCm }, (36 * heightCm) / 1000, 1);
  const low = plate(4);
  const loaded = (...at: readonly (readonly [x: number, y: number])[]): ColumnLoader => {
    const loader = new ColumnLoader(box(), at.length);
    for (const [x, y] of at) loader.load(low, 0, x, y);
    return loader;
  };
  expect(liesOn(loaded([0, 3], [0, 3]), 0, 1)).toBe(true);
  expect(liesOn(loaded([-3, 3], [3, 3]), 0, 1)).toBe(false);
  // Two of six columns a row: a third of it, 12 cm² of contact.
  const third = loaded([-3, 3], [1, 3]);
  expect(third.touchCm2(0, 1)).toBeCloseTo(TOUCHES_CM2, 6);
  expect(liesOn(third, 0, 1)).toBe(true);
  // What lies on what lies on it touches the one between.
  expect(liesOn(loaded([0, 3], [0, 3], [0, 3]), 0, 2)).toBe(false);
});
