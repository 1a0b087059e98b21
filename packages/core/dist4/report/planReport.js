/** What a planned trip comes to, as plain figures: the report of the command line. */
import { nameAlone } from '../trip/queries.js';
import { shareFigures } from '../share/shareFigures.js';
import { shareVerdict } from '../share/shareVerdict.js';
import { assessStow } from '../stow/assessStow.js';
import { planningDay } from '../stow/stowProblem.js';
/** The report of a trip as it stands. */
export function planReport(trip, seed) {
    const figures = shareFigures(trip);
    return {
        seed,
        fairness: trip.fairness,
        largestRatio: figures.largestRatio,
        bound: figures.bound.ratio,
        boundReason: figures.bound.reason,
        level: figures.level,
        boundLevel: figures.bound.level,
        gap: figures.gap,
        verdict: shareVerdict(trip, figures, 'kg', figures.bound, 2),
        members: figures.members.map(({ member, loads, heaviest }) => {
            const day = planningDay(trip, member.id);
            const stow = assessStow(trip, member.id, day);
            return {
                memberId: member.id,
                name: member.name,
                limitKg: heaviest.limitKg,
                limitReason: heaviest.limitReason,
                days: loads.map((l) => ({ day: l.day, loadKg: l.totalKg, limitKg: l.limitKg, ratio: l.ratio })),
                plannedForDay: day,
                centreOfGravityCm: stow.centreOfGravityCm,
                packingSchool: stow.school.id,
                bandCm: stow.band,
                heavyCm: stow.heavyCm,
                inBand: stow.inBand,
                warnings: stow.findings.map((f) => f.message),
            };
        }),
        warnings: [
            ...figures.unshared.map((p) => `${nameAlone(trip, p)} is carried by nobody`),
            ...figures.warnings,
        ],
    };
}
//# sourceMappingURL=planReport.js.map