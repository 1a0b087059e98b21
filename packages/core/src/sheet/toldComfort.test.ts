import { putComfort } from '../debrief/recordChanges.js';
import { aMember, aTrip } from '../testing/smallTrip.js';
import { standing, type KeptMark } from './marks.js';
import { sheetMarkErrors } from './sheetMarkSchema.js';
import { dayMark, takeToldComfort, toldComfort, toldDay } from './toldComfort.js';

const trip = aTrip([aMember('ada'), aMember('ben')], [], [], 2);
let count = 0;
const mark = (
  kind: KeptMark['kind'],
  value: KeptMark['value'],
  day: number,
  replaces: string[] = [],
): KeptMark => {
  count += 1;
  return {
    id: `00000000-0000-4000-8000-${String(count).padStart(12, '0')}`,
    kind,
    thingId: dayMark(day),
    value,
    at: `2027-05-10T18:00:00.${String(count).padStart(3, '0')}Z`,
    replaces,
    byLeader: false,
  };
};

test('a mark alone, then where it hurts; places without a mark say nothing', () => {
  const felt = mark('comfort', 6, 1);
  const hurts = mark('hurts', 'hips shoulders', 1);
  expect(toldDay(standing([felt]), 1)).toEqual({ comfort: 6, hurts: [] });
  expect(toldDay(standing([felt, hurts]), 1)).toEqual({ comfort: 6, hurts: ['shoulders', 'hips'] });
  expect(toldDay(standing([hurts]), 1)).toBeUndefined();
  expect(toldDay(standing([felt, hurts]), 2)).toBeUndefined();
});
test('the latest word counts', () => {
  const first = mark('comfort', 6, 1);
  expect(toldDay(standing([first, mark('comfort', 4, 1, [first.id])]), 1)).toEqual({ comfort: 4, hurts: [] });
});
test('what the record does not say yet waits for the leader; taken in, it waits no more, and the leader’s words stay', () => {
  const noted = putComfort(trip, { memberId: 'ada', day: 1, comfort: 8, hurts: [], note: 'sang all day' });
  const marks = { ada: [mark('comfort', 5, 1), mark('hurts', 'knees', 1)], ben: [mark('comfort', 9, 2)] };
  const told = toldComfort(noted, marks);
  expect(told).toEqual([
    { memberId: 'ada', day: 1, comfort: 5, hurts: ['knees'] },
    { memberId: 'ben', day: 2, comfort: 9, hurts: [] },
  ]);
  const taken = takeToldComfort(noted, told);
  expect(taken.comfort).toMatchObject([
    { memberId: 'ada', day: 1, comfort: 5, hurts: ['knees'], note: 'sang all day' },
    { memberId: 'ben', day: 2, comfort: 9 },
  ]);
  expect(toldComfort(taken, marks)).toEqual([]);
});
test('of somebody who is not in the trip, and of days it does not have, nothing is taken', () =>
  expect(toldComfort(trip, { cleo: [mark('comfort', 5, 1)], ada: [mark('comfort', 5, 9)] })).toEqual([]));
test('over the wire: marks of 1 to 10, places that the record knows', () => {
  const errors = (m: KeptMark): readonly string[] => {
    const { byLeader: _no, ...sent } = m;
    return sheetMarkErrors({ marks: [sent] }).map((e) => e.message);
  };
  expect(errors(mark('comfort', 7, 1))).toEqual([]);
  expect(errors(mark('hurts', 'hips knees', 1))).toEqual([]);
  expect(errors(mark('hurts', '', 1))).toEqual([]);
  expect(errors(mark('comfort', 11, 1))).toEqual([
    'expected a number from 1 to 10 (1 never again, 10 forgot I carried it), got 11',
  ]);
  expect(errors(mark('hurts', 'hips nose', 1))[0]).toMatch(
    /^expected places of the body with spaces between/,
  );
});
