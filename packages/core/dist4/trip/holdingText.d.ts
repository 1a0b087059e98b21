/** What a thing holds as one line that is typed and read: "20 L, sleep, keeps dry, mark: red tape". */
import type { MassUnit } from '../units/format.js';
import { type Holding, type HolderTrait, type MeantFor } from './model.js';
export declare const TRAIT_WORDS: Readonly<Record<HolderTrait, string>>;
export declare const MEANT_FOR_WORDS: Readonly<Record<MeantFor, string>>;
/** @param units in which the room is written */
export declare function formatHolding(holding: Holding | undefined, units?: MassUnit): string;
/**
 * @param units of a number without a unit
 * @returns the holding, nothing for an empty text, or what was expected
 */
export declare function parseHolding(text: string, units?: MassUnit): {
    readonly ok: true;
    readonly holding: Holding | undefined;
} | {
    readonly ok: false;
    readonly error: string;
};
