/**
 * Metabolic rate of walking with a load. K. B. Pandolf, B. Givoni & R. F. Goldman, Predicting energy expenditure with
 * loads while standing or walking very slowly, Journal of Applied Physiology 43, 1977:
 * `M = 1.5 W + 2.0 (W + L)(L/W)² + η (W + L)(1.5 V² + 0.35 V G)` in watts.
 *
 * Not valid downhill. Valid (from memory) up to 2.5 m/s, 25 % grade and 70 kg of load; outside it is refused.
 */
import type { Ground } from '../trip/model.js';

/** Terrain factors η where the published table has a like ground; scrambling and snow are not in it. */
export const TERRAIN_FACTORS: Readonly<Record<Ground, number | undefined>> = {
  track: 1.1,
  path: 1.2,
  moor: 1.5,
  scramble: undefined,
  climbing: undefined,
  snow: undefined,
  glacier: undefined,
};
export const PANDOLF_RANGE = { speedMs: 2.5, gradePercent: 25, loadKg: 70 } as const;

export interface PandolfInput {
  /** Body mass with clothing, kg. */
  readonly bodyKg: number;
  readonly loadKg: number;
  readonly speedMs: number;
  /** 0 or more; downhill is refused. */
  readonly gradePercent: number;
  /** η: 1.0 paved, 1.1 dirt road, 1.2 light brush, 1.5 heavy brush, 1.8 swamp, 2.1 loose sand. */
  readonly terrainFactor: number;
}
export type PandolfOutcome = { readonly watts: number } | { readonly outside: string };

/** Watts, or the limit of the model that the input is outside of. */
export function pandolfWatts(input: PandolfInput): PandolfOutcome {
  const { bodyKg: w, loadKg: l, speedMs: v, gradePercent: g, terrainFactor: eta } = input;
  if (g < 0) return { outside: 'the model does not hold downhill' };
  if (g > PANDOLF_RANGE.gradePercent)
    return { outside: `steeper than ${PANDOLF_RANGE.gradePercent} %, the model's limit` };
  if (v < 0 || v > PANDOLF_RANGE.speedMs)
    return { outside: `faster than ${PANDOLF_RANGE.speedMs} m/s, the model's limit` };
  if (l < 0 || l > PANDOLF_RANGE.loadKg)
    return { outside: `more than ${PANDOLF_RANGE.loadKg} kg, the model's limit` };
  return { watts: 1.5 * w + 2 * (w + l) * (l / w) ** 2 + eta * (w + l) * (1.5 * v ** 2 + 0.35 * v * g) };
}
