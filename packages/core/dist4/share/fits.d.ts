/** kg or litres above a limit that count as none: sums of many masses are rounded by less. */
export declare const FITS = 0.000001;
