import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { TripEdit } from '../trip/edits.js';
import { applicableEdits } from './applicable.js';

const trip = aTrip([aMember('ada'), aMember('bo')], [aThing('stove')]);
const given = (pieceId: string, memberId: string): TripEdit => ({
  kind: 'put',
  collection: 'share',
  item: { pieceId, memberId, locked: false },
});

test('what the trip can take is taken; what refers to somebody who is gone is set aside with the reason', () => {
  const found = applicableEdits(trip, [
    given('stove', 'cleo'),
    { kind: 'set', field: 'name', value: 'Winter' },
    { kind: 'set', field: 'startDate', value: 'soon' },
  ]);
  expect(found.trip).toMatchObject({ name: 'Winter', share: [] });
  expect(found.setAside.map((s) => s.edit)).toMatchObject([{ collection: 'share' }, { field: 'startDate' }]);
  expect(found.setAside[0]!.why).toMatch(/cleo/);
});

test('an edit that needs a later one waits for it', () => {
  const { trip: now, setAside } = applicableEdits(trip, [
    given('rope', 'bo'),
    {
      kind: 'put',
      collection: 'kits',
      item: { ...trip.kits[0]!, pieces: [...trip.kits[0]!.pieces, aThing('rope')] },
    },
  ]);
  expect(setAside).toEqual([]);
  expect(now.share).toHaveLength(1);
});
