import { homeRule } from './homeRules.js';
import { SAFETY_RULES } from './safetyRules.js';
export const LEVELS = ['good', 'fair', 'poor', 'never'];
/** From this on a thing is heavy for a front pocket, kg (Graft's own number: a wet fly is). */
const HEAVY_IN_FRONT_KG = 0.9;
/** What a thing's own home rule refuses. */
export const NOT_HERE = 'not-its-place';
/** Zones where a thing can be had in time (common practice, no source). */
const IN_TIME = {
    walking: ['hipBelt', 'strap', 'side', 'sleeve', 'lash'],
    hurry: ['hipBelt', 'strap', 'side', 'front', 'lid', 'top', 'lash'],
    stop: ['hipBelt', 'strap', 'side', 'front', 'lid', 'top', 'sleeve', 'lash'],
    firstInCamp: ['top', 'lid', 'front', 'side', 'lash', 'outer', 'core'],
    camp: 'any',
};
export const NEEDED_WORDS = {
    walking: 'wanted while walking',
    hurry: 'wanted in a hurry',
    stop: 'wanted at stops',
    firstInCamp: 'wanted first in camp',
    camp: 'wanted in camp',
};
/** Whether one rule forbids a zone to a thing: a verdict names only the first that does. */
export function isForbiddenBy(ruleId, thing, zone, house, pack) {
    return SAFETY_RULES.some((rule) => rule.id === ruleId && rule.forbids(thing, zone, house, pack));
}
/** What the rules say to a thing in a zone. */
export function placementVerdict(thing, zone, house, pack) {
    const broken = SAFETY_RULES.find((rule) => rule.forbids(thing, zone, house, pack));
    const home = homeRule(thing, house);
    const inTime = IN_TIME[thing.needed];
    const houseChoseIt = home.depthChosen === true || (home.byHouseRule === true && home.good.includes(zone.kind));
    const tooDeep = inTime !== 'any' && !inTime.includes(zone.kind) && !houseChoseIt;
    const verdict = (level, ruleId, reason) => ({
        level,
        ruleId,
        reason,
        tooDeep,
        byHouse: home.depthChosen === true,
        question: home.question,
        isChosen: home.byHouseRule === true,
    });
    if (broken !== undefined)
        return verdict('never', broken.id, broken.why);
    if (home.never?.includes(zone.kind) === true)
        return verdict('never', NOT_HERE, `not its place; ${home.why}`);
    if (tooDeep)
        return verdict('poor', 'needed-when', `${NEEDED_WORDS[thing.needed]}: too deep here`);
    if (zone.kind === 'front' && thing.massKg > HEAVY_IN_FRONT_KG && home.byHouseRule !== true)
        return verdict('poor', home.id, 'heavy, and furthest from the back here');
    if (home.good.includes(zone.kind))
        return verdict('good', home.id, home.why);
    if (home.fair.includes(zone.kind))
        return verdict('fair', home.id, `second choice; ${home.why}`);
    return verdict('poor', home.id, `out of place; ${home.why}`);
}
/** Kinds of zone a thing's home rule likes best, for "would rather be in …". */
export function preferredKinds(thing, house) {
    return homeRule(thing, house).good;
}
//# sourceMappingURL=placementRules.js.map