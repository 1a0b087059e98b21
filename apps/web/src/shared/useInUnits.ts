/**
 * What the computation says in SI units, in those the reader chose; the names in a trip stay as they are. While body
 * weights are hidden, what it says of limits loses its figures.
 */
import { useCallback, useContext, useMemo } from 'react';
import type { Trip } from '@graft/core/trip';
import {
  digitsShown,
  inUnits,
  parseQuantity,
  quantityOf,
  unitShown,
  type Parsed,
  type Shown,
} from '@graft/core/units';
import { usePreferences } from './preferences';
import { CommandsContext } from './tripContext';
import { withoutLimits } from './hiddenLimits';

/** A sentence made in SI units, in the reader's: "12.3 km, 400 m up" is "7.6 mi, 1,312 ft up". */
export function useInUnits(): (text: string) => string {
  const { massUnit, hideWeights } = usePreferences();
  const commands = useContext(CommandsContext);
  return useCallback(
    (text) => {
      const seen = hideWeights ? withoutLimits(text) : text;
      if (massUnit === 'kg') return seen;
      // The trip is looked up when a sentence is said: a change of it alone draws nothing anew.
      const trip = commands?.session().trip;
      return inUnits(seen, massUnit, trip === undefined ? [] : namesWithNumbers(trip));
    },
    [massUnit, hideWeights, commands],
  );
}

/** A single quantity as it is shown and typed, in the reader's units. */
export interface Quantities {
  /** With its unit: "7.6 mi". @param value in kg, L, cm, km, m or h */
  readonly show: (value: number, quantity: Shown, decimals?: number) => string;
  /** Its digits alone, for where the unit stands in a head. */
  readonly digits: (value: number, quantity: Shown, decimals?: number) => string;
  /** Its digits as finely as it is kept, for a field it is typed in. */
  readonly exact: (value: number, quantity: Shown) => string;
  readonly unit: (quantity: Shown) => string;
  /** Read what was typed; a bare number is in the unit that is shown. */
  readonly read: (text: string, quantity: Shown) => Parsed;
}

export function useQuantities(): Quantities {
  const { massUnit } = usePreferences();
  return useMemo(() => {
    const digits = (value: number, quantity: Shown, decimals?: number): string =>
      digitsShown(value, quantity, massUnit, decimals);
    const unit = (quantity: Shown): string => unitShown(quantity, massUnit).unit;
    return {
      digits,
      exact: (value, quantity) => {
        const { per, decimals } = unitShown(quantity, massUnit);
        // What was said in SI comes out crooked in other units: a digit more than is shown is enough.
        return String(Number((value / per).toFixed(massUnit === 'kg' ? 3 : decimals + 1)));
      },
      unit,
      show: (value, quantity, decimals) => `${digits(value, quantity, decimals)} ${unit(quantity)}`,
      read: (text, quantity) => parseQuantity(text, quantityOf(quantity), unitShown(quantity, massUnit).bare),
    };
  }, [massUnit]);
}

const kept = new WeakMap<Trip, readonly string[]>();

/** Every name of a trip that could be taken for a quantity: "Rope 30 m". */
function namesWithNumbers(trip: Trip): readonly string[] {
  const known = kept.get(trip);
  if (known !== undefined) return known;
  const found = new Set<string>();
  const look = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return;
    for (const [key, inner] of Object.entries(value)) {
      if (key === 'name' && typeof inner === 'string' && /\d/.test(inner)) found.add(inner);
      else look(inner);
    }
  };
  // The track is long and holds no names.
  const { track: _track, ...rest } = trip;
  look(rest);
  const names = [...found];
  kept.set(trip, names);
  return names;
}
