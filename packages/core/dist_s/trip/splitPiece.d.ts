import type { Piece, Trip } from './model.js';
/** Into equal parts, or each part eaten on days of its own. */
export declare const SPLIT_WAYS: readonly ['equal', 'days'];
export type SplitWay = (typeof SPLIT_WAYS)[number];
export declare const MOST_PARTS = 12;
/** Why a piece cannot be split; undefined where it can. */
export declare function whyNotSplit(piece: Piece): string | undefined;
/** How many parts a piece may have that are eaten on days of their own; 1 where it is not eaten over days. */
export declare function dayParts({ consumption }: Piece): number;
/**
 * @param parts 2 to `MOST_PARTS`; by days at most as many as it is eaten on
 * @throws RangeError for another number, or a piece that cannot be split
 */
export declare function splitPiece(trip: Trip, pieceId: string, parts: number, way: SplitWay): Trip;
/** The parts of one piece, in kit order; none for a piece that was not split. */
export declare function partsOf(trip: Trip, pieceId: string): readonly Piece[];
/** Put the parts of a piece together again: with the carrier of the first of them. */
export declare function joinPieces(trip: Trip, pieceId: string): Trip;
