import { seededRandom } from '../units/random.js';
import { PackFiller } from './packFillings.js';

/** All sets of the free ones that, with those that must go in, fit and waste no more than may be. */
function byHand(
  amount: Float64Array,
  dims: number,
  must: readonly number[],
  free: readonly number[],
  room: Float64Array,
  spare: Float64Array,
): readonly string[] {
  const found: string[] = [];
  for (let mask = 0; mask < 1 << free.length; mask += 1) {
    const bundles = [...must, ...free.filter((_b, i) => (mask >> i) & 1)];
    const left = Array.from(room, (r, k) => bundles.reduce((l, b) => l - amount[b * dims + k]!, r));
    if (left.every((l, k) => l >= -1e-9 && l <= spare[k]! + 1e-9)) found.push(nameOf(bundles));
  }
  return found.sort();
}
const nameOf = (bundles: readonly number[]): string => [...bundles].sort((a, b) => a - b).join();

test('every filling that wastes no more than can be spared, and no other, least waste first', () => {
  let some = 0;
  for (let seed = 1; seed <= 60; seed += 1) {
    const random = seededRandom(seed);
    const dims = 4;
    const amount = Float64Array.from({ length: 11 * dims }, () => Math.round(random() * 20));
    const [must, free] = [seed % 3 === 0 ? [10] : [], Array.from({ length: 10 }, (_v, b) => b)];
    const room = Float64Array.from({ length: dims }, () => 40 + Math.round(random() * 30));
    const spare = Float64Array.from({ length: dims }, () => Math.round(random() * 30));
    const filler = new PackFiller(amount, dims, 1e-9);
    const { found, isCut } = filler.all({ must, free, room, spare }, () => true, 1e6);
    const expected = byHand(amount, dims, must, free, room, spare);
    expect(found.map(nameOf).sort()).toEqual(expected);
    expect(isCut).toBe(false);
    some += expected.length > 1 ? 1 : 0;
    const waste = found.map((bundles) =>
      Math.max(
        ...Array.from(
          room,
          (r, k) => bundles.reduce((l, b) => l - amount[b * dims + k]!, r) / (spare[k]! + 1e-9),
        ),
      ),
    );
    expect(waste).toEqual([...waste].sort((a, b) => a - b));
    const few = filler.all({ must, free, room, spare }, () => true, 5);
    expect(few.isCut).toBe(true);
    const even = filler.all({ must, free, room, spare }, (bundles) => bundles.length % 2 === 0, 1e6);
    expect(even.found).toHaveLength(found.filter((bundles) => bundles.length % 2 === 0).length);
  }
  expect(some).toBeGreaterThan(20);
});

test('what must go in and does not fit leaves nothing to try', () => {
  const filler = new PackFiller(Float64Array.of(5, 1), 1, 1e-9);
  const pack = { must: [0], free: [1], room: Float64Array.of(4), spare: Float64Array.of(4) };
  expect(filler.all(pack, () => true, 100)).toMatchObject({ found: [], isCut: false });
});
