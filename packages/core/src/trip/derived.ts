/**
 * Figures of a trip that are kept as long as the parts they come from are the same. Whatever works them out is given
 * those parts alone and nothing else of the trip: a figure cannot come from what its list of parts does not name.
 */
import type { Trip } from './model.js';

/** A part, and what has to stay the same for it to be the same. */
export interface Part<V> {
  readonly value: V;
  readonly key: readonly unknown[];
}
export type PartsOf<F extends keyof Trip> = { readonly [K in F]: Part<Trip[K]> };

/** A field as it is. */
export const whole = <V>(value: V): Part<V> => ({ value, key: [value] });
/** A list of which each entry counts, and not which list it is. */
export const entries = <I>(value: readonly I[]): Part<readonly I[]> => ({ value, key: value });

/** The fields of some parts. The type is that of a trip, for the functions that read one; other fields are not there. */
export function tripOf(parts: Partial<PartsOf<keyof Trip>>): Trip {
  return Object.fromEntries(
    Object.entries(parts).map(([field, part]) => [field, part.value]),
  ) as unknown as Trip;
}

/** Remembers the last result. */
export class Derived<F extends keyof Trip, T> {
  private last: { readonly parts: PartsOf<F>; readonly result: T } | undefined;

  /** @param make works the figure out of the parts; reads no other field */
  constructor(private readonly make: (trip: Trip) => T) {}

  of(parts: PartsOf<F>): T {
    if (this.last === undefined || !areSame(this.last.parts, parts))
      this.last = { parts, result: this.make(tripOf(parts)) };
    return this.last.result;
  }
}

function areSame<F extends keyof Trip>(a: PartsOf<F>, b: PartsOf<F>): boolean {
  for (const field in b) {
    const [before, now] = [a[field].key, b[field].key];
    if (before.length !== now.length) return false;
    for (let i = 0; i < now.length; i += 1) if (before[i] !== now[i]) return false;
  }
  return true;
}
