import { tripErrors } from '../formats/tripFile.js';
import { aMember, aTrip } from '../testing/smallTrip.js';
import type { Zone } from './model.js';
import { cataloguePack, PACK_SIZES } from './packCatalogue.js';
import { packVolumeL } from './queries.js';

describe.each(PACK_SIZES.map((size) => [size.nominalL, size] as const))('the %s L pack', (nominalL, size) => {
  const pack = cataloguePack('pack-a', size);
  const zone = (id: string): Zone => pack.zones.find((z) => z.id === id)!;
  const boxL = (z: Zone): number => (z.widthCm * z.depthCm * z.heightCm) / 1000;

  test('is valid in a trip', () => {
    expect(tripErrors({ ...aTrip([aMember('a')], []), packs: [pack] })).toEqual([]);
  });
  test('holds about what its name says', () => {
    expect(packVolumeL(pack) / nominalL).toBeGreaterThan(0.93);
    expect(packVolumeL(pack) / nominalL).toBeLessThan(1.13);
  });
  test('no zone holds more than its box', () => {
    for (const z of pack.zones) expect(z.volumeL).toBeLessThanOrEqual(boxL(z));
  });
  test('bottom, core and top stand on each other; the outer layer lies behind the core', () => {
    expect(zone('core').at.z).toBeCloseTo(zone('bottom').at.z + zone('bottom').heightCm, 0);
    expect(zone('top').at.z).toBeCloseTo(zone('core').at.z + zone('core').heightCm, 0);
    // Below 25 litres a pack has none.
    const lid = pack.zones.find((z) => z.id === 'lid');
    expect(lid === undefined).toBe(nominalL < 25);
    if (lid !== undefined) expect(lid.at.z).toBeCloseTo(zone('top').at.z + zone('top').heightCm, 0);
    expect(zone('outer').at.y).toBeCloseTo(zone('core').at.y + zone('core').depthCm, 0);
    expect(zone('front').at.y).toBeGreaterThanOrEqual(zone('outer').at.y + zone('outer').depthCm - 0.2);
  });
  test('left mirrors right', () => {
    for (const left of pack.zones.filter((z) => z.side === 'left')) {
      const right = zone(left.id.replace('left', 'right'));
      expect(right).toMatchObject({ kind: left.kind, widthCm: left.widthCm, volumeL: left.volumeL });
      expect(right.at).toEqual({ ...left.at, x: -left.at.x });
    }
  });
  test('straps at the sides; below and over the lid where a camp is carried', () => {
    const straps = pack.zones.filter((z) => z.kind === 'lash').map((z) => z.id);
    expect(straps).toEqual(['lash-left', 'lash-right', ...(nominalL < 40 ? [] : ['lash-below', 'lash-top'])]);
  });
});

test('a larger pack weighs more and carries more', () => {
  for (const [i, size] of PACK_SIZES.entries()) {
    const smaller = PACK_SIZES[i - 1];
    if (smaller === undefined) continue;
    expect(size.tareKg).toBeGreaterThan(smaller.tareKg);
    expect(size.ratedLoadKg).toBeGreaterThan(smaller.ratedLoadKg);
    expect(packVolumeL(cataloguePack('x', size))).toBeGreaterThan(packVolumeL(cataloguePack('y', smaller)));
  }
});
