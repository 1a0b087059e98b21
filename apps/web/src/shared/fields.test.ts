import {
  emptyTrip,
  parseShape,
  type Member,
  type PersonalThing,
  type Piece,
  type Trip,
} from '@graft/core/trip';
import { kitColumns, VIEWS, type View } from '../kit/kitColumns';
import { placesOf } from '../kit/kitPlaces';
import type { KitRow } from '../kit/kitRows';
import type { Column } from './table/column';
import { checkItem, choiceColumn, numberColumn, quantityColumn, textColumn, yesNoColumn } from './fields';
import { FLAG_WORDS, optionsOf } from './words';

const member: Member = {
  id: 'a',
  name: 'Ada',
  bodyMassKg: 70,
  statureCm: 172,
  torsoCm: 48,
  ageBand: 'adult',
  experience: 'regular',
  conditions: [],
  carryTrials: [],
  limitHistory: [],
  packId: 'pack-a',
  ownCapKg: 12.345,
};
let stored: { row: Member; field: string } | undefined;
beforeEach(() => {
  stored = undefined;
});
const common = {
  check: (row: Member) => checkItem('members', row),
  save: (row: Member, field: string) => {
    stored = { row, field };
  },
};
/** Nothing is known yet of what things are by their names. */
const UNKNOWING = { now: () => undefined, later: () => undefined };
const take = <Row>(column: Column<Row>, row: Row, text: string) => column.edit!.take(row, text);

describe('a quantity', () => {
  const body = quantityColumn<Member, 'bodyMassKg'>({
    ...common,
    id: 'bodyMassKg',
    header: 'Body',
    quantity: 'mass',
    massUnit: 'kg',
  });
  const inPounds = quantityColumn<Member, 'bodyMassKg'>({
    ...common,
    id: 'bodyMassKg',
    header: 'Body',
    quantity: 'mass',
    massUnit: 'lb',
  });
  const cap = quantityColumn<Member, 'ownCapKg'>({
    ...common,
    id: 'ownCapKg',
    header: 'Own cap',
    quantity: 'mass',
    massUnit: 'kg',
    optional: true,
  });

  test('shows its unit in the head and one decimal in the cell', () => {
    expect(body.header).toBe('Body, kg');
    expect(body.show(member)).toBe('70.0');
    expect(inPounds.header).toBe('Body, lb');
    expect(inPounds.show(member)).toBe('154.3');
  });
  test('is edited exactly, not as it is rounded for reading', () => {
    expect(cap.show(member)).toBe('12.3');
    expect(cap.edit!.text(member)).toBe('12.345');
  });
  test('takes any unit; a bare number has the unit shown', () => {
    expect(take(body, member, '11 st 4')).toBeUndefined();
    expect(stored?.row.bodyMassKg).toBeCloseTo(71.6676, 4);
    expect(take(inPounds, member, '150')).toBeUndefined();
    expect(stored?.row.bodyMassKg).toBeCloseTo(68.0389, 4);
    expect(stored?.field).toBe('body');
  });
  test('refuses what it cannot read and what is out of range, and stores nothing', () => {
    expect(take(body, member, 'heavy')).toContain('got "heavy"');
    expect(take(body, member, '5')).toBe('expected a number from 10 to 250 kg, got 5');
    expect(take(body, member, '')).toContain('got ""');
    expect(stored).toBeUndefined();
  });
  test('an optional one is taken away by an empty entry', () => {
    expect(take(cap, member, ' ')).toBeUndefined();
    expect(stored?.row).not.toHaveProperty('ownCapKg');
    expect(cap.show(stored!.row)).toBe('');
  });
  test('a hidden one shows no digit', () => {
    const hidden = quantityColumn<Member, 'bodyMassKg'>({
      ...common,
      id: 'bodyMassKg',
      header: 'Body',
      quantity: 'mass',
      massUnit: 'kg',
      hidden: true,
    });
    expect(hidden.show(member)).toBe('···');
    expect(hidden.edit!.text(member)).toBe('');
    expect(take(hidden, member, '71')).toBeUndefined();
    expect(stored?.row.bodyMassKg).toBe(71);
  });
});

test('a text is trimmed and checked', () => {
  const name = textColumn<Member, 'name'>({ ...common, id: 'name', header: 'Name' });
  expect(take(name, member, '  Beren ')).toBeUndefined();
  expect(stored?.row.name).toBe('Beren');
  expect(take(name, member, '   ')).toBe(
    'expected a text of 1 to 120 characters, got ""'.replace('120', '80'),
  );
});

test('a choice shows its words; none takes the field away', () => {
  const tent = choiceColumn<Member, 'tentGroupId'>({
    ...common,
    id: 'tentGroupId',
    header: 'Sleeps in',
    options: [['heron', 'Tent Heron']],
    none: '—',
  });
  expect(tent.show(member)).toBe('—');
  expect(take(tent, member, 'heron')).toBeUndefined();
  expect(tent.show(stored!.row)).toBe('Tent Heron');
  expect(take(tent, stored!.row, '')).toBeUndefined();
  expect(stored?.row).not.toHaveProperty('tentGroupId');
});

describe('the columns of a thing', () => {
  const mat: PersonalThing = {
    id: 'mat',
    name: 'Mat',
    memberId: 'a',
    worn: false,
    massKg: 0.36,
    massEstimated: true,
    volumeL: 6,
    shape: { kind: 'roll', lengthCm: 52, diameterCm: 13 },
    flags: ['ridesOutside'],
    needed: 'camp',
    purpose: 'mat',
  };
  const { memberId: _member, worn: _worn, ...bare } = mat;
  const aPot: Piece = { ...bare, id: 'pot', name: 'Pot' };
  const trip: Trip = {
    ...emptyTrip('t', 'T', '2027-01-01', 3),
    kits: [{ id: 'k', name: 'Kit', pieces: [] }],
    members: [member],
    personalThings: [mat, { ...mat, id: 'sack', name: 'Sack' }],
  };
  let kept: PersonalThing | undefined;
  let moved = '';
  const columns = (Object.keys(VIEWS) as View[]).flatMap((view) =>
    kitColumns(view, {
      places: placesOf(trip),
      groups: [],
      massUnit: 'kg',
      library: [],
      knowledge: UNKNOWING,
      check: (row) => checkItem('personalThings', row),
      save: (row) => {
        kept = row as PersonalThing;
      },
      act: (label) => {
        moved = label;
      },
    }),
  );
  const column = (id: string): Column<KitRow> => columns.find((c) => c.id === id)!;

  test('an estimated mass is marked; typed without the mark it was weighed', () => {
    expect(column('massKg').show(mat)).toBe('≈ 0.36');
    expect(take(column('massKg'), mat, '0.4')).toBeUndefined();
    expect(kept).toMatchObject({ massKg: 0.4, massEstimated: false });
    expect(take(column('massKg'), kept!, '~ 14 oz')).toBeUndefined();
    expect(kept).toMatchObject({ massKg: expect.closeTo(0.3969, 4) as number, massEstimated: true });
    expect(take(column('massKg'), mat, '≈ a lot')).toContain('got "a lot"');
  });
  test('days it is carried and used are typed, and taken away by nothing', () => {
    expect(take(column('days'), mat, 'from 4')).toBeUndefined();
    expect(kept).toMatchObject({ fromDay: 4 });
    expect(take(column('days'), kept!, '')).toBeUndefined();
    expect(kept).not.toHaveProperty('fromDay');
    expect(take(column('use'), mat, '1–6, 0.15 kg left')).toBeUndefined();
    expect(kept?.consumption).toEqual({ fromDay: 1, toDay: 6, residueKg: 0.15 });
    expect(column('use').show(kept!)).toBe('1–6, 0.15 kg left');
    expect(take(column('use'), kept!, ' ')).toBeUndefined();
    expect(kept).not.toHaveProperty('consumption');
    expect(take(column('use'), mat, 'daily')).toContain('got "daily"');
    expect(take(column('days'), mat, '0–70')).toContain('expected a whole day number from 1 to 60');
  });
  test('a shape is typed', () => {
    expect(column('shape').show(mat)).toBe('roll 52 × 13 cm');
    expect(take(column('shape'), mat, 'block 30 x 20 x 10')).toBeUndefined();
    expect(kept?.shape).toEqual({ kind: 'block', lengthCm: 30, widthCm: 20, heightCm: 10 });
    expect(take(column('shape'), mat, 'ball')).toContain('got "ball"');
    expect(parseShape(column('shape').edit!.text(mat))).toEqual({ ok: true, shape: mat.shape });
  });
  test('marks are typed as words, in any order', () => {
    expect(column('flags').show(mat)).toBe('rides outside');
    expect(take(column('flags'), mat, 'Must stay dry, hard')).toBeUndefined();
    expect(kept?.flags).toEqual(['hard', 'mustStayDry']);
    expect(take(column('flags'), mat, 'hard, fluffy')).toContain('got "fluffy"');
    expect(take(column('flags'), mat, '')).toBeUndefined();
    expect(kept?.flags).toEqual([]);
  });
  test('what does not stand in the row itself: its list, its carrier, what it rides in', () => {
    const pot: Piece = { ...aPot, nestsIn: 'lid' };
    const party: Trip = {
      ...trip,
      kits: [{ id: 'k', name: 'Kitchen', pieces: [pot, { ...aPot, id: 'lid', name: 'Lid' }] }],
      share: [{ pieceId: 'pot', memberId: 'a', locked: false }],
    };
    const all = kitColumns('carrying', {
      places: placesOf(party),
      groups: [],
      massUnit: 'kg',
      library: [],
      knowledge: UNKNOWING,
      check: () => undefined,
      save: (row) => {
        kept = row as never;
      },
      act: () => undefined,
    });
    const shown = (id: string, row: KitRow): unknown => all.find((c) => c.id === id)!.show(row);
    expect(shown('carrier', pot)).toBe('Ada');
    expect(shown('nestsIn', pot)).toBe('Lid');
    expect(all.find((c) => c.id === 'list')!.edit!.text(pot)).toBe('kit k');
    expect(all.find((c) => c.id === 'list')!.edit!.options).toEqual([
      ['kit k', 'Kitchen'],
      ['member a', 'Ada'],
    ]);
    const inside = all.find((c) => c.id === 'nestsIn')!;
    // Things of the same kit only, never itself.
    expect(inside.edit!.take(pot, 'Mat')).toContain('got "Mat"');
    expect(inside.edit!.take(pot, 'pot')).toContain('got "pot"');
    expect(inside.edit!.take(pot, '')).toBeUndefined();
    expect(kept).not.toHaveProperty('nestsIn');
    expect(placesOf({ ...party, kits: [] }).things['pot']).toBeUndefined();
  });
  test('a typed mass forgets when the old one was weighed', () => {
    expect(take(column('massKg'), { ...mat, measuredOn: '2027-01-02' }, '0.4')).toBeUndefined();
    expect(kept).not.toHaveProperty('measuredOn');
  });
  test('dates are typed, refused by their words, and taken away by nothing', () => {
    expect(take(column('expiresOn'), mat, '2027-06-30')).toBeUndefined();
    expect(kept).toMatchObject({ expiresOn: '2027-06-30' });
    expect(take(column('expiresOn'), kept!, '')).toBeUndefined();
    expect(kept).not.toHaveProperty('expiresOn');
    expect(take(column('expiresOn'), mat, 'June')).toBe('expected a date such as "2027-05-10", got "June"');
  });
  test('what it needs is typed in words', () => {
    expect(take(column('needs'), mat, 'walking poles, a lighter')).toBeUndefined();
    expect(kept?.needs).toEqual(['walkingPoles', 'lighter']);
    expect(column('needs').show(kept!)).toBe('walking poles, a lighter');
    expect(take(column('needs'), mat, 'luck')).toContain('got "luck"');
  });
  test('what it rides inside is named, among its owner’s things', () => {
    expect(take(column('nestsIn'), mat, 'sack')).toBeUndefined();
    expect(kept?.nestsIn).toBe('sack');
    expect(take(column('nestsIn'), mat, 'pot')).toContain('got "pot"');
  });
  test('loose volume makes a soft thing compressible, at least the packed one', () => {
    const soft = { ...mat, shape: { kind: 'pouch' } as const };
    expect(column('looseL').edit!.when!(mat)).toBe(false);
    expect(take(column('looseL'), soft, '12 L')).toBeUndefined();
    expect(kept?.shape).toEqual({ kind: 'stuff', looseVolumeL: 12 });
  });
  test('a parcel of the larder is edited there; only who may carry it is said here', () => {
    const parcel = { ...mat, madeBy: 'larder' as const };
    expect(columns.filter((c) => c.edit?.when?.(parcel) ?? false).map((c) => c.id)).toEqual([]);
    const { memberId: _member, worn: _worn, ...piece } = parcel;
    expect(columns.filter((c) => c.edit?.when?.(piece) ?? false).map((c) => c.id)).toEqual(['onlyGroupId']);
  });
  test('another list is chosen', () => {
    expect(take(column('list'), mat, 'kit k')).toBeUndefined();
    expect(moved).toBe('move Mat');
  });
  test('every mark has words of its own', () => {
    const words = optionsOf(FLAG_WORDS).map(([, w]) => w);
    expect(new Set(words).size).toBe(words.length);
  });
});

test('yes and no', () => {
  const worn = yesNoColumn<PersonalThing, 'worn'>({
    id: 'worn',
    header: 'Worn',
    yes: 'worn',
    no: 'in the pack',
    check: () => undefined,
    save: (row) => expect(row.worn).toBe(true),
  });
  expect(worn.edit!.text({ worn: false } as PersonalThing)).toBe('no');
  expect(take(worn, { worn: false } as PersonalThing, 'yes')).toBeUndefined();
  expect.assertions(3);
});

describe('a plain number', () => {
  interface Row {
    readonly id: string;
    readonly rainChance?: number;
    readonly nightC?: number;
  }
  let saved: Row | undefined;
  const plain = {
    check: (row: Row) => ((row.rainChance ?? 0) > 1 ? 'expected at most 100 %' : undefined),
    save: (row: Row) => void (saved = row),
  };
  const rain = numberColumn<Row, 'rainChance'>({
    ...plain,
    id: 'rainChance',
    header: 'Rain',
    unit: '%',
    decimals: 0,
    percent: true,
    mark: () => '*',
  });
  const night = numberColumn<Row, 'nightC'>({
    ...plain,
    id: 'nightC',
    header: 'Night',
    unit: '°C',
    decimals: 0,
    optional: true,
  });
  beforeEach(() => (saved = undefined));

  test('is a percentage where it is one, and a share of 1 where it is kept', () => {
    const row = { id: 'a', rainChance: 0.35 };
    expect(rain.header).toBe('Rain, %');
    expect(rain.show(row)).toBe('35*');
    expect(rain.edit!.text(row)).toBe('35');
    expect(rain.edit!.take(row, '60 %')).toBeUndefined();
    expect(saved).toEqual({ id: 'a', rainChance: 0.6 });
    expect(rain.edit!.take(row, '130')).toBe('expected at most 100 %');
  });
  test('is written with a true minus, and read with either', () => {
    expect(night.show({ id: 'a', nightC: -4 })).toBe('−4');
    for (const text of ['-4', '−4', '−4 °C', '-4,0']) {
      expect(night.edit!.take({ id: 'a' }, text)).toBeUndefined();
      expect(saved).toEqual({ id: 'a', nightC: -4 });
    }
  });
  test('that is no number is refused, that is optional goes when emptied', () => {
    expect(night.edit!.take({ id: 'a' }, 'cold')).toBe('expected a number in °C, got "cold"');
    expect(night.edit!.take({ id: 'a', nightC: 3 }, ' ')).toBeUndefined();
    expect(saved).toEqual({ id: 'a' });
    expect(rain.edit!.take({ id: 'a', rainChance: 0.1 }, '')).toBe('expected a number in %, got ""');
  });
});

test('a bare number that is too much is offered in the smaller unit, where that would be taken', () => {
  const limited = (row: Member): string | undefined =>
    (row.ownCapKg ?? 0) > 60 ? 'expected at most 60' : checkItem('members', row);
  const spec = { ...common, check: limited, id: 'ownCapKg', header: 'Cap', quantity: 'mass' } as const;
  const kg = quantityColumn<Member, 'ownCapKg'>({ ...spec, massUnit: 'kg' });
  const lb = quantityColumn<Member, 'ownCapKg'>({ ...spec, massUnit: 'lb' });
  expect(take(kg, member, '3500')).toMatch(/60/);
  expect(kg.edit!.instead!(member, '3500')).toBe('3500 g');
  expect(lb.edit!.instead!(member, ' 350 ')).toBe('350 oz');
  expect(kg.edit!.instead!(member, '350000')).toBeUndefined();
  expect(kg.edit!.instead!(member, '350 kg')).toBeUndefined();
  expect(kg.edit!.instead!(member, 'heavy')).toBeUndefined();
});
