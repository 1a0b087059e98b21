/**
 * The larder as kit: parcels of food, canisters, cooking water for dry camps as group pieces; lunches and snacks with
 * their eaters. Made anew from the plan at every change of it, and kept where nothing changed, so that a share stays.
 */
import { putKit, removePieces, removeKit } from '../trip/changes.js';
import { sameContent } from '../trip/edits.js';
import { withMade } from '../trip/madeThings.js';
import { allPieces } from '../trip/queries.js';
import { foodPieces } from './foodParcels.js';
import { fuelPieces, waterPieces } from './fuelPieces.js';
import { idOf } from './landing.js';
import { cookGroups } from './mealPlan.js';
import { lunchThings, snackThings } from './ownFood.js';
/** The larder's kits, each with what it should hold now. */
function larderKits(trip) {
    return cookGroups(trip).flatMap((group) => {
        const kit = (kind, name, pieces) => pieces.length === 0 ? [] : [{ id: idOf('larder', kind, group.id), name, pieces }];
        return [
            ...kit('kit-food', `Food, ${group.name}`.slice(0, 120), foodPieces(trip, group)),
            ...kit('kit-fuel', `Fuel, ${group.name}`.slice(0, 120), fuelPieces(trip, group)),
            ...kit('kit-water', `Cooking water, ${group.name}`.slice(0, 120), waterPieces(trip, group)),
        ];
    });
}
/** Where a parcel rides is the leader's word. */
function keepHolder(made, { nestsIn, ridesLoose }) {
    return {
        ...made,
        ...(nestsIn === undefined ? {} : { nestsIn }),
        ...(ridesLoose === undefined ? {} : { ridesLoose }),
    };
}
/** What a leader says of a parcel at Kit or Shares stays with it: who may carry it, and in what it rides. */
function keepRules(made, old) {
    if (old === undefined)
        return made;
    const { onlyGroupId: _group, ...open } = made;
    const { onlyGroupId, onlyMemberIds, together } = old;
    const next = {
        ...keepHolder(open, old),
        ...(onlyGroupId === undefined ? {} : { onlyGroupId }),
        ...(onlyMemberIds === undefined ? {} : { onlyMemberIds }),
        ...(together === undefined ? {} : { together }),
    };
    return sameContent(next, old) ? old : next;
}
function keepOwnRules(made, old) {
    if (old === undefined)
        return made;
    const { othersMayCarry } = old;
    return { ...keepHolder(made, old), ...(othersMayCarry === undefined ? {} : { othersMayCarry }) };
}
/**
 * The trip with its larder landed as pieces and personal things. What is unchanged keeps its place in the share and in
 * stows; the same trip comes back when nothing has to change.
 */
export function landLarder(trip) {
    const kits = larderKits(trip);
    const old = new Map(allPieces(trip).map((p) => [p.id, p]));
    const wanted = new Set(kits.flatMap((kit) => kit.pieces.map((p) => p.id)));
    const gone = allPieces(trip).filter((p) => p.madeBy === 'larder' && !wanted.has(p.id));
    let next = removePieces(trip, new Set(gone.map((p) => p.id)));
    const kitIds = new Set(kits.map((k) => k.id));
    for (const kit of next.kits) {
        if (kit.id.startsWith('larder-kit-') && kit.pieces.length === 0 && !kitIds.has(kit.id))
            next = removeKit(next, kit.id);
    }
    for (const kit of kits) {
        const before = next.kits.find((k) => k.id === kit.id);
        // What a leader added to the kit by hand stays in it.
        const byHand = before?.pieces.filter((p) => p.madeBy !== 'larder') ?? [];
        const pieces = [...kit.pieces.map((p) => keepRules(p, old.get(p.id))), ...byHand];
        const made = { ...before, ...kit, pieces };
        if (before === undefined || !sameContent(before, made))
            next = putKit(next, made);
    }
    const own = new Map(next.personalThings.map((t) => [t.id, t]));
    const things = next.members
        .flatMap((m) => [...lunchThings(next, m), ...snackThings(next, m)])
        .map((made) => keepOwnRules(made, own.get(made.id)));
    return withMade(next, 'larder', things);
}
/** What a larder hangs on; while all of it is the same, so is what it lands as. */
const HANGS_ON = [
    'larder',
    'meals',
    'canisters',
    'pickups',
    'groups',
    'members',
    'legs',
    'kits',
    'personalThings',
];
/** After a change of a trip: the larder landed again where the change touches it. */
export function settleLarder(before, after) {
    return HANGS_ON.every((key) => before[key] === after[key]) ? after : landLarder(after);
}
//# sourceMappingURL=landLarder.js.map