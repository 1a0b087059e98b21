import { type MassUnit } from './format.js';
import type { Quantity } from './parse.js';
/**
 * What a field holds: a quantity; a liquid, whose US unit is the quart where a pack's is the cubic inch; or a mass that
 * is told in grams or ounces.
 */
export type Shown = Quantity | 'liquid' | 'smallMass';
/** As it is read when typed. */
export declare const quantityOf: (shown: Shown) => Quantity;
interface UnitShown {
    /** As it is written. */
    readonly unit: string;
    /** The unit of a bare number in a field that shows this one. */
    readonly bare: string;
    /** So much of the SI unit is one of these. */
    readonly per: number;
    readonly decimals: number;
}
/** The unit in which a quantity is shown. */
export declare const unitShown: (quantity: Shown, units: MassUnit) => UnitShown;
/**
 * The digits of a quantity without its unit, for columns whose head carries it.
 *
 * @param value in kg, L, cm, km, m or h
 * @param decimals as many as is usual for the unit, if absent
 */
export declare function digitsShown(value: number, quantity: Shown, units: MassUnit, decimals?: number): string;
/** °C in the reader's unit. */
export declare const temperatureShown: (celsius: number, units: MassUnit) => number;
export declare const temperatureUnit: (units: MassUnit) => string;
/** A typed temperature in °C. */
export declare const celsiusOf: (typed: number, unit: string) => number;
/**
 * A sentence made in SI units, in the reader's.
 *
 * @param text as the computation says it: "12.3 km, 400 m up", "nights below −2 °C"
 * @param names names that stand in it as they are, whatever they look like ("Rope 30 m"); letter case does not matter
 */
export declare function inUnits(text: string, units: MassUnit, names?: readonly string[]): string;
export {};
