/**
 * Naismith's rule with Langmuir's corrections for descent.
 *
 * W. W. Naismith, Scottish Mountaineering Club Journal 2, 1892: an hour for every three miles (5 km) and half an hour
 * for every 1000 feet (an hour for 600 m) of climb. E. Langmuir, Mountaincraft and Leadership, 1984: 10 minutes less for
 * every 300 m of gentle descent (5° to 12°), 10 minutes more for every 300 m of steep descent (above 12°).
 * Fit walkers on easy ground, without breaks; no slower than the flat part of the rule can go below.
 */
const NAISMITH = { kmPerH: 5, climbMPerH: 600 };
export const LANGMUIR = { gentleFromDeg: 5, steepFromDeg: 12, minutesPer300M: 10 };
/**
 * @param distanceKm 0 or more
 * @param climbM metres climbed, 0 or more
 * @returns hours
 */
export function naismithHours(distanceKm, climbM) {
    return distanceKm / NAISMITH.kmPerH + climbM / NAISMITH.climbMPerH;
}
/**
 * @param gentleDescentM metres descended at 5° to 12°
 * @param steepDescentM metres descended at more than 12°
 * @returns hours to add to Naismith's time; negative where gentle descent saves time
 */
export function langmuirHours(gentleDescentM, steepDescentM) {
    return ((steepDescentM - gentleDescentM) / 300) * (LANGMUIR.minutesPer300M / 60);
}
//# sourceMappingURL=naismith.js.map