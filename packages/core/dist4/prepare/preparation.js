import { addDays } from '../units/isoDate.js';
const DAYS_BEFORE = [
    {
        id: 'expiry',
        days: 21,
        title: 'Expiry checks',
        what: 'Dates on spray, medicines, sun cream, gas and food; batteries and cables; what must be bought or borrowed still arrives in time.',
    },
    {
        id: 'shakedown',
        days: 14,
        title: 'Shakedown outing',
        what: 'A night out with the very kit: pitch, cook, pack, walk with the planned load. What was not used, what was missed?',
    },
    {
        id: 'forecast-first',
        days: 5,
        title: 'Forecast, first look',
        what: 'Swap insulation and shells; think of water and of the days that rain would make longer.',
    },
    {
        id: 'forecast-last',
        days: 1,
        title: 'Forecast, last look',
        what: 'Load the forecast again and decide what stays at home.',
    },
    {
        id: 'weigh-in',
        days: 1,
        title: 'Weigh-in',
        what: 'Weigh every pack against the plan, try it on, check fuel for leaks, say who has what and where the safety kit is.',
    },
];
/** The dates of a trip, earliest first; those that have passed are still listed. */
export function preparationDates(trip) {
    return DAYS_BEFORE.map(({ days, ...rest }) => ({ ...rest, date: addDays(trip.startDate, -days) }));
}
//# sourceMappingURL=preparation.js.map