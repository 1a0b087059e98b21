import { zonesThatTake } from './fitsPack.js';
import { placementVerdict } from './placementRules.js';
import { isEaten, isQuick, isSpent } from './thingKinds.js';
/** Where food goes up to when nothing that is eaten has left its place. */
const UP = ['top', 'lid', 'front'];
/** A stow as it is on the problem's day, with what was fetched up for it. */
export function stowOnDay(problem, placements) {
    const placed = new Map(placements.map((p) => [p.thingId, p]));
    if (placed.size === 0)
        return { placements, moves: [] };
    const zones = new Map(problem.pack.zones.map((z) => [z.id, z]));
    const free = problem.things.map((t) => t.thing).filter((t) => isEaten(t) && !problem.inside.has(t.id));
    /** Places that what is eaten has left, the latest first. */
    const left = free
        .filter((t) => isSpent(t, problem.day) && placed.has(t.id))
        .sort((a, b) => b.consumption.toDay - a.consumption.toDay);
    const taken = new Set();
    let now = placements;
    const moves = [];
    for (const thing of free) {
        const from = zones.get(placed.get(thing.id)?.zoneId ?? '');
        // What is eaten on the day that the stow is planned for lies where that wants it.
        if (!isQuick(thing) || !isToday(thing, problem.day) || isToday(thing, problem.plannedFor))
            continue;
        if (placed.get(thing.id)?.pinned === true || (from !== undefined && isAtHand(problem, thing, from)))
            continue;
        const old = left.find((t) => !taken.has(t.id) &&
            t.purpose === thing.purpose &&
            isAtHand(problem, thing, zones.get(placed.get(t.id).zoneId)));
        const able = zonesThatTake(thing, problem.pack);
        const to = old === undefined
            ? UP.flatMap((kind) => able.find((z) => z.kind === kind) ?? [])[0]
            : zones.get(placed.get(old.id).zoneId);
        if (to === undefined)
            continue;
        if (old !== undefined)
            taken.add(old.id);
        now = fetchedUp(now, thing, to, old === undefined ? undefined : placed.get(old.id));
        moves.push({ thing, from, to, insteadOf: old });
    }
    return { placements: now, moves };
}
/** What is eaten on these days only; snacks for the whole trip have a place of their own. */
function isToday({ consumption }, day) {
    return consumption !== undefined && consumption.fromDay <= day && day <= consumption.toDay;
}
function isAtHand({ house, pack }, thing, zone) {
    const { level, tooDeep } = placementVerdict(thing, zone, house, pack);
    return level !== 'never' && !tooDeep;
}
/** Put where something was, right after it; else last of all. */
function fetchedUp(list, thing, to, old) {
    const others = list.filter((p) => p.thingId !== thing.id);
    const placement = old === undefined
        ? { thingId: thing.id, zoneId: to.id, side: 'centre', pinned: false }
        : { ...old, thingId: thing.id, pinned: false };
    const at = old === undefined ? others.length : others.findIndex((p) => p.thingId === old.thingId) + 1;
    return [...others.slice(0, at), placement, ...others.slice(at)];
}
/** What is newly fetched up for a day: the list of the evening before. */
export function fetchedFor(day, moves) {
    return moves.filter((m) => m.thing.consumption?.fromDay === day);
}
/** "Lunch, day 2: up into lid, where the last was". */
export function moveUpText({ thing, to, insteadOf }) {
    const where = to.kind === 'top' ? 'up on top' : `up into ${to.name.toLowerCase()}`;
    return `${thing.name}: ${where}${insteadOf === undefined ? '' : ', where the last was'}`;
}
/** What was changed on a day, as it is kept: what was only fetched up for that day stays where it is kept. */
export function keptFrom(kept, onDay, changed) {
    const up = new Map(onDay.placements.map((p) => [p.thingId, p]));
    const moved = new Set(onDay.moves.map((m) => m.thing.id));
    const old = new Map(kept.map((p) => [p.thingId, p]));
    return changed.flatMap((p) => {
        if (!moved.has(p.thingId))
            return [p];
        const was = up.get(p.thingId);
        const isAsShown = was.zoneId === p.zoneId && was.side === p.side && was.pinned === p.pinned;
        if (!isAsShown)
            return [p];
        const before = old.get(p.thingId);
        return before === undefined ? [] : [before];
    });
}
//# sourceMappingURL=movesUp.js.map