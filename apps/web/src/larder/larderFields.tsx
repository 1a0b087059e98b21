/** Entries of the larder's numbers and choices, each checked by the trip's own schema. */
import { FIELD_SCHEMAS, schemaErrors } from '@graft/core/schema';
import type { Larder, Trip } from '@graft/core/trip';
import { parseQuantity, type Quantity } from '@graft/core/units';
import { ChoiceEntry, TextEntry } from '../shared/FieldEntry';
import { readNumber } from '../shared/tripFields';
import { useTrip } from '../shared/TripProvider';

type NumberField = {
  [K in keyof Larder]: Larder[K] extends number ? K : never;
}[keyof Larder];

/** Set one field of the larder; what is wrong with the value, in words, when it is refused. */
function withLarder<K extends keyof Larder>(trip: Trip, field: K, value: Larder[K]): Trip {
  return { ...trip, larder: { ...trip.larder, [field]: value } };
}

function refusal(trip: Trip, field: keyof Larder, value: unknown): string | undefined {
  return schemaErrors(FIELD_SCHEMAS.larder, { ...trip.larder, [field]: value })[0]?.message;
}

interface NumberProps {
  readonly field: NumberField;
  readonly label: string;
  readonly unit: string;
  readonly w?: string;
  /** Kept as a share of 1, typed as a percentage. */
  readonly percent?: boolean;
  /** Any unit of this quantity can be typed; the value is kept in the larder's own. */
  readonly quantity?: { readonly kind: Quantity; readonly bare: string; readonly perKept: number };
  readonly help?: string;
}

export function LarderNumber({
  field,
  label,
  unit,
  w = '8rem',
  percent = false,
  quantity,
  help,
}: NumberProps) {
  const { trip, change } = useTrip();
  const scale = percent ? 100 : 1;
  const value = Math.round(trip.larder[field] * scale * 1000) / 1000;
  return (
    <TextEntry
      label={label}
      w={w}
      value={`${value} ${unit}`}
      {...(help === undefined ? {} : { help })}
      take={(text) => {
        let typed: number | undefined;
        if (quantity !== undefined) {
          const parsed = parseQuantity(text, quantity.kind, quantity.bare);
          if (!parsed.ok) return parsed.error;
          typed = parsed.value * quantity.perKept;
        } else typed = readNumber(text.replace(/[^\d.,−-].*$/, ''));
        if (typed === undefined) return `expected a number in ${unit}, got "${text}"`;
        const next = typed / scale;
        const error = refusal(trip, field, next);
        if (error === undefined) change(label.toLowerCase(), (t) => withLarder(t, field, next));
        return error;
      }}
    />
  );
}

export function LarderChoice<K extends keyof Larder>({
  field,
  label,
  options,
  w = '8rem',
}: {
  readonly field: K;
  readonly label: string;
  readonly options: readonly (readonly [value: Larder[K], label: string])[];
  readonly w?: string;
}) {
  const { trip, change } = useTrip();
  return (
    <ChoiceEntry
      label={label}
      w={w}
      value={String(trip.larder[field])}
      options={options.map(([value, text]) => [String(value), text] as const)}
      onChoose={(text) => {
        const chosen = options.find(([value]) => String(value) === text);
        if (chosen !== undefined) change(label.toLowerCase(), (t) => withLarder(t, field, chosen[0]));
      }}
    />
  );
}
