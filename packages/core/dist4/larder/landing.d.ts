/** What all that lands from the larder has in common: ids, days of pick-ups, a parcel of food. */
import type { Piece, Trip } from '../trip/model.js';
/** To a tenth of a gram, so that sums do not carry a tail of digits. */
export declare const round: (value: number) => number;
/** Food is picked up on the way: the last pick-up at or before a day joins what is eaten from then on. */
export declare function joinsOn(trip: Trip, usedOnDay: number, kind: 'meal' | 'lunch' | 'fuel'): number | undefined;
/** Packaging of what was eaten before a pick-up that takes it leaves the party there. */
export declare function leavesOn(trip: Trip, usedOnDay: number): number | undefined;
/** An id of what the larder makes, from what it is made for. */
export declare function idOf(...parts: readonly (string | number)[]): string;
/** Something to eat as a thing: soft, dry, smelt by animals; weighed by nobody yet. */
export declare function parcel(id: string, name: string, massKg: number, volumeL: number): Piece;
