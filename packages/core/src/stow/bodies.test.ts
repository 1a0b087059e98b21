import { seededRandom } from '../units/random.js';
import { STOW_LOADS, stowLoadTrip } from '../testing/stowLoads.js';
import { assess } from './assessStow.js';
import { bodyOf, skinOf, type Skin } from './bodies.js';
import type { Segment } from './laidThing.js';
import { planStow } from './planStow.js';
import { stowProblem } from './stowProblem.js';

/** Volume and centroid within a closed skin, by the divergence theorem; cm³ and cm. */
function withinOf({ positions, triangles }: Skin): { readonly cm3: number; readonly z: number } {
  let [cm3, mz] = [0, 0];
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => {
      const at = 3 * triangles[t + k]!;
      return [positions[at]!, positions[at + 1]!, positions[at + 2]!] as const;
    }) as [P, P, P];
    const six =
      a[0] * (b[1] * c[2] - b[2] * c[1]) -
      a[1] * (b[0] * c[2] - b[2] * c[0]) +
      a[2] * (b[0] * c[1] - b[1] * c[0]);
    cm3 += six / 6;
    mz += (six / 24) * (a[2] + b[2] + c[2]);
  }
  return { cm3, z: mz / cm3 };
}
type P = readonly [number, number, number];

/** Every edge is walked as often one way as the other: nothing is open, nothing turned inside out. */
function isClosed({ triangles }: Skin): boolean {
  const walks = new Map<string, number>();
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k += 1) {
      const [a, b] = [triangles[t + k]!, triangles[t + ((k + 1) % 3)]!];
      const key = a < b ? `${a} ${b}` : `${b} ${a}`;
      walks.set(key, (walks.get(key) ?? 0) + (a < b ? 1 : -1));
    }
  return [...walks.values()].every((n) => n === 0);
}

const block = (nx: number, ny: number, z0: number, z1: number): Segment[] =>
  Array.from({ length: nx * ny }, (_s, i) => ({
    x: (i % nx) + 0.5,
    y: Math.floor(i / nx) + 0.5,
    z0,
    z1,
  }));

test('a poured block is a closed body of about its volume, its corners rounded', () => {
  const skin = skinOf(block(10, 8, 3, 9));
  expect(isClosed(skin)).toBe(true);
  const { cm3, z } = withinOf(skin);
  expect(cm3).toBeGreaterThan(0.93 * 480);
  expect(cm3).toBeLessThanOrEqual(480);
  expect(z).toBeCloseTo(6, 1);
});

test('a part of a cell moves the skin by as much', () => {
  const at = (z1: number) => withinOf(skinOf(block(12, 12, 0, z1))).cm3;
  expect(at(6.5) - at(6)).toBeGreaterThan(0.8 * 0.5 * 144);
  expect(at(6.5) - at(6)).toBeLessThan(1.2 * 0.5 * 144);
});

test('columns at random, in two storeys: closed', () => {
  const random = seededRandom(4);
  for (let run = 0; run < 20; run += 1) {
    const segments = block(7, 6, 0, 1).flatMap(({ x, y }): Segment[] => {
      const z0 = 4 * random();
      const z1 = z0 + 4 * random();
      return random() < 0.3
        ? []
        : [
            { x, y, z0, z1 },
            { x, y, z0: z1 + 2 * random(), z1: 12 },
          ];
    });
    expect(isClosed(skinOf(segments))).toBe(true);
  }
});

test('every thing of a planned pack has a body as large as it is and where it is', () => {
  const trip = stowLoadTrip(STOW_LOADS[0]!, 'middle');
  const { stow } = planStow(trip, 'wearer', { seed: 1, iterations: 400 });
  const { placed } = assess(stowProblem(trip, 'wearer', 1), stow.placements);
  let skins = 0;
  for (const p of placed) {
    const body = bodyOf(p);
    if (p.insideId !== undefined) {
      expect(body).toBeUndefined();
      continue;
    }
    if (body?.kind === 'box')
      expect(body.sizeCm.x * body.sizeCm.y * body.sizeCm.z).toBeCloseTo(1000 * p.volumeL, 3);
    else if (body?.kind === 'cylinder')
      expect(Math.PI * body.radiusCm ** 2 * body.lengthCm).toBeCloseTo(1000 * p.volumeL, 3);
    else if (body?.kind === 'skin') {
      skins += 1;
      expect(isClosed(body.skin)).toBe(true);
      const { cm3, z } = withinOf(body.skin);
      // Thin edges are rounded off.
      expect(cm3).toBeGreaterThan(0.65 * 1000 * p.volumeL);
      expect(cm3).toBeLessThan(1.05 * 1000 * p.volumeL);
      expect(Math.abs(z - p.centre.z)).toBeLessThan(0.6);
    }
  }
  expect(skins).toBeGreaterThan(8);
});
