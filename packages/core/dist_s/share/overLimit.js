/** Who is above their limit in a share, and by how much the worst of them. */
import { ratioLimitKg } from '../load/memberLoad.js';
import { FITS } from './fits.js';
import { sharedLoadKg } from './problem.js';
/** Days of the trip on which a carrier is above their limit in a share. */
export function overDaysOf(problem, carrier, solved) {
    return sharedLoadKg(problem, carrier, solved.share).flatMap((kg, d) => kg > carrier.limitKg[d] + FITS ? [problem.firstDay + d] : []);
}
/** Those who are above their limit on some day. */
export function overloaded(problem, solved) {
    return problem.carriers.filter((c) => overDaysOf(problem, c, solved).length > 0);
}
/** @returns undefined when nobody carries anything */
export function worstOf(problem, solved) {
    return problem.carriers
        .map((carrier) => ({
        name: carrier.name,
        ratio: Math.max(0, ...sharedLoadKg(problem, carrier, solved.share).map((kg, d) => kg / ratioLimitKg(carrier.limitKg[d]))),
    }))
        .reduce((a, b) => (a === undefined || b.ratio > a.ratio ? b : a), undefined);
}
//# sourceMappingURL=overLimit.js.map