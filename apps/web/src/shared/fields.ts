/** Making table columns from the model's fields: text and quantities typed in any unit, checked by the field's own schema. */
import {
  KG_PER_LB,
  ITEM_SCHEMAS,
  massDigits,
  parseQuantity,
  schemaErrors,
  type Collection,
  type MassUnit,
  type Quantity,
} from '@graft/core';
import type { Column, Entry } from './EditableTable';

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

export function textColumn<Row extends object, K extends keyof Row & string>(
  spec: FieldSpec<Row, K>,
): Column<Row> {
  const text = (row: Row): string => (row[spec.id] as string | undefined) ?? '';
  return { ...spec, show: text, edit: { text, take: (row, entry) => store(spec, row, entry.trim()) } };
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
    readonly quantity: Quantity;
    readonly massUnit: MassUnit;
    readonly optional?: boolean;
    readonly hidden?: boolean;
  },
): Column<Row> {
  const bareUnit = spec.quantity === 'mass' ? spec.massUnit : spec.quantity === 'volume' ? 'l' : 'cm';
  const digits = (value: number): string =>
    spec.quantity === 'mass'
      ? massDigits(value, spec.massUnit)
      : spec.quantity === 'volume'
        ? value.toFixed(1)
        : value.toFixed(0);
  const exact = (value: number): string => {
    const inUnit = spec.quantity === 'mass' && spec.massUnit === 'lb' ? value / KG_PER_LB : value;
    return String(Math.round(inUnit * 1000) / 1000);
  };
  const unit = spec.quantity === 'mass' ? spec.massUnit : spec.quantity === 'volume' ? 'L' : 'cm';
  const read = (row: Row): number | undefined => row[spec.id] as number | undefined;
  return {
    ...spec,
    header: `${spec.header}, ${unit}`,
    numeric: true,
    show: (row) => {
      const value = read(row);
      if (value === undefined) return '';
      return spec.hidden === true ? '···' : digits(value);
    },
    edit: {
      text: (row) => {
        const value = read(row);
        // A hidden value is not given away by its editor either: it opens empty, and empty changes nothing.
        return value === undefined || spec.hidden === true ? '' : exact(value);
      },
      take: (row, entry) => {
        if (entry.trim() === '' && spec.optional === true) return store(spec, row, undefined);
        const parsed = parseQuantity(entry, spec.quantity, bareUnit);
        return parsed.ok ? store(spec, row, parsed.value) : parsed.error;
      },
    },
  };
}
