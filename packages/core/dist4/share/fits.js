/** kg or litres above a limit that count as none: sums of many masses are rounded by less. */
export const FITS = 1e-6;
//# sourceMappingURL=fits.js.map