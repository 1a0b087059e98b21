import { LEVELS, placementVerdict } from './placementRules.js';
import { isQuick, stowedDensity } from './thingKinds.js';
import { isMainZone } from '../trip/zoneKinds.js';
/** With less than this that is heavy, kg, no school matters (Graft's own number). */
const LEAST_HEAVY_KG = 1;
/** What is lighter for its room is not heavy, however much of it there is, kg/L (Graft's own number: clothes in a bag). */
const LIGHT_KG_PER_L = 0.2;
/** @param things those that ride in no other */
export function heavyHalf(things, pack, house) {
    const densest = things
        .filter((t) => t.wholeKg > 0 && isForTheBag(t.thing, pack, house))
        .map((t) => ({ ...t, density: stowedDensity(t.wholeKg, t.volumeL) }))
        .sort((a, b) => b.density - a.density || (a.thing.id < b.thing.id ? -1 : 1));
    const sumKg = (list) => list.reduce((sum, t) => sum + t.wholeKg, 0);
    const totalKg = Math.min(sumKg(densest) / 2, sumKg(densest.filter((t) => t.density >= LIGHT_KG_PER_L)));
    const kgOf = new Map();
    if (totalKg < LEAST_HEAVY_KG)
        return { kgOf, totalKg: 0 };
    let leftKg = totalKg;
    for (const { thing, wholeKg } of densest) {
        if (leftKg <= 0)
            break;
        kgOf.set(thing.id, Math.min(leftKg, wholeKg));
        leftKg -= wholeKg;
    }
    return { kgOf, totalKg };
}
/** Whether the best places that this pack has for a thing are in the main compartment, at whatever height. */
function isForTheBag(thing, pack, house) {
    if (isQuick(thing))
        return false;
    const verdicts = verdictsOf(thing, pack, house);
    // A house rule that was chosen against the usual way says where it goes.
    return !verdicts.some((v) => v.isChosen) && isMainBest(verdicts, pack);
}
/** Whether a best place of this pack for a thing is in the main compartment. */
export function isBestInMain(thing, pack, house) {
    return isMainBest(verdictsOf(thing, pack, house), pack);
}
/** What the rules say to a thing in each zone of a pack. */
function verdictsOf(thing, pack, house) {
    return pack.zones.map((zone) => placementVerdict(thing, zone, house, pack));
}
function isMainBest(verdicts, pack) {
    const levels = verdicts.map((v) => LEVELS.indexOf(v.level));
    const best = Math.min(...levels);
    return pack.zones.some(({ kind }, i) => levels[i] === best && isMainZone(kind));
}
//# sourceMappingURL=heavyHalf.js.map