/** A member's effort on a day by Pandolf's equation: on the level and on the climbs, at the planned pace. */
import { dayLoad } from '../load/memberLoad.js';
import { slopesOfDay } from './legSlopes.js';
import { pandolfWatts, TERRAIN_FACTORS } from '../carriage/pandolf.js';
import { toblerSpeedKmh } from '../carriage/tobler.js';
import { dayTimes, toblerHours } from './walkingTime.js';
const NO_FACTOR = { scramble: 'scrambling' };
/**
 * Speeds follow Tobler's function, scaled so that the day takes its planned time. Downhill the equation does not hold:
 * those stretches are left out.
 */
export function dayEffort(trip, member, day) {
    const leg = trip.legs[day - 1];
    const slopes = slopesOfDay(trip, day);
    const up = slopes.filter((s) => s.riseM > 0);
    const upKm = up.reduce((sum, s) => sum + s.distanceKm, 0);
    const grade = upKm === 0 ? 0 : up.reduce((sum, s) => sum + s.riseM, 0) / (upKm * 1000);
    const { plannedH } = dayTimes(trip, day);
    const scale = plannedH === 0 ? 0 : toblerHours(slopes, 'path') / plannedH;
    const speedMs = (slope) => (toblerSpeedKmh(slope) * scale) / 3.6;
    const loadKg = dayLoad(trip, member, day).totalKg;
    const terrainFactor = TERRAIN_FACTORS[leg.ground];
    const at = (slope) => terrainFactor === undefined
        ? { outside: `the model has no factor for ${NO_FACTOR[leg.ground] ?? leg.ground}` }
        : pandolfWatts({
            bodyKg: member.bodyMassKg,
            loadKg,
            speedMs: speedMs(slope),
            gradePercent: slope * 100,
            terrainFactor,
        });
    return {
        loadKg,
        levelSpeedMs: speedMs(0),
        level: at(0),
        climbGradePercent: grade * 100,
        climbSpeedMs: speedMs(grade),
        climb: at(grade),
    };
}
//# sourceMappingURL=effort.js.map