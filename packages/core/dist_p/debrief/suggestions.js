import { cookGroups } from '../larder/mealPlan.js';
import { carryLimit } from '../limits/carryLimit.js';
import { guessFacts } from '../lists/guessFacts.js';
import { leaveAtHome } from '../lists/cures.js';
import { UNUSED_TRIPS, unusedInARow } from '../lists/leaveBehind.js';
import { findingId } from '../lists/finding.js';
import { giveEach, giveGroup } from '../lists/takeFromLibrary.js';
import { freshId } from '../trip/changes.js';
import { allThings, isPersonal, memberById, packOf } from '../trip/queries.js';
import { formatMass } from '../units/format.js';
import { foodTakenKg, personDays } from './provisions.js';
import { mayStay } from './tripRecord.js';
import { isSameName, nameKey } from '../trip/names.js';
export const SUGGESTION_KINDS = ['leave', 'bring', 'limit', 'food', 'fuel'];
/** A limit that moves by less is the same limit, kg. */
const LEAST_LIMIT_CHANGE_KG = 0.3;
/** Food that differs by less is the plan, as a share of it. */
const LEAST_FOOD_CHANGE = 0.05;
/** A reserve that differs by less is the plan, as a share of the need. */
const LEAST_RESERVE_CHANGE = 0.03;
/** Kept above the most that any trip burnt, as a share of the need (Graft's own). */
const RESERVE_MARGIN = 0.05;
/**
 * Suggestions that have not been refused, most telling kinds first.
 *
 * @param records trips that are over and debriefed, in any order
 * @param library entries to take missed things from
 */
export function suggestions(trip, records, library) {
    const earlier = records
        .filter((r) => r.startDate < trip.startDate)
        .sort((a, b) => (a.startDate < b.startDate ? 1 : -1));
    const alike = earlier.filter((r) => r.style === trip.style);
    const refused = new Set(trip.dismissals.map((d) => d.id));
    return [
        ...leaveSuggestions(trip, alike),
        ...bringSuggestions(trip, alike, library),
        ...limitSuggestions(trip, earlier),
        ...foodSuggestions(trip, alike),
        ...fuelSuggestions(trip, alike),
    ].filter((s) => !refused.has(s.id));
}
/** Put a suggestion aside. */
export function refuseSuggestion(trip, id) {
    return {
        ...trip,
        dismissals: [...trip.dismissals.filter((d) => d.id !== id), { id, reason: 'not for this trip' }],
    };
}
const keyOf = (owner, kind, what) => `${owner === undefined ? '' : nameKey(owner)} ${kind} ${what}`;
const indexes = new WeakMap();
/** Made once a record: suggestions are worked out anew at every change of a trip. */
function indexOf(record) {
    const known = indexes.get(record);
    if (known !== undefined)
        return known;
    const index = new Map();
    for (const { name, libraryId, memberName, fate } of record.things) {
        const keys = [
            keyOf(memberName, 'name', nameKey(name)),
            ...(libraryId === undefined ? [] : [keyOf(memberName, 'entry', libraryId)]),
        ];
        for (const key of keys)
            index.set(key, (index.get(key) ?? false) || fate !== 'unused');
    }
    indexes.set(record, index);
    return index;
}
/** Whether a thing was used on a trip: the same entry of the library, or the same name, and the same person's; undefined where it was not there. */
function wasUsed(record, thing, owner) {
    const index = indexOf(record);
    const byName = index.get(keyOf(owner, 'name', nameKey(thing.name)));
    const byEntry = thing.libraryId === undefined ? undefined : index.get(keyOf(owner, 'entry', thing.libraryId));
    return byName === undefined ? byEntry : byName || byEntry === true;
}
function leaveSuggestions(trip, alike) {
    const least = trip.leaveAfterTrips ?? UNUSED_TRIPS;
    const byName = new Map();
    const nameOf = new Map(trip.members.map((m) => [m.id, m.name]));
    for (const thing of allThings(trip)) {
        if (!mayStay(thing))
            continue;
        const owner = isPersonal(thing) ? nameOf.get(thing.memberId) : undefined;
        const outings = alike.flatMap((record) => {
            const used = wasUsed(record, thing, owner);
            return used === undefined
                ? []
                : [
                    {
                        record,
                        date: record.startDate,
                        trip: record.name,
                        style: record.style,
                        used,
                    },
                ];
        });
        const inARow = unusedInARow(outings, trip.style);
        if (inARow < least)
            continue;
        const key = `${isPersonal(thing) ? 'own' : 'group'} ${nameKey(thing.name)}`;
        const known = byName.get(key) ?? { things: [], evidence: new Map() };
        known.things.push(thing);
        for (const { record } of outings.slice(0, inARow))
            known.evidence.set(record.id, { trip: record.name, date: record.startDate, what: 'not used' });
        byName.set(key, known);
    }
    return [...byName].map(([key, { things, evidence }]) => {
        const whose = things.flatMap((t) => (isPersonal(t) ? [memberById(trip, t.memberId).name] : []));
        const { changeKg, apply } = leaveAtHome('', things);
        return {
            id: findingId('learnt', 'leave', key),
            kind: 'leave',
            what: `Leave ${things[0].name.toLowerCase()}${whose.length === 0 ? '' : ` (${whose.join(', ')})`}`,
            why: `unused on the last ${evidence.size} trips of this style on which it came along; after ${least} it may stay`,
            evidence: [...evidence.values()],
            changeKg,
            apply,
        };
    });
}
function bringSuggestions(trip, alike, library) {
    const wanted = new Map();
    for (const record of alike) {
        for (const { name, memberName } of record.missed) {
            const key = `${memberName === undefined ? '' : nameKey(memberName)} ${nameKey(name)}`;
            const known = wanted.get(key) ?? { name, memberName, evidence: [] };
            known.evidence.push({ trip: record.name, date: record.startDate, what: 'missed' });
            wanted.set(key, known);
        }
    }
    return [...wanted].flatMap(([key, { name, memberName, evidence }]) => {
        const member = memberName === undefined ? undefined : trip.members.find((m) => isSameName(m.name, memberName));
        if (memberName !== undefined && member === undefined)
            return [];
        const isThere = allThings(trip).some((t) => isSameName(t.name, name) &&
            (member === undefined ? !isPersonal(t) : isPersonal(t) && t.memberId === member.id));
        if (isThere)
            return [];
        const entry = entryNamed(name, library);
        return [
            {
                id: findingId('learnt', 'bring', key),
                kind: 'bring',
                what: `Bring ${name.toLowerCase()}${member === undefined ? '' : ` (${member.name})`}`,
                why: `missed on ${evidence.length === 1 ? 'a trip' : `${evidence.length} trips`} of this style; about ${formatMass(entry.thing.massKg)}`,
                evidence,
                changeKg: entry.worn ? 0 : entry.thing.massKg,
                apply: (t) => (member === undefined ? giveGroup(t, entry) : giveEach(t, entry, [member.id])),
            },
        ];
    });
}
/** The library's own entry of that name, or one made of what is most alike. */
function entryNamed(name, library) {
    const own = library.find((e) => e.kind === 'thing' && isSameName(e.name, name));
    if (own !== undefined)
        return own;
    const { facts, libraryId } = guessFacts(name, library);
    return {
        kind: 'thing',
        id: libraryId ?? freshId(name, []),
        name,
        use: 'group',
        thing: { ...facts, massEstimated: true },
        worn: false,
        outings: [],
    };
}
/** A trip's day as an entry of the carry trial: its comfort counts, its pace does not. */
export function trialOfDay(record, day) {
    return {
        id: `trip-${day.date}`,
        date: day.date,
        loadKg: Math.round(day.loadKg * 100) / 100,
        distanceKm: Math.max(0.1, Math.min(60, day.distanceKm)),
        climbM: Math.min(3000, day.climbM),
        minutes: Math.min(1440, Math.max(1, Math.round(day.hours * 60))),
        comfort: day.comfort,
        interrupted: true,
        fromTrip: record.name,
    };
}
function limitSuggestions(trip, earlier) {
    return trip.members.flatMap((member) => {
        const known = new Set(member.carryTrials.map((t) => t.id));
        const days = earlier.flatMap((record) => record.days
            .filter((d) => isSameName(d.memberName, member.name))
            .map((day) => ({ record, trial: trialOfDay(record, day) }))
            .filter(({ trial }) => !known.has(trial.id)));
        if (days.length === 0)
            return [];
        const refit = (m) => ({
            ...m,
            carryTrials: [...m.carryTrials, ...days.map((d) => d.trial)].sort((a, b) => (a.date < b.date ? -1 : 1)),
        });
        const limitOf = (m) => carryLimit({ ...m, conditions: [] }, packOf(trip, member), 1, trip.limitPolicy);
        const [now, then] = [limitOf(member), limitOf(refit(member))];
        const changeKg = then.limitKg - now.limitKg;
        if (Math.abs(changeKg) < LEAST_LIMIT_CHANGE_KG)
            return [];
        return [
            {
                id: findingId('learnt', 'limit', member.id, days
                    .map((d) => d.trial.date)
                    .sort()
                    .at(-1)),
                kind: 'limit',
                what: `${member.name}’s limit: ${formatMass(then.limitKg)} instead of ${formatMass(now.limitKg)}`,
                why: then.reason,
                evidence: days.map(({ record, trial }) => ({
                    trip: record.name,
                    date: trial.date,
                    what: `${formatMass(trial.loadKg)}, comfort ${trial.comfort}`,
                })),
                apply: (t) => ({ ...t, members: t.members.map((m) => (m.id === member.id ? refit(m) : m)) }),
            },
        ];
    });
}
function foodSuggestions(trip, alike) {
    const said = alike.flatMap((r) => r.food === undefined || r.food.personDays === 0 ? [] : [{ record: r, food: r.food }]);
    const groups = cookGroups(trip);
    const days = groups.reduce((sum, g) => sum + personDays(trip, g.id), 0);
    const takenKg = groups.reduce((sum, g) => sum + foodTakenKg(trip, g.id), 0);
    if (said.length === 0 || days === 0 || takenKg === 0)
        return [];
    const ateG = (1000 * said.reduce((sum, s) => sum + s.food.eatenKg, 0)) /
        said.reduce((sum, s) => sum + s.food.personDays, 0);
    const plannedG = (1000 * takenKg) / days;
    const snackG = Math.round(Math.min(1500, Math.max(0, trip.larder.snackGPerDay + ateG - plannedG)) / 5) * 5;
    const byG = snackG - trip.larder.snackGPerDay;
    if (Math.abs(ateG - plannedG) < LEAST_FOOD_CHANGE * plannedG || byG === 0)
        return [];
    return [
        {
            id: findingId('learnt', 'food', String(Math.round(ateG))),
            kind: 'food',
            what: `Snacks: ${snackG} g a day each instead of ${trip.larder.snackGPerDay} g`,
            why: `${Math.round(ateG)} g of food a person and day were eaten, ${Math.round(plannedG)} g are planned`,
            evidence: said.map(({ record, food }) => ({
                trip: record.name,
                date: record.startDate,
                what: `${Math.round((1000 * food.eatenKg) / food.personDays)} g a person and day`,
            })),
            changeKg: (byG * days) / 1000,
            apply: (t) => ({ ...t, larder: { ...t.larder, snackGPerDay: snackG } }),
        },
    ];
}
function fuelSuggestions(trip, alike) {
    const said = alike.flatMap((r) => r.fuel === undefined || r.fuel.needKg === 0 ? [] : [{ record: r, fuel: r.fuel }]);
    if (said.length === 0 || trip.canisters.length === 0)
        return [];
    const most = Math.max(...said.map((s) => s.fuel.burntKg / s.fuel.needKg));
    const reserve = Math.round(Math.min(1, Math.max(0, most - 1 + RESERVE_MARGIN)) * 100) / 100;
    if (Math.abs(reserve - trip.larder.fuelReserve) < LEAST_RESERVE_CHANGE)
        return [];
    const percent = (share) => `${Math.round(share * 100)} %`;
    return [
        {
            id: findingId('learnt', 'fuel', percent(reserve)),
            kind: 'fuel',
            what: `Fuel reserve: ${percent(reserve)} instead of ${percent(trip.larder.fuelReserve)}`,
            why: `at most ${percent(most)} of the reckoned need was burnt; ${percent(RESERVE_MARGIN)} more is kept`,
            evidence: said.map(({ record, fuel }) => ({
                trip: record.name,
                date: record.startDate,
                what: `${percent(fuel.burntKg / fuel.needKg)} of the need, ${((1000 * fuel.burntKg) / fuel.personDays).toFixed(1)} g a person and day`,
            })),
            apply: (t) => ({ ...t, larder: { ...t.larder, fuelReserve: reserve } }),
        },
    ];
}
//# sourceMappingURL=suggestions.js.map