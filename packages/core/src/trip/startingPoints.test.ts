import { tripErrors } from '../formats/tripFile.js';
import { solveShare } from '../share/solveShare.js';
import { shareProblem } from '../share/problem.js';
import { placementVerdict } from '../stow/placementRules.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { setBuddy } from './changes.js';
import { customPack, OPTIONAL_PARTS } from './customPack.js';
import { duplicateTrip } from './duplicateTrip.js';
import { HOUSE_RULE_TEXTS } from './houseRuleTexts.js';
import {
  DEFAULT_HOUSE_RULES,
  HOUSE_RULE_CHOICES,
  TRIP_STYLES,
  type HouseRuleId,
  type Trip,
} from './model.js';
import { houseRulesOf, packVolumeL } from './queries.js';
import { TEMPLATES, tripFromTemplate } from './templates.js';

describe('templates', () => {
  test.each(TRIP_STYLES)('%s makes a trip without errors', (style) => {
    const trip = tripFromTemplate('t', 'T', '2027-05-10', style, TEMPLATES[style].days);
    expect(tripErrors(trip)).toEqual([]);
    expect(trip.legs).toHaveLength(TEMPLATES[style].days);
  });
});

test('a copy keeps party and kit, and leaves behind what belonged to the old dates', () => {
  const trip: Trip = {
    ...aTrip(
      [aMember('a', { conditions: [{ label: 'cold', fromDay: 1, toDay: 1, factor: 0.5 }] })],
      [aThing('pot')],
    ),
    notes: 'the old trip',
    share: [{ pieceId: 'pot', memberId: 'a', locked: true }],
    weather: [{ id: '2027-05-10', dayC: 1, nightC: 0, rainChance: 0, windKmh: 0, byLeader: [] }],
  };
  const copy = duplicateTrip(trip, 'again', 'Again', '2028-05-08');
  expect(copy).toMatchObject({
    id: 'again',
    startDate: '2028-05-08',
    weather: [],
    kits: trip.kits,
    share: trip.share,
  });
  expect(copy.members[0]!.conditions).toEqual([]);
  expect(copy.notes).toBeUndefined();
  expect(tripErrors(copy)).toEqual([]);
});

describe('house rules', () => {
  test('every question has a reason for each of its choices, the default first', () => {
    for (const [rule, choices] of Object.entries(HOUSE_RULE_CHOICES)) {
      const text = HOUSE_RULE_TEXTS[rule as HouseRuleId];
      expect(Object.keys(text.choices)).toEqual([...choices]);
      for (const { label, why } of Object.values(text.choices)) expect([label, why]).not.toContain('');
      expect(DEFAULT_HOUSE_RULES[rule as HouseRuleId]).toBe(choices[0]);
    }
  });
  test('a member’s own choice goes before the trip’s', () => {
    const trip = aTrip([aMember('a', { houseRules: { lid: 'off' } }), aMember('b')], []);
    expect(trip.members.map((m) => houseRulesOf(trip, m).lid)).toEqual(['off', 'light']);
  });
  test('“depends on the ground” is decided by the ground', () => {
    const trip = aTrip([aMember('a')], []);
    const on = (ground: 'path' | 'scramble'): string =>
      houseRulesOf(
        {
          ...trip,
          houseRules: { ...trip.houseRules, outside: 'byGround' },
          legs: trip.legs.map((l) => ({ ...l, ground })),
        },
        trip.members[0]!,
      ).outside;
    expect([on('path'), on('scramble')]).toEqual(['freely', 'almostNothing']);
  });
  test('the choices reach the pack: no lid, tent never in the upper part, first aid low behind its own zip', () => {
    const pack = customPack('p', {
      name: 'P',
      volumeL: 60,
      tareKg: 2,
      ratedLoadKg: 20,
      parts: OPTIONAL_PARTS,
    });
    const zone = (kind: string) => pack.zones.find((z) => z.kind === kind)!;
    const rules = { ...DEFAULT_HOUSE_RULES, lid: 'off', tent: 'neverUpper', firstAid: 'lowOwnZip' } as const;
    expect(placementVerdict(aThing('map'), zone('lid'), rules, {})).toMatchObject({
      level: 'never',
      ruleId: 'lid-left-off',
    });
    const tent = aThing('tent', { purpose: 'tentBody' });
    expect(placementVerdict(tent, zone('top'), rules, {}).level).toBe('poor');
    expect(placementVerdict(tent, zone('bottom'), rules, {}).level).toBe('good');
    const aid = aThing('aid', { purpose: 'firstAid', needed: 'hurry' });
    expect(placementVerdict(aid, zone('bottom'), rules, {})).toMatchObject({ level: 'good', tooDeep: false });
  });
  test('one carries a tent whole: its parts ride together', () => {
    const parts = ['tentBody', 'tentFly', 'tentPoles'] as const;
    const trip = aTrip(
      [aMember('a'), aMember('b')],
      parts.map((purpose) => aThing(purpose, { purpose })),
    );
    const carriers = (t: Trip): number => {
      const result = solveShare(shareProblem(t), { seed: 1 });
      return 'share' in result ? new Set(result.share.map((a) => a.memberId)).size : NaN;
    };
    expect(carriers(trip)).toBe(2);
    expect(carriers({ ...trip, houseRules: { ...trip.houseRules, tentSplit: 'whole' } })).toBe(1);
  });
});

describe('a pack of one’s own', () => {
  test.each([
    [35, OPTIONAL_PARTS],
    [65, ['lid', 'side'] as const],
    [105, [] as const],
  ])('of %s L with parts %j holds what it says', (volumeL, parts) => {
    const pack = customPack('own', { name: 'Own', volumeL, tareKg: 1.5, ratedLoadKg: 18, parts });
    expect(Math.abs(packVolumeL(pack) - volumeL)).toBeLessThan(0.02 * volumeL);
    const kinds = new Set(pack.zones.map((z) => z.kind));
    for (const part of OPTIONAL_PARTS) {
      if (part !== 'lash') expect(kinds.has(part)).toBe((parts as readonly string[]).includes(part));
    }
    const trip = aTrip([aMember('a', { packId: 'own' })], []);
    expect(tripErrors({ ...trip, packs: [pack] })).toEqual([]);
  });
  test('smaller than its pockets is refused', () => {
    const spec = { name: 'P', volumeL: 6, tareKg: 1, ratedLoadKg: 5, parts: OPTIONAL_PARTS };
    expect(() => customPack('p', spec)).toThrow(
      /^expected more than \d+\.\d L, what the pockets hold, got 6 L$/,
    );
  });
});

describe('buddies', () => {
  const trip = aTrip(
    ['a', 'b', 'c'].map((id) => aMember(id)),
    [],
  );
  const pairs = (t: Trip) => t.members.map((m) => m.buddyId);
  test('are each other’s', () => expect(pairs(setBuddy(trip, 'a', 'b'))).toEqual(['b', 'a', undefined]));
  test('a new pair frees the old one', () => {
    expect(pairs(setBuddy(setBuddy(trip, 'a', 'b'), 'b', 'c'))).toEqual([undefined, 'c', 'b']);
    expect(pairs(setBuddy(setBuddy(trip, 'a', 'b'), 'a', undefined))).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });
});
