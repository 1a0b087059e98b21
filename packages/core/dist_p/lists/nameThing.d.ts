/** A new thing that gets its name: with it what such a thing usually is, and the mass that is said in the same line. */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Thing } from '../trip/model.js';
/**
 * @param thing of which nothing is known yet
 * @param text "stove", "stove 350 g", "2 x socks 80 g"
 */
export declare function nameThing<T extends Thing>(thing: T, text: string, library: readonly LibraryEntry[]): T;
