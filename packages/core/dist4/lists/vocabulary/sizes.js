/** Figures in a name that its mass goes with: people, litres, grams of gas, metres, mAh, an area, days; pieces of a set. */
import { KG_PER_OZ, L_PER_CU_IN, L_PER_US_FL_OZ, L_PER_US_QT, M_PER_FT } from '../../units/convert.js';
export const SIZE_KINDS = ['person', 'l', 'g', 'm', 'mah', 'area', 'days', 'n'];
const COUNT_WORDS = {
    one: 1,
    solo: 1,
    single: 1,
    two: 2,
    double: 2,
    three: 3,
    four: 4,
    family: 4,
    five: 5,
    six: 6,
    eight: 8,
};
const NUMBER = String.raw `(\d+(?:[.,]\d+)?)`;
const FOR_PEOPLE = new RegExp(String.raw `(?<![\w.,])(\d{1,2}|${Object.keys(COUNT_WORDS).join('|')})[\s-]*(?:p|pers\.?|persons?|people|man|men|berth)(?![\w])|\b(solo|family)\b|\bfor\s+(\d{1,2}|${Object.keys(COUNT_WORDS).join('|')})(?!\w|[.,]\d|\s*(?:days?|nights?|meals?|l|kg|g|m)\b)`, 'i');
const SIDE = String.raw `\s*(m|ft|feet|['′])?`;
const AREA = new RegExp(String.raw `${NUMBER}${SIDE}\s*[x×]\s*${NUMBER}${SIDE}(?!\w)`, 'i');
/** Sides of a tarp or a sheet from here on are feet, where nobody says metres. */
const LEAST_FEET = 5;
const VESSEL = String.raw `(?:bottle|flask|mug|cup|pot|jar|thermos|tumbler|bladder|reservoir|pouch|bowl|kettle|pan)s?\b`;
/** Fluid ounces: told as such, before a vessel, or so many behind one that it cannot weigh them. */
const FLUID_OZ = [
    /(?<![\w.,])(\d+(?:\.\d+)?)[\s-]*fl\.?\s*oz\b\.?/i,
    new RegExp(String.raw `(?<![\w.,])(8|1[02468]|2[0-8]|3[02468]|4[0248]|50|6[47]|128)[\s-]*oz\.?(?=\s+(?:[a-z-]+\s+){0,2}${VESSEL})`, 'i'),
    new RegExp(String.raw `(?<=${VESSEL}[\s,(-]{1,3})(1[68]|2[0-8]|3[02468]|4[0248]|50|6[47]|128)[\s-]*oz\b\.?`, 'i'),
];
/** Ounces that gas comes in. */
const GAS_OZ = /(?<![\w.,])(3\.[59]|4|7\.8|8(?:\.1)?|15\.[59]|16)\s*oz\b\.?/i;
export const isGas = (line) => /\b(?:gas|canister|cartridge)/i.test(line);
/** Ounces in a name that are what a vessel holds or what is in a canister, and no mass of the thing; undefined if none are. */
export function ouncesOfSize(name) {
    for (const pattern of FLUID_OZ) {
        const found = pattern.exec(name);
        if (found !== null)
            return { text: found[0], size: { l: Number((decimal(found[1]) * L_PER_US_FL_OZ).toFixed(2)) } };
    }
    const gas = isGas(name) ? GAS_OZ.exec(name) : null;
    return gas === null
        ? undefined
        : { text: gas[0], size: { g: Math.round(decimal(gas[1]) * KG_PER_OZ * 1000) } };
}
/** Net masses that gas comes in, g. */
const GAS = /\b(?:gas|canister|cartridge|butane)\s*\(?\s*(100|110|190|2[0-5]\d|4[0-5]\d|500)\)?(?!\d|[.,]\d)(?!\s*(?:ml|l|mm|cm|m|kg)\b)/i;
const DAYS = /\bfor\s+(\d{1,2})\s*(?:days?|nights?)\b|(\d{1,2})\s*(?:days?|nights?)\b/i;
/** One day of it. */
const A_DAY = /\b(?:day|night)\s*\d{1,2}\b|\b(?:mon|tues|wednes|thurs|fri|satur|sun)day\b/i;
const DEGREES = /[-−+]?\d+\s*°\s*[cf]?(?![a-z])|[-−+]?\d+\s*(?:degrees?|deg)\b/gi;
const PATTERNS = [
    ['mah', /(\d+)\s*m\s?ah\b/i, 1],
    ['l', new RegExp(String.raw `${NUMBER}\s*-?\s*(?:litres?|liters?|ltrs?|lt|l)(?![\w])`, 'i'), 1],
    ['l', new RegExp(String.raw `${NUMBER}\s*ml(?![\w])`, 'i'), 0.001],
    ['l', new RegExp(String.raw `${NUMBER}\s*-?\s*(?:quarts?|qts?)(?![\w])`, 'i'), L_PER_US_QT],
    ['l', new RegExp(String.raw `${NUMBER}\s*-?\s*(?:gallons?|gals?)(?![\w])`, 'i'), 4 * L_PER_US_QT],
    [
        'l',
        new RegExp(String.raw `${NUMBER}\s*-?\s*(?:cu\.? ?in\.?|cubic inch(?:es)?|ci)(?![\w])`, 'i'),
        L_PER_CU_IN,
    ],
    ['g', new RegExp(String.raw `${NUMBER}\s*(?:grams?|gr|g)(?![\w])`, 'i'), 1],
    ['m', new RegExp(String.raw `${NUMBER}\s*(?:metres?|meters?|m)(?![\w])`, 'i'), 1],
    ['m', new RegExp(String.raw `${NUMBER}\s*(?:feet|foot|ft)(?![\w])`, 'i'), 0.3048],
];
/** Sizes in a name, and the name without them. */
export function takeSizes(name) {
    const sizes = {};
    let rest = name.replace(DEGREES, ' ').replace(/(\d)[.,\s](\d{3})(?=\s*m\s?ah\b)/i, '$1$2');
    rest = rest.replace(/(\d),(\d{3})(?=\s*-?\s*(?:cu\b|cubic|ci\b))/i, '$1$2');
    const ounces = ouncesOfSize(rest);
    if (ounces !== undefined) {
        Object.assign(sizes, ounces.size);
        rest = rest.replace(ounces.text, ' ');
    }
    const gas = GAS.exec(rest);
    if (gas !== null && sizes.g === undefined) {
        sizes.g = Number(gas[1]);
        rest = rest.replace(gas[1], ' ').replace(/^(\s*\S+\s*\(?\s*)(?:grams?|gr|g)\b/i, '$1');
    }
    const days = DAYS.exec(rest);
    const oneDay = A_DAY.exec(rest);
    if (oneDay !== null || days !== null) {
        sizes.days = oneDay === null ? Number(days[1] ?? days[2]) : 1;
        rest = rest.replace((oneDay ?? days)[0], ' ');
    }
    const people = FOR_PEOPLE.exec(rest);
    if (people !== null) {
        const word = (people[1] ?? people[2] ?? people[3]).toLowerCase();
        sizes.person = COUNT_WORDS[word] ?? Number(word);
        rest = rest.replace(people[0], ' ');
    }
    const area = AREA.exec(rest);
    if (area !== null) {
        sizes.area = squareMetres(area);
        rest = rest.replace(area[0], ' ');
    }
    for (const [kind, pattern, factor] of PATTERNS) {
        const found = pattern.exec(rest);
        if (found === null || sizes[kind] !== undefined)
            continue;
        sizes[kind] = Number((decimal(found[1]) * factor).toFixed(3));
        rest = rest.replace(found[0], ' ');
    }
    return { sizes, rest };
}
/** Two sides as an area: in feet where they say so, or are longer than any sheet in metres. */
function squareMetres([, a, unitA, b, unitB]) {
    const [long, wide] = [decimal(a), decimal(b)];
    const unit = (unitB ?? unitA)?.toLowerCase();
    const isFeet = unit === undefined ? Math.min(long, wide) >= LEAST_FEET : unit !== 'm';
    return long * wide * (isFeet ? M_PER_FT ** 2 : 1);
}
function decimal(text) {
    return Number(text.replace(',', '.'));
}
//# sourceMappingURL=sizes.js.map