/** Sunrise, sunset and civil twilight of a date at a place, by the SunCalc library (upper limb, standard refraction). */
import { getTimes } from 'suncalc';
/**
 * @param isoDate YYYY-MM-DD, the local date
 * @param latitudeDeg north positive
 * @param longitudeDeg east positive
 */
export function daylight(isoDate, latitudeDeg, longitudeDeg) {
    // The sun's own noon at this longitude, so that the date is the local one.
    const noon = new Date(Date.parse(`${isoDate}T12:00:00Z`) - (longitudeDeg / 15) * 3_600_000);
    const times = getTimes(noon, latitudeDeg, longitudeDeg);
    if (times.alwaysUp === true)
        return { kind: 'alwaysUp', hours: 24 };
    const { sunrise, sunset } = times;
    if (sunrise === null || sunset === null)
        return { kind: 'alwaysDown', hours: 0 };
    return {
        kind: 'usual',
        sunrise,
        sunset,
        dawn: times.dawn ?? undefined,
        dusk: times.dusk ?? undefined,
        hours: (sunset.getTime() - sunrise.getTime()) / 3_600_000,
    };
}
/** Hours since local midnight of an instant in a time zone, from 0 to 24. */
export function localHour(instant, timeZone) {
    const parts = new Intl.DateTimeFormat('en-GB', {
        timeZone,
        hour: '2-digit',
        minute: '2-digit',
        hourCycle: 'h23',
    }).formatToParts(instant);
    const part = (type) => Number(parts.find((p) => p.type === type).value);
    return part('hour') + part('minute') / 60;
}
/** "05:09" for 5.15 hours; hours beyond midnight go on from 00:00. */
export function clock(hours) {
    const minutes = Math.round(hours * 60);
    const two = (n) => String(n).padStart(2, '0');
    return `${two(Math.floor(minutes / 60) % 24)}:${two(minutes % 60)}`;
}
/** Hours of "HH:MM". */
export function clockHours(text) {
    const [hours, minutes] = text.split(':').map(Number);
    return hours + minutes / 60;
}
//# sourceMappingURL=daylight.js.map