/** Calendar days as ISO dates, YYYY-MM-DD; no time zone. */
const DAY_MS = 86_400_000;
/** Days since 1 January 1970. */
export function dayNumber(isoDate) {
    return Date.parse(`${isoDate}T00:00:00Z`) / DAY_MS;
}
/** The date so many days later, or earlier for a negative number. */
export function addDays(isoDate, days) {
    return new Date((dayNumber(isoDate) + days) * DAY_MS).toISOString().slice(0, 10);
}
//# sourceMappingURL=isoDate.js.map