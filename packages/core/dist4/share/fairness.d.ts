import type { FairnessSchoolId, Member } from '../trip/model.js';
import { type MassUnit } from '../units/format.js';
export interface FairnessSchool {
    readonly id: FairnessSchoolId;
    readonly name: string;
    /** What a share that is fair by this school aims at: whether it gets there is another matter. */
    readonly aim: string;
    /** What the ratio is of, behind its figure. */
    readonly of: string;
    /** The ratio's denominator on a day, above 0. */
    readonly yardstick: (member: Member, limitKg: number) => number;
}
export declare const FAIRNESS_SCHOOLS: readonly FairnessSchool[];
export declare function fairnessSchool(id: FairnessSchoolId): FairnessSchool;
/** A ratio in a school's own terms: "71.4 %", or for plain kilograms "12.3 kg". */
export declare function formatMeasure(id: FairnessSchoolId, ratio: number, unit?: MassUnit, digits?: number, rounding?: 'nearest' | 'up' | 'down'): string;
