/** Days since 1 January 1970. */
export declare function dayNumber(isoDate: string): number;
/** The date so many days later, or earlier for a negative number. */
export declare function addDays(isoDate: string, days: number): string;
