/** Weights (Graft's own): a changed carrier counts 1. */
const PIECES_WEIGHT = 1;
const FILL_WEIGHT = 10;
/** What one carrier's pieces add to it. */
export function carrierUntidiness({ bundles, carriers, pieceCount }, held, packL, fullestL) {
    let pieces = 0;
    for (const b of held)
        pieces += bundles[b].pieceIds.length;
    const fill = packL > 0 ? fullestL / packL : 0;
    const mean = pieceCount / carriers.length;
    return (PIECES_WEIGHT * pieces * pieces) / Math.max(1, mean) + FILL_WEIGHT * fill * fill;
}
/** How many pieces of a bundle somebody else would carry than carries them now. */
export function changedCarriers({ bundles }, b, m) {
    const { carriedBy, pieceIds } = bundles[b];
    let changed = 0;
    for (const before of carriedBy)
        if (before !== m)
            changed += 1;
    return Math.min(changed, pieceIds.length);
}
//# sourceMappingURL=tidiness.js.map