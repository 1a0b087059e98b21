/**
 * Packing schools: where each wants the heavy half of the load (`stow/heavyHalf.ts`), as shares of torso length above the
 * hip belt. The trade says "near the shoulder blades", "middle of the back", "low" (common practice, no source). The
 * numbers are Graft's own: a shoulder blade reaches from about 0.6 to 0.9 of a torso; the bands keep a tenth of it apart, so
 * that two schools never pack the same.
 */
import type { Ground, Member, PackingSchoolId, Trip } from '../trip/model.js';
export interface PackingSchool {
    readonly id: PackingSchoolId;
    readonly name: string;
    /** Where it wants the heavy things, in a word or two: "heavy things …". */
    readonly place: string;
    /** Lower and upper end of the band, z / torso length. */
    readonly band: readonly [number, number];
    readonly preferredWhen: string;
    /** Why its camp packs so, and what it pays, in a line (common practice, no source). */
    readonly why: string;
}
export declare const PACKING_SCHOOLS: Readonly<Record<PackingSchoolId, PackingSchool>>;
export declare function isSteep(ground: Ground): boolean;
/** Days on steep ground that the trip would walk with its weight high; the leader is warned hard about them. */
export declare function topHeavyDays(trip: Trip): readonly number[];
/** |x| up to this is good, cm (Graft's own number). */
export declare const GOOD_OFFSET_CM = 1;
/** |x| up to this is fair, cm (Graft's own number). */
export declare const FAIR_OFFSET_CM = 2;
/** The school a member packs by: their own choice, or the trip's. */
export declare function schoolOf(trip: Trip, member: Member): PackingSchool;
/** The band's ends for a torso, cm above the hip belt. */
export declare function bandCm(school: PackingSchool, torsoCm: number): readonly [number, number];
/** "20.2–25.0 cm". */
export declare function bandText([low, high]: readonly [number, number]): string;
/** "1.2 cm above", "just below". */
export declare function bandMissText(missCm: number): string;
