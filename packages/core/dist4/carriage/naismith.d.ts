export declare const LANGMUIR: {
    readonly gentleFromDeg: 5;
    readonly steepFromDeg: 12;
    readonly minutesPer300M: 10;
};
/**
 * @param distanceKm 0 or more
 * @param climbM metres climbed, 0 or more
 * @returns hours
 */
export declare function naismithHours(distanceKm: number, climbM: number): number;
/**
 * @param gentleDescentM metres descended at 5° to 12°
 * @param steepDescentM metres descended at more than 12°
 * @returns hours to add to Naismith's time; negative where gentle descent saves time
 */
export declare function langmuirHours(gentleDescentM: number, steepDescentM: number): number;
