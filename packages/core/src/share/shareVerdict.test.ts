import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Trip } from '../trip/model.js';
import { assignPiece, replaceShare } from '../trip/changes.js';
import { shareProblem } from './problem.js';
import { shareFigures } from './shareFigures.js';
import { shareVerdict } from './shareVerdict.js';
import { solveShare } from './solveShare.js';

function shared(trip: Trip): Trip {
  const result = solveShare(shareProblem(trip), { seed: 1 });
  if (result.kind !== 'solved') throw new Error('no share');
  return replaceShare(trip, result.share);
}
const verdictOf = (trip: Trip) => shareVerdict(trip, shareFigures(trip));
const own = (id: string, memberId: string, massKg: number): PersonalThing => ({
  ...aThing(id, { massKg }),
  memberId,
  worn: false,
});

test('one heavy piece makes the peak: it is named, and nothing is called even', () => {
  const verdict = verdictOf(
    shared(
      aTrip(
        [aMember('a'), aMember('b'), aMember('c')],
        [aThing('scope', { massKg: 12 }), aThing('cup', { massKg: 0.2 })],
      ),
    ),
  );
  expect(verdict.peak).toMatch(/^scope, 12\.0 kg in one piece, with [abc] on day 1$/);
  expect(verdict.spread).toMatch(/^From \d+\.\d % \([abc]\) to \d+\.\d % \([abc]\)$/);
  expect(verdict.distance).toMatch(
    /^which is the best possible \(\d+\.\d %: scope alone, even with [abc]\)$/,
  );
});

test('somebody’s own things make the peak: no distance is claimed of them, and the others’ is told as theirs', () => {
  const trip = aTrip(
    [aMember('a'), aMember('b'), aMember('c')],
    Array.from({ length: 7 }, (_v, i) => aThing(`p${i}`, { massKg: 0.3 + 0.1 * i })),
  );
  const verdict = verdictOf(shared({ ...trip, personalThings: [own('anvil', 'a', 9)] }));
  expect(verdict.peak).toBe('a’s own things on day 1');
  expect(verdict.distance).toMatch(
    /^no share lowers that; among those who carry for the group \d+\.\d % of own limit, (which is|within \d+\.\d % of) the best possible \(\d+\.\d %: /,
  );
  expect(verdict.distance).not.toContain('what a carries');
});

test('many small pieces make an even share, and that is said', () => {
  const trip = shared(
    aTrip(
      [aMember('a'), aMember('b')],
      Array.from({ length: 20 }, (_v, i) => aThing(`p${i}`, { massKg: 0.4 })),
    ),
  );
  expect(verdictOf(trip).spread).toMatch(/^Even: from /);
  const uneven = Array.from({ length: 20 }).reduce<Trip>((t, _v, i) => assignPiece(t, `p${i}`, 'a'), trip);
  expect(verdictOf(uneven).spread).toMatch(/^From /);
  expect(verdictOf(uneven).peak).toBe('what a carries on day 1');
});
