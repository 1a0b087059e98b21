/** What eaters carry themselves: lunches of their cook group, and snacks up to a cap. */
import { sameContent } from '../trip/edits.js';
import { idOf, joinsOn, leavesOn, parcel, round } from './landing.js';
import { isCarried, lastCarriedDay, portionOf, servingG, snackG } from './mealPlan.js';
/** Snacks that are eaten while walking, out of a pocket; the rest waits for a stop. */
const POCKET_SHARE = 0.25;
const POCKET_MOST_KG = 0.15;
/** Nuts, bars and chocolate take about this much room, litres a kg (Graft's own). */
const SNACK_L_PER_KG = 1.8;
/** Lunches of one dish on days in a row are one thing: it falls evenly, day by day, as they are eaten. */
export function lunchThings(trip, member) {
    const lunches = trip.meals
        .filter((m) => m.groupId === member.cookGroupId && m.kind === 'lunch' && isCarried(m))
        .sort((a, b) => a.day - b.day);
    const runs = [];
    for (const lunch of lunches) {
        const run = runs[runs.length - 1];
        const last = run?.[run.length - 1];
        const joins = last !== undefined &&
            last.day + 1 === lunch.day &&
            sameContent(last.dish, lunch.dish) &&
            joinsOn(trip, last.day, 'lunch') === joinsOn(trip, lunch.day, 'lunch') &&
            leavesOn(trip, last.day) === leavesOn(trip, lunch.day);
        if (joins)
            run.push(lunch);
        else
            runs.push([lunch]);
    }
    const twins = new Map();
    const made = runs.map((run) => {
        const [first, last] = [run[0], run[run.length - 1]];
        const n = (twins.get(first.day) ?? 0) + 1;
        twins.set(first.day, n);
        const fromDay = joinsOn(trip, first.day, 'lunch');
        const eaten = run.length * portionOf(member);
        const residueKg = round((eaten * first.dish.packagingG) / 1000);
        const toDay = residueKg > 0 ? leavesOn(trip, lastCarriedDay(last)) : undefined;
        return {
            ...own(idOf('larder', 'lunch', member.id, first.day, ...(n > 1 ? [n] : [])), `${run.length === 1 ? 'Lunch, day' : 'Lunches, days'} ${first.day === last.day ? first.day : `${first.day}–${last.day}`}: ${first.dish.name}`.slice(0, 120), member, round((eaten * servingG(first.dish)) / 1000), round(eaten * first.dish.volumeL), 'food'),
            needed: 'stop',
            consumption: { fromDay: first.day, toDay: last.day, residueKg },
            ...(fromDay === undefined ? {} : { fromDay }),
            ...(toDay === undefined ? {} : { toDay }),
        };
    });
    if (!trip.larder.spareDay || made.length === 0)
        return made;
    const [massKg, volumeL] = [
        lunches.reduce((sum, m) => sum + servingG(m.dish), 0) / 1000 / lunches.length,
        lunches.reduce((sum, m) => sum + m.dish.volumeL, 0) / lunches.length,
    ].map((usual) => usual * portionOf(member));
    return [
        ...made,
        {
            ...own(idOf('larder', 'spare-lunch', member.id), 'Spare day: lunch', member, round(massKg), round(volumeL), 'food'),
            needed: 'camp',
        },
    ];
}
function own(id, name, member, massKg, volumeL, purpose) {
    const { onlyGroupId: _group, ...thing } = parcel(id, name, massKg, volumeL);
    return { ...thing, purpose, memberId: member.id, worn: false };
}
/** A member's snacks between pick-ups; the cap holds for what is carried at once. */
export function snackStretches(trip, member) {
    const perDayG = snackG(trip.larder, member);
    if (perDayG <= 0)
        return [];
    const days = trip.legs.length;
    const starts = [1, ...new Set(trip.pickups.map((p) => p.day + 1).filter((d) => d > 1 && d <= days))].sort((a, b) => a - b);
    return starts.map((fromDay, i) => {
        const last = i === starts.length - 1;
        const toDay = last ? days : starts[i + 1] - 1;
        const spare = trip.larder.spareDay && last ? 1 : 0;
        const wantedKg = ((toDay - fromDay + 1 + spare) * perDayG) / 1000;
        const massKg = Math.min(wantedKg, trip.larder.snackCapKg);
        return { fromDay, toDay, massKg: round(massKg), cutKg: round(wantedKg - massKg) };
    });
}
/** Snacks as two things: some in a pocket, the rest for stops. */
export function snackThings(trip, member) {
    return snackStretches(trip, member).flatMap(({ fromDay, toDay, massKg }) => {
        if (massKg <= 0)
            return [];
        // Picked up the day before they are begun.
        const joins = fromDay > 1 ? { fromDay: fromDay - 1 } : {};
        const pocketKg = round(Math.min(POCKET_MOST_KG, massKg * POCKET_SHARE));
        const part = (kind, name, kg, needed) => ({
            ...own(idOf('larder', kind, member.id, fromDay), `${name}, days ${fromDay}–${toDay}`, member, kg, round(kg * SNACK_L_PER_KG), 'snack'),
            needed,
            consumption: { fromDay, toDay, residueKg: 0 },
            ...joins,
        });
        return [
            part('pocket', 'Snacks in the pocket', pocketKg, 'walking'),
            part('snacks', 'Snacks for stops', round(massKg - pocketKg), 'stop'),
        ];
    });
}
//# sourceMappingURL=ownFood.js.map