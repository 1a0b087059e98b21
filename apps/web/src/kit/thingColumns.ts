import type { ReactNode } from 'react';
import {
  FLAGS,
  formatDaySpan,
  formatShape,
  formatUse,
  parseDaySpan,
  parseShape,
  parseUse,
  type MassUnit,
  type Thing,
} from '@graft/core';
import type { Column } from '../shared/EditableTable';
import { choiceColumn, quantityColumn, type Check } from '../shared/fields';
import { FLAG_WORDS, NEEDED_WORDS, optionsOf, PURPOSE_WORDS } from '../shared/words';

interface Common<Row> {
  readonly check: Check<Row>;
  readonly save: (row: Row, field: string) => void;
}

/** The columns that group pieces and personal things have in common. */
export function thingColumns<Row extends Thing>(
  common: Common<Row>,
  massUnit: MassUnit,
): readonly Column<Row>[] {
  // The fields below are all of Thing; a generic row cannot show that to the compiler.
  const thing = common as unknown as Common<Thing>;
  const columns: readonly Column<Thing>[] = [
    massColumn(thing, massUnit),
    quantityColumn({ ...thing, id: 'volumeL', header: 'Packed', quantity: 'volume', massUnit, width: '72' }),
    shapeColumn(thing),
    choiceColumn({
      ...thing,
      id: 'needed',
      header: 'Needed',
      options: optionsOf(NEEDED_WORDS),
      width: '100',
    }),
    choiceColumn({
      ...thing,
      id: 'purpose',
      header: 'What for',
      options: optionsOf(PURPOSE_WORDS),
      width: '108',
    }),
    flagsColumn(thing),
    daysColumn(thing),
    consumptionColumn(thing),
  ];
  return columns as unknown as readonly Column<Row>[];
}

/** An entry that begins with ≈ or ~ is an estimate; any other was weighed. */
function massColumn(common: Common<Thing>, massUnit: MassUnit): Column<Thing> {
  const weighed = quantityColumn<Thing, 'massKg'>({
    ...common,
    id: 'massKg',
    header: 'Mass',
    quantity: 'mass',
    massUnit,
    width: '76',
  });
  const mark = (t: Thing, text: ReactNode): string => `${t.massEstimated ? '≈ ' : ''}${String(text)}`;
  return {
    ...weighed,
    show: (t) => mark(t, weighed.show(t)),
    edit: {
      text: (t) => mark(t, weighed.edit!.text(t)),
      take: (t, entry) => {
        const [, sign, mass] = /^\s*([≈~]?)\s*(.*)$/.exec(entry)!;
        return weighed.edit!.take({ ...t, massEstimated: sign !== '' }, mass!);
      },
    },
  };
}

/** Columns whose text stands for several fields: what is read replaces them all, checked as one. */
function readColumn(
  { check, save }: Common<Thing>,
  column: Pick<Column<Thing>, 'id' | 'header' | 'width'> & { readonly text: (t: Thing) => string },
  read: (t: Thing, entry: string) => { readonly thing: Thing } | { readonly error: string },
): Column<Thing> {
  const { text, ...rest } = column;
  return {
    ...rest,
    show: text,
    edit: {
      text,
      take: (t, entry) => {
        const result = read(t, entry);
        if ('error' in result) return result.error;
        const error = check(result.thing);
        if (error === undefined) save(result.thing, String(column.header).toLowerCase());
        return error;
      },
    },
  };
}

/** The days a thing is carried, when not on all: it joins or leaves on the way. */
function daysColumn(common: Common<Thing>): Column<Thing> {
  return readColumn(
    common,
    { id: 'days', header: 'Carried on days', width: '74', text: formatDaySpan },
    (t, entry) => {
      const { fromDay: _from, toDay: _to, ...rest } = t;
      const parsed = parseDaySpan(entry);
      return parsed.ok ? { thing: { ...rest, ...parsed.span } } : { error: parsed.error };
    },
  );
}

/** The days over which a thing is eaten or burnt, and what is left of it. */
function consumptionColumn(common: Common<Thing>): Column<Thing> {
  return readColumn(
    common,
    { id: 'use', header: 'Used up on days', width: '118', text: (t) => formatUse(t.consumption) },
    (t, entry) => {
      const { consumption: _old, ...rest } = t;
      const parsed = parseUse(entry);
      if (!parsed.ok) return { error: parsed.error };
      return { thing: parsed.use === undefined ? rest : { ...rest, consumption: parsed.use } };
    },
  );
}

function shapeColumn(common: Common<Thing>): Column<Thing> {
  return readColumn(
    common,
    { id: 'shape', header: 'Shape', width: '136', text: (t) => formatShape(t.shape) },
    (t, entry) => {
      const parsed = parseShape(entry);
      return parsed.ok ? { thing: { ...t, shape: parsed.shape } } : { error: parsed.error };
    },
  );
}

function flagsColumn(common: Common<Thing>): Column<Thing> {
  const words = (t: Thing): string => t.flags.map((flag) => FLAG_WORDS[flag]).join(', ');
  return readColumn(common, { id: 'flags', header: 'Marks', width: '128', text: words }, (t, entry) => {
    const parts = entry
      .split(',')
      .map((part) => part.trim().toLowerCase())
      .filter((part) => part !== '');
    const unknown = parts.find((part) => !FLAGS.some((flag) => FLAG_WORDS[flag] === part));
    if (unknown !== undefined) {
      return {
        error: `expected marks among ${FLAGS.map((f) => FLAG_WORDS[f]).join(', ')}; got "${unknown}"`,
      };
    }
    return { thing: { ...t, flags: FLAGS.filter((flag) => parts.includes(FLAG_WORDS[flag])) } };
  });
}
