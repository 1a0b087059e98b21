import type { PartyGroup, Piece, Trip } from '../trip/model.js';
/** Parcels of a group, by day or by meal, and one for a spare day where the trip wants one. */
export declare function foodPieces(trip: Trip, group: PartyGroup): readonly Piece[];
