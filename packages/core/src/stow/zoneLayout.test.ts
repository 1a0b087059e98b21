import fc from 'fast-check';
import { SIDES, type Shape, type Zone } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { boxCentre, layoutZone, type Box, type LaidThing } from './zoneLayout.js';

const pack = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const zone = (id: string): Zone => pack.zones.find((z) => z.id === id)!;
const pouch: Shape = { kind: 'pouch' };
const volumeL = (box: Box): number => ((box.x1 - box.x0) * (box.y1 - box.y0) * (box.z1 - box.z0)) / 1000;
const fillOf = (z: Zone): number => z.volumeL / ((z.widthCm * z.depthCm * z.heightCm) / 1000);

describe('a main zone', () => {
  const core = zone('core');
  test('a layer across has its volume and lies at the bottom', () => {
    const [box] = layoutZone(core, [{ shape: pouch, volumeL: 2, side: 'centre' }]);
    expect(box).toMatchObject({ x0: -15, x1: 15, z0: core.at.z, y0: core.at.y });
    expect(volumeL(box!)).toBeCloseTo(2 / fillOf(core), 9);
  });
  test('left and right share a layer; equal volumes meet in the middle', () => {
    const [left, right] = layoutZone(core, [
      { shape: pouch, volumeL: 1.5, side: 'left' },
      { shape: pouch, volumeL: 1.5, side: 'right' },
    ]);
    expect(left!.x1).toBeCloseTo(0, 9);
    expect(right!.x0).toBeCloseTo(0, 9);
    expect(boxCentre(left!).x).toBeCloseTo(-7.5, 9);
  });

  const things = fc.array(
    fc.record({
      shape: fc.constant(pouch),
      volumeL: fc.double({ min: 0.05, max: 3, noNaN: true }),
      side: fc.constantFrom(...SIDES),
    }),
    { minLength: 1, maxLength: 8 },
  );
  test('whatever fits by volume stays inside, keeps its volume and overlaps nothing', () => {
    fc.assert(
      fc.property(things, fc.constantFrom('bottom', 'core', 'outer', 'top'), (list, id) => {
        const z = zone(id);
        const sum = list.reduce((v, t) => v + t.volumeL, 0);
        // Scaled down where it would not fit: fitting is the planner's business.
        const scale = Math.min(1, (z.volumeL * 0.999) / sum);
        const laid: LaidThing[] = list.map((t) => ({ ...t, volumeL: t.volumeL * scale }));
        const boxes = layoutZone(z, laid);
        boxes.forEach((box, i) => {
          expect(volumeL(box) * fillOf(z)).toBeCloseTo(laid[i]!.volumeL, 6);
          expect(box.z0).toBeGreaterThanOrEqual(z.at.z - 1e-9);
          expect(box.z1).toBeLessThanOrEqual(z.at.z + z.heightCm + 1e-6);
          expect(box.x0).toBeGreaterThanOrEqual(z.at.x - z.widthCm / 2 - 1e-9);
          expect(box.x1).toBeLessThanOrEqual(z.at.x + z.widthCm / 2 + 1e-9);
          boxes.slice(i + 1).forEach((other) => {
            const apart =
              box.x1 <= other.x0 + 1e-9 ||
              other.x1 <= box.x0 + 1e-9 ||
              box.z1 <= other.z0 + 1e-9 ||
              other.z1 <= box.z0 + 1e-9;
            expect(apart).toBe(true);
          });
        });
      }),
      { seed: 21, numRuns: 300 },
    );
  });
});

describe('a pocket', () => {
  test('a bottle stands upright in its own size and may stand out above', () => {
    const side = zone('side-left');
    const [bottle] = layoutZone(side, [
      { shape: { kind: 'cylinder', lengthCm: 24, diameterCm: 7.6 }, volumeL: 1.05, side: 'centre' },
    ]);
    expect(bottle!.z1 - bottle!.z0).toBeCloseTo(24, 9);
    expect(bottle!.x1 - bottle!.x0).toBeCloseTo(7.6, 9);
    expect(boxCentre(bottle!).x).toBeCloseTo(side.at.x, 9);
    expect(bottle!.z1).toBeGreaterThan(side.at.z + side.heightCm);
  });
  test('things in a closed pocket lie on each other', () => {
    const boxes = layoutZone(zone('lid'), [
      { shape: pouch, volumeL: 1, side: 'centre' },
      { shape: pouch, volumeL: 1, side: 'centre' },
    ]);
    expect(boxes[1]!.z0).toBeCloseTo(boxes[0]!.z1, 9);
  });
});
