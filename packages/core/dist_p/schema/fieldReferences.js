import { WHAT_IF_KINDS } from '../trip/model.js';
import { EVENT_KINDS } from '../trip/recordModel.js';
import { shapeVolumeL } from '../trip/shapes.js';
import { isRaw } from './rawTrip.js';
/** What single entries of a trip say that contradicts themselves or the trip's days. */
export function grossErrors(item, path) {
    const { netKg, tareKg, grossKg } = item;
    if (typeof netKg !== 'number' || typeof tareKg !== 'number' || typeof grossKg !== 'number')
        return [];
    const fullKg = netKg + tareKg;
    if (grossKg >= tareKg && grossKg <= fullKg * (1 + VOLUME_TOLERANCE))
        return [];
    return [
        {
            path: `${path}.grossKg`,
            message: `expected between ${tareKg} kg, the empty vessel, and ${fullKg.toFixed(3)} kg, the full one, got ${grossKg}`,
        },
    ];
}
/** What a canister's weighed mass contradicts; for a form that edits one. */
export function canisterErrors(canister) {
    return grossErrors(canister, 'canister');
}
/** A day number that is outside the trip. */
export function dayErrors(item, key, path, days) {
    const day = item[key];
    if (typeof day !== 'number' || day <= days)
        return [];
    return [{ path: `${path}.${key}`, message: `expected a day of the trip, 1 to ${days}, got ${day}` }];
}
/** What each kind of event must say, beside its day and moment. */
const EVENT_NEEDS = {
    notEaten: ['mealId'],
    eatenLater: ['mealId'],
    water: ['litres'],
    canisterEmpty: ['thingId'],
    wetFly: [],
    left: ['thingId'],
    sentHome: ['thingId'],
    broken: ['thingId'],
    bought: ['memberId', 'name', 'massKg'],
    tired: ['memberId', 'factor'],
    hurt: ['memberId', 'factor'],
    ill: ['memberId', 'factor'],
    well: ['memberId'],
    gone: ['memberId'],
};
/** What an event lacks for its kind, or says beyond it. A meal that is planned no more is let be: it says nothing. */
export function eventErrors(item, path) {
    const kind = EVENT_KINDS.find((known) => known === item['kind']);
    if (kind === undefined)
        return [];
    const needs = EVENT_NEEDS[kind];
    const always = ['id', 'day', 'moment', 'kind', 'note'];
    const said = Object.keys(item).filter((key) => !always.includes(key) && item[key] !== undefined);
    return [
        ...needs
            .filter((key) => !said.includes(key))
            .map((key) => ({ path: `${path}.${key}`, message: `expected a value for "${kind}", got nothing` })),
        ...said
            .filter((key) => !needs.includes(key))
            .map((key) => ({
            path: `${path}.${key}`,
            message: `expected nothing for "${kind}", got ${JSON.stringify(item[key])}`,
        })),
    ];
}
/** What each kind of what-if must say. */
const WHAT_IF_NEEDS = {
    memberOut: ['memberId'],
    extraNight: [],
    hotDay: ['day', 'extraL'],
    rain: ['fromDay', 'toDay'],
    limit: ['memberId', 'limitKg'],
};
export function whatIfErrors(item, path, days) {
    const kind = WHAT_IF_KINDS.find((known) => known === item['kind']);
    if (kind === undefined)
        return [];
    const needs = WHAT_IF_NEEDS[kind];
    const said = Object.keys(item).filter((key) => key !== 'kind' && item[key] !== undefined);
    return [
        ...needs
            .filter((key) => !said.includes(key))
            .map((key) => ({
            path: `${path}.${key}`,
            message: `expected a value, as kind is "${kind}", got nothing`,
        })),
        ...said
            .filter((key) => !needs.includes(key))
            .map((key) => ({ path: `${path}.${key}`, message: `expected nothing, as kind is "${kind}"` })),
        ...dayErrors(item, 'day', path, days),
        ...spanErrors(item, path, days),
    ];
}
/** A bottom part lies within its main compartment, and a zip or a divider has a part to be of. */
export function mainErrors({ item, path }) {
    const { main } = item;
    if (!isRaw(main))
        return [];
    const { bottomPartCm, heightCm, divider, openings } = main;
    const errors = [];
    if (typeof bottomPartCm === 'number' && typeof heightCm === 'number' && bottomPartCm >= heightCm) {
        errors.push({
            path: `${path}.main.bottomPartCm`,
            message: `expected less than ${heightCm} cm, the height of the main compartment, got ${bottomPartCm}`,
        });
    }
    const needsPart = divider === true ? 'a divider' : undefined;
    const zip = Array.isArray(openings) && openings.includes('bottom') ? 'an opening at the bottom' : undefined;
    const what = needsPart ?? zip;
    if (bottomPartCm === undefined && what !== undefined) {
        errors.push({
            path: `${path}.main.bottomPartCm`,
            message: `expected a height, as there is ${what}, got nothing`,
        });
    }
    return errors;
}
/** Days outside the trip, and spans that end before they start. */
export function spanErrors(item, path, days) {
    const errors = [];
    for (const key of ['fromDay', 'toDay']) {
        const day = item[key];
        if (typeof day === 'number' && day > days) {
            errors.push({
                path: `${path}.${key}`,
                message: `expected a day of this trip, 1 to ${days}, got ${day}`,
            });
        }
    }
    const { fromDay, toDay } = item;
    if (typeof fromDay === 'number' && typeof toDay === 'number' && toDay < fromDay) {
        errors.push({
            path: `${path}.toDay`,
            message: `expected day ${fromDay} (fromDay) or later, got ${toDay}`,
        });
    }
    return errors;
}
/** What a thing says that contradicts itself or the trip's days; for a form that edits one thing. */
export function thingErrors(thing, days) {
    return rawThingErrors(thing, 'thing', days);
}
export function rawThingErrors(item, path, days) {
    const errors = [...spanErrors(item, path, days)];
    const expectAtMost = (key, most, what, got) => {
        errors.push({ path: `${path}.${key}`, message: `expected at most ${most}, ${what}, got ${String(got)}` });
    };
    const { massKg, volumeL, consumption, shape } = item;
    if (isRaw(consumption)) {
        errors.push(...spanErrors(consumption, `${path}.consumption`, days));
        const { residueKg } = consumption;
        if (typeof residueKg === 'number' && typeof massKg === 'number' && residueKg > massKg) {
            expectAtMost('consumption.residueKg', massKg, 'the mass in kg', residueKg);
        }
    }
    const boxL = boundingVolumeL(shape);
    if (typeof volumeL === 'number' && boxL !== undefined && volumeL > boxL * (1 + VOLUME_TOLERANCE) + 0.01) {
        expectAtMost('volumeL', Math.round(boxL * 100) / 100, 'the volume of its shape in L', volumeL);
    }
    const looseL = isRaw(shape) ? shape['looseVolumeL'] : undefined;
    if (typeof looseL === 'number' && typeof volumeL === 'number' && looseL < volumeL) {
        errors.push({
            path: `${path}.shape.looseVolumeL`,
            message: `expected at least the packed volume, ${volumeL} L, got ${looseL}`,
        });
    }
    return errors;
}
/** Stated volumes and dimensions are each rounded by hand: 5 % apart is no contradiction. */
export const VOLUME_TOLERANCE = 0.05;
function boundingVolumeL(shape) {
    if (!isRaw(shape))
        return undefined;
    const { kind, lengthCm, widthCm, heightCm, diameterCm } = shape;
    const numbers = (...values) => values.every((v) => typeof v === 'number');
    if ((kind === 'block' || kind === 'flat') && numbers(lengthCm, widthCm, heightCm))
        return shapeVolumeL(shape);
    if ((kind === 'cylinder' || kind === 'roll' || kind === 'long') && numbers(lengthCm, diameterCm)) {
        return shapeVolumeL(shape);
    }
    return undefined;
}
//# sourceMappingURL=fieldReferences.js.map