import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { Piece, Placement, Trip } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { assessStow } from './assessStow.js';
import { takeOutFirst } from './takeOut.js';

const piece = (id: string, more: Partial<Piece>): Piece => ({ ...aThing(id), ...more });
const size = (litres: number) => PACK_SIZES.find((s) => s.nominalL === litres)!;
const at = (thingId: string): Placement => ({ thingId, zoneId: 'core', side: 'centre', pinned: false });
const PIECES = [
  piece('tarp', { volumeL: 6, needed: 'firstInCamp', purpose: 'tarp' }),
  piece('kitchen', { volumeL: 8, needed: 'camp' }),
  piece('aid', { volumeL: 9, needed: 'hurry', purpose: 'firstAid' }),
  piece('net', { volumeL: 3, needed: 'camp' }),
];

function tripWith(otherL: number): Trip {
  const base = aTrip([aMember('a'), aMember('b')], PIECES);
  return {
    ...base,
    packs: [cataloguePack('pack-a', size(30)), cataloguePack('pack-b', size(otherL))],
    share: PIECES.map((p) => ({ pieceId: p.id, memberId: 'a', locked: false })),
  };
}
const over = (trip: Trip) =>
  assessStow(
    trip,
    'a',
    1,
    PIECES.map((p) => at(p.id)),
  );

test('what is least wanted on the way and makes most room goes first, to who has room; first aid stays', () => {
  const trip = tripWith(60);
  const list = takeOutFirst(trip, 'a', over(trip), 3);
  expect(list.map((t) => t.thing.id)).toEqual(['kitchen', 'net', 'tarp']);
  expect(list.every((t) => t.to?.member.id === 'b')).toBe(true);
});

test('nobody has room: it is said', () => {
  const trip = tripWith(60);
  const full: Trip = {
    ...trip,
    personalThings: [{ ...aThing('bulk', { volumeL: 55 }), memberId: 'b', worn: false }],
  };
  expect(takeOutFirst(full, 'a', over(full), 1)[0]!.to).toBeUndefined();
});

test('nothing is to come out of a pack in which all goes in', () => {
  const trip = tripWith(60);
  expect(takeOutFirst(trip, 'a', assessStow(trip, 'a', 1, [at('net')]), 3)).toEqual([]);
});
