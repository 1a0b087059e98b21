import { isSpent } from '../thingKinds.js';
import { isMainZone } from '../../trip/zoneKinds.js';
export const each = (a, broken) => a.placed.flatMap((p) => {
    const message = isSpent(p.thing, a.day) ? undefined : broken(p);
    return message === undefined ? [] : [{ thingIds: [p.thing.id], message }];
});
/** Less full than this a pack has no core, no top, and nothing for heavy things to ride on (Graft's own number). */
const HALF = 0.5;
export const isHalfEmpty = ({ main }) => main.filledL < HALF * main.capacityL;
export const inMain = (p) => isMainZone(p.zone.kind);
export const has = (p, flag) => p.thing.flags.includes(flag);
/** Whoever needs it does not unpack: it has a rule of its own. */
export const isAtHand = (p) => ['firstAid', 'animalSpray', 'beacon'].includes(p.thing.purpose);
//# sourceMappingURL=checkedRule.js.map