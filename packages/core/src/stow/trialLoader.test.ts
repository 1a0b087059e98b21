import fc from 'fast-check';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import type { Shape } from '../trip/model.js';
import { ColumnLoader } from './columnLoader.js';
import { compartmentsOf } from './packGeometry.js';
import { solidOf } from './solids.js';
import { TrialLoader, type Put } from './trialLoader.js';
import { runs } from '../testing/runs.js';

const PACK = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 40)!,
);
const MAIN = compartmentsOf(PACK, 2).find((c) => c.id === 'main')!;
const SHAPES: readonly Shape[] = [
  { kind: 'cylinder', lengthCm: 12, diameterCm: 14 },
  { kind: 'block', lengthCm: 20, widthCm: 12, heightCm: 8 },
  { kind: 'block', lengthCm: 14, widthCm: 9, heightCm: 5 },
  { kind: 'stuff', looseVolumeL: 9 },
  { kind: 'pouch' },
  { kind: 'roll', lengthCm: 26, diameterCm: 9 },
  { kind: 'stuff', looseVolumeL: 5 },
];
const SOLIDS = SHAPES.map((shape) => solidOf(shape, 2.2, 2));
const empty = (): ColumnLoader => new ColumnLoader(MAIN, SHAPES.length);
const put = (loader: ColumnLoader, { t, turn, x, y }: Put): void =>
  loader.load(SOLIDS[t]!, turn % (SOLIDS[t]!.kind === 'soft' ? 5 : 3), x, y);

const arbitraryPut = (t: number): fc.Arbitrary<Put> =>
  fc.record({
    t: fc.constant(t),
    turn: fc.nat(4),
    x: fc.integer({ min: -14, max: 14 }),
    y: fc.integer({ min: 0, max: 21 }),
  });
const arbitraryList = fc.tuple(...SHAPES.map((_s, t) => arbitraryPut(t)));
/** A thing that is put elsewhere or loaded at another turn, and whether that is kept. */
const arbitraryChange = fc.record({
  from: fc.nat(SHAPES.length - 1),
  to: fc.nat(SHAPES.length - 1),
  x: fc.integer({ min: -14, max: 14 }),
  kept: fc.boolean(),
});

test('after any row of trials, kept or not, a compartment holds what a fresh one would', () => {
  fc.assert(
    fc.property(
      arbitraryList,
      fc.array(arbitraryChange, { minLength: 1, maxLength: 12 }),
      (start, changes) => {
        const trial = new TrialLoader(empty);
        let list: readonly Put[] = start;
        trial.try(list, put);
        trial.keep();
        for (const { from, to, x, kept } of changes) {
          const moved = { ...list[from]!, x };
          const next = list.filter((_p, i) => i !== from);
          next.splice(to, 0, moved);
          expect(trial.try(next, put)).toBe(true);
          const fresh = empty();
          for (const p of next) put(fresh, p);
          const { loader } = trial;
          expect(loader.height).toEqual(fresh.height);
          expect(loader.loaded).toBe(fresh.loaded);
          expect(loader.voidCm3).toBeCloseTo(fresh.voidCm3, 6);
          expect(loader.overflowCm3).toBeCloseTo(fresh.overflowCm3, 6);
          for (let i = 0; i < fresh.loaded; i += 1) {
            expect(loader.partsOf(i)).toEqual(fresh.partsOf(i));
            expect(loader.measure(i)).toBe(fresh.measure(i));
            expect(loader.middleZ).toBeCloseTo(fresh.middleZ, 6);
            expect(loader.middleX).toBeCloseTo(fresh.middleX, 6);
          }
          if (!kept) continue;
          trial.keep();
          list = next;
        }
      },
    ),
    { seed: 71, numRuns: runs(60) },
  );
});

test('a trial stops as soon as it is told, and the next one goes on from there', () => {
  const trial = new TrialLoader(empty);
  const list = SHAPES.map((_s, t): Put => ({ t, turn: 0, x: 0, y: 10 }));
  let asked = 0;
  const loads: number[] = [];
  const counted = (loader: ColumnLoader, p: Put): void => {
    loads.push(p.t);
    put(loader, p);
  };
  expect(trial.try(list, counted, () => (asked += 1) > 3)).toBe(false);
  expect(loads).toEqual([0, 1, 2]);
  expect(trial.try(list, counted)).toBe(true);
  expect(loads).toEqual([0, 1, 2, 3, 4, 5, 6]);
});
