import { allThings } from '../trip/queries.js';
import { completenessFindings } from './completeness.js';
import { doubleFindings } from './doubles.js';
import { essentialFindings } from './essentials.js';
import { forgottenFindings } from './forgotten.js';
import { leaveBehindFindings } from './leaveBehind.js';
import { isListed } from './ownFigure.js';
import { ownThingsFindings } from './ownThingsChecks.js';
import { sameJobFindings } from './sameJob.js';
import { suppliedFindings } from './supplied.js';
import { airFindings, expiryFindings, repairFindings } from './timely.js';
import { unweighedFindings } from './unweighed.js';
import { waterFindings } from './waterChecks.js';
const WEIGHTS = ['must', 'should', 'could'];
/** The checks one by one, for a page that must answer between two of them: their findings in this order are gathered. */
export function kitCheckSteps(trip, library) {
    // Before there is a list there is nothing to check.
    if (!allThings(trip).some((t) => t.madeBy !== 'larder'))
        return [];
    const listed = trip.members.filter((m) => isListed(trip, m));
    return [
        () => unweighedFindings(trip),
        () => ownThingsFindings(trip),
        () => essentialFindings(trip, library, listed),
        () => completenessFindings(trip, library),
        () => expiryFindings(trip),
        () => repairFindings(trip),
        () => waterFindings(trip, library, listed),
        () => doubleFindings(trip),
        () => sameJobFindings(trip),
        () => airFindings(trip),
        () => leaveBehindFindings(trip, library, listed),
        () => suppliedFindings(trip, library),
        () => forgottenFindings(trip, library, listed),
    ];
}
/** @param library the leader's own; cures and history come out of it */
export function kitChecks(trip, library) {
    return gatherChecks(trip, kitCheckSteps(trip, library).flatMap((step) => step()));
}
/** Findings in the order they are to be looked at, apart from what was put aside. */
export function gatherChecks(trip, all) {
    const reasons = new Map(trip.dismissals.map((d) => [d.id, d.reason]));
    const rank = (f) => WEIGHTS.indexOf(f.weight);
    const saving = (f) => f.cures[0]?.changeKg ?? 0;
    return {
        open: all.filter((f) => !reasons.has(f.id)).sort((a, b) => rank(a) - rank(b) || saving(a) - saving(b)),
        dismissed: all.flatMap((finding) => {
            const reason = reasons.get(finding.id);
            return reason === undefined ? [] : [{ finding, reason }];
        }),
    };
}
/** Put a finding aside with a reason. */
export function dismissFinding(trip, id, reason) {
    return { ...trip, dismissals: [...trip.dismissals.filter((d) => d.id !== id), { id, reason }] };
}
/** Take a finding up again. */
export function recallFinding(trip, id) {
    return { ...trip, dismissals: trip.dismissals.filter((d) => d.id !== id) };
}
//# sourceMappingURL=kitChecks.js.map