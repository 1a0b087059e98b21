import {
  libraryEntryErrors,
  type DishEntry,
  type KitEntry,
  type LibraryEntry,
  type ThingEntry,
} from '@graft/core/library';
import { UNKNOWN_FACTS } from '@graft/core/lists';
import type { Column } from '../shared/table/column';
import { dishColumns, pieceColumns, thingEntryColumns, type PieceRow, type Save } from './libraryColumns';

let stored: LibraryEntry | undefined;
let taken: { before: LibraryEntry; after: LibraryEntry; what: string } | undefined;
beforeEach(() => {
  stored = undefined;
  taken = undefined;
});
const save: Save = {
  check: (entry) => libraryEntryErrors(entry)[0]?.message,
  put: (entry) => {
    stored = entry;
  },
  change: (before, after, what) => {
    taken = { before, after, what };
  },
  remove: () => undefined,
};
const tent: KitEntry = {
  kind: 'kit',
  id: 'tent',
  name: 'Tent',
  groupKind: 'tent',
  sleeps: 2,
  pieces: [
    { id: 'body', name: 'Body', thing: UNKNOWN_FACTS },
    { id: 'pegs', name: 'Pegs', thing: { ...UNKNOWN_FACTS, massKg: 0.15 }, nestsIn: 'body' },
  ],
  outings: [],
};
const row = (id: string, kit = tent): PieceRow => ({ kit, piece: kit.pieces.find((p) => p.id === id)! });
function find<Row>(columns: readonly Column<Row>[], id: string): Column<Row> {
  return columns.find((c) => c.id === id)!;
}
const piece = (id: string): Column<PieceRow> => find(pieceColumns(save, 'kg'), id);
const storedPiece = (id: string): unknown => (stored as KitEntry).pieces.find((p) => p.id === id);

describe('pieces of a kit', () => {
  test('a weighed mass goes into its piece and leaves the others alone', () => {
    expect(piece('massKg').show(row('pegs'))).toBe('≈ 0.15');
    expect(piece('massKg').edit!.take(row('pegs'), '180 g')).toBeUndefined();
    expect(storedPiece('pegs')).toMatchObject({
      thing: { massKg: 0.18, massEstimated: false },
      nestsIn: 'body',
    });
    expect(storedPiece('body')).toBe(tent.pieces[0]);
    expect(piece('massKg').edit!.take(row('pegs'), 'heavy')).toContain('got "heavy"');
    expect(piece('massKg').edit!.take(row('pegs'), '61')).toContain('expected a number from 0 to 60 kg');
  });
  test('it rides inside another piece of its kit, told by name; not inside itself', () => {
    const inside = piece('nestsIn');
    expect(inside.show(row('pegs'))).toBe('Body');
    expect(inside.edit!.take(row('body'), ' pegs ')).toBeUndefined();
    expect(storedPiece('body')).toMatchObject({ nestsIn: 'pegs' });
    expect(inside.edit!.take(row('pegs'), '')).toBeUndefined();
    expect(storedPiece('pegs')).not.toHaveProperty('nestsIn');
    for (const wrong of ['Poles', 'Pegs'])
      expect(inside.edit!.take(row('pegs'), wrong)).toBe(
        `expected the name of another thing of the same kit or person, got "${wrong}"`,
      );
  });
  test('what stays together shares a word; nothing takes it away', () => {
    expect(piece('together').edit!.take(row('body'), 'inner')).toBeUndefined();
    expect(storedPiece('body')).toMatchObject({ together: 'inner' });
    expect(piece('together').edit!.take(row('body', stored as KitEntry), ' ')).toBeUndefined();
    expect(storedPiece('body')).not.toHaveProperty('together');
    expect(piece('together').edit!.take(row('body'), 'x'.repeat(61))).toContain(
      'a text of 1 to 60 characters',
    );
  });
  test('a piece taken away leaves what rode in it loose; the last piece cannot go', () => {
    const button = piece('remove').show(row('body')) as { props: { onClick: () => void } };
    button.props.onClick();
    expect(taken).toEqual({
      before: tent,
      after: { ...tent, pieces: [{ id: 'pegs', name: 'Pegs', thing: tent.pieces[1]!.thing }] },
      what: 'Body removed',
    });
    expect(libraryEntryErrors(taken!.after)).toEqual([]);
    expect(piece('remove').show(row('pegs', taken!.after as KitEntry))).toBe(false);
  });
});

describe('things and dishes', () => {
  const fleece: ThingEntry = {
    kind: 'thing',
    id: 'fleece',
    name: 'Fleece',
    use: 'each',
    worn: false,
    thing: UNKNOWN_FACTS,
    outings: [1, 2, 3].map((n) => ({
      date: `2026-0${n}-01`,
      trip: `T${n}`,
      style: 'camp',
      used: n === 4,
    })),
  };
  const thing = (id: string): Column<ThingEntry> => find(thingEntryColumns(save, 'kg'), id);
  test('a name, a use and facts are stored in the entry', () => {
    expect(thing('name').edit!.take(fleece, 'Thick fleece')).toBeUndefined();
    expect(stored).toEqual({ ...fleece, name: 'Thick fleece' });
    expect(thing('use').edit!.take(fleece, 'group')).toBeUndefined();
    expect(stored).toMatchObject({ use: 'group' });
    expect(thing('needs').edit!.take(fleece, 'walking poles')).toBeUndefined();
    expect(stored).toMatchObject({ thing: { needs: ['walkingPoles'] } });
    expect(thing('expiresOn').edit!.take(fleece, '2027-02-30')).toContain('got "2027-02-30"');
    expect(thing('volumeL').order!(fleece)).toBe(0.5);
  });
  test('a thing unused three times in a row says so', () => {
    expect(thing('record').show(fleece)).toBe('3 of 3 ▲');
    expect(thing('record').show({ ...fleece, outings: [] })).toBe('');
  });
  const rice: DishEntry = {
    kind: 'dish',
    id: 'rice',
    name: 'Rice',
    meals: ['dinner'],
    dish: {
      form: 'dried',
      gPerServing: 150,
      kcalPerServing: 600,
      packagingG: 5,
      volumeL: 0.3,
      boilL: 0.4,
      potL: 0.5,
    },
  };
  const dish = (id: string): Column<DishEntry> => find(dishColumns(save, 'kg'), id);
  test('a dish: its meals by words, its figures in their ranges', () => {
    expect(dish('meals').edit!.take(rice, 'Lunch, dinner')).toBeUndefined();
    expect(stored).toMatchObject({ meals: ['lunch', 'dinner'] });
    expect(dish('meals').edit!.take(rice, 'tea')).toContain('got "tea"');
    expect(dish('kcalPerServing').edit!.take(rice, '640')).toBeUndefined();
    expect(stored).toEqual({ ...rice, dish: { ...rice.dish, kcalPerServing: 640 } });
    expect(dish('boilL').edit!.take(rice, '-1')).toBeDefined();
    expect(dish('form').edit!.take(rice, 'wet')).toBeUndefined();
    expect(stored).toMatchObject({ dish: { form: 'wet' } });
  });
});
