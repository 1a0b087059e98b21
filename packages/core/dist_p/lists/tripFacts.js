import { addDays, dayNumber } from '../units/isoDate.js';
import { campTemperatureC } from '../weather/lapse.js';
import { seasonNightC } from '../weather/seasonNight.js';
/**
 * What a night without a forecast is taken for at most, °C: unknown weather is cold weather (common practice, no source;
 * the numbers are Graft's own). Where the place is known, the season there may be colder still.
 */
const UNKNOWN_NIGHT_C = { snow: -12, high: -6, other: -1 };
/** On snow a warm bag and an insulated mat come along whatever a forecast says: a night no warmer than this, °C. */
const SNOW_NIGHT_C = -5;
/** Camps from here on count as above the trees, m (Graft's own number). */
const HIGH_CAMP_M = 1800;
function isOnSnow({ ground }) {
    return ground === 'snow' || ground === 'glacier';
}
/** What the trip says of itself and its weather. */
export function tripFacts(trip) {
    const days = trip.legs.length;
    const byDate = new Map(trip.weather.map((w) => [w.id, w]));
    const valleyM = trip.place?.valleyElevationM;
    const known = trip.legs.flatMap((leg, i) => {
        const weather = byDate.get(addDays(trip.startDate, i));
        if (weather === undefined)
            return [];
        // Without heights the valley's own temperature is all there is.
        const at = (valleyC) => valleyM === undefined || leg.campElevationM === undefined
            ? valleyC
            : campTemperatureC(valleyC, valleyM, leg.campElevationM);
        return [{ day: i + 1, weather, nightC: at(weather.nightC), dayC: at(weather.dayC) }];
    });
    const most = (values) => values.length === 0 ? undefined : Math.max(...values);
    const least = (values) => values.length === 0 ? undefined : Math.min(...values);
    // The last day's night is spent at home.
    const nights = known.filter((k) => k.day < days).map((k) => k.nightC);
    const coldestNightC = least(nights);
    const nightsUnknown = days - 1 - nights.length;
    const snow = trip.style === 'winter' || trip.larder.snow || trip.legs.some(isOnSnow);
    const high = trip.legs.some((leg) => (leg.campElevationM ?? 0) >= HIGH_CAMP_M);
    const byNatureC = snow ? UNKNOWN_NIGHT_C.snow : high ? UNKNOWN_NIGHT_C.high : UNKNOWN_NIGHT_C.other;
    const takenC = Math.min(byNatureC, ...seasonNights(trip, byDate));
    return {
        days,
        nights: days - 1,
        coldestNightC,
        nightsUnknown,
        coldByNature: snow || high,
        plannedNightC: Math.min(nightsUnknown > 0 || coldestNightC === undefined ? takenC : Infinity, coldestNightC ?? Infinity, snow ? SNOW_NIGHT_C : Infinity),
        coldestDayC: least(known.map((k) => k.dayC)),
        warmestDayC: most(known.map((k) => k.dayC)),
        rainChance: most(known.map((k) => k.weather.rainChance)),
        windKmh: most(known.map((k) => k.weather.windKmh)),
        daysUnknown: days - known.length,
        insects: trip.insects,
        snow: trip.legs.some(isOnSnow) || trip.larder.snow,
        scramble: trip.legs.some((leg) => leg.ground === 'scramble' || leg.ground === 'climbing'),
        roped: trip.legs.some((leg) => leg.ground === 'climbing' || leg.ground === 'glacier'),
        cooks: trip.groups.some((g) => g.kind === 'cook') && trip.style !== 'hut',
        tents: days > 1 && trip.style !== 'hut' && trip.style !== 'dayWalk',
    };
}
/** What the season says of the nights without a forecast; nothing where nobody knows the place. */
function seasonNights({ place, legs, startDate }, known) {
    if (place === undefined)
        return [];
    return legs.slice(0, -1).flatMap((leg, i) => {
        const date = addDays(startDate, i);
        const heightM = leg.campElevationM ?? place.valleyElevationM;
        return known.has(date) ? [] : [seasonNightC(place.latitudeDeg, date, heightM)];
    });
}
/** The trip's last date. */
export function lastDate(trip) {
    return addDays(trip.startDate, trip.legs.length - 1);
}
/** Whole days from one ISO date to another, negative when it lies before. */
export function daysBetween(from, to) {
    return dayNumber(to) - dayNumber(from);
}
//# sourceMappingURL=tripFacts.js.map