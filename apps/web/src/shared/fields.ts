/** Making table columns from the model's fields: text and quantities typed in any unit, checked by the field's own schema. */
import { ITEM_SCHEMAS, schemaErrors } from '@graft/core/schema';
import type { Collection } from '@graft/core/trip';
import { KG_PER_LB, massDigits, parseQuantity, type MassUnit, type Quantity } from '@graft/core/units';
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

/** The unit and decimals in which a quantity other than a mass is shown. */
const SHOWN: Readonly<
  Record<
    Exclude<Quantity, 'mass'>,
    { readonly unit: string; readonly bare: string; readonly decimals: number }
  >
> = {
  volume: { unit: 'L', bare: 'l', decimals: 1 },
  length: { unit: 'cm', bare: 'cm', decimals: 0 },
  distance: { unit: 'km', bare: 'km', decimals: 1 },
  height: { unit: 'm', bare: 'm', decimals: 0 },
  duration: { unit: 'h', bare: 'h', decimals: 1 },
};

/** A quantity in the unit the reader chose; any unit can be typed. */
export function quantityColumn<Row extends object, K extends keyof Row & string>(
  spec: FieldSpec<Row, K> & {
    readonly quantity: Quantity;
    readonly massUnit: MassUnit;
    readonly optional?: boolean;
    readonly hidden?: boolean;
  },
): Column<Row> {
  const { quantity, massUnit } = spec;
  const shown =
    quantity === 'mass'
      ? { unit: massUnit, bare: massUnit, digits: (value: number) => massDigits(value, massUnit) }
      : { ...SHOWN[quantity], digits: (value: number) => value.toFixed(SHOWN[quantity].decimals) };
  const exact = (value: number): string => {
    const inUnit = quantity === 'mass' && massUnit === 'lb' ? value / KG_PER_LB : value;
    return String(Math.round(inUnit * 1000) / 1000);
  };
  const read = (row: Row): number | undefined => row[spec.id] as number | undefined;
  return {
    ...spec,
    header: `${spec.header}, ${shown.unit}`,
    numeric: true,
    show: (row) => {
      const value = read(row);
      if (value === undefined) return '';
      return spec.hidden === true ? '···' : shown.digits(value);
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
        return parsed.ok ? store(spec, row, parsed.value) : parsed.error;
      },
      instead: (row, entry) => {
        const smaller = quantity === 'mass' ? SMALLER[massUnit] : undefined;
        if (smaller === undefined || !/^\s*\d+(?:[.,]\d+)?\s*$/.test(entry)) return undefined;
        const text = `${entry.trim()} ${smaller}`;
        const parsed = parseQuantity(text, quantity, shown.bare);
        return parsed.ok && spec.check({ ...row, [spec.id]: parsed.value }) === undefined ? text : undefined;
      },
    },
  };
}

/** A bare number that is too much in one unit may be meant in the smaller one. */
const SMALLER: Readonly<Record<MassUnit, string>> = { kg: 'g', lb: 'oz' };

/** A plain number, a percentage (kept as a share of 1) or a temperature; a minus sign of either kind is read. */
export function numberColumn<Row extends object, K extends keyof Row & string>(
  spec: FieldSpec<Row, K> & {
    readonly unit: string;
    readonly decimals: number;
    readonly percent?: boolean;
    readonly optional?: boolean;
    readonly mark?: (row: Row) => string;
  },
): Column<Row> {
  const scale = spec.percent === true ? 100 : 1;
  const read = (row: Row): number | undefined => row[spec.id] as number | undefined;
  const digits = (value: number): string => (value * scale).toFixed(spec.decimals).replace('-', '−');
  return {
    ...spec,
    header: `${spec.header}, ${spec.unit}`,
    numeric: true,
    show: (row) => {
      const value = read(row);
      return value === undefined ? '' : `${digits(value)}${spec.mark?.(row) ?? ''}`;
    },
    edit: {
      text: (row) => {
        const value = read(row);
        return value === undefined ? '' : String(Math.round(value * scale * 1000) / 1000);
      },
      take: (row, entry) => {
        const cleaned = entry
          .replace('−', '-')
          .replace(',', '.')
          .replace(/(\d)\s*[%°a-z/]+\s*$/i, '$1')
          .trim();
        if (cleaned === '' && spec.optional === true) return store(spec, row, undefined);
        const value = cleaned === '' ? NaN : Number(cleaned);
        if (!Number.isFinite(value)) return `expected a number in ${spec.unit}, got "${entry}"`;
        return store(spec, row, value / scale);
      },
    },
  };
}
