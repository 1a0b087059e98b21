/**
 * A leader's kit library: what they own or know of, from which lists of trips are made. Units as in the trip model.
 * A library is the leader's own; a trip copies what it takes, so that a later change of either leaves the other alone.
 */
import type { Dish, MealKind, StoveKind } from '../trip/larderModel.js';
import type { GroupKind, Thing, TripStyle } from '../trip/model.js';
/** What a library says of a thing: all of it but what only a trip gives, its days and where it came from. */
export type ThingFacts = Omit<Thing, 'id' | 'name' | 'consumption' | 'fromDay' | 'toDay' | 'joinsAt' | 'leavesAt' | 'nestsIn' | 'libraryId' | 'madeBy'>;
/** What became of an entry on a trip. */
export interface Outing {
    /** ISO date of the trip's start. */
    readonly date: string;
    readonly trip: string;
    readonly style: TripStyle;
    readonly used: boolean;
}
export declare const THING_USES: readonly ['each', 'group'];
/** Everybody brings one, or the party does. */
export type ThingUse = (typeof THING_USES)[number];
interface EntryHead {
    /** Unique in its library. */
    readonly id: string;
    readonly name: string;
    readonly note?: string;
}
export interface ThingEntry extends EntryHead {
    readonly kind: 'thing';
    readonly use: ThingUse;
    readonly thing: ThingFacts;
    /** Worn or in hand while walking. */
    readonly worn: boolean;
    readonly outings: readonly Outing[];
}
export interface LibraryPiece {
    /** Unique in its kit. */
    readonly id: string;
    readonly name: string;
    readonly thing: ThingFacts;
    readonly together?: string;
    /** The piece of the same kit that it rides inside. */
    readonly nestsIn?: string;
}
export interface KitEntry extends EntryHead {
    readonly kind: 'kit';
    /** A tent or a cook set belongs to such a group; other kits to the party. */
    readonly groupKind?: GroupKind;
    readonly sleeps?: number;
    readonly potL?: number;
    readonly stove?: StoveKind;
    readonly splitWays?: number;
    readonly pieces: readonly LibraryPiece[];
    readonly outings: readonly Outing[];
}
export interface DishEntry extends EntryHead {
    readonly kind: 'dish';
    /** Which meals it makes; at least one. */
    readonly meals: readonly MealKind[];
    readonly dish: Omit<Dish, 'name'>;
}
export type LibraryEntry = ThingEntry | KitEntry | DishEntry;
export declare const LIBRARY_KINDS: readonly ['thing', 'kit', 'dish'];
export interface Library {
    /** Counts writes; a write based on an older one is refused. */
    readonly version: number;
    readonly entries: readonly LibraryEntry[];
}
export type LibraryEdit = {
    readonly kind: 'put';
    readonly entry: LibraryEntry;
} | {
    readonly kind: 'remove';
    readonly id: string;
};
/** Play edits on a library's entries: a put replaces the entry with the same id or adds it at the end. */
export declare function applyLibraryEdits(entries: readonly LibraryEntry[], edits: readonly LibraryEdit[]): readonly LibraryEntry[];
export {};
