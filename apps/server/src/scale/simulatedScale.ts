/**
 * A bench scale in software. What is put on its pan settles with a swing, and every reading has noise. It tells from
 * its own readings alone whether it is stable, as a real one does. Time and chance are arguments.
 */
import type { ScaleReading } from '@graft/core/lists';

export const CAPACITY_KG = 30;
/** The smallest step it shows. */
export const DIVISION_KG = 0.001;
/** Time constant and frequency of the swing after a change, and the noise of a reading (Graft's own, like a kitchen scale). */
const SETTLE_S = 0.3;
const SWING_HZ = 2;
const NOISE_KG = 0.0003;
/** Stable: this many readings in a row within one division. */
const STEADY_READINGS = 5;

export interface Faults {
  /** Share of readings that never arrive, 0 to 1. */
  readonly dropShare: number;
  /** Somebody keeps touching the table: readings wander and never settle. */
  readonly shaken: boolean;
}

export class SimulatedScale {
  private panKg = 0;
  private fromKg = 0;
  private changedAtMs: number;
  private tareKg = 0;
  private seq = 0;
  private recent: number[] = [];
  private faults: Faults = { dropShare: 0, shaken: false };

  /** @param random from 0 to 1, as Math.random gives it */
  constructor(
    nowMs: number,
    private readonly random: () => number,
  ) {
    this.changedAtMs = nowMs;
  }

  /** Put a mass on the pan in place of what lies there; 0 takes it off. */
  put(massKg: number, nowMs: number): void {
    this.fromKg = this.trueKg(nowMs);
    this.panKg = massKg;
    this.changedAtMs = nowMs;
    this.recent = [];
  }

  setFaults(faults: Faults): void {
    this.faults = faults;
    this.recent = [];
  }

  /** What lies on the pan now weighs nothing from here on. */
  tare(nowMs: number): void {
    this.tareKg = this.trueKg(nowMs);
    this.recent = [];
  }

  /** The next reading; undefined where it is lost on the way, though it counts. */
  next(nowMs: number): ScaleReading | undefined {
    this.seq += 1;
    const swing = this.faults.shaken ? (this.random() - 0.5) * 0.05 : 0;
    const grossKg = this.trueKg(nowMs) + gaussian(this.random) * NOISE_KG + swing;
    const shown = (kg: number): number => Math.round(kg / DIVISION_KG) * DIVISION_KG;
    const massKg = shown(grossKg - this.tareKg);
    this.recent = [...this.recent, massKg].slice(-STEADY_READINGS);
    const overload = grossKg > CAPACITY_KG;
    const steady =
      this.recent.length === STEADY_READINGS &&
      Math.max(...this.recent) - Math.min(...this.recent) <= DIVISION_KG * 1.001;
    if (this.random() < this.faults.dropShare) return undefined;
    return { seq: this.seq, massKg: Number(massKg.toFixed(3)), stable: steady && !overload, overload };
  }

  private trueKg(nowMs: number): number {
    const s = Math.max(0, nowMs - this.changedAtMs) / 1000;
    const left = Math.exp(-s / SETTLE_S) * Math.cos(2 * Math.PI * SWING_HZ * s);
    return this.panKg + (this.fromKg - this.panKg) * left;
  }
}

/** A standard normal value (Box & Muller 1958). */
function gaussian(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
