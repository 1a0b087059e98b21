/** What-ifs: the trip as it would be if something were otherwise, without touching the plan. */
import { THING_RANGES } from '../trip/thingRanges.js';
import { landLarder } from '../larder/landLarder.js';
import { freshId, removeMember, replaceShare } from '../trip/changes.js';
import { insertDay } from '../route/legChanges.js';
import { allThings } from '../trip/queries.js';
import { formatMass, formatVolume } from '../units/format.js';
/** One change supposed. Days that the trip does not have, and members it does not know, change nothing. */
export function suppose(trip, change) {
    switch (change.kind) {
        case 'memberOut':
            return trip.members.some((m) => m.id === change.memberId)
                ? landLarder(removeMember(trip, change.memberId))
                : trip;
        case 'extraNight':
            return withExtraNight(trip);
        case 'hotDay':
            return {
                ...trip,
                legs: trip.legs.map((leg, i) => i + 1 === change.day ? { ...leg, waterL: leg.waterL + change.extraL } : leg),
            };
        case 'rain':
            return {
                ...trip,
                legs: trip.legs.map((leg, i) => change.fromDay <= i + 1 && i + 1 <= change.toDay ? { ...leg, afterRain: true } : leg),
            };
        case 'limit':
            return {
                ...trip,
                members: trip.members.map((m) => (m.id === change.memberId ? { ...m, ownCapKg: change.limitKg } : m)),
            };
    }
}
/**
 * One more night before the last day: the last full day's leg again, without a way, and its meals again. Group pieces
 * and personal things that were to last to the end last one day more, in mass too where they are used up evenly.
 */
function withExtraNight(trip) {
    const last = trip.legs.length;
    const before = Math.max(1, last - 1);
    const longer = insertDay(trip, before);
    const day = before + 1;
    const model = trip.legs[before - 1];
    const meals = longer.meals
        .filter((meal) => meal.day === before)
        .reduce((list, meal) => [
        ...list,
        {
            ...meal,
            day,
            id: freshId(meal.id, list.map((m) => m.id)),
        },
    ], longer.meals);
    const oldThings = new Map(allThings(trip).map((t) => [t.id, t]));
    const lasting = (thing) => lastingLonger(oldThings.get(thing.id), thing);
    const withDay = {
        ...longer,
        kits: longer.kits.map((kit) => ({ ...kit, pieces: kit.pieces.map(lasting) })),
        personalThings: longer.personalThings.map(lasting),
        legs: longer.legs.map((leg, i) => i === day - 1 && trip.track === undefined
            ? { ...leg, waterL: model.waterL, campWaterL: model.campWaterL }
            : leg),
        meals,
    };
    return landLarder(withDay);
}
/**
 * A thing that is used up over more days than before, with as much for each day as it had: what lasted five days at
 * 100 g a day weighs 100 g more for six. What the larder makes is planned anew by the larder.
 */
function lastingLonger(before, after) {
    const [was, is] = [before?.consumption, after.consumption];
    if (was === undefined || is === undefined || after.madeBy === 'larder')
        return after;
    const longer = (is.toDay - is.fromDay + 1) / (was.toDay - was.fromDay + 1);
    if (longer === 1 || after.massKg === 0)
        return after;
    const massKg = Math.min(THING_RANGES.massKg[1], is.residueKg + (after.massKg - is.residueKg) * longer);
    // Soft things grow with what is in them; a box or a bottle is filled further.
    const { shape } = after;
    const soft = shape.kind === 'pouch' || shape.kind === 'stuff';
    const volumeL = Math.min(THING_RANGES.volumeL[1], after.volumeL * (soft ? massKg / after.massKg : 1));
    return {
        ...after,
        massKg,
        volumeL,
        ...(shape.kind === 'stuff'
            ? { shape: { ...shape, looseVolumeL: Math.max(shape.looseVolumeL, volumeL) } }
            : {}),
    };
}
/** All changes of a what-if supposed together, with nobody's share touched. */
export function supposeAll(trip, changes) {
    // Days are counted in the trip as it is, so what adds a day comes last.
    const order = [...changes].sort((a, b) => Number(a.kind === 'extraNight') - Number(b.kind === 'extraNight'));
    return order.reduce(suppose, trip);
}
/** The trip as a variant would have it, with the share planned for it. */
export function asVariant(trip, variant) {
    return replaceShare(supposeAll(trip, variant.changes), variant.share);
}
/** Make a variant the plan: its changes and its share; the variant itself is then the plan and goes. */
export function adoptVariant(trip, variantId) {
    const variant = trip.variants.find((v) => v.id === variantId);
    if (variant === undefined)
        return trip;
    const adopted = asVariant(trip, variant);
    return { ...adopted, variants: adopted.variants.filter((v) => v.id !== variantId) };
}
/** A supposed change in words. */
export function whatIfText(trip, change) {
    const name = (id) => trip.members.find((m) => m.id === id)?.name ?? id;
    switch (change.kind) {
        case 'memberOut':
            return `${name(change.memberId)} does not come`;
        case 'extraNight':
            return 'one night more';
        case 'hotDay':
            return `hot day ${change.day}: ${formatVolume(change.extraL)} more water each`;
        case 'rain':
            return change.fromDay === change.toDay
                ? `packed wet on day ${change.fromDay}`
                : `packed wet on days ${change.fromDay}–${change.toDay}`;
        case 'limit':
            return `${name(change.memberId)} carries at most ${formatMass(change.limitKg)}`;
    }
}
//# sourceMappingURL=whatIf.js.map