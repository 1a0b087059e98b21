import { landOwnThings } from '../lists/ownFigure.js';
import type { Member, PersonalThing, Piece, Trip } from '../trip/model.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { shareFigures } from '../share/shareFigures.js';
import { standsOn, type StandsOn } from './standsOn.js';
import { provenWords, standsOnLines, weighFirstWords } from './standsOnWords.js';

const own = (
  memberId: string,
  id: string,
  massKg: number,
  more: Partial<PersonalThing> = {},
): PersonalThing => ({
  ...aThing(id, { massKg }),
  memberId,
  worn: false,
  ...more,
});
const ada = aMember('a', { name: 'Ada', bodyMassKg: 80 });
const ben = aMember('b', { name: 'Ben', bodyMassKg: 60 });
const trip = (
  things: readonly PersonalThing[],
  pieces: readonly Piece[] = [],
  members: readonly Member[] = [ada, ben],
): Trip => ({
  ...aTrip(members, pieces, things),
  share: pieces.map((p, i) => ({ pieceId: p.id, memberId: members[i % members.length]!.id, locked: false })),
  fairness: 'plainKg',
});
const of = (t: Trip): StandsOn => standsOn(t, shareFigures(t));
/** The standard normal's ninth decile (tables of the normal distribution). */
const Z90 = 1.2816;

describe('what a share stands on', () => {
  test('where all is weighed and said, nothing is uncertain and nothing is said', () => {
    const t = trip([own('a', 'xa', 5), own('b', 'xb', 3)]);
    const stands = of(t);
    const { largestRatio } = shareFigures(t);
    expect([stands.low, stands.high, stands.estimates]).toEqual([largestRatio, largestRatio, 0]);
    expect(stands.weighFirst).toEqual([]);
    expect(standsOnLines(t, shareFigures(t), stands)).toEqual([]);
    expect(provenWords(stands)).toBe('the fairest division of what is listed');
  });
  test('one guess: the range is the ninth decile of the normal distribution, either way', () => {
    const t = trip([own('a', 'qqzx one', 10, { massEstimated: true }), own('b', 'xb', 3)]);
    const { largestRatio } = shareFigures(t);
    const { low, high, weighFirst } = of(t);
    // A fifth of 10 kg, where nothing is known of the name.
    expect(high - largestRatio).toBeCloseTo(Z90 * 2, 0);
    expect(largestRatio - low).toBeCloseTo(Z90 * 2, 0);
    expect(weighFirst.map((w) => [w.what, w.part > 0.99])).toEqual([['Ada: qqzx one', true]]);
  });
  test('several guesses: squares add, and the parts are those of the variance', () => {
    const t = trip([
      own('a', 'qqzx one', 8, { massEstimated: true }),
      own('a', 'qqzx two', 4, { massEstimated: true }),
      own('a', 'qqzx three', 1, { massEstimated: true }),
      own('b', 'xb', 1),
    ]);
    const { low, high, weighFirst } = of(t);
    const sd = 0.2 * Math.hypot(8, 4, 1);
    expect(Math.abs((high - low) / (2 * Z90 * sd) - 1)).toBeLessThan(0.08);
    expect(weighFirst.map((w) => w.what)).toEqual(['Ada: qqzx one', 'Ada: qqzx two']);
    expect(Math.abs(weighFirst[0]!.part - 64 / 81)).toBeLessThan(0.08);
    expect(Math.abs(weighFirst[1]!.part - 16 / 81)).toBeLessThan(0.08);
  });
  test('a guess in a load that never is the largest is not worth weighing', () => {
    const t = trip([own('a', 'xa', 12), own('b', 'qqzx', 3, { massEstimated: true })]);
    expect(of(t).weighFirst).toEqual([]);
    expect(of(t).estimates).toBe(1);
  });
  test('own things of which nothing is known raise the range, are named, and are the first to weigh', () => {
    const t = trip(
      [own('a', 'xa', 1)],
      [{ ...aThing('rope', { massKg: 2 }) }, { ...aThing('pot', { massKg: 1 }) }],
    );
    const stands = of(t);
    expect(stands.ownUnknown.map((m) => m.name)).toEqual(['Ben']);
    expect(stands.high).toBeGreaterThan(shareFigures(t).largestRatio);
    expect(stands.weighFirst[0]!.what).toBe('Ben’s own things');
    expect(provenWords(stands)).toBe('the fairest division of what is listed; not listed: own things of Ben');
    const lines = standsOnLines(t, shareFigures(t), stands);
    expect(lines[0]).toEqual({
      at: 'people',
      isGap: true,
      text: 'Own things of Ben are not known: they count as nothing',
    });
    expect(weighFirstWords(stands)[0]).toMatch(/^Ben’s own things: \d+ % of what is uncertain$/);
  });
  test('a figure that is a guess counts as one thing; a figure that was weighed is certain', () => {
    const members = [
      { ...ada, ownThingsKg: 6, ownThingsEstimated: true },
      { ...ben, ownThingsKg: 6 },
    ];
    const stands = of(landOwnThings(trip([], [], members)));
    expect(stands.ownFigures.map((m) => m.name)).toEqual(['Ada', 'Ben']);
    expect(stands.weighFirst.map((w) => w.what)).toEqual(['Ada’s own things']);
    expect(stands.masses).toBe(0);
  });
  test('a body of which nobody has said anything: by limits it counts, by plain kilograms it does not', () => {
    const members = [aMember('a', { name: 'Ada', bodyEstimated: true }), ben];
    const t = trip([own('a', 'xa', 9), own('b', 'xb', 2)], [], members);
    expect(of(t).bodiesUnsaid.map((m) => m.name)).toEqual(['Ada']);
    expect(of(t).weighFirst).toEqual([]);
    const byLimit: Trip = { ...t, fairness: 'ownLimit' };
    expect(of(byLimit).weighFirst.map((w) => w.what)).toEqual(['Ada’s body weight']);
  });
  test('things without a mass are named; a piece that makes the largest load whoever carries it is told', () => {
    const pieces = [aThing('raft', { massKg: 9 }), aThing('pot', { massKg: 0, massEstimated: true })];
    const t = trip([own('a', 'xa', 3), own('b', 'xb', 3)], pieces);
    const stands = of(t);
    expect(stands.unweighed).toEqual(['pot']);
    expect(stands.alone).toEqual(['raft']);
    const texts = standsOnLines(t, shareFigures(t), stands).map((l) => l.text);
    expect(texts).toContain('1 thing has no weight: pot');
    expect(texts).toContain('raft: heavy enough to make the largest load, whoever carries it');
    const even = trip(
      [own('a', 'xa', 3), own('b', 'xb', 3)],
      [1, 2, 3, 4].map((i) => aThing(`p${i}`)),
    );
    expect(of(even).alone).toEqual([]);
  });
});
