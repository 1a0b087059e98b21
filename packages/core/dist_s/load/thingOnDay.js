/** Whether a thing is carried on a day: between the days it joins and leaves. */
export function isCarriedOn(thing, day) {
    return (thing.fromDay ?? 1) <= day && day <= (thing.toDay ?? Infinity);
}
/** What is left of a consumed thing on a day's morning, from 1 (full) to 0 (only the residue is left). */
export function shareLeft(thing, day) {
    const use = thing.consumption;
    if (use === undefined || day <= use.fromDay)
        return 1;
    if (day > use.toDay)
        return 0;
    return (use.toDay - day + 1) / (use.toDay - use.fromDay + 1);
}
/**
 * Mass of a thing at a day's heaviest moment, kg.
 *
 * @param thing the thing; its consumption falls evenly from the morning of fromDay to after toDay
 * @param day day of the trip, from 1
 * @param leg that day's leg, which says whether it is packed wet
 */
export function massOnDayKg(thing, day, leg) {
    if (!isCarriedOn(thing, day))
        return 0;
    const residueKg = thing.consumption?.residueKg ?? thing.massKg;
    const dryKg = residueKg + (thing.massKg - residueKg) * shareLeft(thing, day);
    return leg.afterRain ? dryKg * (thing.wetFactor ?? 1) : dryKg;
}
/** Volume of a thing on a day, litres. Food that is eaten frees its volume; a hard canister keeps it. */
export function volumeOnDayL(thing, day) {
    if (!isCarriedOn(thing, day))
        return 0;
    if (thing.consumption === undefined || thing.flags.includes('hard'))
        return thing.volumeL;
    const residueShare = thing.massKg === 0 ? 1 : thing.consumption.residueKg / thing.massKg;
    return thing.volumeL * (residueShare + (1 - residueShare) * shareLeft(thing, day));
}
//# sourceMappingURL=thingOnDay.js.map