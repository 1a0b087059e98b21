import fc from 'fast-check';
import { seededRandom } from '../units/random.js';
import type { Shape } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { PlainLoader } from '../testing/plainLoader.js';
import { ColumnLoader, CREVICE_CM } from './columnLoader.js';
import { FloorPatch } from './floorPatch.js';
import { TALLEST_SPREAD, type ColumnPart, type Slab } from './loaderMemory.js';
import { compartmentsOf, mainOf, mainVolumeL, type Compartment } from './packGeometry.js';
import { solidOf, SPREADS } from './solids.js';
import { runs } from '../testing/runs.js';

const box = (nx: number, ny: number, heightCm: number): Compartment => ({
  id: 'main',
  kind: 'main',
  zone: undefined,
  cellCm: 1,
  nx,
  ny,
  x0: -nx / 2,
  y0: 0,
  floor: new Float64Array(nx * ny),
  ceiling: new Float64Array(nx * ny).fill(heightCm),
  holdsFrom: -Infinity,
});
const PACK = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const main = (): Compartment => compartmentsOf(PACK, 1).find((c) => c.id === 'main')!;

interface Item {
  readonly shape: Shape;
  readonly volumeL: number;
  readonly turn: number;
  readonly x: number;
  readonly y: number;
}
const arbitraryItem: fc.Arbitrary<Item> = fc
  .tuple(
    fc.oneof(
      fc.record({
        kind: fc.constant('block' as const),
        lengthCm: fc.double({ min: 2, max: 18, noNaN: true }),
        widthCm: fc.double({ min: 2, max: 14, noNaN: true }),
        heightCm: fc.double({ min: 1, max: 12, noNaN: true }),
      }),
      fc.record({
        kind: fc.constant('cylinder' as const),
        lengthCm: fc.double({ min: 4, max: 20, noNaN: true }),
        diameterCm: fc.double({ min: 3, max: 16, noNaN: true }),
      }),
      fc.record({ kind: fc.constant('pouch' as const) }),
      fc.record({
        kind: fc.constant('stuff' as const),
        looseVolumeL: fc.double({ min: 4, max: 9, noNaN: true }),
      }),
    ),
    fc.double({ min: 0.1, max: 4, noNaN: true }),
    fc.integer({ min: 0, max: 5 }),
    fc.double({ min: -16, max: 16, noNaN: true }),
    fc.double({ min: 0, max: 26, noNaN: true }),
  )
  .map(([shape, volumeL, turn, x, y]) => ({ shape, volumeL, turn, x, y }));

function loadAll(loader: ColumnLoader, items: readonly Item[], mend = false): void {
  for (const { shape, volumeL, turn, x, y } of items)
    loader.load(solidOf(shape, volumeL, 1), turn, x, y, mend);
}

/** Whether columns side by side, with the heights between which they are filled, hang together. */
function hangTogether(parts: readonly ColumnPart[], nx: number): boolean {
  const at = new Map(parts.map((p) => [p.column, p]));
  const seen = new Set(parts.slice(0, 1));
  for (const p of seen) {
    const x = p.column % nx;
    for (const by of [...(x > 0 ? [-1] : []), ...(x < nx - 1 ? [1] : []), -nx, nx]) {
      const q = at.get(p.column + by);
      if (q !== undefined && Math.min(p.high, q.high) > Math.max(p.low, q.low)) seen.add(q);
    }
  }
  return seen.size === parts.length;
}

test('a soft thing finds the low places first and ends level: 120 cm³ beside a block of 2 × 10 × 3', () => {
  const loader = new ColumnLoader(box(4, 10, 20), 2);
  loader.load(solidOf({ kind: 'block', lengthCm: 2, widthCm: 10, heightCm: 3 }, 0.06, 1), 0, -1, 5);
  loader.load(solidOf({ kind: 'pouch' }, 0.12, 1), 0, 0, 5);
  // The free half of 20 cm² takes 60 cm³ up to the block's top; 60 cm³ more are 1.5 cm over all 40 cm².
  const high = Math.max(...loader.partsOf(1).map((p) => p.high));
  expect(high).toBeCloseTo(4.5, 9);
  expect(loader.voidCm3).toBe(0);
});

test('what the patch does not take is poured on beside it, and only there', () => {
  const load = (wallCm: number): ColumnLoader => {
    const loader = new ColumnLoader(box(11, 4, 10), 2);
    const wall = solidOf({ kind: 'block', lengthCm: 4, widthCm: 1, heightCm: wallCm }, 0.1, 1);
    // Across the compartment, beside the patch of the bag.
    loader.load(wall, 1, 0.5, 2);
    loader.load(solidOf({ kind: 'pouch' }, 0.26, 1), 2, -3, 2);
    return loader;
  };
  const over = load(2);
  expect(over.overflowCm3).toBeCloseTo(0, 6);
  expect(over.partsOf(1).some((p) => p.column % 11 > 7)).toBe(true);
  // Nothing gets past a wall as high as the compartment.
  const shut = load(10);
  expect(shut.overflowCm3).toBeCloseTo(20, 6);
  expect(shut.partsOf(1).every((p) => p.column % 11 < 6)).toBe(true);
});

test('a rigid thing rests on the highest point under it; what is empty under it is a void', () => {
  const loader = new ColumnLoader(box(10, 10, 40), 2);
  loader.load(solidOf({ kind: 'block', lengthCm: 4, widthCm: 10, heightCm: 5 }, 0.2, 1), 0, -5, 5);
  loader.load(solidOf({ kind: 'block', lengthCm: 10, widthCm: 10, heightCm: 2 }, 0.2, 1), 0, 0, 5);
  expect(loader.rigidAt(1)).toMatchObject({ zCm: 5 });
  expect(loader.voidCm3).toBeCloseTo(6 * 10 * 5, 9);
});

test('what is compressible swells into the void over it, up to its loose volume', () => {
  const load = (looseVolumeL: number): ColumnLoader => {
    const loader = new ColumnLoader(box(10, 10, 40), 3);
    loader.load(solidOf({ kind: 'block', lengthCm: 5, widthCm: 10, heightCm: 6 }, 0.3, 1), 0, -2.5, 5);
    loader.load(solidOf({ kind: 'stuff', looseVolumeL }, 0.2, 1), 2, 2.5, 5);
    loader.load(solidOf({ kind: 'block', lengthCm: 10, widthCm: 10, heightCm: 2 }, 0.2, 1), 0, 0, 5);
    return loader;
  };
  // 200 cm³ in a hole of 5 × 10: 4 cm deep, 2 cm under the lid of it: 100 cm³.
  expect(load(0.2).voidCm3).toBeCloseTo(100, 6);
  expect(load(0.26).voidCm3).toBeCloseTo(40, 6);
  expect(load(0.5).voidCm3).toBeCloseTo(0, 6);
});

test('a filled reservoir is passed: what lies under it stays under, what comes later goes on above', () => {
  const loader = new ColumnLoader(box(10, 10, 60), 2, { widthCm: 10, depthCm: 2, low: 10, high: 30 });
  loader.load(solidOf({ kind: 'block', lengthCm: 10, widthCm: 10, heightCm: 10 }, 1, 1), 0, 0, 5);
  loader.load(solidOf({ kind: 'block', lengthCm: 10, widthCm: 10, heightCm: 4 }, 0.4, 1), 0, 0, 5);
  expect(loader.rigidAt(0)).toMatchObject({ zCm: 0 });
  expect(loader.rigidAt(1)).toMatchObject({ zCm: 30 });
});

test('the walls hold what the closed form says: integral of width times depth over the height', () => {
  const c = main();
  let litres = 0;
  for (let i = 0; i < c.floor.length; i += 1) litres += (c.ceiling[i]! - c.floor[i]!) / 1000;
  const whole = mainVolumeL(mainOf(PACK)!);
  expect(Math.abs(litres / whole - 1)).toBeLessThan(0.02);
  expect(mainVolumeL({ ...mainOf(PACK)!, bottomWidthCm: 30, topWidthCm: 30, heightCm: 50 })).toBeCloseTo(
    36,
    9,
  );
});

test('whatever is loaded: nothing overlaps, soft volumes are kept, all rests on something', () => {
  fc.assert(
    fc.property(fc.array(arbitraryItem, { minLength: 1, maxLength: 12 }), (items) => {
      const c = main();
      const loader = new ColumnLoader(c, items.length);
      loadAll(loader, items);
      const top = Float64Array.from(c.floor);
      let poured = 0;
      let wanted = 0;
      for (const [i, item] of items.entries()) {
        const solid = solidOf(item.shape, item.volumeL, 1);
        const mine = loader.partsOf(i);
        // No segment begins below the top of what was there before it: nothing overlaps.
        let gap = Infinity;
        let volume = 0;
        for (const { column, low, high } of mine) {
          gap = Math.min(gap, low - top[column]!);
          volume += high - low;
        }
        expect(gap).toBeGreaterThanOrEqual(-1e-6);
        for (const { column, high } of mine) top[column] = Math.max(top[column]!, high);
        if (mine.length > 0 && solid.kind === 'rigid') expect(gap).toBeLessThan(1e-6);
        if (solid.kind === 'soft') {
          expect(hangTogether(mine, c.nx)).toBe(true);
          poured += Math.min(volume, solid.volumeL * 1000);
          wanted += solid.volumeL * 1000;
          expect(volume).toBeLessThanOrEqual(solid.looseL * 1000 + 1e-3);
          const thicknesses = mine.map(({ low, high }) => high - low);
          expect(Math.min(...thicknesses)).toBeGreaterThanOrEqual(solid.leastCm - 1e-6);
          if (loader.overflowCm3 === 0)
            expect(Math.max(...thicknesses)).toBeLessThanOrEqual(
              2 * TALLEST_SPREAD * Math.cbrt(solid.looseL * 1000) + 1e-6,
            );
        }
      }
      if (loader.overflowCm3 === 0) expect(poured).toBeCloseTo(wanted, 3);
    }),
    { seed: 61, numRuns: runs(150) },
  );
});

test('the kernel comes to what a plain loader does, in any compartment', () => {
  const pockets = compartmentsOf(PACK, 1).filter((c) => c.zone !== undefined && c.kind !== 'sleeve');
  const slab = { widthCm: 20, depthCm: 4, low: 12, high: 34 };
  const places: readonly { readonly c: Compartment; readonly slab?: Slab }[] = [
    { c: main() },
    { c: main(), slab },
    { c: box(12, 9, 14), slab: { widthCm: 6, depthCm: 3, low: 4, high: 9 } },
    ...pockets.map((c) => ({ c })),
  ];
  fc.assert(
    fc.property(
      fc.nat(places.length - 1),
      fc.array(arbitraryItem, { minLength: 1, maxLength: 14 }),
      (which, items) => {
        const { c, slab } = places[which]!;
        const loader = new ColumnLoader(c, items.length, slab);
        const plain = new PlainLoader(c, slab);
        const patch = new FloorPatch(c);
        for (const item of items) {
          const [x, y] = [c.x0 + c.nx / 2 + item.x, c.y0 + item.y];
          const solid = solidOf(item.shape, item.volumeL, c.cellCm);
          loader.load(solid, item.turn, x, y);
          if (solid.kind === 'soft') {
            patch.findSpread(item.volumeL * 1000, item.turn % SPREADS.length, x, y);
            plain.pour(item.volumeL * 1000, solid.looseL * 1000, solid.leastCm, { ...patch });
            continue;
          }
          const turn = solid.turns[item.turn % solid.turns.length]!;
          patch.findUnder(turn, x, y, 0);
          if (turn.nx > c.nx || turn.ny > c.ny) plain.leaveOut(turn.widthCm * turn.depthCm * turn.heightCm);
          else plain.putRigid(turn, patch.x, patch.y);
        }
        let apart = 0;
        const near = (a: number, b: number): void => {
          apart = Math.max(apart, Math.abs(a - b));
        };
        for (const [column, height] of loader.height.entries()) near(height, plain.height[column]!);
        near(loader.voidCm3, plain.voidCm3);
        near(loader.overflowCm3, plain.overCm3);
        near(loader.creviceCm3(), plain.creviceCm3(CREVICE_CM));
        for (const [i, { parts }] of plain.things.entries()) {
          const found = loader.partsOf(i);
          expect(found.map((p) => p.column)).toEqual(parts.map((p) => p.column));
          for (const [k, { low, high }] of found.entries()) {
            near(low, parts[k]!.low);
            near(high, parts[k]!.high);
          }
        }
        expect(apart).toBeLessThan(1e-5);
      },
    ),
    { seed: 63, numRuns: runs(120) },
  );
});

test('taken out and loaded again, all is as it was', () => {
  fc.assert(
    fc.property(
      fc.array(arbitraryItem, { minLength: 2, maxLength: 12 }),
      fc.nat(11),
      fc.boolean(),
      (items, keep, mend) => {
        const fresh = new ColumnLoader(main(), items.length);
        loadAll(fresh, items, mend);
        const other = new ColumnLoader(main(), items.length + 3);
        const first = items.slice(0, keep);
        loadAll(other, first, mend);
        loadAll(other, [...items].reverse().slice(0, 3), mend);
        other.rewind(first.length);
        loadAll(other, items.slice(first.length), mend);
        expect(other.height).toEqual(fresh.height);
        expect(other.voidCm3).toBeCloseTo(fresh.voidCm3, 6);
        expect(other.overflowCm3).toBeCloseTo(fresh.overflowCm3, 6);
        for (let i = 0; i < items.length; i += 1) expect(other.partsOf(i)).toEqual(fresh.partsOf(i));
      },
    ),
    { seed: 62, numRuns: runs(60) },
  );
});

test('turns keep a thing’s volume, and soft things have all spreads', () => {
  const random = seededRandom(1);
  for (let i = 0; i < 20; i += 1) {
    const [l, w, h] = [2 + 20 * random(), 2 + 10 * random(), 1 + 8 * random()];
    const solid = solidOf({ kind: 'block', lengthCm: l, widthCm: w, heightCm: h }, 1, 1);
    if (solid.kind !== 'rigid') throw new Error('a block is rigid');
    expect(solid.turns).toHaveLength(6);
    for (const turn of solid.turns)
      expect(turn.widthCm * turn.depthCm * turn.heightCm).toBeCloseTo(l * w * h, 9);
  }
  const can = solidOf({ kind: 'cylinder', lengthCm: 20, diameterCm: 10 }, 1.6, 1);
  if (can.kind !== 'rigid') throw new Error('a can is rigid');
  for (const turn of can.turns) {
    const litres = turn.low.reduce((sum, low, k) => sum + turn.high[k]! - low, 0) / 1000;
    expect(litres).toBeGreaterThan(1.571 * 0.93);
    expect(litres).toBeLessThan(1.571 * 1.07);
  }
  expect(SPREADS.length).toBeGreaterThan(2);
});
