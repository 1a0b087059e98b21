import { allThings, isPersonal } from '../trip/queries.js';
import { isSafetyKit } from '../trip/safetyKit.js';
import { guessFacts } from './guessFacts.js';
import { stayFinding } from './leaveBehind.js';
/** What places to stay have, in the words that people use for it. */
const THERE = [
    [/\b(kitchen|cooking (kit|things|gear))/i, ['stove', 'pot', 'tableware', 'fuel']],
    [/\b(stoves?|cookers?|hobs?|oven)\b/i, ['stove']],
    [/\b(pots?|pans?|kettles?|cookware)\b/i, ['pot']],
    [/\b(plates?|mugs?|cups?|bowls?|cutlery|crockery|tableware|spoons?)\b/i, ['tableware']],
    [/\b(gas|fuel|fire ?wood|wood)\b/i, ['fuel']],
    [/\b(blankets?|duvets?|bedding|quilts?|sleeping bags?)\b/i, ['sleepingBag']],
    [/\b(mattress(es)?|beds?|bunks?|mats?)\b/i, ['mat']],
    [/\b(meals?|dinners?|half board|full board|food)\b/i, ['food']],
    [/\b(slippers|hut shoes)\b/i, ['spareClothing']],
];
/** Purposes that a supply's name stands for. */
function purposesOf({ name }, library) {
    const said = THERE.flatMap(([words, purposes]) => (words.test(name) ? purposes : []));
    if (said.length > 0)
        return said;
    const guess = guessFacts(name, library);
    return guess.as === undefined || guess.facts.purpose === 'other' ? [] : [guess.facts.purpose];
}
/** A liner is one's own in other people's blankets; slippers are no spare shirt. */
function isOfSupply(thing, purpose) {
    if (thing.purpose !== purpose || /\bliner\b/i.test(thing.name))
        return false;
    return purpose !== 'spareClothing' || /shoes|slippers/i.test(thing.name);
}
/** Used where one sleeps or eats, and no safety kit: the destination's own does as well. */
function isForCamp(thing) {
    return (thing.needed === 'camp' || thing.needed === 'firstInCamp') && !isSafetyKit(thing);
}
/** Every night is spent where things are supplied. */
function staysThere(trip) {
    return trip.style === 'hut';
}
function sureSupplies(trip, library) {
    return trip.supplies
        .filter((s) => s.state === 'sure')
        .map((supply) => ({ supply, purposes: purposesOf(supply, library) }));
}
/** What does a thing's job at the destination; undefined when nothing does. */
function suppliedFor(sure, thing) {
    return isForCamp(thing)
        ? sure.find(({ purposes }) => purposes.some((purpose) => isOfSupply(thing, purpose)))
        : undefined;
}
/** Whether a list need not hold a thing, since all nights are spent where it is supplied. */
export function needNotCome(trip, thing, library) {
    return staysThere(trip) && suppliedFor(sureSupplies(trip, library), thing) !== undefined;
}
/** Whether something of a purpose is there every night, without being carried. */
export function isThere(trip, is, library) {
    if (!staysThere(trip))
        return false;
    return sureSupplies(trip, library).some(({ supply, purposes }) => purposes.some((purpose) => is({
        ...AT_DESTINATION,
        name: supply.name,
        purpose,
        flags: purpose === 'fuel' ? ['gasFuel', 'liquidFuel'] : [],
    })));
}
const AT_DESTINATION = {
    id: 'at-destination',
    name: '',
    massKg: 0,
    massEstimated: true,
    volumeL: 0,
    shape: { kind: 'pouch' },
    flags: [],
    needed: 'camp',
    purpose: 'other',
};
/** Carried to where it is anyway: one finding a supply. */
export function suppliedFindings(trip, library) {
    if (trip.supplies.length === 0)
        return [];
    const carried = allThings(trip).filter((t) => !(isPersonal(t) && t.worn) && t.madeBy === undefined);
    const stays = staysThere(trip);
    const sure = sureSupplies(trip, library);
    return sure.flatMap((s) => {
        const things = carried.filter((t) => suppliedFor(sure, t) === s);
        if (things.length === 0)
            return [];
        const why = `the destination has it: ${s.supply.name}${stays ? '' : '; keep what is wanted on the way there'}`;
        return [stayFinding(trip, `supplied-${s.supply.id}`, things, why, stays ? 'should' : 'could')];
    });
}
//# sourceMappingURL=supplied.js.map