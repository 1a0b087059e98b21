import type { LibraryEntry } from '../library/libraryModel.js';
import type { Member, Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
/** @param listed members whose own things are on a list: the bottles of others nobody knows */
export declare function waterFindings(trip: Trip, library: readonly LibraryEntry[], listed?: readonly Member[]): readonly KitFinding[];
