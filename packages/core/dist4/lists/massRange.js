/** How far a guess is off, as a share of it. */
export const ESTIMATE_ERROR = 0.2;
export function massRange(things) {
    const kg = things.reduce((sum, t) => sum + t.massKg, 0);
    const guessed = things.filter((t) => t.massEstimated);
    const off = Math.sqrt(guessed.reduce((sum, t) => sum + (ESTIMATE_ERROR * t.massKg) ** 2, 0));
    return { kg, lowKg: kg - off, highKg: kg + off, estimates: guessed.length };
}
//# sourceMappingURL=massRange.js.map