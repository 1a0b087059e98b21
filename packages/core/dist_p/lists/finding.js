export const FINDING_KINDS = [
    'unweighed',
    'ownThings',
    'essential',
    'incomplete',
    'expired',
    'repair',
    'water',
    'double',
    'sameJob',
    'houseRule',
    'air',
    'forgotten',
    'leaveBehind',
    'bring',
];
/** An id from its parts, cut to what a dismissal can name. */
export function findingId(...parts) {
    return parts.join('/').slice(0, 200);
}
//# sourceMappingURL=finding.js.map