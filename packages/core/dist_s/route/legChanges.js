/**
 * Changes of the days: a day put in or taken out moves every day number behind it; a day's end moved along the track
 * makes two legs anew.
 */
import { dayStretches, slopesOfDay } from './legSlopes.js';
import { climbBetween, elevationAt, trackLengthKm } from './profile.js';
import { naismithLangmuirHours } from './walkingTime.js';
import { freshId, withoutSupposing } from '../trip/changes.js';
import { newLeg } from '../trip/emptyTrip.js';
const round = (value, digits) => Math.round(value * 10 ** digits) / 10 ** digits;
/** What a leg takes from its stretch of the track. */
function measured(track, fromKm, toKm) {
    const climb = climbBetween(track, fromKm, toKm);
    const campElevationM = elevationAt(track, toKm);
    // A track without heights says nothing of them: what was typed stays.
    return {
        distanceKm: round(toKm - fromKm, 1),
        ...(campElevationM === undefined
            ? {}
            : {
                climbM: Math.round(climb.climbM),
                descentM: Math.round(climb.descentM),
                campElevationM: Math.round(campElevationM),
            }),
    };
}
/** Make the legs of some days from the track again: distance, climb, descent, camp height, Naismith's hours. */
function measureDays(trip, days) {
    const { track } = trip;
    if (track === undefined)
        return trip;
    const stretches = dayStretches(trip);
    return days.reduce((t, day) => {
        const { fromKm, toKm } = stretches[day - 1];
        const withFigures = replaceLeg(t, day, { ...t.legs[day - 1], ...measured(track, fromKm, toKm) });
        const leg = withFigures.legs[day - 1];
        // Without heights there is nothing to work out hours from that somebody has typed.
        if (track.elevationM === undefined && leg.hours > 0)
            return withFigures;
        return replaceLeg(withFigures, day, {
            ...leg,
            hours: round(naismithLangmuirHours(leg, slopesOfDay(withFigures, day)), 1),
        });
    }, trip);
}
function replaceLeg(trip, day, leg) {
    return { ...trip, legs: trip.legs.map((old, i) => (i === day - 1 ? leg : old)) };
}
/** Marks closer than this leave a day without a way, km. */
const LEAST_DAY_KM = 0.1;
/** End a day elsewhere on the track; held between its neighbours' ends. */
export function moveDayMark(trip, day, toKm) {
    const { track, dayMarksKm: marks } = trip;
    if (track === undefined || marks === undefined || marks[day - 1] === undefined)
        return trip;
    const low = (marks[day - 2] ?? 0) + LEAST_DAY_KM;
    const high = (marks[day] ?? trackLengthKm(track)) - LEAST_DAY_KM;
    if (high < low)
        return trip;
    const km = round(Math.min(high, Math.max(low, toKm)), 2);
    if (km === marks[day - 1])
        return trip;
    const dayMarksKm = marks.map((mark, i) => (i === day - 1 ? km : mark));
    return measureDays({ ...trip, dayMarksKm }, [day, day + 1]);
}
/**
 * Lay a track under the trip: its days are spread over it as the typed distances are, evenly where some are not known, to
 * be dragged to where the camps are.
 */
export function adoptTrack(trip, track) {
    const lengthKm = trackLengthKm(track);
    const days = trip.legs.length;
    const typed = trip.legs.map((leg) => leg.distanceKm);
    const isTyped = typed.every((km) => km > 0);
    const sumKm = typed.reduce((a, b) => a + b, 0);
    const part = (i) => isTyped ? typed.slice(0, i + 1).reduce((a, b) => a + b, 0) / sumKm : (i + 1) / days;
    const dayMarksKm = Array.from({ length: days - 1 }, (_v, i) => round(lengthKm * part(i), 2));
    return measureDays({ ...trip, track, dayMarksKm }, trip.legs.map((_leg, i) => i + 1));
}
/** Lay a track under the trip whose file says where the camps are; where it names as many as the trip has, days end there. */
export function adoptTrackWithCamps(trip, track, campsKm) {
    const adopted = adoptTrack(trip, track);
    if (campsKm.length !== trip.legs.length - 1)
        return adopted;
    const ends = [0, ...campsKm, trackLengthKm(track)];
    if (ends.slice(1).some((km, i) => km - ends[i] < LEAST_DAY_KM))
        return adopted;
    return measureDays({ ...adopted, dayMarksKm: campsKm.map((km) => round(km, 2)) }, trip.legs.map((_leg, i) => i + 1));
}
/**
 * What a change of the way takes away from what was typed: figures that are lower than before, day by day and in sum.
 *
 * @returns words; empty where no typed figure got lower
 */
export function loweredBy(before, after) {
    const sum = (trip, of) => trip.legs.reduce((total, leg) => total + of(leg), 0);
    return FIGURES.flatMap(({ of, words, least }) => {
        const lower = before.legs.filter((leg, i) => of(leg) - of(after.legs[i] ?? leg) > least);
        if (lower.length === 0)
            return [];
        return [`${words(sum(before, of))} typed, ${words(sum(after, of))} now`];
    });
}
const FIGURES = [
    { of: (leg) => leg.distanceKm, words: (v) => `${v.toFixed(1)} km`, least: 0.05 },
    { of: (leg) => leg.climbM, words: (v) => `${Math.round(v)} m up`, least: 1 },
    { of: (leg) => leg.descentM, words: (v) => `${Math.round(v)} m down`, least: 1 },
    { of: (leg) => leg.hours, words: (v) => `${v.toFixed(1)} h of walking`, least: 0.05 },
];
/** Take the track away; the legs keep their figures. */
export function dropTrack(trip) {
    const { track: _track, dayMarksKm: _marks, ...rest } = trip;
    return rest;
}
/** Change a leg. A distance changed by hand moves the waypoints behind it along, on a trip without a track. */
export function putLeg(trip, leg) {
    const i = trip.legs.findIndex((l) => l.id === leg.id);
    const old = trip.legs[i];
    if (old === undefined)
        return trip;
    const next = replaceLeg(trip, i + 1, leg);
    const byKm = leg.distanceKm - old.distanceKm;
    if (byKm === 0 || trip.track !== undefined)
        return next;
    const endKm = dayStretches(trip)[i].toKm;
    return {
        ...next,
        waypoints: next.waypoints.map((w) => w.atKm > endKm + 1e-9 ? { ...w, atKm: Math.max(0, round(w.atKm + byKm, 3)) } : w),
    };
}
/** Map every day number of the trip; a span whose ends both map to nothing is dropped or, for things, held in the trip. */
function renumber(trip, first, last) {
    const days = trip.legs.length;
    const inTrip = (day) => Math.min(days, Math.max(1, day));
    const span = (item) => {
        const fromDay = item.fromDay === undefined ? undefined : inTrip(first(item.fromDay));
        const toDay = item.toDay === undefined ? undefined : Math.max(fromDay ?? 1, inTrip(last(item.toDay)));
        return {
            ...item,
            ...(fromDay === undefined ? {} : { fromDay }),
            ...(toDay === undefined ? {} : { toDay }),
        };
    };
    const thing = (t) => ({
        ...span(t),
        ...(t.consumption === undefined ? {} : { consumption: span(t.consumption) }),
    });
    const kept = (items) => items.filter((r) => last(r.day) >= first(r.day)).map((r) => ({ ...r, day: inTrip(first(r.day)) }));
    return {
        ...trip,
        kits: trip.kits.map((kit) => ({ ...kit, pieces: kit.pieces.map(thing) })),
        personalThings: trip.personalThings.map(thing),
        members: trip.members.map((m) => ({
            ...m,
            conditions: m.conditions.filter((c) => last(c.toDay) >= first(c.fromDay)).map(span),
            ...(m.firstDay === undefined ? {} : { firstDay: inTrip(first(m.firstDay)) }),
            ...(m.lastDay === undefined ? {} : { lastDay: inTrip(last(m.lastDay)) }),
        })),
        // What changed hands on a day that is gone has changed hands by the day after it.
        handovers: trip.handovers
            .filter((h) => first(h.day) <= days)
            .map((h) => ({ ...h, day: inTrip(first(h.day)) })),
        variants: withoutSupposing(trip.variants.map((v) => ({ ...v, changes: v.changes.map((c) => ('fromDay' in c ? span(c) : c)) })), (c) => c.kind === 'hotDay' && last(c.day) < first(c.day)).map((v) => ({
            ...v,
            changes: v.changes.map((c) => (c.kind === 'hotDay' ? { ...c, day: inTrip(first(c.day)) } : c)),
        })),
        roles: kept(trip.roles),
        meals: kept(trip.meals),
        pickups: kept(trip.pickups),
        events: kept(trip.events),
        comfort: kept(trip.comfort),
    };
}
/**
 * Put a day in after `day` (0: before the first). On a track the new day takes the second half of the day before it,
 * or the first half of the first; without one it starts without a way.
 */
export function insertDay(trip, day) {
    const id = freshId(`day-${day + 1}`, trip.legs.map((l) => l.id));
    const leg = { ...newLeg(id, `Day ${day + 1}`), waterL: trip.legs[Math.max(0, day - 1)]?.waterL ?? 1 };
    const legs = [...trip.legs.slice(0, day), leg, ...trip.legs.slice(day)];
    const after = (d) => (d > day ? d + 1 : d);
    const longer = renumber({ ...trip, legs }, after, after);
    const { track, dayMarksKm: marks } = trip;
    if (track === undefined || marks === undefined)
        return longer;
    const { fromKm, toKm } = dayStretches(trip)[Math.max(0, day - 1)];
    const dayMarksKm = [...marks, round((fromKm + toKm) / 2, 2)].sort((a, b) => a - b);
    const halved = Math.max(1, day);
    return measureDays({ ...longer, dayMarksKm }, [halved, halved + 1]);
}
/** Take a day out; on a track its way goes to the day before it, or, for the first, to the day after. */
export function removeDay(trip, day) {
    if (trip.legs.length <= 1)
        return trip;
    const legs = trip.legs.filter((_leg, i) => i !== day - 1);
    const shorter = renumber({ ...trip, legs }, (d) => (d > day ? d - 1 : d), (d) => (d >= day ? d - 1 : d));
    const { track, dayMarksKm: marks } = trip;
    if (track === undefined || marks === undefined)
        return shorter;
    const gone = Math.max(0, day - 2);
    const dayMarksKm = marks.filter((_mark, i) => i !== gone);
    return measureDays({ ...shorter, dayMarksKm }, [Math.max(1, day - 1)]);
}
/** Split a day in two: on a track at its middle, without one every figure is halved. */
export function splitDay(trip, day) {
    const longer = insertDay(trip, day);
    if (trip.track !== undefined && trip.dayMarksKm !== undefined)
        return longer;
    const old = trip.legs[day - 1];
    const half = {
        distanceKm: round(old.distanceKm / 2, 2),
        climbM: Math.round(old.climbM / 2),
        descentM: Math.round(old.descentM / 2),
        hours: round(old.hours / 2, 2),
    };
    const first = replaceLeg(longer, day, { ...old, ...half, campWaterL: 0 });
    return replaceLeg(first, day + 1, {
        ...first.legs[day],
        ...half,
        ground: old.ground,
        waterL: old.waterL,
        campWaterL: old.campWaterL,
    });
}
/**
 * Move some of a day's way to a neighbour: the day's end goes back (`toDay` = day + 1) or its start goes on
 * (`toDay` = day − 1). Without a track the way is taken to be even.
 */
export function passDistance(trip, day, toDay, byKm) {
    if (trip.track !== undefined && trip.dayMarksKm !== undefined) {
        const mark = Math.min(day, toDay);
        const at = trip.dayMarksKm[mark - 1];
        return moveDayMark(trip, mark, toDay > day ? at - byKm : at + byKm);
    }
    const [from, to] = [trip.legs[day - 1], trip.legs[toDay - 1]];
    const share = byKm / from.distanceKm;
    const part = (key) => from[key] * share;
    const digits = { distanceKm: 2, climbM: 0, descentM: 0, hours: 2 };
    const changed = (leg, sign) => ({
        ...leg,
        ...Object.fromEntries(Object.keys(digits).map((key) => [
            key,
            Math.max(0, round(leg[key] + sign * part(key), digits[key])),
        ])),
    });
    return replaceLeg(replaceLeg(trip, day, changed(from, -1)), toDay, changed(to, 1));
}
//# sourceMappingURL=legChanges.js.map