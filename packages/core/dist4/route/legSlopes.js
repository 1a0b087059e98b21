import { slopesBetween, trackLengthKm } from './profile.js';
/** Each leg's start and end in kilometres from the start of the trip: by day marks on a track, else by summing legs. */
export function dayStretches(trip) {
    const { track, dayMarksKm } = trip;
    if (track !== undefined && dayMarksKm !== undefined) {
        const ends = [...dayMarksKm, trackLengthKm(track)];
        return ends.map((toKm, i) => ({ fromKm: i === 0 ? 0 : ends[i - 1], toKm }));
    }
    let fromKm = 0;
    return trip.legs.map((leg) => {
        const stretch = { fromKm, toKm: fromKm + leg.distanceKm };
        fromKm = stretch.toKm;
        return stretch;
    });
}
/** The day on whose way a place lies; one at a camp is of the day that ends there, one beyond the end of the last. */
export function dayOfPlace(trip, atKm) {
    const i = dayStretches(trip).findIndex((s) => atKm <= s.toKm + 1e-9);
    return (i < 0 ? trip.legs.length - 1 : i) + 1;
}
/** A leg's slopes without a track: up and down equally steep, sharing the distance by their metres. */
export function evenSlopes(leg) {
    const { distanceKm, climbM, descentM } = leg;
    const metres = climbM + descentM;
    if (metres === 0)
        return [{ distanceKm, riseM: 0 }];
    return [
        { distanceKm: (distanceKm * climbM) / metres, riseM: climbM },
        { distanceKm: (distanceKm * descentM) / metres, riseM: -descentM },
    ].filter((s) => s.riseM !== 0);
}
/** Whether a leg still says what the track says; the leader may have typed other figures. */
function followsTrack(leg, track, stretch) {
    return track.elevationM !== undefined && Math.abs(leg.distanceKm - (stretch.toKm - stretch.fromKm)) < 0.06;
}
/** The slopes of a day. */
export function slopesOfDay(trip, day) {
    const leg = trip.legs[day - 1];
    const stretch = dayStretches(trip)[day - 1];
    return trip.track !== undefined && followsTrack(leg, trip.track, stretch)
        ? slopesBetween(trip.track, stretch.fromKm, stretch.toKm)
        : evenSlopes(leg);
}
//# sourceMappingURL=legSlopes.js.map