/** Rows of a table or a pasted list put onto a trip's lists. */
import { isSameName } from '../trip/names.js';
import { LIST_SIZES, MOST_PIECES } from '../schema/tripSchema.js';
import { freshId, putKit, putThings } from '../trip/changes.js';
import { allThings, isPersonal } from '../trip/queries.js';
import { isGroupWord } from './listHeads.js';
import { giveWholeKit, looseKit } from './takeFromLibrary.js';
/**
 * Put rows onto the lists. A row with the id of a thing that is there changes it; any other adds things, to the member or
 * kit that its list names, a new kit of that name, or the target.
 */
export function takeRows(trip, rows, target) {
    const there = new Map(allThings(trip).map((t) => [t.id, t]));
    const taken = new Set(there.keys());
    const updates = [];
    const personal = [];
    const whole = [];
    const byKit = new Map();
    let added = 0;
    const bucket = (kit) => {
        const known = byKit.get(kit.id);
        if (known !== undefined)
            return known.pieces;
        const pieces = [];
        byKit.set(kit.id, { kit, pieces });
        return pieces;
    };
    const kitNamed = (name) => {
        const made = [...byKit.values()].find(({ kit }) => isSameName(kit.name, name))?.kit;
        const there = made ?? trip.kits.find((k) => isSameName(k.name, name));
        return (there ??
            (isGroupWord(name) ? looseKit(trip) : undefined) ?? {
            id: freshId(name, [...trip.kits.map((k) => k.id), ...byKit.keys()]),
            name: name.slice(0, 120),
            pieces: [],
        });
    };
    const memberByName = new Map(trip.members.map((m) => [m.name.trim().toLowerCase(), m]));
    for (const row of rows) {
        const old = row.id === undefined ? undefined : there.get(row.id);
        if (old !== undefined && old.madeBy === undefined) {
            updates.push(updated(trip, old, row));
            continue;
        }
        const member = row.list === undefined ? undefined : memberByName.get(row.list.trim().toLowerCase());
        const memberId = member?.id ?? (row.list === undefined && target.kind === 'member' ? target.memberId : undefined);
        for (let n = 0; n < row.count; n += 1) {
            const id = row.id !== undefined && n === 0 && !taken.has(row.id) ? row.id : freshId(row.thing.name, taken);
            taken.add(id);
            added += 1;
            if (memberId !== undefined) {
                personal.push({ ...row.thing, id, memberId, ...row.personal });
                continue;
            }
            if (row.kitId !== undefined) {
                whole.push(row);
                continue;
            }
            bucket(row.list === undefined ? targetKit(trip, target) : kitNamed(row.list)).push({
                ...row.thing,
                id,
                ...pieceRules(trip, row),
            });
        }
    }
    const withUpdates = updates.length === 0 ? trip : putThings(trip, updates);
    const withKits = [...byKit.values()].reduce((t, { kit, pieces }) => {
        const now = t.kits.find((k) => k.id === kit.id) ?? kit;
        return putKit(t, { ...now, pieces: [...now.pieces, ...pieces] });
    }, withUpdates);
    const withWhole = whole.reduce((t, { kitId, thing }) => giveWholeKit(t, kitId, thing), withKits);
    return {
        trip: personal.length === 0
            ? withWhole
            : { ...withWhole, personalThings: [...withWhole.personalThings, ...personal] },
        added,
        updated: updates.length,
    };
}
/** The kit that a target names, or the loose one. */
function targetKit(trip, target) {
    const kitId = target.kind === 'group' ? target.kitId : undefined;
    return trip.kits.find((k) => k.id === kitId) ?? looseKit(trip);
}
function pieceRules(trip, row) {
    const group = row.onlyFor === undefined ? undefined : trip.groups.find((g) => isSameName(g.name, row.onlyFor));
    return {
        ...(group === undefined ? {} : { onlyGroupId: group.id }),
        ...(row.together === undefined ? {} : { together: row.together }),
    };
}
/**
 * What a trip's lists cannot hold, once rows were taken, in words; undefined when all fits.
 *
 * @param trip as it would be with the rows
 */
export function tooLong(trip) {
    const [, mostThings] = LIST_SIZES.personalThings;
    const [, mostKits] = LIST_SIZES.kits;
    const kit = trip.kits.find((k) => k.pieces.length > MOST_PIECES);
    if (trip.personalThings.length > mostThings)
        return `expected at most ${mostThings} personal things on a trip, got ${trip.personalThings.length}`;
    if (trip.kits.length > mostKits)
        return `expected at most ${mostKits} kits on a trip, got ${trip.kits.length}`;
    if (kit !== undefined)
        return `expected at most ${MOST_PIECES} pieces in one kit, got ${kit.pieces.length} in ${kit.name}: name their kits or members in a column for the list`;
    return undefined;
}
/** A row's values on a thing that is there; whose it is stays. */
function updated(trip, old, row) {
    const { libraryId, nestsIn } = old;
    const facts = {
        ...row.thing,
        id: old.id,
        ...(libraryId === undefined ? {} : { libraryId }),
        ...(nestsIn === undefined ? {} : { nestsIn }),
    };
    if (isPersonal(old))
        return { ...facts, memberId: old.memberId, ...row.personal };
    const { onlyMemberIds } = old;
    return {
        ...facts,
        ...(onlyMemberIds === undefined ? {} : { onlyMemberIds }),
        ...pieceRules(trip, row),
    };
}
//# sourceMappingURL=takeRows.js.map