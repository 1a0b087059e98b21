/** Kits that are of no use without something else: a stove without its fuel, a tent without pegs, a torch without cells. */
import type { LibraryEntry } from '../library/libraryModel.js';
import { type Companion, type Thing, type Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
/** What a thing is for others. */
export declare const PROVIDES: Readonly<Record<Companion, (thing: Thing) => boolean>>;
export declare const COMPANION_WORDS: Readonly<Record<Companion, string>>;
/** Everything that is missing to make a thing of use, one finding a companion and group. */
export declare function completenessFindings(trip: Trip, library: readonly LibraryEntry[]): readonly KitFinding[];
