/**
 * What members say of themselves before the trip, by the link that becomes their sheet: told as marks, so that it works
 * without a network and on several devices; taken over by the leader one by one or all.
 */
import { THING_RANGES } from '../trip/thingRanges.js';
import { markKey, standing } from './marks.js';
/** What is asked, each told as a mark "said" about one of these. */
export const SAID_FIELDS = [
    'body',
    'band',
    'stature',
    'pack',
    'ownKg',
    'cap',
    'capWhy',
    'eats',
    'medicines',
    'tentWith',
    'guardian',
    'done',
];
/** Numbers are told within these, in kg, cm and litres. */
export const SAID_RANGES = {
    body: [10, 250],
    stature: [80, 230],
    pack: [30, 80],
    ownKg: [0, 60],
    cap: [0.5, 60],
};
/** Somebody who would rather not say a weight says a band. */
export const BODY_BANDS = [
    'under 40',
    '40 to 50',
    '50 to 60',
    '60 to 70',
    '70 to 80',
    '80 to 90',
    '90 to 100',
    'over 100',
];
const BAND_MIDDLES_KG = [35, 45, 55, 65, 75, 85, 95, 110];
export function bandMiddleKg(band) {
    return BAND_MIDDLES_KG[BODY_BANDS.indexOf(band)];
}
export const OFFER_KINDS = ['tent', 'stove', 'pot', 'filter', 'firstAid', 'other'];
const LONGEST_NAME = 80;
const MOST_SLEEPS = 12;
function parsed(value) {
    if (typeof value !== 'string' || value === '')
        return undefined;
    try {
        const data = JSON.parse(value);
        return typeof data === 'object' && data !== null && !Array.isArray(data)
            ? data
            : undefined;
    }
    catch {
        return undefined;
    }
}
/** An own thing as a mark's text says it; undefined for an empty text and for anything else. */
export function readOwn(value) {
    const { name, kg } = parsed(value) ?? {};
    if (typeof name !== 'string' || name.trim() === '' || name.length > LONGEST_NAME)
        return undefined;
    if (kg === undefined)
        return { name: name.trim() };
    const [least, most] = THING_RANGES.massKg;
    return typeof kg === 'number' && kg >= least && kg <= most ? { name: name.trim(), kg } : undefined;
}
export function readOffer(value) {
    const own = readOwn(value);
    const { what, sleeps } = parsed(value) ?? {};
    const kind = OFFER_KINDS.find((k) => k === what);
    if (own === undefined || kind === undefined)
        return undefined;
    if (sleeps === undefined)
        return { ...own, what: kind };
    const isPlaces = Number.isInteger(sleeps) && sleeps >= 1 && sleeps <= MOST_SLEEPS;
    return isPlaces ? { ...own, what: kind, sleeps: sleeps } : undefined;
}
export function answersOf(marks) {
    const state = standing(marks);
    const said = {};
    for (const field of SAID_FIELDS) {
        const value = state.get(markKey({ kind: 'said', thingId: field }))?.mark.value;
        if (value !== undefined && value !== '')
            said[field] = value;
    }
    const [own, offers] = [new Map(), new Map()];
    for (const { mark } of state.values()) {
        if (mark.thingId === undefined)
            continue;
        const thing = mark.kind === 'own' ? readOwn(mark.value) : undefined;
        if (thing !== undefined)
            own.set(mark.thingId, thing);
        const offer = mark.kind === 'offer' ? readOffer(mark.value) : undefined;
        if (offer !== undefined)
            offers.set(mark.thingId, offer);
    }
    const { done, ...fields } = said;
    return {
        said,
        own,
        offers,
        isDone: done === true,
        count: Object.keys(fields).length + own.size + offers.size,
        disputed: [...state.values()].filter(({ mark, others }) => others.length > 0 && ['said', 'own', 'offer'].includes(mark.kind)).length,
    };
}
//# sourceMappingURL=answers.js.map