/**
 * The trip as it was walked: the plan with what happened on the way laid over it. The plan itself is not touched, so an
 * event that is taken back leaves no trace, and the two can be compared.
 *
 * What happens in the morning counts from that day's load on; what happens in the evening from the next day's. A meal
 * that was not eaten stays with whoever carried it until it is eaten after all, or to the end.
 */
import { eaters, lastCarriedDay, portions } from '../larder/mealPlan.js';
import { allPieces, carrierOf, isWithParty } from '../trip/queries.js';
/** What weakens a member. */
const WEAKENING_KINDS = ['tired', 'hurt', 'ill'];
/** What is left of the limit, to start from (Graft's own guesses; the member's word counts). */
export const STARTING_FACTORS = { tired: 0.8, hurt: 0.5, ill: 0.6 };
/** Whether an event of this kind leaves a member less than their whole limit. */
export function isWeakening(kind) {
    return WEAKENING_KINDS.includes(kind);
}
/** The first day whose load an event changes. */
export function holdsFrom(event) {
    return event.moment === 'morning' ? event.day : event.day + 1;
}
/** Events as they came: by day, mornings first, then as they were noted. */
export function eventsInOrder(trip) {
    return [...trip.events].sort((a, b) => holdsFrom(a) - holdsFrom(b));
}
function once(make) {
    const made = new WeakMap();
    return (trip) => {
        if (trip.events.length === 0)
            return trip;
        const known = made.get(trip) ?? make(trip);
        made.set(trip, known);
        return known;
    };
}
/**
 * The plan with what happened to its people, things and water. It holds no thing that the plan does not have. A share
 * or stow of it is therefore one of the plan.
 */
export const withEvents = once((trip) => {
    const events = eventsInOrder(trip);
    return {
        ...trip,
        legs: trip.legs.map((leg, i) => walkedLeg(leg, events, i + 1)),
        members: trip.members.map((m) => walkedMember(trip, m, events)),
        kits: trip.kits.map((kit) => {
            const pieces = kit.pieces.map((p) => walkedThing(p, events));
            return pieces.every((p, i) => p === kit.pieces[i]) ? kit : { ...kit, pieces };
        }),
        personalThings: trip.personalThings.map((t) => walkedThing(t, events)),
    };
});
/** The trip as it was walked, with what was bought and what was not eaten. */
export const asWalked = once((trip) => {
    const walked = withEvents(trip);
    const more = [...boughtThings(trip), ...uneatenThings(walked)];
    return more.length === 0 ? walked : { ...walked, personalThings: [...walked.personalThings, ...more] };
});
function walkedLeg(leg, events, day) {
    const wet = events.some((e) => e.kind === 'wetFly' && holdsFrom(e) === day);
    const litres = events
        .filter((e) => e.kind === 'water' && e.day === day)
        .map((e) => e.litres)
        .at(-1);
    return {
        ...leg,
        ...(wet ? { afterRain: true } : {}),
        // What each sets off with is for the way and, at a dry camp, for the evening.
        ...(litres === undefined
            ? {}
            : {
                waterL: Math.max(0, litres - leg.campWaterL),
                campWaterL: Math.min(litres, leg.campWaterL),
            }),
    };
}
/** Somebody is as well as the last that was said of them. */
function walkedMember(trip, member, events) {
    const own = events.filter((e) => e.memberId === member.id);
    const conditions = [...member.conditions];
    let open;
    const close = (toDay) => {
        if (open !== undefined && open.fromDay <= toDay)
            conditions.push({ ...open, toDay });
        open = undefined;
    };
    for (const event of own) {
        const from = holdsFrom(event);
        if (isWeakening(event.kind)) {
            close(from - 1);
            open = { label: event.kind, fromDay: from, factor: event.factor };
        }
        else if (event.kind === 'well')
            close(from - 1);
    }
    close(trip.legs.length);
    const left = own.filter((e) => e.kind === 'gone').map((e) => holdsFrom(e) - 1);
    const lastDay = Math.min(member.lastDay ?? Infinity, ...left);
    if (conditions.length === member.conditions.length && lastDay === (member.lastDay ?? Infinity))
        return member;
    return { ...member, conditions, ...(lastDay === Infinity ? {} : { lastDay }) };
}
/** A thing that was left or sent home, or a canister that was empty before its time. */
function walkedThing(thing, events) {
    const own = events.filter((e) => e.thingId === thing.id);
    if (own.length === 0)
        return thing;
    const left = own.filter((e) => e.kind === 'left' || e.kind === 'sentHome').map((e) => holdsFrom(e) - 1);
    const empty = own.filter((e) => e.kind === 'canisterEmpty').map((e) => holdsFrom(e) - 1);
    const use = thing.consumption;
    const toDay = Math.min(thing.toDay ?? Infinity, ...left);
    const emptyAfter = Math.min(use?.toDay ?? Infinity, ...empty);
    return {
        ...thing,
        ...(toDay === Infinity ? {} : { toDay }),
        ...(use === undefined
            ? {}
            : { consumption: { ...use, fromDay: Math.min(use.fromDay, emptyAfter), toDay: emptyAfter } }),
    };
}
const LOOSE = {
    massEstimated: true,
    shape: { kind: 'pouch' },
    needed: 'camp',
};
/** What is bought on the way takes about this much room, litres a kg (Graft's own). */
const BOUGHT_L_PER_KG = 2;
/** Things that joined without being planned: in their buyer's pack. */
export function boughtThings(trip) {
    return trip.events
        .filter((e) => e.kind === 'bought')
        .map((event) => ({
        ...LOOSE,
        id: `event-${event.id}`,
        name: event.name,
        massKg: event.massKg,
        volumeL: event.massKg * BOUGHT_L_PER_KG,
        flags: [],
        purpose: 'other',
        fromDay: holdsFrom(event),
        memberId: event.memberId,
        worn: false,
    }));
}
/** Who carries a meal on the last day it is carried: the parcel's carrier, or for lunches each eater. */
export function mealCarriers(trip, meal) {
    const day = lastCarriedDay(meal);
    const there = eaters(trip, meal.groupId).filter((m) => isWithParty(m, Math.max(1, day)));
    if (meal.kind === 'lunch')
        return there.map((m) => m.id);
    const parcels = allPieces(trip).filter((p) => p.madeBy === 'larder' && p.onlyGroupId === meal.groupId && p.consumption?.fromDay === day);
    const own = parcels.find((p) => p.id.includes(`-${meal.kind}`)) ?? parcels[0];
    const carrier = own === undefined || day < 1 ? undefined : carrierOf(trip, own.id, day);
    return carrier === undefined ? [] : [carrier];
}
export function uneatenMeals(trip) {
    const events = eventsInOrder(trip);
    const skipped = [...new Set(events.filter((e) => e.kind === 'notEaten').map((e) => e.mealId))];
    return skipped.flatMap((mealId) => {
        const meal = trip.meals.find((m) => m.id === mealId);
        if (meal === undefined)
            return [];
        const fromDay = lastCarriedDay(meal) + 1;
        const eaten = events.find((e) => e.kind === 'eatenLater' && e.mealId === mealId);
        const massKg = (portions(trip, meal.groupId) * meal.dish.gPerServing) / 1000;
        return [{ meal, massKg, fromDay, ...(eaten === undefined ? {} : { toDay: holdsFrom(eaten) - 1 }) }];
    });
}
function uneatenThings(trip) {
    return uneatenMeals(trip).flatMap(({ meal, massKg, fromDay, toDay }) => {
        const carriers = mealCarriers(trip, meal);
        return carriers.map((memberId) => ({
            ...LOOSE,
            id: `uneaten-${meal.id}-${memberId}`,
            name: `Not eaten: ${meal.dish.name}`,
            massKg: massKg / carriers.length,
            volumeL: (meal.dish.volumeL * portions(trip, meal.groupId)) / carriers.length,
            flags: ['mustStayDry', 'scented'],
            purpose: 'food',
            fromDay,
            ...(toDay === undefined ? {} : { toDay }),
            memberId,
            worn: false,
        }));
    });
}
//# sourceMappingURL=asWalked.js.map