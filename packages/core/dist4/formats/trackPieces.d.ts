/**
 * A file's tracks and routes as pieces to choose from and to put in order: a file may hold several days, alternatives, a
 * way recorded with the instrument off for a while, or its parts in the wrong order. What lies between two pieces is a gap
 * that nobody has recorded, and is never counted as walked.
 */
import type { GpxFile, GpxPoint } from './gpx.js';
export interface TrackPiece {
    /** Unique within its file. */
    readonly id: string;
    readonly name: string;
    readonly points: readonly GpxPoint[];
    readonly lengthKm: number;
    /** It leaves another piece and comes back to it: another way, not a further one. */
    readonly isAlternative: boolean;
}
export interface PieceUse {
    readonly id: string;
    readonly isReversed: boolean;
}
/** Ends farther apart than this are a gap, km. */
export declare const GAP_KM = 0.2;
/**
 * The pieces of a file, in its order: tracks, or routes where there is no track.
 *
 * @throws InvalidInputError for a way in hundreds of pieces
 */
export declare function trackPieces(file: GpxFile): readonly TrackPiece[];
/** What lies between the end of each piece and the start of the next, km; nothing before the first. */
export declare function gapsKm(pieces: readonly TrackPiece[], uses: readonly PieceUse[]): readonly number[];
/**
 * The order in which the pieces make the way with the least gaps, without alternatives: that of the file, unless going
 * on from each end to the nearest other end leaves at least half as much out.
 */
export declare function suggestedOrder(pieces: readonly TrackPiece[]): readonly PieceUse[];
/** The points of the chosen pieces in their order; pieces whose ends meet are one, others have a gap between them. */
export declare function pointsOf(pieces: readonly TrackPiece[], uses: readonly PieceUse[]): readonly (readonly GpxPoint[])[];
/**
 * Where tracks end on the way made of some pieces, km, without the last: a file with a track a day says where the days
 * end.
 *
 * @param lengthOfWayKm of the track made of them, which is a little shorter than what was recorded
 */
export declare function trackEndsKm(pieces: readonly TrackPiece[], uses: readonly PieceUse[], lengthOfWayKm: number): readonly number[];
