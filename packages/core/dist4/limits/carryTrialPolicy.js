import { formatMass } from '../units/format.js';
import { heldUnder18 } from './limitPolicy.js';
import { fitTrials, PACE_FLOOR, trialInWords } from './trialFit.js';
/** "carry trial of 3 walks", "comfort on 9 days of trips", or both. */
function evidence({ carryTrials }) {
    const days = carryTrials.filter((t) => t.fromTrip !== undefined).length;
    const walks = carryTrials.length - days;
    const ofDays = `${days} ${days === 1 ? 'day' : 'days'} of trips`;
    if (walks === 0)
        return `comfort on ${ofDays}`;
    return `carry trial of ${walks} walks${days === 0 ? '' : ` and ${ofDays}`}`;
}
export const CARRY_TRIAL = {
    id: 'carryTrial',
    name: 'Carry trial',
    about: 'Evidence: the load at which the member’s own trial walks lost comfort or pace. Used as soon as there is one.',
    limitOf: (member) => {
        const outcome = fitTrials(member);
        if ('lacks' in outcome)
            return undefined;
        const { fit } = outcome;
        const why = {
            comfort: `where comfort falls to ${fit.floor} of 10`,
            pace: `where pace falls to ${PACE_FLOOR * 100} % of unloaded`,
            neither: 'neither comfort nor pace gave way',
        }[fit.gaveWay];
        const beyond = fit.beyondKg > 0.05
            ? `, ${formatMass(fit.beyondKg)} beyond the heaviest walk of ${formatMass(fit.heaviestKg)}`
            : '';
        return heldUnder18(member, {
            limitKg: fit.limitKg,
            reason: `${evidence(member)}: ${why}${beyond} (${trialInWords(fit)})`,
        });
    },
};
//# sourceMappingURL=carryTrialPolicy.js.map