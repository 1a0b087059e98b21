/**
 * Metabolic rate of walking with a load. K. B. Pandolf, B. Givoni & R. F. Goldman, Predicting energy expenditure with
 * loads while standing or walking very slowly, Journal of Applied Physiology 43, 1977:
 * `M = 1.5 W + 2.0 (W + L)(L/W)² + η (W + L)(1.5 V² + 0.35 V G)` in watts.
 *
 * Not valid downhill. Valid (from memory) up to 2.5 m/s, 25 % grade and 70 kg of load; outside it is refused.
 */
import type { Ground } from '../trip/model.js';
/** Terrain factors η where the published table has a like ground; scrambling and snow are not in it. */
export declare const TERRAIN_FACTORS: Readonly<Record<Ground, number | undefined>>;
export declare const PANDOLF_RANGE: {
    readonly speedMs: 2.5;
    readonly gradePercent: 25;
    readonly loadKg: 70;
};
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
export type PandolfOutcome = {
    readonly watts: number;
} | {
    readonly outside: string;
};
/** Watts, or the limit of the model that the input is outside of. */
export declare function pandolfWatts(input: PandolfInput): PandolfOutcome;
