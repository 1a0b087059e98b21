import { STARTER_LIBRARY } from '../../library/starterLibrary.js';
import { SPOKEN_THINGS } from '../../testing/phrases/spoken.js';
import { tripErrors } from '../../formats/tripFile.js';
import { aMember, aTrip } from '../../testing/smallTrip.js';
import { nearestWord } from './nearestWord.js';
import { recognise } from './recognise.js';
import { takeSizes } from './sizes.js';
import { concepts } from './vocabulary.js';
import { joined, wordsOf } from './words.js';

const grams = (name: string): number | undefined => {
  const known = recognise(name, STARTER_LIBRARY);
  return known === undefined ? undefined : Math.round(known.facts.massKg * 1000);
};

test('every row is in order, with more than six hundred names, and every concept is found by its own', () => {
  const names = concepts().flatMap((c) => c.names);
  expect(names.length).toBeGreaterThan(600);
  for (const c of concepts()) {
    expect([c.names[0], c.lowKg <= c.usualKg && c.usualKg <= c.highKg]).toEqual([c.names[0], true]);
    expect([c.names[0], recognise(c.names[0]!, [])?.as]).toEqual([c.names[0], c.names[0]]);
    expect([c.names[0], c.names.every((n) => joined(wordsOf(n)) !== '')]).toEqual([c.names[0], true]);
  }
});

test('whatever a name is taken for is a thing that a trip can hold', () => {
  const trip = aTrip([aMember('a')], []);
  const personalThings = concepts().map((c, i) => ({
    ...c.facts,
    id: `thing-${i}`,
    name: c.names[0]!,
    memberId: 'a',
    worn: false,
  }));
  expect(tripErrors({ ...trip, personalThings })).toEqual([]);
});

// The phrases were written before the vocabulary; it was made by looking at every second one.
describe.each([
  ['looked at', 0],
  ['held back', 1],
])('phrases that were %s', (_which, parity) => {
  const phrases = SPOKEN_THINGS.split('\n')
    .filter((row) => row !== '')
    .filter((_row, i) => i % 2 === parity)
    .map((row) => row.split('|') as [phrase: string, range: string]);

  test('at least 95 of 100 have a plausible mass', () => {
    const known = phrases.filter(([, range]) => range !== '?');
    const wrong = known.filter(([phrase, range]) => {
      const [low, high] = range.split('-').map(Number) as [number, number];
      const g = grams(phrase);
      return g === undefined || g < low || g > high;
    });
    expect(known.length).toBeGreaterThan(200);
    expect(wrong.length / known.length).toBeLessThanOrEqual(0.05);
  });
  test('of what nobody can know no mass is made up', () => {
    expect(phrases.filter(([phrase, range]) => range === '?' && grams(phrase) !== undefined)).toEqual([]);
  });
});

test.each([
  // Spellings, plurals and joints of words are the same name.
  ['head-torches', 'headtorch'],
  ['grey wooly hat', 'warm hat'],
  ['Rücksack cover', 'rucksack cover'],
  // The head is the last noun before "for", "with" or a comma; the rest says how it is.
  ['stuff sack for the sleeping bag', 'stuff sack'],
  ['gloves, thin', 'thin gloves'],
  ['Pot with lid', 'pot'],
  // Nearly spelled right.
  ['sleping bag', 'sleeping bag'],
  ['rucksak', 'rucksack'],
])('"%s" is what "%s" is', (phrase, same) => {
  expect(grams(phrase)).toBe(grams(same));
});

test('several things on one line weigh what they weigh together', () => {
  expect(grams('hat and gloves')).toBe(grams('hat')! + grams('gloves')!);
  expect(grams('rope, harness, helmet')).toBe(grams('rope')! + grams('harness')! + grams('helmet')!);
  expect(grams('rope and whatsit')).toBeUndefined();
});

test('sizes in a name: the mass goes with them', () => {
  expect(takeSizes('two-man tent').sizes).toEqual({ person: 2 });
  expect(takeSizes('tent for four people').sizes).toEqual({ person: 4 });
  expect(takeSizes('tent for 2').sizes).toEqual({ person: 2 });
  expect(takeSizes('power bank 20,000 mAh').sizes).toEqual({ mah: 20_000 });
  expect(takeSizes('gas (450)').sizes).toEqual({ g: 450 });
  expect(takeSizes('bottle 750ml').sizes).toEqual({ l: 0.75 });
  expect(takeSizes('rope 100 ft').sizes).toEqual({ m: expect.closeTo(30.48, 9) as number });
  expect(takeSizes('food for 3 days').sizes).toEqual({ days: 3 });
  const sizes = ['1p tent', '2p tent', '3p tent', '4p tent'].map((name) => grams(name)!);
  expect([...sizes].sort((a, b) => a - b)).toEqual(sizes);
  expect(recognise('20 L dry bag', [])!.facts.holds?.capacityL).toBe(20);
  expect(recognise('bottle 0.5 L', [])!.facts.waterCapacityL).toBe(0.5);
});

test('food and fuel go by people and days where those are known', () => {
  const of = (name: string, people: number, days: number): number =>
    recognise(name, [], { people, days, nights: days - 1 })!.facts.massKg;
  // 650 g a person and day; dinners are by the night.
  expect(of('food', 5, 4)).toBeCloseTo(13, 9);
  expect(of('dinners', 5, 4)).toBeCloseTo(0.17 * 15, 9);
  expect(of('food for 2 days', 5, 4)).toBeCloseTo(6.5, 9);
  expect(of('dinner, Friday', 5, 4)).toBeCloseTo(0.17 * 5, 9);
  expect(of('gas', 5, 4)).toBeGreaterThan(of('gas', 2, 4));
  // A canister that is named by its size is that one.
  expect(of('gas 230', 5, 4)).toBe(of('gas 230', 2, 2));
});

test('the leader’s own thing goes before the vocabulary', () => {
  const [first] = STARTER_LIBRARY.filter((e) => e.id === 'own-rain-jacket');
  if (first?.kind !== 'thing') throw new Error('expected the rain jacket');
  const mine = { ...first, thing: { ...first.thing, massKg: 0.41, massEstimated: false } };
  const zither = { ...first, id: 'zither', name: 'Zither', thing: { ...first.thing, massKg: 2 } };
  const library = [mine, zither];
  expect(recognise('my rain jacket', library)).toMatchObject({
    libraryId: 'own-rain-jacket',
    facts: { massKg: 0.41 },
  });
  expect(recognise('the old zither', library)).toMatchObject({ libraryId: 'zither', facts: { massKg: 2 } });
});

test('a word is only respelled to one of the vocabulary, by few slips and from the same first letter', () => {
  expect(nearestWord('sleping')).toBe('sleeping');
  expect(nearestWord('zither')).toBe('zither');
  expect(nearestWord('tuba')).toBe('tuba');
});
