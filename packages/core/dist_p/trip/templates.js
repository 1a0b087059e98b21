/**
 * Starting points by style of trip: days, ground, water, longest day, packing school and house rules that usually go
 * with it. All Graft's own, plausible and meant to be changed; no people, no kit.
 */
import { emptyTrip } from './emptyTrip.js';
export const TEMPLATES = {
    dayWalk: {
        name: 'Day walk',
        about: 'One day, small packs, everything quickly at hand',
        days: 1,
        ground: 'path',
        waterL: 1.5,
        longestDayH: 7,
        packingSchool: 'middle',
        foodStorage: 'none',
        houseRules: { food: 'top', rainProtection: 'cover', lid: 'essentials' },
    },
    hut: {
        name: 'From hut to hut',
        about: 'Three days, no tents, water at the huts',
        days: 3,
        ground: 'path',
        waterL: 1.5,
        longestDayH: 8,
        packingSchool: 'high',
        foodStorage: 'none',
        houseRules: { rainProtection: 'cover' },
    },
    camp: {
        name: 'With tents',
        about: 'Three days, tents, stoves, food carried',
        days: 3,
        ground: 'path',
        waterL: 1.5,
        longestDayH: 8,
        packingSchool: 'middle',
        foodStorage: 'hang',
        houseRules: {},
    },
    training: {
        name: 'Training course',
        about: 'Two days, newcomers, short days, a place spare in each tent',
        days: 2,
        ground: 'path',
        waterL: 1.5,
        longestDayH: 6,
        packingSchool: 'middle',
        foodStorage: 'none',
        houseRules: { tentSpace: 'oneSpare', bags: 'dryBags' },
    },
    survey: {
        name: 'Survey or field work',
        about: 'Five days, instruments, rough ground, one base after another',
        days: 5,
        ground: 'moor',
        waterL: 1.5,
        longestDayH: 8,
        packingSchool: 'middle',
        foodStorage: 'hang',
        houseRules: { outside: 'byGround' },
    },
    winter: {
        name: 'Winter',
        about: 'Two short days on snow, low and close packs, more fuel',
        days: 2,
        ground: 'snow',
        waterL: 1,
        longestDayH: 6,
        packingSchool: 'low',
        foodStorage: 'none',
        houseRules: { outside: 'almostNothing', reservoir: 'bottlesOnly', tentSpace: 'exact' },
    },
};
/** A new trip of a style. */
export function tripFromTemplate(id, name, startDate, style, days) {
    const template = TEMPLATES[style];
    const empty = emptyTrip(id, name, startDate, days);
    return {
        ...empty,
        style,
        packingSchool: template.packingSchool,
        foodStorage: template.foodStorage,
        longestDayH: template.longestDayH,
        houseRules: { ...empty.houseRules, ...template.houseRules },
        legs: empty.legs.map((leg) => ({ ...leg, ground: template.ground, waterL: template.waterL })),
    };
}
//# sourceMappingURL=templates.js.map