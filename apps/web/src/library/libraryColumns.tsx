/** Columns of the library's tables: an entry's facts are edited as a thing's are on a trip. */
import {
  MEAL_KINDS,
  unusedInARow,
  type DishEntry,
  type LibraryEntry,
  type MassUnit,
  type Thing,
  type ThingEntry,
} from '@graft/core';
import { dateColumn, flagsColumn, massColumn, needsColumn, shapeColumn } from '../kit/thingColumns';
import type { Column } from '../shared/EditableTable';
import { choiceColumn, numberColumn, quantityColumn, textColumn, yesNoColumn } from '../shared/fields';
import { RemoveButton } from '../shared/RemoveButton';
import { NEEDED_WORDS, optionsOf, PURPOSE_WORDS, WEAR_WORDS } from '../shared/words';

interface Save {
  readonly check: (entry: LibraryEntry) => string | undefined;
  readonly put: (entry: LibraryEntry) => void;
  readonly remove: (id: string) => void;
}

/** An entry seen as the thing it holds. */
function asThing(entry: ThingEntry): Thing {
  return { ...entry.thing, id: entry.id, name: entry.name };
}
function withThing(entry: ThingEntry, { id: _id, name, ...thing }: Thing): ThingEntry {
  return { ...entry, name, thing };
}

/** A column of things for entries: what it saves goes back into the entry it came from. */
function onEntry(
  make: (common: {
    check: (t: Thing) => string | undefined;
    save: (t: Thing, field: string) => void;
  }) => Column<Thing>,
  save: Save,
): Column<ThingEntry> {
  let current: ThingEntry | undefined;
  const column = make({
    check: (t) => (current === undefined ? undefined : save.check(withThing(current, t))),
    save: (t) => {
      if (current !== undefined) save.put(withThing(current, t));
    },
  });
  const { show, hint, edit, order, ...rest } = column;
  return {
    ...rest,
    show: (e) => show(asThing(e)),
    ...(hint === undefined ? {} : { hint: (e: ThingEntry) => hint(asThing(e)) }),
    ...(order === undefined ? {} : { order: (e: ThingEntry) => order(asThing(e)) }),
    ...(edit === undefined
      ? {}
      : {
          edit: {
            text: (e: ThingEntry) => edit.text(asThing(e)),
            ...(edit.options === undefined ? {} : { options: edit.options }),
            take: (e: ThingEntry, text: string) => {
              current = e;
              return edit.take(asThing(e), text);
            },
          },
        }),
  };
}

function removeColumn<E extends LibraryEntry>(save: Save): Column<E> {
  return {
    id: 'remove',
    header: '',
    width: '36',
    show: (e) => <RemoveButton name={e.name} onClick={() => save.remove(e.id)} />,
  };
}

export function thingEntryColumns(save: Save, massUnit: MassUnit): readonly Column<ThingEntry>[] {
  const common = {
    check: save.check as (e: ThingEntry) => string | undefined,
    save: (e: ThingEntry) => save.put(e),
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
    { ...onEntry((c) => massColumn(c, massUnit), save), order: (e) => e.thing.massKg },
    onEntry((c) => dateColumn(c, 'measuredOn', 'Weighed on', '94'), save),
    {
      ...onEntry(
        (c) =>
          quantityColumn<Thing, 'volumeL'>({
            ...c,
            id: 'volumeL',
            header: 'Packed',
            quantity: 'volume',
            massUnit,
            width: '72',
          }),
        save,
      ),
      order: (e) => e.thing.volumeL,
    },
    onEntry(shapeColumn, save),
    onEntry(
      (c) =>
        choiceColumn<Thing, 'needed'>({
          ...c,
          id: 'needed',
          header: 'Needed',
          options: optionsOf(NEEDED_WORDS),
          width: '100',
        }),
      save,
    ),
    {
      ...onEntry(
        (c) =>
          choiceColumn<Thing, 'purpose'>({
            ...c,
            id: 'purpose',
            header: 'What for',
            options: optionsOf(PURPOSE_WORDS),
            width: '116',
          }),
        save,
      ),
      order: (e) => PURPOSE_WORDS[e.thing.purpose],
    },
    onEntry(flagsColumn, save),
    onEntry(needsColumn, save),
    onEntry(
      (c) => textColumn<Thing, 'owner'>({ ...c, id: 'owner', header: 'Owner', optional: true, width: '90' }),
      save,
    ),
    onEntry(
      (c) =>
        choiceColumn<Thing, 'wear'>({
          ...c,
          id: 'wear',
          header: 'State',
          none: '',
          options: optionsOf(WEAR_WORDS),
          width: '98',
        }),
      save,
    ),
    onEntry((c) => dateColumn(c, 'expiresOn', 'Best before', '94'), save),
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

function recordWords(entry: ThingEntry): string {
  if (entry.outings.length === 0) return '';
  const unused = entry.outings.filter((o) => !o.used).length;
  const styles = [...new Set(entry.outings.map((o) => o.style))];
  const row = Math.max(...styles.map((s) => unusedInARow(entry.outings, s)));
  return `${unused} of ${entry.outings.length}${row >= 3 ? ' ▲' : ''}`;
}

export function dishColumns(save: Save): readonly Column<DishEntry>[] {
  const common = {
    check: save.check as (e: DishEntry) => string | undefined,
    save: (e: DishEntry) => save.put(e),
  };
  type Flat = DishEntry & DishEntry['dish'];
  const flat = (e: DishEntry): Flat => ({ ...e, ...e.dish });
  const number = (
    id: keyof Omit<DishEntry['dish'], 'form'>,
    header: string,
    unit: string,
    decimals: number,
  ): Column<DishEntry> => {
    const nest = (f: Flat): DishEntry => ({
      kind: f.kind,
      id: f.id,
      name: f.name,
      meals: f.meals,
      ...(f.note === undefined ? {} : { note: f.note }),
      dish: { ...f.dish, [id]: f[id] },
    });
    const column = numberColumn<Flat, typeof id>({
      id,
      header,
      unit,
      decimals,
      width: '84',
      check: (f) => save.check(nest(f)),
      save: (f) => save.put(nest(f)),
    });
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
    number('gPerServing', 'A serving', 'g', 0),
    number('kcalPerServing', 'Energy', 'kcal', 0),
    number('packagingG', 'Packaging', 'g', 0),
    number('volumeL', 'Packed', 'L', 2),
    number('boilL', 'Boiled', 'L', 2),
    number('potL', 'In the pot', 'L', 2),
    removeColumn<DishEntry>(save),
  ];
}
