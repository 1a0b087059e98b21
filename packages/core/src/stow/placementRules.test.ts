import { aThing } from '../testing/smallTrip.js';
import { DEFAULT_HOUSE_RULES, type HouseRules, type Thing } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { placementVerdict } from './placementRules.js';

const pack = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const verdict = (thing: Thing, zoneId: string, house: HouseRules = DEFAULT_HOUSE_RULES) =>
  placementVerdict(
    thing,
    pack.zones.find((z) => z.id === zoneId)!,
    house,
    pack,
  );

test('in a pocket over the lid what must stay dry gets wet, unless it has a bag of its own or the pocket hangs under', () => {
  const lid = pack.zones.find((z) => z.kind === 'lid')!;
  const small = aThing('gloves', {
    purpose: 'handsHead',
    needed: 'stop',
    flags: ['mustStayDry'],
    massKg: 0.1,
    volumeL: 0.3,
  });
  const loose: HouseRules = { ...DEFAULT_HOUSE_RULES, bags: 'looseInLiner' };
  const over = placementVerdict(small, lid, loose, {});
  expect(over).toMatchObject({ level: 'never', ruleId: 'dry-not-over-the-lid' });
  expect(placementVerdict(small, lid, loose, { lidStyle: 'under' }).level).not.toBe('never');
  expect(placementVerdict(small, lid, { ...loose, bags: 'dryBags' }, {}).level).not.toBe('never');
  expect(placementVerdict({ ...small, flags: [] }, lid, loose, {}).level).not.toBe('never');
});

const fuel = aThing('fuel', { purpose: 'fuel', flags: ['liquidFuel', 'hard'], volumeL: 0.9 });
const gas = aThing('gas', { purpose: 'fuel', flags: ['gasFuel', 'hard'], massKg: 0.4, volumeL: 0.8 });
const scope = aThing('scope', { purpose: 'instrument', flags: ['crushable'], massKg: 1.3, volumeL: 3 });
const bag = aThing('bag', {
  purpose: 'sleepingBag',
  flags: ['mustStayDry'],
  volumeL: 8,
  shape: { kind: 'stuff', looseVolumeL: 14 },
});
const poles = aThing('poles', {
  purpose: 'tentPoles',
  flags: ['ridesOutside'],
  shape: { kind: 'long', lengthCm: 42, diameterCm: 6 },
});
const beacon = aThing('beacon', {
  purpose: 'beacon',
  flags: ['needsSky'],
  massKg: 0.17,
  volumeL: 0.2,
  needed: 'hurry',
});
const bottle = aThing('bottle', {
  purpose: 'waterContainer',
  needed: 'walking',
  waterCapacityL: 1,
  shape: { kind: 'cylinder', lengthCm: 24, diameterCm: 7.6 },
  massKg: 0.1,
});
const reservoir = aThing('reservoir', { purpose: 'waterContainer', waterCapacityL: 2, volumeL: 2 });
const pegs = aThing('pegs', { purpose: 'tentPegs', flags: ['sharp'], massKg: 0.2, volumeL: 0.3 });
const dinner = aThing('dinner', { purpose: 'food', massKg: 0.9, volumeL: 1.5 });
const tent = aThing('tent', { purpose: 'tentBody', needed: 'firstInCamp', massKg: 0.8, volumeL: 3.3 });
const jacket = aThing('jacket', { purpose: 'rainwear', needed: 'hurry', massKg: 0.35, volumeL: 1.5 });
const firstAid = aThing('first-aid', { purpose: 'firstAid', needed: 'hurry', massKg: 0.35, volumeL: 1 });

describe('safety rules: one case that breaks each, one that does not', () => {
  test.each([
    ['fuel-not-inside', fuel, 'core', 'side-left'],
    ['gas-not-in-pockets', gas, 'lid', 'core'],
    ['sharp-not-at-the-back', pegs, 'core', 'outer'],
    ['heavy-not-in-lid', dinner, 'lid', 'core'],
    ['water-not-in-lid', bottle, 'lid', 'side-left'],
    ['beacon-sky', beacon, 'core', 'strap-left'],
    ['dry-not-outside', bag, 'front', 'bottom'],
    ['sleeve-is-for-water', dinner, 'sleeve', 'core'],
    ['outside-only-what-may', tent, 'lash-below', 'core'],
    ['crushable-not-below', scope, 'bottom', 'core'],
  ])('%s', (ruleId, thing, bad, good) => {
    const refused = verdict(thing, bad);
    expect(refused).toMatchObject({ level: 'never', ruleId });
    expect(verdict(thing, good).level).not.toBe('never');
  });
});

describe('where things belong', () => {
  test.each([
    [bag, 'bottom'],
    [dinner, 'core'],
    [tent, 'core'],
    [jacket, 'top'],
    [bottle, 'side-right'],
    [reservoir, 'sleeve'],
    [poles, 'side-left'],
    [fuel, 'side-right'],
    [beacon, 'strap-left'],
    [firstAid, 'lid'],
  ])('%p: good', (thing, zoneId) => {
    expect(verdict(thing, zoneId)).toMatchObject({ level: 'good', tooDeep: false });
  });
  test('too deep for when it is needed', () => {
    expect(verdict(jacket, 'bottom')).toMatchObject({
      level: 'poor',
      tooDeep: true,
      reason: 'wanted in a hurry: too deep here',
    });
    expect(verdict(firstAid, 'bottom').tooDeep).toBe(true);
  });
});

describe('house rules overrule the default', () => {
  const house = (change: Partial<HouseRules>): HouseRules => ({ ...DEFAULT_HOUSE_RULES, ...change });
  test.each([
    [{ tent: 'top' }, tent, 'top'],
    [{ tent: 'roundTheBag' }, tent, 'bottom'],
    [{ tent: 'outsideLow' }, tent, 'lash-below'],
    [{ poles: 'downTheBack' }, poles, 'core'],
    [{ firstAid: 'deep' }, firstAid, 'bottom'],
    [{ food: 'top' }, dinner, 'top'],
    [{ reservoir: 'top' }, reservoir, 'top'],
    [{ fuel: 'insideLow' }, fuel, 'bottom'],
    [{ rainGear: 'lid' }, jacket, 'lid'],
    [{ rainGear: 'outerPocket' }, jacket, 'front'],
  ] as const)('%p', (change, thing, zoneId) => {
    expect(verdict(thing, zoneId, house(change))).toMatchObject({ level: 'good', tooDeep: false });
  });
  test('a lid for essentials takes 0.7 kg, a light one does not', () => {
    const kit = aThing('kit', { massKg: 0.7, purpose: 'firstAid', needed: 'hurry' });
    expect(verdict(kit, 'lid').level).toBe('never');
    expect(verdict(kit, 'lid', house({ lid: 'essentials' })).level).toBe('good');
  });
  test('outside is used freely where the house says so, but not for what crushes', () => {
    const board = aThing('board', {
      volumeL: 2,
      shape: { kind: 'block', lengthCm: 30, widthCm: 20, heightCm: 3 },
    });
    expect(verdict(board, 'lash-left', house({ outside: 'freely' })).level).not.toBe('never');
    expect(verdict(board, 'lash-left').level).toBe('never');
    expect(verdict(dinner, 'lash-left', house({ outside: 'freely' })).level).toBe('never');
    expect(verdict(scope, 'lash-left', house({ outside: 'freely' })).level).toBe('never');
  });
});
