import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { columnHeap, withLoaders } from './columnKernel.js';
import { ColumnLoader } from './columnLoader.js';
import { compartmentsOf } from './packGeometry.js';
import { solidOf } from './solids.js';

const MAIN = compartmentsOf(
  cataloguePack(
    'p',
    PACK_SIZES.find((s) => s.nominalL === 50)!,
  ),
  1,
).find((c) => c.id === 'main')!;
const CAN = solidOf({ kind: 'cylinder', lengthCm: 12, diameterCm: 10 }, 0.9, 1);
const BAG = solidOf({ kind: 'stuff', looseVolumeL: 9 }, 5, 1);

describe('memory of the loaders', () => {
  test('what is made in a scope is given up with it, whether its work ends well or not', () => {
    const where = (): number => withLoaders(() => columnHeap().allocate(8, columnHeap().scope));
    const before = where();
    withLoaders(() => new ColumnLoader(MAIN, 4).load(CAN, 0, 0, 5));
    expect(where()).toBe(before);
    const failing = (): void =>
      withLoaders(() => {
        new ColumnLoader(MAIN, 4).load(BAG, 0, 0, 5);
        throw new Error('on purpose');
      });
    expect(failing).toThrow('on purpose');
    expect(where()).toBe(before);
  });

  test('a loader is refused once its scope is closed', () => {
    const loader = withLoaders(() => {
      const made = new ColumnLoader(MAIN, 4);
      made.load(CAN, 0, 0, 5);
      made.rewind(0);
      return made;
    });
    expect(() => loader.load(CAN, 0, 0, 5)).toThrow('a loader is used after its scope was closed');
  });

  test('a loader of an outer scope gets no memory that an inner one would give up', () => {
    withLoaders(() => {
      const outer = new ColumnLoader(MAIN, 4);
      expect(() => withLoaders(() => outer.load(CAN, 0, 0, 5))).toThrow(
        'only the innermost scope is given memory',
      );
    });
  });

  test('when memory grows, what was loaded before stays', () => {
    withLoaders(() => {
      const loader = new ColumnLoader(MAIN, 4);
      loader.load(BAG, 0, 0, 8);
      loader.load(CAN, 0, 0, 8);
      const parts = loader.partsOf(0);
      const height = loader.height;
      const heap = columnHeap();
      const bytes = heap.f64.byteLength;
      heap.allocate(bytes, heap.scope);
      expect(heap.f64.byteLength).toBeGreaterThan(bytes);
      expect(loader.partsOf(0)).toEqual(parts);
      loader.load(CAN, 0, 0, 8);
      loader.rewind(2);
      expect(loader.height).toEqual(height);
    });
  });
});
