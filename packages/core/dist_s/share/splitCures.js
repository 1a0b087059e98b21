import { nameAlone, allPieces } from '../trip/queries.js';
import { MOST_PARTS, splitPiece, whyNotSplit } from '../trip/splitPiece.js';
import { formatMass } from '../units/format.js';
/** Lighter food is nobody's trouble, and a part should not become much lighter than half of it (Graft's own numbers). */
const BIG_KG = 2;
const PART_KG = 1.5;
export function splitCures(trip) {
    return allPieces(trip)
        .filter((p) => p.purpose === 'food' && p.massKg >= BIG_KG && whyNotSplit(p) === undefined)
        .flatMap((piece) => {
        const parts = Math.min(MOST_PARTS, trip.members.length, Math.ceil(piece.massKg / PART_KG));
        if (parts < 2)
            return [];
        return [
            {
                label: `Split ${nameAlone(trip, piece)} into ${parts}: ${formatMass(piece.massKg / parts)} each`,
                price: 'several people carry parts of one thing',
                rank: 0,
                after: splitPiece(trip, piece.id, parts, 'equal'),
            },
        ];
    });
}
//# sourceMappingURL=splitCures.js.map