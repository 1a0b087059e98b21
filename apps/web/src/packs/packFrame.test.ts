import { cataloguePack, PACK_SIZES } from '@graft/core';
import { inLayer, inSideCut, makeFrame, packSpans, zoneBox } from './packFrame';

const pack = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const zone = (id: string) => pack.zones.find((z) => z.id === id)!;

test('the spans of a pack take in every zone', () => {
  const { x, y, z } = packSpans(pack);
  for (const each of pack.zones) {
    const box = zoneBox(each);
    expect(box.x0).toBeGreaterThanOrEqual(x.low);
    expect(box.x1).toBeLessThanOrEqual(x.high);
    expect(box.y1).toBeLessThanOrEqual(y.high);
    expect(box.z0).toBeGreaterThanOrEqual(z.low);
  }
  expect(x.low).toBe(-x.high);
});
test('a centimetre is the same across and up, and up is up', () => {
  const frame = makeFrame({ low: -10, high: 30 }, { low: 0, high: 80 }, 5);
  expect([frame.width, frame.height]).toEqual([200, 400]);
  expect(frame.h(11) - frame.h(10)).toBeCloseTo(5, 12);
  expect(frame.v(10) - frame.v(11)).toBeCloseTo(5, 12);
  expect([frame.h(-10), frame.v(80)]).toEqual([0, 0]);
});
test('the side cut meets the main compartment, passes the pockets of its side, and misses the other side', () => {
  expect(inSideCut(zoneBox(zone('core')), 'right')).toBe('cut');
  expect(inSideCut(zoneBox(zone('side-right')), 'right')).toBe('behind');
  expect(inSideCut(zoneBox(zone('side-left')), 'right')).toBe('away');
  expect(inSideCut(zoneBox(zone('side-left')), 'left')).toBe('behind');
  expect(inSideCut({ ...zoneBox(zone('core')), x1: 0 }, 'right')).toBe('away');
});
test('the back view shows one layer at a time, and never what hangs in front of the wearer', () => {
  expect(inLayer(zone('core'), 'core')).toBe(true);
  expect(inLayer(zone('core'), 'outer')).toBe(false);
  expect(inLayer(zone('outer'), 'outer')).toBe(true);
  expect(inLayer(zone('bottom'), 'outer')).toBe(true);
  expect(inLayer(zone('side-left'), 'core')).toBe(true);
  for (const id of ['belt-left', 'strap-right', 'sleeve', 'front'])
    expect(inLayer(zone(id), 'core')).toBe(false);
});
