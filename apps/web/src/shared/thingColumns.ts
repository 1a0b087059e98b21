/** Columns of single fields of a thing that need more than one field or a reading of their own. */
import type { ReactNode } from 'react';
import { COMPANION_WORDS, isUnweighed } from '@graft/core/lists';
import { isIsoDate } from '@graft/core/schema';
import {
  COMPANIONS,
  FLAGS,
  formatHolding,
  formatShape,
  parseHolding,
  parseShape,
  type Thing,
} from '@graft/core/trip';
import type { MassUnit } from '@graft/core/units';
import type { Column } from './table/column';
import { quantityColumn, type Check } from './fields';
import { FLAG_WORDS } from './words';

interface Common<Row> {
  readonly check: Check<Row>;
  readonly save: (row: Row, field: string) => void;
}

/** An entry that begins with ≈ or ~ is an estimate; any other was weighed. */
export function massColumn(common: Common<Thing>, massUnit: MassUnit): Column<Thing> {
  const weighed = quantityColumn<Thing, 'massKg'>({
    ...common,
    id: 'massKg',
    header: 'Weight',
    quantity: 'mass',
    massUnit,
    width: '76',
  });
  const mark = (t: Thing, text: ReactNode): string => `${t.massEstimated ? '≈ ' : ''}${String(text)}`;
  return {
    ...weighed,
    // What nobody has said or guessed is no nought.
    show: (t) => (isUnweighed(t) ? '?' : mark(t, weighed.show(t))),
    edit: {
      text: (t) => (isUnweighed(t) ? '' : mark(t, weighed.edit!.text(t))),
      take: (t, entry) => {
        const [, sign, mass] = /^\s*([≈~]?)\s*(.*)$/.exec(entry)!;
        const { measuredOn: _old, ...rest } = t;
        // A typed mass is a new one: when the old one was weighed says nothing of it.
        return weighed.edit!.take({ ...rest, massEstimated: sign !== '' }, mass!);
      },
      instead: (t, entry) => weighed.edit!.instead!(t, entry),
    },
  };
}

/** Columns whose text stands for several fields: what is read replaces them all, checked as one. */
export function readColumn(
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

export function shapeColumn(common: Common<Thing>, massUnit: MassUnit): Column<Thing> {
  return readColumn(
    common,
    { id: 'shape', header: 'Shape', width: '136', text: (t) => formatShape(t.shape, massUnit) },
    (t, entry) => {
      const parsed = parseShape(entry, massUnit);
      return parsed.ok ? { thing: { ...t, shape: parsed.shape } } : { error: parsed.error };
    },
  );
}

export function flagsColumn(common: Common<Thing>): Column<Thing> {
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

/** An ISO date, or nothing. */
export function dateColumn(
  common: Common<Thing>,
  id: 'measuredOn' | 'expiresOn',
  header: string,
  width: string,
): Column<Thing> {
  return readColumn(common, { id, header, width, text: (t) => t[id] ?? '' }, (t, entry) => {
    const { [id]: _old, ...rest } = t;
    const text = entry.trim();
    if (text === '') return { thing: rest };
    if (!isIsoDate(text)) return { error: `expected a date such as "2027-05-10", got "${entry}"` };
    return { thing: { ...rest, [id]: text } };
  });
}

/** What must come along for a thing to be of use, by words. */
export function needsColumn(common: Common<Thing>): Column<Thing> {
  const words = (t: Thing): string => (t.needs ?? []).map((need) => COMPANION_WORDS[need]).join(', ');
  return {
    ...readColumn(
      common,
      { id: 'needs', header: 'No use without', width: '120', text: words },
      (t, entry) => {
        const { needs: _old, ...rest } = t;
        const parts = entry
          .split(',')
          .map((part) => part.trim().toLowerCase())
          .filter((part) => part !== '');
        const found = parts.map((part) =>
          COMPANIONS.find(
            (c) => COMPANION_WORDS[c] === part || COMPANION_WORDS[c].replace(/^an? /, '') === part,
          ),
        );
        const unknown = parts.find((_part, i) => found[i] === undefined);
        if (unknown !== undefined) {
          return {
            error: `expected ${COMPANIONS.map((c) => COMPANION_WORDS[c]).join(', ')}; got "${unknown}"`,
          };
        }
        return {
          thing: parts.length === 0 ? rest : { ...rest, needs: COMPANIONS.filter((c) => found.includes(c)) },
        };
      },
    ),
    hint: words,
  };
}

/** What a thing holds, in words. */
export function holdsColumn(common: Common<Thing>, massUnit: MassUnit): Column<Thing> {
  const words = (t: Thing): string => formatHolding(t.holds, massUnit);
  return {
    ...readColumn(common, { id: 'holds', header: 'Holds', width: '132', text: words }, (t, entry) => {
      const { holds: _old, ...rest } = t;
      const parsed = parseHolding(entry, massUnit);
      if (!parsed.ok) return { error: parsed.error };
      return { thing: parsed.holding === undefined ? rest : { ...rest, holds: parsed.holding } };
    }),
    hint: words,
  };
}

/** The thing that another rides inside: named among those near it, of the same kit or person, and what holds things. */
export function hostColumn<Row>(of: {
  readonly hostId: (row: Row) => string | undefined;
  /** Id and name of what it can ride inside. */
  readonly near: (row: Row) => readonly (readonly [id: string, name: string])[];
  /** Take the host, or none; an error says why not. */
  readonly put: (row: Row, hostId: string | undefined, loose: boolean) => string | undefined;
  /** The leader's word that it rides in nothing. */
  readonly isLoose?: (row: Row) => boolean;
}): Column<Row> {
  const isLoose = (row: Row): boolean => of.isLoose?.(row) === true;
  const hostName = (row: Row): string => {
    if (isLoose(row)) return LOOSE;
    const id = of.hostId(row);
    return id === undefined ? '' : (of.near(row).find(([key]) => key === id)?.[1] ?? '');
  };
  return {
    id: 'nestsIn',
    header: 'Rides inside',
    width: '120',
    show: hostName,
    hint: hostName,
    edit: {
      text: hostName,
      take: (row, entry) => {
        const wanted = entry.trim().toLowerCase();
        if (wanted === LOOSE && of.isLoose !== undefined) return of.put(row, undefined, true);
        const host = of.near(row).find(([, name]) => name.toLowerCase() === wanted);
        if (wanted !== '' && host === undefined)
          return `expected the name of another thing of the same kit or person${of.isLoose === undefined ? '' : `, of a bag or container of the trip, or "${LOOSE}"`}, got "${entry}"`;
        return of.put(row, host?.[0], false);
      },
    },
  };
}

/** What is typed for a thing that rides in no holder, though one is meant for it. */
const LOOSE = 'loose';
