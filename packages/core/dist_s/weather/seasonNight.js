/**
 * A cold night for the season where there is no forecast: by latitude, day of the year and height, with a margin. A
 * planning guess of Graft's own, made so that it is colder than the mean nightly minimum of places by the sea and in
 * mild hills (climate tables, from memory). Deep inside continents winters are colder still.
 */
import { dayNumber } from '../units/isoDate.js';
import { LAPSE_C_PER_KM } from './lapse.js';
/** Yearly mean at the sea: 27 °C up to 10° of latitude, half a degree less for each degree beyond. */
const TROPICS = { meanC: 27, upToDeg: 10 };
const C_PER_DEG = 0.5;
/** Half of the difference between the warmest and the coldest month, for each degree of latitude. */
const SEASON_C_PER_DEG = 0.2;
/** Nights are colder than their day's mean by so much, and some nights than others. */
const NIGHT_C = 5;
const MARGIN_C = 6;
/** A month after midsummer; half a year later south of the equator. */
const WARMEST_DAY = 201;
const DAYS_A_YEAR = 365.25;
/**
 * @param latitudeDeg north positive, −90 to 90
 * @param isoDate the day before the night
 * @param elevationM height of the camp above the sea
 * @returns °C
 */
export function seasonNightC(latitudeDeg, isoDate, elevationM) {
    const away = Math.abs(latitudeDeg);
    const dayOfYear = dayNumber(isoDate) - dayNumber(`${isoDate.slice(0, 4)}-01-01`) + 1;
    const warmest = latitudeDeg >= 0 ? WARMEST_DAY : WARMEST_DAY - DAYS_A_YEAR / 2;
    const season = Math.cos((2 * Math.PI * (dayOfYear - warmest)) / DAYS_A_YEAR);
    const meanC = TROPICS.meanC - C_PER_DEG * Math.max(0, away - TROPICS.upToDeg);
    return meanC + SEASON_C_PER_DEG * away * season - NIGHT_C - MARGIN_C + (LAPSE_C_PER_KM * elevationM) / 1000;
}
//# sourceMappingURL=seasonNight.js.map