/** Making table columns from the model's fields: text and quantities typed in any unit, checked by the field's own schema. */
import { ITEM_SCHEMAS, schemaErrors } from '@graft/core/schema';
import type { Collection } from '@graft/core/trip';
import {
  celsiusOf,
  digitsShown,
  parseQuantity,
  quantityOf,
  temperatureShown,
  temperatureUnit,
  unitShown,
  type MassUnit,
  type Shown,
} from '@graft/core/units';
import type { Column, Entry } from './table/column';

/** Something of a collection, or of a list inside one (a piece of a kit). */
export type Check<Row> = (row: Row) => Entry;

/** The first thing wrong with an item by its collection's schema. */
export function checkItem(collection: Collection, item: unknown): Entry {
  const [error] = schemaErrors(ITEM_SCHEMAS[collection], item);
  return error?.message;
}

interface FieldSpec<Row, K extends keyof Row & string> {
  readonly id: K;
  readonly header: string;
  readonly width?: string;
  readonly check: Check<Row>;
  readonly save: (row: Row, field: string) => void;
}

/** A new row without or with a field; refused with its error, otherwise saved. */
function store<Row extends object, K extends keyof Row & string>(
  spec: FieldSpec<Row, K>,
  row: Row,
  value: unknown,
): Entry {
  const { [spec.id]: _old, ...rest } = row;
  const next = (value === undefined ? rest : { ...row, [spec.id]: value }) as Row;
  const error = spec.check(next);
  if (error === undefined) spec.save(next, spec.header.toLowerCase());
  return error;
}

/** @param spec.optional an empty entry takes the field away */
export function textColumn<Row extends object, K extends keyof Row & string>(
  spec: FieldSpec<Row, K> & { readonly optional?: boolean },
): Column<Row> {
  const text = (row: Row): string => (row[spec.id] as string | undefined) ?? '';
  return {
    ...spec,
    show: text,
    hint: text,
    edit: {
      text,
      take: (row, entry) =>
        store(spec, row, spec.optional === true && entry.trim() === '' ? undefined : entry.trim()),
    },
  };
}

/** @param optional an empty entry takes the field away */
export function choiceColumn<Row extends object, K extends keyof Row & string>(
  spec: FieldSpec<Row, K> & {
    readonly options: readonly (readonly [string, string])[];
    readonly none?: string;
  },
): Column<Row> {
  const value = (row: Row): string => String(row[spec.id] ?? '');
  const options = spec.none === undefined ? spec.options : ([['', spec.none], ...spec.options] as const);
  return {
    ...spec,
    show: (row) => options.find(([key]) => key === value(row))?.[1] ?? value(row),
    edit: { text: value, options, take: (row, entry) => store(spec, row, entry === '' ? undefined : entry) },
  };
}

export function yesNoColumn<Row extends object, K extends keyof Row & string>(
  spec: FieldSpec<Row, K> & { readonly yes: string; readonly no: string },
): Column<Row> {
  return {
    ...spec,
    show: (row) => (row[spec.id] === true ? spec.yes : ''),
    edit: {
      text: (row) => (row[spec.id] === true ? 'yes' : 'no'),
      options: [
        ['no', spec.no],
        ['yes', spec.yes],
      ],
      take: (row, entry) => store(spec, row, entry === 'yes'),
    },
  };
}

/** A quantity in the unit the reader chose; any unit can be typed. */
export function quantityColumn<Row extends object, K extends keyof Row & string>(
  spec: FieldSpec<Row, K> & {
    readonly quantity: Shown;
    /** So many of what the field keeps are a kg, L, cm, km, m or h; 1 if absent. */
    readonly perKept?: number;
    readonly massUnit: MassUnit;
    readonly optional?: boolean;
    readonly hidden?: boolean;
  },
): Column<Row> {
  const { massUnit, perKept = 1 } = spec;
  const shown = unitShown(spec.quantity, massUnit);
  const quantity = quantityOf(spec.quantity);
  const exact = (value: number): string => String(Math.round((value / shown.per) * 1000) / 1000);
  const read = (row: Row): number | undefined => {
    const kept = row[spec.id] as number | undefined;
    return kept === undefined ? undefined : kept / perKept;
  };
  return {
    ...spec,
    header: `${spec.header}, ${shown.unit}`,
    numeric: true,
    show: (row) => {
      const value = read(row);
      if (value === undefined) return '';
      return spec.hidden === true ? '···' : digitsShown(value, spec.quantity, massUnit);
    },
    edit: {
      text: (row) => {
        const value = read(row);
        // A hidden value is not given away by its editor either: it opens empty, and empty changes nothing.
        return value === undefined || spec.hidden === true ? '' : exact(value);
      },
      take: (row, entry) => {
        if (entry.trim() === '' && spec.optional === true) return store(spec, row, undefined);
        const parsed = parseQuantity(entry, quantity, shown.bare);
        return parsed.ok ? store(spec, row, parsed.value * perKept) : parsed.error;
      },
      instead: (row, entry) => {
        const smaller = quantity === 'mass' ? SMALLER[massUnit] : undefined;
        if (smaller === undefined || !/^\s*\d+(?:[.,]\d+)?\s*$/.test(entry)) return undefined;
        const text = `${entry.trim()} ${smaller}`;
        const parsed = parseQuantity(text, quantity, shown.bare);
        return parsed.ok && spec.check({ ...row, [spec.id]: parsed.value * perKept }) === undefined
          ? text
          : undefined;
      },
    },
  };
}

/** A bare number that is too much in one unit may be meant in the smaller one. */
const SMALLER: Readonly<Record<MassUnit, string>> = { kg: 'g', lb: 'oz' };

/** A plain number, a percentage (kept as a share of 1) or a temperature; a minus sign of either kind is read. */
export function numberColumn<Row extends object, K extends keyof Row & string>(
  spec: FieldSpec<Row, K> & {
    /** "°C" and "km/h" are shown and typed in °F and mph by those who read US customary units. */
    readonly unit: string;
    readonly massUnit?: MassUnit;
    readonly decimals: number;
    readonly percent?: boolean;
    readonly optional?: boolean;
    readonly mark?: (row: Row) => string;
  },
): Column<Row> {
  const { unit, toShown, fromShown } = numberShown(spec.unit, spec.massUnit ?? 'kg', spec.percent === true);
  const read = (row: Row): number | undefined => row[spec.id] as number | undefined;
  const digits = (value: number): string => toShown(value).toFixed(spec.decimals).replace('-', '−');
  return {
    ...spec,
    header: `${spec.header}, ${unit}`,
    numeric: true,
    show: (row) => {
      const value = read(row);
      return value === undefined ? '' : `${digits(value)}${spec.mark?.(row) ?? ''}`;
    },
    edit: {
      text: (row) => {
        const value = read(row);
        return value === undefined ? '' : String(Math.round(toShown(value) * 1000) / 1000);
      },
      take: (row, entry) => {
        const cleaned = entry
          .replace('−', '-')
          .replace(',', '.')
          .replace(/(\d)\s*[%°a-z/]+\s*$/i, '$1')
          .trim();
        if (cleaned === '' && spec.optional === true) return store(spec, row, undefined);
        const value = cleaned === '' ? NaN : Number(cleaned);
        if (!Number.isFinite(value)) return `expected a number in ${unit}, got "${entry}"`;
        return store(spec, row, fromShown(value));
      },
    },
  };
}

/** How a plain number, a percentage, a temperature or a speed is shown and typed. */
function numberShown(
  unit: string,
  massUnit: MassUnit,
  isPercent: boolean,
): {
  readonly unit: string;
  readonly toShown: (value: number) => number;
  readonly fromShown: (typed: number) => number;
} {
  if (unit === '°C')
    return {
      unit: temperatureUnit(massUnit),
      toShown: (c) => temperatureShown(c, massUnit),
      fromShown: (typed) => celsiusOf(typed, temperatureUnit(massUnit)),
    };
  const per = isPercent ? 0.01 : unit === 'km/h' ? unitShown('distance', massUnit).per : 1;
  return {
    unit: unit === 'km/h' && massUnit === 'lb' ? 'mph' : unit,
    toShown: (value) => value / per,
    fromShown: (typed) => typed * per,
  };
}
