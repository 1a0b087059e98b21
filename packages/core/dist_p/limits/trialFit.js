/**
 * What a member's carry trials say. Comfort (1–10) and pace against load are two curves that do not rise: isotonic
 * fits, linear between the loads walked. The limit is the load at which comfort falls to the member's floor or pace
 * falls 15 % below unloaded, whichever comes first. At most 5 % of body weight beyond the heaviest load walked.
 *
 * Interrupted walks give their comfort, not their pace. Walks of different length are compared by Naismith's time. The
 * way of trying and what to look at are common practice, no source; floor, 15 % and 5 % are Graft's own.
 */
import { seededRandom } from '../units/random.js';
import { naismithHours } from '../carriage/naismith.js';
import { isUnder18 } from '../trip/age.js';
import { nonIncreasingFit } from './isotonic.js';
export const DEFAULT_COMFORT_FLOOR = 6;
/** Pace that is still as good as unloaded, as a share of the unloaded pace. */
export const PACE_FLOOR = 0.85;
/** How far beyond the heaviest load walked a limit may lie, as a share of body weight. */
export const EXTRAPOLATION_BOUND = 0.05;
/** A walk with at most this share of body weight counts as unloaded. */
const UNLOADED_SHARE = 0.03;
/** A trial plans at least this share of body weight, however early it hurt: less is not a pack (Graft's own number). */
export const LEAST_LIMIT_SHARE = 0.05;
/** Loads that differ by less than this share of body weight say nothing about each other. */
const LEAST_SPREAD_SHARE = 0.05;
/** Walking speed of a trial as a share of Naismith's speed for its distance and climb. */
export function trialSpeed(trial) {
    return (naismithHours(trial.distanceKm, trial.climbM) * 60) / trial.minutes;
}
/** Mean of the marks at each load, made non-increasing. */
function curve(points) {
    const byLoad = new Map();
    for (const p of points)
        byLoad.set(p.loadKg, [...(byLoad.get(p.loadKg) ?? []), p.value]);
    const loads = [...byLoad.keys()].sort((a, b) => a - b);
    const fitted = nonIncreasingFit(loads.map((load) => {
        const values = byLoad.get(load);
        return { value: values.reduce((a, b) => a + b, 0) / values.length, weight: values.length };
    }));
    return loads.map((loadKg, i) => ({ loadKg, value: fitted[i] }));
}
/** The largest load at which a non-increasing curve is still at its floor; its last slope goes on beyond its end. */
function loadAtFloor(points, floor) {
    const below = points.findIndex((p) => p.value < floor);
    if (below === 0)
        return points[0].loadKg;
    const [a, b] = below > 0
        ? [points[below - 1], points[below]]
        : [points[points.length - 2], points[points.length - 1]];
    if (a === undefined || a.value === b.value)
        return Infinity;
    return a.loadKg + ((a.value - floor) / (a.value - b.value)) * (b.loadKg - a.loadKg);
}
/** Fit a member's trials; see the head of this file. */
export function fitTrials(member) {
    const { bodyMassKg, carryTrials: trials } = member;
    const floor = member.comfortFloor ?? DEFAULT_COMFORT_FLOOR;
    if (trials.length === 0)
        return { lacks: 'no trial walk yet' };
    const comfort = curve(trials.map((t) => ({ loadKg: t.loadKg, value: t.comfort })));
    const lightest = comfort[0];
    const heaviestKg = comfort[comfort.length - 1].loadKg;
    if (heaviestKg - lightest.loadKg < LEAST_SPREAD_SHARE * bodyMassKg)
        return { lacks: 'walks with two clearly different loads are needed' };
    const walked = trials.filter((t) => !t.interrupted);
    const speed = curve(walked.map((t) => ({ loadKg: t.loadKg, value: trialSpeed(t) })));
    const unloaded = speed[0];
    const pace = unloaded === undefined || unloaded.loadKg > UNLOADED_SHARE * bodyMassKg || speed.length < 2
        ? []
        : speed.map((p) => ({ loadKg: p.loadKg, value: p.value / unloaded.value }));
    const byComfortKg = loadAtFloor(comfort, floor);
    const byPaceKg = pace.length === 0 ? Infinity : loadAtFloor(pace, PACE_FLOOR);
    const mostKg = heaviestKg + EXTRAPOLATION_BOUND * bodyMassKg;
    const limitKg = Math.max(LEAST_LIMIT_SHARE * bodyMassKg, Math.min(byComfortKg, byPaceKg, mostKg));
    return {
        fit: {
            limitKg,
            floor,
            gaveWay: limitKg === mostKg ? 'neither' : byComfortKg <= byPaceKg ? 'comfort' : 'pace',
            heaviestKg,
            beyondKg: Math.max(0, limitKg - heaviestKg),
            comfort,
            pace,
        },
    };
}
/** Spread of a comfort mark and of a walking time (common practice, no source: a mark is good to about a point). */
const COMFORT_SD = 0.7;
const TIME_SD_SHARE = 0.03;
const DRAWS = 400;
/**
 * How sure a fitted limit is: the middle four fifths of the limits that come out when every mark and time is redrawn
 * within its own spread.
 *
 * @param seed the same seed gives the same answer
 * @returns low and high end, kg; undefined when the trials give no limit
 */
export function trialUncertainty(member, seed = 1) {
    if ('lacks' in fitTrials(member))
        return undefined;
    const random = seededRandom(seed);
    // The sum of twelve uniform draws less six has mean 0 and variance 1.
    const normal = () => Array.from({ length: 12 }, random).reduce((a, b) => a + b, -6);
    const limits = Array.from({ length: DRAWS }, () => {
        const carryTrials = member.carryTrials.map((t) => ({
            ...t,
            comfort: Math.min(10, Math.max(1, t.comfort + COMFORT_SD * normal())),
            minutes: t.minutes * Math.max(0.5, 1 + TIME_SD_SHARE * normal()),
        }));
        const outcome = fitTrials({ ...member, carryTrials });
        return 'fit' in outcome ? outcome.fit.limitKg : Math.min(...member.carryTrials.map((t) => t.loadKg));
    }).sort((a, b) => a - b);
    return { lowKg: limits[Math.floor(DRAWS * 0.1)], highKg: limits[Math.ceil(DRAWS * 0.9) - 1] };
}
/** Differences that count, between the lightest and the heaviest walk (Graft's own numbers). */
const COMFORT_PAID = 2;
const PACE_PAID = 0.05;
/** What the member did with the load, in plain words. */
export function trialInWords(fit) {
    const drop = (points) => points.length < 2 ? 0 : points[0].value - points[points.length - 1].value;
    const lessComfort = drop(fit.comfort) >= COMFORT_PAID;
    const lessPace = drop(fit.pace) >= PACE_PAID;
    if (lessComfort && lessPace)
        return 'paid in pace and in comfort';
    if (lessComfort)
        return fit.pace.length === 0 ? 'paid in comfort' : 'kept the pace, paid in comfort';
    if (lessPace)
        return 'stayed comfortable, paid in pace';
    return fit.pace.length === 0 ? 'stayed comfortable' : 'kept pace and comfort: could try more';
}
/** Shares of body weight of the three walks; newcomers and under-18s go lighter (common practice, no source). */
const WALK_SHARES = { light: [0, 0.075, 0.15], usual: [0, 0.1, 0.2] };
/** The three guided walks of a carry trial: without load, with about 10 % and, if wanted, 20 % of body weight. */
export function trialWalks(member) {
    const light = isUnder18(member) || member.experience === 'newcomer';
    const shares = WALK_SHARES[light ? 'light' : 'usual'];
    const reach = (shares[1] / 2) * member.bodyMassKg;
    return shares.map((share, i) => {
        const targetKg = Math.round(share * member.bodyMassKg * 2) / 2;
        return {
            targetKg,
            optional: i === 2,
            done: member.carryTrials.filter((t) => Math.abs(t.loadKg - targetKg) < reach).map((t) => t.id),
        };
    });
}
//# sourceMappingURL=trialFit.js.map