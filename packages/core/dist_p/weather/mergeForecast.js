/** Taking over a forecast without losing what the leader wrote. */
import { WEATHER_FIELDS } from '../trip/model.js';
const byDate = (a, b) => a.id.localeCompare(b.id);
/**
 * @param old what the trip has
 * @param fresh the new forecast by date
 * @returns every date of both, in order; values that the leader overwrote stay
 */
export function mergeForecast(old, fresh) {
    const known = new Map(old.map((w) => [w.id, w]));
    const merged = fresh.map((w) => {
        const before = known.get(w.id);
        known.delete(w.id);
        if (before === undefined)
            return w;
        const kept = Object.fromEntries(before.byLeader.map((field) => [field, before[field]]));
        return { ...w, ...kept, byLeader: before.byLeader };
    });
    return [...merged, ...known.values()].sort(byDate);
}
/** The leader's own value for a date; a date without a forecast starts from mild guesses marked as the leader's. */
export function overwriteWeather(old, date, field, value) {
    const before = old.find((w) => w.id === date);
    const next = before === undefined
        ? {
            id: date,
            dayC: 15,
            nightC: 5,
            rainChance: 0.3,
            windKmh: 15,
            byLeader: WEATHER_FIELDS,
            [field]: value,
        }
        : {
            ...before,
            [field]: value,
            byLeader: WEATHER_FIELDS.filter((f) => f === field || before.byLeader.includes(f)),
        };
    return [...old.filter((w) => w.id !== date), next].sort(byDate);
}
//# sourceMappingURL=mergeForecast.js.map