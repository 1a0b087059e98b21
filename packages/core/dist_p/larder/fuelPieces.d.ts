import type { PartyGroup, Piece, Trip } from '../trip/model.js';
/** Cooking water for the dry camp of a day, in bags; carried on that day only. */
export declare function waterPieces(trip: Trip, group: PartyGroup): readonly Piece[];
/** Litres a cook group needs for cooking at a dry camp: what its meals boil, at least what is usual a person. */
export declare function cookingWaterL(trip: Trip, groupId: string, day: number): number;
/** A group's canisters in the order in which they are burnt. */
export declare function fuelPieces(trip: Trip, group: PartyGroup): readonly Piece[];
