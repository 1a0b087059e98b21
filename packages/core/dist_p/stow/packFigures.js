/** A member's stow on the day it is planned for, kept as long as nothing of theirs has changed. */
import { Derived } from '../trip/derived.js';
import { partsOfMember } from '../trip/memberPart.js';
import { assessStow } from './assessStow.js';
import { planningDay } from './stowProblem.js';
const kept = new WeakMap();
export function packFigures(trip, member) {
    let derived = kept.get(member);
    if (derived === undefined) {
        derived = new Derived((part) => packFiguresNow(part, member.id));
        kept.set(member, derived);
    }
    return derived.of(partsOfMember(trip, member));
}
/** The same, made anew. */
export function packFiguresNow(trip, memberId) {
    const stow = assessStow(trip, memberId, planningDay(trip, memberId));
    const wrong = stow.findings.some((f) => f.severity === 'fit' || f.severity === 'safety');
    return { memberId, stow, done: stow.placed.length > 0 && !wrong };
}
//# sourceMappingURL=packFigures.js.map