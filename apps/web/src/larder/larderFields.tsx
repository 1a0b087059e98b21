/** Entries of the larder's numbers and choices, each checked by the trip's own schema. */
import { FIELD_SCHEMAS, schemaErrors } from '@graft/core/schema';
import type { Larder, Trip } from '@graft/core/trip';
import { celsiusOf, temperatureShown, temperatureUnit, type Shown } from '@graft/core/units';
import { ChoiceEntry, TextEntry } from '../shared/FieldEntry';
import { readNumber } from '../shared/tripFields';
import { useTrip } from '../shared/tripContext';
import { useQuantities } from '../shared/useInUnits';
import { usePreferences } from '../shared/preferences';

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
  readonly w?: string;
  readonly help?: string;
  /** A quantity, typed in any unit, of which the larder keeps so many a kg or L; or a plain number with its unit. */
  readonly is: { readonly kind: Shown; readonly perKept: number } | '°C' | '%' | 'kcal/g';
}

export function LarderNumber({ field, label, is, w = '8rem', help }: NumberProps) {
  const { trip, change } = useTrip();
  const { massUnit } = usePreferences();
  const quantities = useQuantities();
  const kept = trip.larder[field];
  const unit =
    typeof is === 'object' ? quantities.unit(is.kind) : is === '°C' ? temperatureUnit(massUnit) : is;
  const shown = (): string => {
    if (typeof is === 'object') return quantities.exact(kept / is.perKept, is.kind);
    const value = is === '%' ? kept * 100 : is === '°C' ? temperatureShown(kept, massUnit) : kept;
    return String(Math.round(value * 1000) / 1000);
  };
  const read = (text: string): number | string => {
    if (typeof is === 'object') {
      const parsed = quantities.read(text, is.kind);
      return parsed.ok ? parsed.value * is.perKept : parsed.error;
    }
    const value = readNumber(text.replace(/[^\d.,−-].*$/, ''));
    if (value === undefined) return `expected a number in ${unit}, got "${text}"`;
    return is === '%' ? value / 100 : is === '°C' ? celsiusOf(value, unit) : value;
  };
  return (
    <TextEntry
      label={label}
      w={w}
      value={`${shown()} ${unit}`}
      {...(help === undefined ? {} : { help })}
      take={(text) => {
        const next = read(text);
        if (typeof next === 'string') return next;
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
