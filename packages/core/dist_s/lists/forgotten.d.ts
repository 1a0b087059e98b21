/** What is often left on the table at home (common practice, no source): even after a hundred trips people forget the spoon. */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Member, Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
/**
 * What nobody has, or some members have not, of the things that are often forgotten.
 *
 * @param listed members whose own things are on a list
 */
export declare function forgottenFindings(trip: Trip, library: readonly LibraryEntry[], listed?: readonly Member[]): readonly KitFinding[];
