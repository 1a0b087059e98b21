import type { LibraryEntry, ThingFacts } from './libraryModel.js';
/** A row of things: name | g | packed litres | shape | needed | purpose | flags | more. */
export declare function readThing(columns: readonly string[], row: string): {
    name: string;
    thing: ThingFacts;
    more: Readonly<Record<string, string>>;
};
/** Generic things, kits and dishes to start from; every mass is an estimate (common practice and Graft's own, no source). */
export declare const STARTER_LIBRARY: readonly LibraryEntry[];
