import type { MassUnit } from '../units/format.js';
import { type Shape } from './model.js';
export type ParsedShape = {
    readonly ok: true;
    readonly shape: Shape;
} | {
    readonly ok: false;
    readonly error: string;
};
/** @param units in which it is written; in inches to the hundredth */
export declare function formatShape(shape: Shape, units?: MassUnit): string;
/**
 * Read what `formatShape` writes; "x" or "*" may stand for "×", units may be left out.
 *
 * @param units of numbers without a unit
 */
export declare function parseShape(text: string, units?: MassUnit): ParsedShape;
