import fc from 'fast-check';
import { runs } from '../testing/runs.js';
import { apartContradiction } from './apartContradiction.js';

const to = (...allowed: readonly number[]) => ({ allowed });

test('three pieces, each apart from the others, and two carriers: by three rules of two', () => {
  const three = [to(0, 1), to(0, 1), to(0, 1)];
  const rules = [
    [0, 1],
    [1, 2],
    [0, 2],
  ];
  expect(apartContradiction(three, rules)).toEqual({ bundles: [0, 1, 2], isClique: true });
  expect(apartContradiction([...three.slice(0, 2), to(0, 1, 2)], rules)).toBeUndefined();
  expect(apartContradiction(three, rules.slice(0, 2))).toBeUndefined();
});

test('a ring of five has no set of three, and two carriers are too few all the same', () => {
  const ring = [0, 1, 2, 3, 4].map((i) => [i, (i + 1) % 5]);
  const both = ring.map(() => to(3, 4));
  expect(apartContradiction(both, ring)).toEqual({ bundles: [0, 1, 2, 3, 4], isClique: false });
  expect(
    apartContradiction(
      ring.map(() => to(3, 4, 5)),
      ring,
    ),
  ).toBeUndefined();
});

/** Every way to give bundles to carriers. */
function canBeKept(allowed: readonly (readonly number[])[], rules: readonly (readonly number[])[]): boolean {
  const given: number[] = [];
  const from = (b: number): boolean =>
    b === allowed.length
      ? rules.every((rule) => new Set(rule.map((i) => given[i])).size === rule.length)
      : allowed[b]!.some((m) => {
          given[b] = m;
          return from(b + 1);
        });
  return from(0);
}

test('against every way to give them: a contradiction is one, and none is missed', () => {
  fc.assert(
    fc.property(
      fc.array(fc.uniqueArray(fc.integer({ min: 0, max: 3 }), { minLength: 1, maxLength: 4 }), {
        minLength: 2,
        maxLength: 6,
      }),
      fc.array(fc.uniqueArray(fc.integer({ min: 0, max: 5 }), { minLength: 2, maxLength: 3 }), {
        maxLength: 8,
      }),
      (allowed, drawn) => {
        const rules = drawn
          .map((rule) => [...new Set(rule.map((b) => b % allowed.length))])
          .filter((rule) => rule.length > 1);
        const found = apartContradiction(
          allowed.map((a) => ({ allowed: a })),
          rules,
        );
        expect(found === undefined).toBe(canBeKept(allowed, rules));
      },
    ),
    { seed: 1, numRuns: runs(400) },
  );
});

test('a hundred pieces that are all apart, and ninety carriers: said at once', () => {
  const all = Array.from({ length: 100 }, (_b, i) => i);
  const carriers = all.slice(0, 90);
  const found = apartContradiction(
    all.map(() => ({ allowed: carriers })),
    [all],
  );
  expect(found?.isClique).toBe(true);
  expect(
    apartContradiction(
      all.map(() => ({ allowed: all })),
      [all],
    ),
  ).toBeUndefined();
});
