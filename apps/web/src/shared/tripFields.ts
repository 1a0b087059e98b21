/** Taking single-valued fields of a trip from what was typed, each checked by its own schema. */
import { FIELD_SCHEMAS, schemaErrors } from '@graft/core/schema';
import type { Trip, TripField } from '@graft/core/trip';
import type { Parsed } from '@graft/core/units';
import type { Entry } from './table/column';

type Change = (label: string, change: (trip: Trip) => Trip) => void;

/** The first thing wrong with a field's value. */
function checkField(field: TripField, value: unknown): Entry {
  return schemaErrors(FIELD_SCHEMAS[field], value)[0]?.message;
}

/** Set a field, or say what is wrong with the value; undefined takes an optional field away. */
export function setField<F extends TripField>(
  change: Change,
  field: F,
  value: Trip[F] | undefined,
  label: string,
): Entry {
  const error = checkField(field, value);
  if (error !== undefined) return error;
  change(label, (trip) => {
    const { [field]: _old, ...rest } = trip;
    return (value === undefined ? rest : { ...rest, [field]: value }) as Trip;
  });
  return undefined;
}

/** Set a numeric field to what was read of a typed quantity. */
export function takeQuantity(
  change: Change,
  field: 'longestDayH' | 'waterLPerH',
  parsed: Parsed,
  label: string,
): Entry {
  return parsed.ok ? setField(change, field, parsed.value, label) : parsed.error;
}

/** A signed decimal number, or undefined. */
export function readNumber(text: string): number | undefined {
  const cleaned = text.trim().replace('−', '-').replace(',', '.');
  const value = cleaned === '' ? NaN : Number(cleaned);
  return Number.isFinite(value) ? value : undefined;
}
