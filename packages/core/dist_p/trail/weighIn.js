/**
 * A pack on the scale against the plan: how far it is off, whether that is more than the estimates explain, and what is
 * likeliest to be behind it.
 *
 * Each mass is taken to have an error of its own, independent of the others: 20 % of an estimate, 2 % of what was weighed
 * (Graft's own). Given the difference of the whole, the least-squares guess of each thing's error is in proportion to its
 * variance (Gauss–Markov; from memory), so that estimates come first.
 */
import { baseLoad, dayLoad, KG_PER_L_WATER } from '../load/memberLoad.js';
import { isCarriedOn, massOnDayKg } from '../load/thingOnDay.js';
import { ESTIMATE_ERROR } from '../lists/massRange.js';
import { nameAlone, allPieces, allThings, carrierOf, isPersonal, memberById, ownThings, thingsInPack, } from '../trip/queries.js';
/** Error of a weighed mass, as a share of it (Graft's own: kitchen scale, damp cloth). */
const WEIGHED_ERROR = 0.02;
/** What a hanging scale and a swinging pack are good for, kg (Graft's own). */
export const SCALE_ERROR_KG = 0.1;
/** A difference within this is as planned, kg (Graft's own). */
export const TOLERANCE_KG = 0.3;
/** How near a thing's mass must be to the difference to explain it by itself. */
const ALONE_SHARE = 0.1;
const ALONE_KG = 0.05;
const MOST_SHOWN = 5;
/** Planned for the scale: everything in the pack on the first day, with that much water, kg. */
export function plannedOnScaleKg(trip, member, waterL) {
    const load = dayLoad(trip, member, 1);
    return load.totalKg - load.waterKg + waterL * KG_PER_L_WATER;
}
/** @throws Error for a member who is not in the trip */
export function weighInFigures(trip, weighIn) {
    const member = memberById(trip, weighIn.memberId);
    const { measuredKg, waterL } = weighIn;
    const plannedKg = plannedOnScaleKg(trip, member, waterL);
    const deltaKg = measuredKg - plannedKg;
    const leg = trip.legs[0];
    const things = thingsInPack(trip, member.id, 1)
        .filter((t) => isCarriedOn(t, 1))
        .map((thing) => {
        const kg = massOnDayKg(thing, 1, leg);
        const errorKg = (thing.massEstimated ? ESTIMATE_ERROR : WEIGHED_ERROR) * kg;
        return { thing, kg, variance: errorKg ** 2 };
    });
    const variance = things.reduce((sum, t) => sum + t.variance, 0) + SCALE_ERROR_KG ** 2;
    const spreadKg = Math.sqrt(variance);
    const base = baseLoad(trip, member, 1);
    return {
        member,
        plannedKg,
        measuredKg,
        deltaKg,
        spreadKg,
        verdict: Math.abs(deltaKg) <= TOLERANCE_KG
            ? 'asPlanned'
            : Math.abs(deltaKg) <= spreadKg
                ? 'withinEstimates'
                : deltaKg > 0
                    ? 'heavier'
                    : 'lighter',
        ratio: (measuredKg + base.waterKg - waterL * KG_PER_L_WATER) / base.limitKg,
        culprits: things
            .map(({ thing, kg, variance: own }) => ({
            thing,
            plannedKg: kg,
            likelyKg: Math.max(0, kg + (deltaKg * own) / variance),
        }))
            .sort((a, b) => Math.abs(b.likelyKg - b.plannedKg) - Math.abs(a.likelyKg - a.plannedKg))
            .slice(0, MOST_SHOWN),
        alone: Math.abs(deltaKg) <= TOLERANCE_KG ? [] : aloneCulprits(trip, member, deltaKg),
    };
}
function aloneCulprits(trip, member, deltaKg) {
    const gap = Math.abs(deltaKg);
    const leg = trip.legs[0];
    const near = (thing) => {
        const off = Math.abs(massOnDayKg(thing, 1, leg) - gap);
        return isCarriedOn(thing, 1) && off <= Math.max(ALONE_KG, ALONE_SHARE * gap);
    };
    const alone = (thing, how, otherId) => ({
        thing,
        kg: massOnDayKg(thing, 1, leg),
        how,
        ...(otherId === undefined ? {} : { otherId }),
    });
    const found = deltaKg < 0
        ? thingsInPack(trip, member.id, 1)
            .filter(near)
            .map((t) => alone(t, 'missing'))
        : [
            ...ownThings(trip, member.id)
                .filter((t) => t.worn && near(t))
                .map((t) => alone(t, 'wornByPlan')),
            ...allThings(trip)
                .filter((t) => !isPersonal(t) && near(t))
                .flatMap((t) => {
                const carrier = carrierOf(trip, t.id, 1);
                return carrier === undefined || carrier === member.id
                    ? []
                    : [alone(t, 'somebodyElses', carrier)];
            }),
        ];
    return found.sort((a, b) => Math.abs(a.kg - gap) - Math.abs(b.kg - gap)).slice(0, MOST_SHOWN);
}
/**
 * The plan as it is when the party leaves.
 *
 * @param at local date and time, YYYY-MM-DDTHH:MM
 * @param by who signs it off
 */
export function departureOf(trip, at, by) {
    const measured = new Map(trip.weighIns.map((w) => [w.memberId, w.measuredKg]));
    return {
        at,
        by,
        share: allPieces(trip).flatMap((piece) => {
            const memberId = carrierOf(trip, piece.id, 1);
            return memberId === undefined
                ? []
                : [{ pieceId: piece.id, name: nameAlone(trip, piece), massKg: piece.massKg, memberId }];
        }),
        loads: trip.members.map((member) => {
            const loads = trip.legs.map((_leg, i) => dayLoad(trip, member, i + 1));
            const measuredKg = measured.get(member.id);
            return {
                memberId: member.id,
                name: member.name,
                plannedKg: loads.map((l) => l.totalKg),
                limitKg: loads.map((l) => l.limitKg),
                ...(measuredKg === undefined ? {} : { measuredKg }),
            };
        }),
    };
}
//# sourceMappingURL=weighIn.js.map