import fc from 'fast-check';
import { solveProgram } from '../testing/highsShare.js';
import { leastMomentBound, type BoundThing } from './momentBound.js';
import type { SliceGroup } from './slicedRoom.js';
import { runs } from '../testing/runs.js';

const group = (litres: readonly number[], fromCm = 0, sliceCm = 2): SliceGroup => ({
  fromCm,
  sliceCm,
  capacityCm3: Float64Array.from(litres, (l) => 1000 * l),
});
const fluid = (massKg: number, volumeL: number, mostLPerCm = 1000): BoundThing => ({
  massKg,
  options: [{ kind: 'fluid', group: 0, volumeCm3: 1000 * volumeL, mostPerCm: 1000 * mostLPerCm }],
});
const box = (massKg: number, lengthCm: number, area: number, spanCm: number): BoundThing => ({
  massKg,
  options: [
    {
      kind: 'stiff',
      group: 0,
      lengthCm,
      steps: [{ lengthCm, volumeCm3: area * lengthCm }],
      startCm: [0, spanCm - lengthCm],
    },
  ],
});

const arbitraryFluids = fc.array(
  fc.record({ massKg: fc.integer({ min: 1, max: 30 }), volumeL: fc.integer({ min: 1, max: 6 }) }),
  { minLength: 1, maxLength: 6 },
);
const arbitraryLitres = fc.array(fc.integer({ min: 3, max: 8 }), { minLength: 14, maxLength: 18 });

/** Fluids in slices as a linear program: each slice's share of each thing, at the slice's middle. */
async function leastByProgram(
  things: readonly { readonly massKg: number; readonly volumeL: number }[],
  litres: readonly number[],
  sliceCm: number,
): Promise<number> {
  const name = (t: number, r: number): string => `x${t}_${r}`;
  const costs: string[] = [];
  const rows: string[] = [];
  things.forEach(({ massKg, volumeL }, t) => {
    rows.push(` all${t}: ${litres.map((_l, r) => name(t, r)).join(' + ')} = ${volumeL}`);
    litres.forEach((_l, r) => costs.push(`${(massKg / volumeL) * (r + 0.5) * sliceCm} ${name(t, r)}`));
  });
  litres.forEach((l, r) => rows.push(` slice${r}: ${things.map((_t, t) => name(t, r)).join(' + ')} <= ${l}`));
  const program = `Minimize\n obj: ${costs.join(' + ')}\nSubject To\n${rows.join('\n')}\nEnd\n`;
  return (await solveProgram(program)).objective;
}

/** Fluids in tenths of a kg in one group: the linear program's least moment, and the bound on it. */
async function bothBounds(
  list: readonly { readonly massKg: number; readonly volumeL: number }[],
  slices: SliceGroup,
) {
  const things = list.map((t) => ({ massKg: t.massKg / 10, volumeL: t.volumeL }));
  const litres = Array.from(slices.capacityCm3, (cm3) => cm3 / 1000);
  const least = await leastByProgram(things, litres, slices.sliceCm);
  const fluids = things.map((t) => fluid(t.massKg, t.volumeL));
  return { things, least, bound: leastMomentBound(fluids, [slices], least) };
}

describe('the bound on moments', () => {
  test('one fluid fills from the lower end: by hand', () => {
    // 3 L in slices of 2 L and 2 cm: 2 L at 1 cm, 1 L in the lower half of the next, at 2.5 cm.
    expect(leastMomentBound([fluid(6, 3)], [group([2, 2, 2])], 20)).toBeCloseTo(2 * (2 * 1 + 1 * 2.5), 3);
  });

  test('of two fluids the denser lies lower: by hand, in thin slices', () => {
    const thin = new Array<number>(40).fill(0.1);
    const bound = leastMomentBound([fluid(1, 2), fluid(4, 2)], [group(thin, 0, 0.1)], 30);
    expect(bound).toBeLessThanOrEqual(4 * 1 + 1 * 3);
    expect(bound).toBeGreaterThan(6.8);
  });

  test('what may be only so thick takes more slices', () => {
    expect(leastMomentBound([fluid(2, 2, 0.5)], [group([2, 2])], 30)).toBeCloseTo(2 * 2, 3);
  });

  test('against HiGHS: never above the linear program, and below it by half a slice at most', async () => {
    await fc.assert(
      fc.asyncProperty(arbitraryFluids, arbitraryLitres, async (list, litres) => {
        const { things, least, bound } = await bothBounds(list, group(litres));
        const massKg = things.reduce((sum, t) => sum + t.massKg, 0);
        expect(bound).toBeLessThanOrEqual(least + 1e-6);
        expect(bound).toBeGreaterThanOrEqual(least - 1.05 * massKg - 1e-6);
      }),
      { seed: 1, numRuns: runs(60) },
    );
  });

  test('on a grid, against HiGHS: never above the linear program and near it', async () => {
    await fc.assert(
      fc.asyncProperty(arbitraryFluids, arbitraryLitres, async (list, litres) => {
        const { least, bound } = await bothBounds(list, { ...group(litres), gridded: true });
        expect(bound).toBeLessThanOrEqual(least + 1e-6);
        expect(bound).toBeGreaterThanOrEqual(0.88 * least - 1e-6);
      }),
      { seed: 2, numRuns: runs(60) },
    );
  });

  test('on a grid a stiff thing begins where a row begins: by hand', () => {
    const rows = { ...group([1, 1, 1, 1]), gridded: true };
    // 4 cm long in rows of 2 cm: its middle is 2 cm above where it begins.
    const thing = (from: number): BoundThing => ({
      massKg: 2,
      options: [
        {
          kind: 'stiff',
          group: 0,
          lengthCm: 4,
          steps: [{ lengthCm: 4, volumeCm3: 400 }],
          startCm: [from, 4],
        },
      ],
    });
    expect(leastMomentBound([thing(0)], [rows], 20)).toBeCloseTo(2 * 2, 6);
    expect(leastMomentBound([thing(2)], [rows], 20)).toBeCloseTo(2 * 4, 6);
  });

  test('stiff things one after another: never above the best of all orders, and well above nothing', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ massKg: fc.integer({ min: 1, max: 20 }), lengthCm: fc.integer({ min: 2, max: 12 }) }),
          {
            minLength: 2,
            maxLength: 5,
          },
        ),
        (boxes) => {
          const spanCm = boxes.reduce((sum, b) => sum + b.lengthCm, 0);
          const momentOf = (order: readonly number[]): number => {
            let at = 0;
            let sum = 0;
            for (const i of order) {
              sum += boxes[i]!.massKg * (at + boxes[i]!.lengthCm / 2);
              at += boxes[i]!.lengthCm;
            }
            return sum;
          };
          const orders = permutations(boxes.map((_b, i) => i));
          const best = Math.min(...orders.map(momentOf));
          const slices = group(new Array<number>(spanCm).fill(0.1), 0, 1);
          const bound = leastMomentBound(
            boxes.map((b) => box(b.massKg, b.lengthCm, 100, spanCm)),
            [slices],
            best,
          );
          expect(bound).toBeLessThanOrEqual(best + 1e-6);
          expect(bound).toBeGreaterThanOrEqual(0.8 * best);
        },
      ),
      { seed: 3, numRuns: runs(60) },
    );
  });

  test('a thing without any place has no bound', () => {
    expect(leastMomentBound([{ massKg: 1, options: [] }], [group([1])], 5)).toBe(-Infinity);
  });
});

function permutations(list: readonly number[]): readonly (readonly number[])[] {
  if (list.length <= 1) return [list];
  return list.flatMap((first, i) =>
    permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [first, ...rest]),
  );
}
