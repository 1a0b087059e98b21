/**
 * What can stay at home and what must come, by forecast and by history. Thresholds are Graft's own unless said; the safety
 * kit is never up for it. Spare clothing: for a weekend one pair of socks and one underwear, for longer a shirt as well
 * (common practice, no source).
 */
import type { LibraryEntry, Outing } from '../library/libraryModel.js';
import type { Member, PersonalThing, Piece, Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
/** Trips of a style without use, after which a thing may stay (common practice: dropped after 3 to 4). */
export declare const UNUSED_TRIPS = 3;
/** Unused on this many of the latest trips of a style, counted from the newest; a use ends the count. */
export declare function unusedInARow(outings: readonly Outing[], style: Trip['style']): number;
/** What the forecast lets stay, what it asks for, and what three trips of this style never used. */
export declare function leaveBehindFindings(trip: Trip, library: readonly LibraryEntry[], listed?: readonly Member[]): readonly KitFinding[];
/** That things can stay at home, with the cure. */
export declare function stayFinding(trip: Trip, id: string, spare: readonly (PersonalThing | Piece)[], why: string, weight?: KitFinding['weight']): KitFinding;
