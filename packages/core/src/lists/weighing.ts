/**
 * When a stream of scale readings may be taken as a mass: several stable readings in a row that agree, none of them lost
 * in between. What a scale calls stable can be the tail of a swing; two that agree on either side of a gap prove nothing.
 */

/** One reading of a scale's stream. */
export interface ScaleReading {
  /** Counts readings; a gap means that some were lost. */
  readonly seq: number;
  /** Net of the tare, kg. */
  readonly massKg: number;
  /** The scale's own word that it has settled. */
  readonly stable: boolean;
  readonly overload: boolean;
}

/** Stable readings in a row that must agree (Graft's own). */
const READINGS_IN_A_ROW = 3;
/** A reading older than this says nothing about now, milliseconds. */
export const FRESH_MS = 1500;

export interface Weighing {
  readonly last?: ScaleReading;
  /** When the last reading came, milliseconds on the caller's clock. */
  readonly heardAtMs?: number;
  /** Agreeing stable readings in a row. */
  readonly inARow: number;
  /** Readings that never came, counted from the gaps. */
  readonly lost: number;
}

export const NOTHING_WEIGHED: Weighing = { inARow: 0, lost: 0 };

/**
 * Hear a reading.
 *
 * @param divisionKg the scale's smallest step: readings a step apart agree
 */
export function hearReading(
  weighing: Weighing,
  reading: ScaleReading,
  nowMs: number,
  divisionKg: number,
): Weighing {
  const { last } = weighing;
  const gap = last === undefined ? 0 : reading.seq - last.seq - 1;
  const agrees =
    last !== undefined && gap === 0 && Math.abs(reading.massKg - last.massKg) <= divisionKg * 1.001;
  const steady = reading.stable && !reading.overload;
  return {
    last: reading,
    heardAtMs: nowMs,
    inARow: steady ? (agrees ? weighing.inARow + 1 : 1) : 0,
    // A scale that was started anew counts from the beginning again.
    lost: weighing.lost + Math.max(0, gap),
  };
}

export type WeighingState =
  | { readonly kind: 'silent' }
  | { readonly kind: 'overload' }
  | { readonly kind: 'settling'; readonly massKg: number }
  | { readonly kind: 'empty' }
  | { readonly kind: 'stable'; readonly massKg: number };

/** What the readings so far allow to say now. */
export function weighingState(weighing: Weighing, nowMs: number, divisionKg: number): WeighingState {
  const { last, heardAtMs, inARow } = weighing;
  if (last === undefined || heardAtMs === undefined || nowMs - heardAtMs > FRESH_MS)
    return { kind: 'silent' };
  if (last.overload) return { kind: 'overload' };
  if (inARow < READINGS_IN_A_ROW) return { kind: 'settling', massKg: last.massKg };
  if (last.massKg < divisionKg * 1.5) return { kind: 'empty' };
  return { kind: 'stable', massKg: last.massKg };
}

/**
 * Volume by the bottle method: how many bottles of water, and what is left over, fill it.
 *
 * @param bottleL what one bottle holds, litres
 * @param bottles whole bottles, 0 or more
 * @param restL the last, not full one, litres
 */
export function bottleMethodL(bottleL: number, bottles: number, restL: number): number {
  return bottleL * bottles + restL;
}
