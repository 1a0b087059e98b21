import type { Kit, Piece, Trip } from '../trip/model.js';
import { type Carried } from '../trip/queries.js';
/** Merge pieces that rules keep with one carrier; a whole tent by house rule, and a kit's own splitting, among them. */
export declare function bundlePieces(trip: Trip): readonly (readonly Carried[])[];
/** Burner, windshield, pot and lighter of a kit that has a burner; of a kit with several groups' sets nothing is one. */
export declare function cookSetOf(kit: Kit): readonly Piece[];
/** Pieces that must ride apart, and why. */
export interface Apart {
    readonly pieceIds: readonly string[];
    readonly reason: string;
}
export declare function keptApart(trip: Trip): readonly Apart[];
