/** Columns of the library's tables: an entry's facts are edited as a thing's are on a trip. */
import type { DishEntry, KitEntry, LibraryEntry, LibraryPiece, ThingEntry } from '@graft/core/library';
import { unusedInARow } from '@graft/core/lists';
import { MEAL_KINDS, type Thing } from '@graft/core/trip';
import type { MassUnit, Shown } from '@graft/core/units';
import {
  dateColumn,
  flagsColumn,
  holdsColumn,
  hostColumn,
  massColumn,
  needsColumn,
  shapeColumn,
} from '../shared/thingColumns';
import type { Column } from '../shared/table/column';
import { choiceColumn, numberColumn, quantityColumn, textColumn, yesNoColumn } from '../shared/fields';
import { RemoveButton } from '../shared/RemoveButton';
import { NEEDED_WORDS, optionsOf, PURPOSE_WORDS, WEAR_WORDS } from '../shared/words';

export interface Save {
  readonly check: (entry: LibraryEntry) => string | undefined;
  readonly put: (entry: LibraryEntry) => void;
  /** A change that can be taken back: the entry before, after, and what was done in words. */
  readonly change: (before: LibraryEntry, after: LibraryEntry, what: string) => void;
  readonly remove: (entry: LibraryEntry) => void;
}

/** How a row holds a thing: seen as one, checked and stored with another in its place. */
interface Holder<Row> {
  readonly see: (row: Row) => Thing;
  readonly check: (row: Row, thing: Thing) => string | undefined;
  readonly save: (row: Row, thing: Thing) => void;
}

/** A column of things for rows that hold one: what it saves goes back into the row it came from. */
function held<Row>(
  make: (common: {
    check: (t: Thing) => string | undefined;
    save: (t: Thing, field: string) => void;
  }) => Column<Thing>,
  { see, check, save }: Holder<Row>,
): Column<Row> {
  let current: Row | undefined;
  const column = make({
    check: (t) => (current === undefined ? undefined : check(current, t)),
    save: (t) => {
      if (current !== undefined) save(current, t);
    },
  });
  const { show, hint, edit, order, ...rest } = column;
  return {
    ...rest,
    show: (row) => show(see(row)),
    ...(hint === undefined ? {} : { hint: (row: Row) => hint(see(row)) }),
    ...(order === undefined ? {} : { order: (row: Row) => order(see(row)) }),
    ...(edit === undefined
      ? {}
      : {
          edit: {
            text: (row: Row) => edit.text(see(row)),
            ...(edit.options === undefined ? {} : { options: edit.options }),
            take: (row: Row, text: string) => {
              current = row;
              return edit.take(see(row), text);
            },
          },
        }),
  };
}

/** What every thing of the library has, a piece of a kit too. */
function factColumns<Row>(holder: Holder<Row>, massUnit: MassUnit): readonly Column<Row>[] {
  return [
    held((c) => ({ ...massColumn(c, massUnit), order: (t) => t.massKg }), holder),
    held((c) => dateColumn(c, 'measuredOn', 'Weighed on', '94'), holder),
    held(
      (c) => ({
        ...quantityColumn<Thing, 'volumeL'>({
          ...c,
          id: 'volumeL',
          header: 'Packed',
          quantity: 'volume',
          massUnit,
          width: '72',
        }),
        order: (t) => t.volumeL,
      }),
      holder,
    ),
    held((c) => shapeColumn(c, massUnit), holder),
    held(
      (c) =>
        choiceColumn<Thing, 'needed'>({
          ...c,
          id: 'needed',
          header: 'Needed',
          options: optionsOf(NEEDED_WORDS),
          width: '100',
        }),
      holder,
    ),
    held(
      (c) => ({
        ...choiceColumn<Thing, 'purpose'>({
          ...c,
          id: 'purpose',
          header: 'What for',
          options: optionsOf(PURPOSE_WORDS),
          width: '116',
        }),
        order: (t) => PURPOSE_WORDS[t.purpose],
      }),
      holder,
    ),
    held(flagsColumn, holder),
    held(needsColumn, holder),
    held((c) => holdsColumn(c, massUnit), holder),
  ];
}

function removeColumn<E extends LibraryEntry>(save: Save): Column<E> {
  return {
    id: 'remove',
    header: '',
    width: '36',
    show: (e) => <RemoveButton name={e.name} undo={false} onClick={() => save.remove(e)} />,
  };
}

export function thingEntryColumns(save: Save, massUnit: MassUnit): readonly Column<ThingEntry>[] {
  const common = {
    check: save.check as (e: ThingEntry) => string | undefined,
    save: (e: ThingEntry) => save.put(e),
  };
  const withThing = (entry: ThingEntry, { id: _id, name, ...thing }: Thing): ThingEntry => ({
    ...entry,
    name,
    thing,
  });
  const holder: Holder<ThingEntry> = {
    see: (e) => ({ ...e.thing, id: e.id, name: e.name }),
    check: (e, t) => save.check(withThing(e, t)),
    save: (e, t) => save.put(withThing(e, t)),
  };
  return [
    {
      ...textColumn<ThingEntry, 'name'>({ ...common, id: 'name', header: 'Thing', width: '190' }),
      order: (e) => e.name.toLowerCase(),
    },
    {
      ...choiceColumn<ThingEntry, 'use'>({
        ...common,
        id: 'use',
        header: 'For',
        options: [
          ['each', 'each'],
          ['group', 'the group'],
        ],
        width: '78',
      }),
      order: (e) => e.use,
    },
    ...factColumns(holder, massUnit),
    held(
      (c) => textColumn<Thing, 'owner'>({ ...c, id: 'owner', header: 'Owner', optional: true, width: '90' }),
      holder,
    ),
    held(
      (c) =>
        choiceColumn<Thing, 'wear'>({
          ...c,
          id: 'wear',
          header: 'State',
          none: '',
          options: optionsOf(WEAR_WORDS),
          width: '98',
        }),
      holder,
    ),
    held((c) => dateColumn(c, 'expiresOn', 'Best before', '94'), holder),
    yesNoColumn<ThingEntry, 'worn'>({
      ...common,
      id: 'worn',
      header: 'Worn',
      yes: 'worn',
      no: 'in the pack',
      width: '62',
    }),
    {
      id: 'record',
      header: 'Unused',
      width: '80',
      show: (e) => recordWords(e),
    },
    removeColumn<ThingEntry>(save),
  ];
}

/** A piece in its kit: a row of the kits' table. */
export interface PieceRow {
  readonly kit: KitEntry;
  readonly piece: LibraryPiece;
}

/** The kit with another piece in this one's place. */
function withPiece({ kit, piece }: PieceRow, next: LibraryPiece): KitEntry {
  return { ...kit, pieces: kit.pieces.map((p) => (p.id === piece.id ? next : p)) };
}

export function pieceColumns(save: Save, massUnit: MassUnit): readonly Column<PieceRow>[] {
  const take = (row: PieceRow, next: LibraryPiece): string | undefined => {
    const kit = withPiece(row, next);
    const error = save.check(kit);
    if (error === undefined) save.put(kit);
    return error;
  };
  const asPiece = ({ piece }: PieceRow, { id: _id, name, ...thing }: Thing): LibraryPiece => ({
    ...piece,
    name,
    thing,
  });
  const holder: Holder<PieceRow> = {
    see: ({ piece }) => ({ ...piece.thing, id: piece.id, name: piece.name }),
    check: (row, t) => save.check(withPiece(row, asPiece(row, t))),
    save: (row, t) => save.put(withPiece(row, asPiece(row, t))),
  };
  return [
    held((c) => textColumn<Thing, 'name'>({ ...c, id: 'name', header: 'Piece', width: '190' }), holder),
    ...factColumns(holder, massUnit),
    {
      id: 'together',
      header: 'Stays with',
      width: '90',
      show: ({ piece }) => piece.together ?? '',
      edit: {
        text: ({ piece }) => piece.together ?? '',
        take: (row, entry) => {
          const { together: _old, ...rest } = row.piece;
          return take(row, entry.trim() === '' ? rest : { ...rest, together: entry.trim() });
        },
      },
    },
    hostColumn({
      hostId: ({ piece }) => piece.nestsIn,
      near: ({ kit, piece }) =>
        kit.pieces.flatMap((p) => (p.id === piece.id ? [] : [[p.id, p.name] as const])),
      put: (row, hostId) => {
        const { nestsIn: _old, ...rest } = row.piece;
        return take(row, hostId === undefined ? rest : { ...rest, nestsIn: hostId });
      },
    }),
    {
      id: 'remove',
      header: '',
      width: '36',
      show: ({ kit, piece }) =>
        kit.pieces.length > 1 && (
          <RemoveButton
            name={`${piece.name} of ${kit.name}`}
            undo={false}
            onClick={() => save.change(kit, withoutPiece(kit, piece.id), `${piece.name} removed`)}
          />
        ),
    },
  ];
}

/** The kit without a piece; what rode inside it rides loose. */
function withoutPiece(kit: KitEntry, id: string): KitEntry {
  return {
    ...kit,
    pieces: kit.pieces
      .filter((p) => p.id !== id)
      .map((p) => {
        const { nestsIn, ...rest } = p;
        return nestsIn === id ? rest : p;
      }),
  };
}

function recordWords(entry: ThingEntry): string {
  if (entry.outings.length === 0) return '';
  const unused = entry.outings.filter((o) => !o.used).length;
  const styles = [...new Set(entry.outings.map((o) => o.style))];
  const row = Math.max(...styles.map((s) => unusedInARow(entry.outings, s)));
  return `${unused} of ${entry.outings.length}${row >= 3 ? ' ▲' : ''}`;
}

export function dishColumns(save: Save, massUnit: MassUnit): readonly Column<DishEntry>[] {
  const common = {
    check: save.check as (e: DishEntry) => string | undefined,
    save: (e: DishEntry) => save.put(e),
  };
  type Flat = DishEntry & DishEntry['dish'];
  const flat = (e: DishEntry): Flat => ({ ...e, ...e.dish });
  type Field = keyof Omit<DishEntry['dish'], 'form'>;
  const nested = (
    id: Field,
    columnOf: (flatly: {
      readonly check: (f: Flat) => string | undefined;
      readonly save: (f: Flat) => void;
    }) => Column<Flat>,
  ): Column<DishEntry> => {
    const nest = (f: Flat): DishEntry => ({
      kind: f.kind,
      id: f.id,
      name: f.name,
      meals: f.meals,
      ...(f.note === undefined ? {} : { note: f.note }),
      dish: { ...f.dish, [id]: f[id] },
    });
    const column = columnOf({ check: (f) => save.check(nest(f)), save: (f) => save.put(nest(f)) });
    return {
      id,
      header: column.header,
      numeric: true,
      width: '84',
      show: (e) => column.show(flat(e)),
      order: (e) => e.dish[id],
      edit: { text: (e) => column.edit!.text(flat(e)), take: (e, text) => column.edit!.take(flat(e), text) },
    };
  };
  const quantity = (id: Field, header: string, kind: Shown, perKept: number): Column<DishEntry> =>
    nested(id, (flatly) =>
      quantityColumn<Flat, Field>({ ...flatly, id, header, quantity: kind, perKept, massUnit, width: '84' }),
    );
  return [
    {
      ...textColumn<DishEntry, 'name'>({ ...common, id: 'name', header: 'Dish', width: '250' }),
      order: (e) => e.name.toLowerCase(),
    },
    {
      id: 'meals',
      header: 'Meals',
      width: '130',
      show: (e) => e.meals.join(', '),
      edit: {
        text: (e) => e.meals.join(', '),
        take: (e, text) => {
          const parts = text
            .toLowerCase()
            .split(/[,;]\s*/)
            .map((p) => p.trim())
            .filter((p) => p !== '');
          const meals = MEAL_KINDS.filter((k) => parts.includes(k));
          if (meals.length === 0 || meals.length < parts.length)
            return `expected ${MEAL_KINDS.join(', ')}, got "${text}"`;
          save.put({ ...e, meals });
          return undefined;
        },
      },
    },
    {
      id: 'form',
      header: 'Form',
      width: '78',
      show: (e) => e.dish.form,
      edit: {
        text: (e) => e.dish.form,
        options: [
          ['dried', 'dried'],
          ['wet', 'wet'],
        ],
        take: (e, text) => {
          save.put({ ...e, dish: { ...e.dish, form: text as DishEntry['dish']['form'] } });
          return undefined;
        },
      },
    },
    quantity('gPerServing', 'A serving', 'smallMass', 1000),
    nested('kcalPerServing', (flatly) =>
      numberColumn<Flat, 'kcalPerServing'>({
        ...flatly,
        id: 'kcalPerServing',
        header: 'Energy',
        unit: 'kcal',
        decimals: 0,
        width: '84',
      }),
    ),
    quantity('packagingG', 'Packaging', 'smallMass', 1000),
    quantity('volumeL', 'Packed', 'volume', 1),
    quantity('boilL', 'Boiled', 'liquid', 1),
    quantity('potL', 'In the pot', 'liquid', 1),
    removeColumn<DishEntry>(save),
  ];
}
