import fc from 'fast-check';
import type { MainCompartment, Pack } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { capacityL, compartmentsOf, FINE_CELL_CM, mainVolumeL } from './packGeometry.js';
import { runs } from '../testing/runs.js';

const SIXTY = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const arbitraryMain: fc.Arbitrary<MainCompartment> = fc
  .record({
    bottomWidthCm: fc.integer({ min: 40, max: 70 }).map((v) => v / 2),
    topWidthCm: fc.integer({ min: 40, max: 70 }).map((v) => v / 2),
    bottomDepthCm: fc.integer({ min: 30, max: 60 }).map((v) => v / 2),
    topDepthCm: fc.integer({ min: 30, max: 60 }).map((v) => v / 2),
    heightCm: fc.integer({ min: 35, max: 75 }),
    bottomPartCm: fc.integer({ min: 10, max: 20 }),
    divider: fc.boolean(),
  })
  .map((size) => ({ ...size, at: { x: 0, y: 1.5, z: -9 }, openings: ['top'] as const }));
const packWith = (main: MainCompartment): Pack => ({ ...SIXTY, main });
const mainsOf = (pack: Pack, cellCm: number) => compartmentsOf(pack, cellCm).filter((c) => c.kind === 'main');

describe('a pack as compartments', () => {
  test('the volume of a tapered compartment is that of a prismatoid, h/6 · (A₀ + 4 Aₘ + A₁)', () => {
    fc.assert(
      fc.property(arbitraryMain, (main) => {
        const { bottomWidthCm: a, topWidthCm: b, bottomDepthCm: c, topDepthCm: d, heightCm: h } = main;
        const middle = ((a + b) / 2) * ((c + d) / 2);
        expect(mainVolumeL(main)).toBeCloseTo(((h / 6) * (a * c + 4 * middle + b * d)) / 1000, 9);
      }),
      { seed: 1 },
    );
  });

  test('the columns of the centimetre grid hold that volume but for the cells that walls cut', () => {
    fc.assert(
      fc.property(arbitraryMain, (main) => {
        const columns = mainsOf(packWith(main), 1).reduce((sum, c) => sum + capacityL(c), 0);
        const { bottomWidthCm: a, topWidthCm: b, bottomDepthCm: c, topDepthCm: d, heightCm: h } = main;
        // At most a cell is lost or won along each of the three walls that are not straight on the grid.
        const alongWallsL = (h * (2 * Math.max(c, d) + Math.max(a, b))) / 1000;
        expect(Math.abs(columns - mainVolumeL(main))).toBeLessThanOrEqual(alongWallsL);
      }),
      { seed: 2 },
    );
  });

  test('a divider parts the compartment at its height, without loss', () => {
    fc.assert(
      fc.property(arbitraryMain, (main) => {
        const [whole, ...none] = mainsOf(packWith({ ...main, divider: false }), 1);
        const [bottom, above] = mainsOf(packWith({ ...main, divider: true }), 1);
        expect(none).toHaveLength(0);
        expect(bottom!.id).toBe('bottom');
        expect(capacityL(bottom!) + capacityL(above!)).toBeCloseTo(capacityL(whole!), 6);
        for (let i = 0; i < whole!.floor.length; i += 1)
          expect(bottom!.ceiling[i]!).toBeLessThanOrEqual(
            Math.max(above!.floor[i]!, bottom!.floor[i]!) + 1e-9,
          );
      }),
      { seed: 3, numRuns: runs(40) },
    );
  });

  test.each([2, 3])(
    'cells of %i cm are made of whole ones of the fine grid, all of them inside',
    (cellCm) => {
      fc.assert(
        fc.property(arbitraryMain, (main) => {
          const pack = packWith(main);
          const fine = compartmentsOf(pack, FINE_CELL_CM);
          for (const [i, coarse] of compartmentsOf(pack, cellCm).entries()) {
            const { id, x0, y0, nx, ny } = fine[i]!;
            expect(coarse.id).toBe(id);
            const shift = (coarse.x0 - x0) / FINE_CELL_CM;
            expect(shift).toBeCloseTo(Math.round(shift), 9);
            expect(coarse.y0).toBe(y0);
            // Pockets thinner than a cell are one cell all the same.
            if (nx * FINE_CELL_CM < cellCm || ny * FINE_CELL_CM < cellCm) continue;
            expect(shift).toBeGreaterThanOrEqual(0);
            expect(coarse.x0 + coarse.nx * cellCm).toBeLessThanOrEqual(x0 + nx * FINE_CELL_CM + 1e-9);
            expect(coarse.ny * cellCm).toBeLessThanOrEqual(ny * FINE_CELL_CM);
            // No more than a cell is left over.
            expect(nx * FINE_CELL_CM - coarse.nx * cellCm).toBeLessThan(cellCm);
          }
        }),
        { seed: 4, numRuns: runs(60) },
      );
    },
  );
});
