/**
 * The mass in a line of a list, as people write it: "1,05 kg", "12.5 oz / 354 g", "1 kg 200", "2 lb 3 oz", "350 gr".
 * "2.450 g" can be read two ways: the one that such a thing can weigh is taken.
 */
import { THING_RANGES } from '../trip/thingRanges.js';
import { KG_PER_UNIT } from '../units/convert.js';
import { cut } from '../units/repeated.js';
import { recognise } from './vocabulary/recognise.js';
import { isGas, ouncesOfSize } from './vocabulary/sizes.js';
const UNIT = 'kg|kgs|kilos?|kilograms?|kilogrammes?|g|gr|grs|gm|gms|grm|grams?|grammes?|lbs?|pounds?|oz|ozs|ounces?';
const FRACTIONS = { '½': 0.5, '¼': 0.25, '¾': 0.75 };
const NUMBER = String.raw `\d{1,3}(?:[ '’\u00a0\u202f]\d{3})+(?:[.,]\d+)?|\d+(?:[.,]\d+)*|[½¼¾]`;
const MASS = new RegExp(String.raw `(?<![\w.,])(${NUMBER})\s*(${UNIT})\b\.?`, 'giu');
/** The smaller unit that goes on with a larger one: 1 kg 200 g, 2 lb 3 oz. */
const GOES_ON = { kg: 'g', lb: 'oz' };
const [, MOST_KG] = THING_RANGES.massKg;
/** The readings of a figure: 2.450 is two and a half, or two and a half thousand. */
function readingsOf(text) {
    const fraction = FRACTIONS[text];
    if (fraction !== undefined)
        return [fraction];
    const tight = text.replace(/[ '’\u00a0\u202f]/g, '');
    const marks = [...tight.matchAll(/[.,]/g)];
    if (marks.length > 1) {
        // The last mark parts the decimals where it differs from the others.
        const last = marks.at(-1)[0];
        const isDecimal = marks.filter((m) => m[0] === last).length === 1;
        const [whole, part] = [tight.slice(0, marks.at(-1).index), tight.slice(marks.at(-1).index + 1)];
        const digits = (s) => s.replace(/[.,]/g, '');
        return [Number(isDecimal ? `${digits(whole)}.${part}` : digits(tight))];
    }
    const decimal = Number(tight.replace(',', '.'));
    return /^[1-9]\d{0,2}[.,]\d{3}$/.test(tight) ? [decimal, Number(tight.replace(/[.,]/, ''))] : [decimal];
}
function unitOf(text) {
    const word = text.toLowerCase();
    if (word.startsWith('k'))
        return 'kg';
    if (word.startsWith('g'))
        return 'g';
    return word.startsWith('o') ? 'oz' : 'lb';
}
/** Net masses of gas that are the thing's name: "450 g canister". */
const GAS_SIZES_G = new Set([100, 110, 190, 220, 225, 227, 230, 240, 250, 440, 445, 450, 500]);
function masses(line) {
    const told = [];
    const ounces = ouncesOfSize(line);
    for (const found of line.matchAll(MASS)) {
        const unit = unitOf(found[2]);
        const readings = readingsOf(found[1]);
        const from = found.index;
        // "1 kg 200": the grams go without saying.
        const grams = unit === 'kg'
            ? /^\s+(\d{3})(?![\w.,]|\s*(?:[x×]|gr?\b|grams?\b))/.exec(line.slice(from + found[0].length))
            : null;
        if (grams !== null) {
            const to = from + found[0].length + grams[0].length;
            told.push({ from, to, unit, readings: [readings[0] + Number(grams[1]) / 1000] });
            continue;
        }
        if (unit === 'g' && isGas(line) && GAS_SIZES_G.has(readings[0]))
            continue;
        if (unit === 'oz' && ounces !== undefined && ounces.text.trim().startsWith(found[1]))
            continue;
        const last = told.at(-1);
        const goesOn = last !== undefined &&
            GOES_ON[last.unit] === unit &&
            /^\s*(?:and\s+)?$/i.test(line.slice(last.to, from));
        const kg = readings.map((r) => r * KG_PER_UNIT[unit]);
        if (goesOn)
            told[told.length - 1] = { ...last, to: from + found[0].length, readings: [last.readings[0] + kg[0]] };
        else
            told.push({ from, to: from + found[0].length, readings: kg, unit });
    }
    return told;
}
/** A number alone at the end of a line. */
function bareMass(line, unit) {
    const bare = /(?:^|[\s,;:\t])(\d+(?:[.,]\d+)*)\s*$/.exec(line);
    if (bare === null)
        return [];
    const readings = readingsOf(bare[1]).map((r) => r * KG_PER_UNIT[unit]);
    return [{ from: bare.index, to: line.length, readings, unit }];
}
/** How far off two tellings of the same mass may be, as a share. */
const SAME = 0.04;
const isSame = (a, b) => Math.abs(a - b) <= SAME * Math.max(a, b);
/** What can be true of one telling: nothing weighs more than a person carries; of two readings what such a thing weighs. */
function sure(readings, unit, name) {
    const possible = readings.filter((kg) => kg <= MOST_KG);
    if (possible.length < 2)
        return possible[0] ?? readings[0];
    const range = recognise(name, [])?.rangeKg;
    const likely = possible.filter((kg) => range !== undefined && kg >= 0.5 * range[0] && kg <= 2 * range[1]);
    if (likely.length === 1)
        return likely[0];
    // Nobody tells thousandths of a gram.
    return range === undefined && unit === 'g' ? Math.max(...possible) : undefined;
}
/**
 * @param count how many of it the line says: a mass of all of them is told apart from that of one
 * @param bareUnit the unit of a number alone at the end of the line, or undefined where it is part of the name
 */
export function takeMass(line, count, bareUnit) {
    const withUnit = masses(line);
    const told = withUnit.length > 0 || bareUnit === undefined ? withUnit : bareMass(line, bareUnit);
    if (told.length === 0)
        return { ok: true, rest: line };
    const rest = told.reduceRight((text, t) => `${text.slice(0, t.from)} ${text.slice(t.to)}`, line);
    const kgs = told.map((t) => {
        const kg = sure(t.readings, t.unit, rest);
        // Rounding of units, not of scales.
        return kg === undefined ? undefined : Number(kg.toFixed(6));
    });
    const unsure = kgs.indexOf(undefined);
    if (unsure >= 0) {
        const [a, b] = told[unsure].readings;
        const words = (kg) => `${Number((kg * 1000).toPrecision(6))} g`;
        return {
            ok: false,
            error: `"${cut(line.slice(told[unsure].from, told[unsure].to))}" can be read two ways, ${words(a)} or ${words(b)}: write it without the mark, or with all its decimals`,
        };
    }
    return agreed(kgs, told, count, line, rest);
}
function agreed(kgs, told, count, line, rest) {
    // The metric one is the finer telling.
    const metric = told.findIndex((t) => t.unit === 'g' || t.unit === 'kg');
    const massKg = kgs[Math.max(0, metric)];
    const one = kgs.find((kg) => kgs.every((k) => isSame(k, kg) || isSame(k, kg * count)));
    if (kgs.every((kg) => isSame(kg, massKg)))
        return { ok: true, massKg, rest };
    if (one !== undefined)
        return { ok: true, massKg: one, rest };
    return {
        ok: false,
        error: kgs.length === 2 && told[0].unit !== told[1].unit
            ? `the two masses in "${cut(line.trim())}" are not the same: ${kgs.map((kg) => `${Math.round(kg * 1000)} g`).join(' and ')}`
            : `expected one mass, got ${kgs.length} in "${cut(line.trim())}"`,
    };
}
//# sourceMappingURL=massInLine.js.map