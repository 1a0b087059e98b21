/** What is said of a stow: see `assessStow.ts`, which makes it. */
import type { PackingSchool } from '../carriage/packingSchool.js';
import type { PointCm, Side, Thing, Zone } from '../trip/model.js';
import type { LaidThing } from './laidThing.js';
import type { StowLayout } from './layout.js';
import type { Verdict } from './placementRules.js';
import type { Reach } from './reach.js';
export declare const SEVERITIES: readonly ['fit', 'safety', 'access', 'balance', 'structure', 'ground'];
export type Severity = (typeof SEVERITIES)[number];
export interface Finding {
    readonly ruleId: string;
    readonly severity: Severity;
    /** What it is about; the first is what a cure would move. */
    readonly thingIds: readonly string[];
    readonly message: string;
}
export interface PlacedThing extends LaidThing {
    readonly side: Side;
    readonly pinned: boolean;
    readonly verdict: Verdict;
    readonly reach: Reach;
    /** Why it is here, in words. */
    readonly reason: string;
}
export interface ZoneFill {
    readonly zone: Zone;
    /** On its fullest day, litres. */
    readonly fullestL: number;
    readonly fullestDay: number;
    readonly volumeL: number;
    readonly massKg: number;
}
export interface MainFill {
    readonly filledL: number;
    readonly capacityL: number;
    /** Lost under, between and over things, litres. */
    readonly voidL: number;
    /** Of what is filled and lost together. */
    readonly voidShare: number;
}
export interface StowAssessment {
    readonly day: number;
    readonly school: PackingSchool;
    readonly band: readonly [number, number];
    /** In loading order. */
    readonly placed: readonly PlacedThing[];
    /** Things of this pack that the stow puts nowhere. */
    readonly unplaced: readonly Thing[];
    /** Of the empty pack and everything placed, cm. */
    readonly centreOfGravityCm: PointCm;
    readonly massKg: number;
    /** How high the heavy half rides, cm; undefined when nothing heavy is stowed. */
    readonly heavyCm: number | undefined;
    readonly inBand: boolean;
    /** How far the heavy half is outside the band, cm, signed; 0 inside. */
    readonly bandMissCm: number;
    readonly zones: readonly ZoneFill[];
    readonly main: MainFill;
    readonly layout: StowLayout;
    readonly findings: readonly Finding[];
}
/**
 * How many grams to move across to cancel the sideways offset. They go from the middle of one half of the main
 * compartment to the middle of the other. The two are w/2 apart, so a mass m shifts the moment by m · w/2.
 */
export declare function gramsToCentre(a: Pick<StowAssessment, 'centreOfGravityCm' | 'massKg' | 'zones'>): number;
