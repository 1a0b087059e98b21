/** The vocabulary, read from its tables once: what everyday names mean. A row that cannot be read is found by its test. */
import type { ThingFacts } from '../../library/libraryModel.js';
import { type SizeKind } from './sizes.js';
/** People and days that food and fuel go by. */
declare const NEED_KINDS: readonly ['personDay', 'personNight'];
type NeedKind = (typeof NEED_KINDS)[number];
/** The mass is as usual at `base`, and goes with the figure to this power. */
interface SizeRule {
    readonly kind: SizeKind | NeedKind;
    readonly base: number;
    readonly power: number;
}
export interface Concept {
    /** The first is the usual one. */
    readonly names: readonly string[];
    readonly lowKg: number;
    readonly usualKg: number;
    readonly highKg: number;
    /** With the usual mass. */
    readonly facts: ThingFacts;
    /** The starter library's entry that it is. */
    readonly starterId?: string;
    /** The first whose figure is known counts. */
    readonly sizes: readonly SizeRule[];
}
export declare const concepts: () => readonly Concept[];
export {};
