import { emptyTrip } from '../../trip/emptyTrip.js';
import { guessFacts } from '../guessFacts.js';
import { rowsOfPasted } from '../guessedRows.js';
import { parseList } from '../pasteList.js';
import { starterLibrary } from '../../library/starterLibrary.js';
import { SPOKEN_THINGS } from '../../testing/phrases/spoken.js';
import { tripErrors } from '../../formats/tripFile.js';
import { aMember, aTrip } from '../../testing/smallTrip.js';
import { nearestWord } from './nearestWord.js';
import { recognise } from './recognise.js';
import { takeSizes } from './sizes.js';
import { concepts } from './vocabulary.js';
import { joined, wordsOf } from './words.js';

const grams = (name: string): number | undefined => {
  const known = recognise(name, starterLibrary());
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
  const [first] = starterLibrary().filter((e) => e.id === 'own-rain-jacket');
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

/** Kilograms of one, as a line of a list is taken. */
function oneKg(line: string): readonly [count: number, kg: number] {
  const [thing] = parseList(line).things;
  const { name, count, massKg } = thing!;
  return [count, massKg ?? guessFacts(name, [], undefined, undefined, count).facts.massKg];
}

test.each([
  // A set and its pieces weigh the same together, near enough.
  ['tent pegs', 1, 0.1, 0.4],
  ['12 tent pegs', 12, 0.008, 0.025],
  ['tent stakes (12)', 12, 0.008, 0.025],
  ['20 tea bags', 20, 0.001, 0.004],
  ['24 water tablets', 24, 0.0005, 0.004],
  ['4 AA batteries', 4, 0.012, 0.03],
  ['wool socks 3 pairs', 3, 0.04, 0.15],
  // What a vessel holds is no mass of it, nor is what is in a canister.
  ['32 oz bottle', 1, 0.06, 0.25],
  ['bottle, 32 oz', 1, 0.06, 0.25],
  ['16 oz mug', 1, 0.05, 0.25],
  ['mug 4 oz', 1, 0.113, 0.114],
  ['water bottle (24 oz) 3 oz', 1, 0.085, 0.0851],
  ['8 oz gas canister', 1, 0.33, 0.42],
  ['16 oz fuel canister', 1, 0.55, 0.75],
  ['2 qt pot', 1, 0.2, 0.6],
  ['3400 cu in pack', 1, 1.2, 2.4],
  ['4,000 cubic inch pack', 1, 1.3, 2.7],
  // Feet: nobody has a sheet of ten metres by twelve.
  ['10x12 tarp', 1, 0.4, 1.6],
  ['8 x 10 ft tarp', 1, 0.3, 1.2],
  ['3 x 3 m tarp', 1, 0.4, 1],
  ['2 x 5 m rope', 2, 0.1, 0.5],
])('"%s": %d of %d to %d kg each', (line, count, least, most) => {
  const [n, kg] = oneKg(line);
  expect(n).toBe(count);
  expect(kg).toBeGreaterThanOrEqual(least);
  expect(kg).toBeLessThanOrEqual(most);
});

test('whole kits by their everyday names, of the size that is said; beside their parts they are one of them', () => {
  const kitOf = (name: string): string | undefined => recognise(name, starterLibrary())?.kitId;
  expect(kitOf('2p tent')).toBe('kit-tent-for-two');
  expect(kitOf('tent for 3')).toBe('kit-tent-for-three');
  expect(kitOf('kitchen')).toBe('kit-gas-cook-set-2-5-l');
  expect(kitOf('1.5 l cooking kit')).toBe('kit-gas-cook-set-1-6-l');
  expect(kitOf('pole shelter')).toBe('kit-shelter-on-walking-poles-for-two');
  expect(kitOf('integrated stove')).toBe('kit-heat-exchanger-cook-set-1-8-l');
  expect(kitOf('winter safety set')).toBe('kit-winter-safety-set');
  const trip = emptyTrip('t', 'T', '2027-05-10', 3);
  const kits = (text: string): readonly (string | undefined)[] =>
    rowsOfPasted(parseList(text).things, starterLibrary(), trip, { kind: 'group' }).map((r) => r.kitId);
  expect(kits('kitchen\ntent')).toEqual(['kit-gas-cook-set-2-5-l', 'kit-tent-for-two']);
  expect(kits('kitchen\nstove 90 g')).toEqual([undefined, undefined]);
  expect(kits('tent\nfly\ntent poles')).toEqual([undefined, undefined, undefined]);
});
