import { zoneBox } from '@graft/core/stow';
import { cataloguePack, PACK_SIZES } from '@graft/core/trip';
import { makeFrame, packSpans, seen } from './packFrame';

const pack = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const zone = (id: string) => pack.zones.find((z) => z.id === id)!;

test('the spans of a pack take in every zone', () => {
  const { x, y, z } = packSpans(pack, new Set(pack.zones.map((each) => each.id)));
  for (const each of pack.zones) {
    const box = zoneBox(each);
    expect(box.x0).toBeGreaterThanOrEqual(x.low);
    expect(box.x1).toBeLessThanOrEqual(x.high);
    expect(box.y1).toBeLessThanOrEqual(y.high);
    expect(box.z0).toBeGreaterThanOrEqual(z.low);
  }
  expect(x.low).toBe(-x.high);
});
test('of an empty zone that hangs about the pack an edge is seen, of one with something in it all', () => {
  const bare = packSpans(pack, new Set());
  const below = zoneBox(zone('lash-below'));
  expect(bare.z.low).toBeGreaterThan(below.z0 + 5);
  expect(bare.z.low).toBeLessThan(below.z1);
  expect(packSpans(pack, new Set(['lash-below'])).z.low).toBe(below.z0);
});
test('a centimetre is the same across and up, and up is up', () => {
  const frame = makeFrame({ low: -10, high: 30 }, { low: 0, high: 80 }, 5);
  expect([frame.width, frame.height]).toEqual([200, 400]);
  expect(frame.h(11) - frame.h(10)).toBeCloseTo(5, 12);
  expect(frame.v(10) - frame.v(11)).toBeCloseTo(5, 12);
  expect([frame.h(-10), frame.v(80)]).toEqual([0, 0]);
});
test('the side cut meets what it passes through, sees the pockets of its side, and misses the other side', () => {
  const right = { axis: 'x', at: 6.5 } as const;
  expect(seen(zone('lid'), right)).toBe('cut');
  expect(seen(zone('side-right'), right)).toBe('behind');
  expect(seen(zone('side-left'), right)).toBe('away');
  expect(seen(zone('side-left'), { axis: 'x', at: -6.5 })).toBe('behind');
  expect(seen(zone('side-right'), { axis: 'x', at: 18.5 })).toBe('cut');
});
test('the back view leaves what hangs before the wearer, and pockets in front of the cut, to the side cut', () => {
  const near = { axis: 'y', at: 6.5 } as const;
  expect(seen(zone('lid'), near)).toBe('cut');
  expect(seen(zone('side-left'), near)).toBe('cut');
  expect(seen(zone('side-left'), { axis: 'y', at: 20.5 })).toBe('behind');
  for (const id of ['belt-left', 'strap-right', 'front']) expect(seen(zone(id), near)).toBe('away');
  expect(seen(zone('front'), { axis: 'y', at: 27.5 })).toBe('cut');
});
