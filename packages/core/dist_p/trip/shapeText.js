/** Shapes as people write them in a table: "block 24 × 15 × 9 cm", "roll 52 × 13 cm", "pouch", "stuff 14 L loose". */
import { CM_PER_IN, L_PER_CU_IN } from '../units/convert.js';
import { unitShown } from '../units/shown.js';
import { SHAPE_KINDS } from './model.js';
/** @param units in which it is written; in inches to the hundredth */
export function formatShape(shape, units = 'kg') {
    const { unit, per } = unitShown('length', units);
    const side = (cm) => (units === 'kg' ? cm : Number((cm / per).toFixed(2)));
    switch (shape.kind) {
        case 'block':
        case 'flat':
            return `${shape.kind} ${side(shape.lengthCm)} × ${side(shape.widthCm)} × ${side(shape.heightCm)} ${unit}`;
        case 'cylinder':
        case 'roll':
        case 'long':
            return `${shape.kind} ${side(shape.lengthCm)} × ${side(shape.diameterCm)} ${unit}`;
        case 'pouch':
            return 'pouch';
        case 'stuff': {
            const room = unitShown('volume', units);
            const loose = shape.looseVolumeL / room.per;
            return `stuff ${units === 'kg' ? loose : Math.round(loose)} ${room.unit} loose`;
        }
    }
}
/** An inch sign, word or abbreviation behind a number; litres and cubic inches likewise. */
const INCHES = /(?:["″]|\b(?:in|inch|inches))(?=\s|$|[x×*])/i;
const CUBIC_INCHES = /\bcu\.? ?in\b/i;
const UNIT_WORDS = /\b(?:cu\.? ?in|cm|l|inches|inch|in|loose)\b|["″]/gi;
/**
 * Read what `formatShape` writes; "x" or "*" may stand for "×", units may be left out.
 *
 * @param units of numbers without a unit
 */
export function parseShape(text, units = 'kg') {
    const example = units === 'kg'
        ? '"block 24 x 15 x 9", "flat 20 x 12 x 2", "cylinder 24 x 8", "roll 52 x 13", "long 45 x 6", "pouch" or "stuff 6 L"'
        : '"block 9 x 6 x 4", "flat 8 x 5 x 1", "cylinder 9 x 3", "roll 20 x 5", "long 18 x 2", "pouch" or "stuff 370 cu in"';
    const fail = { ok: false, error: `expected ${example}, got "${text}"` };
    const word = text
        .trim()
        .toLowerCase()
        .split(/[\s\d]/)[0];
    const kind = SHAPE_KINDS.find((k) => k === word);
    if (kind === undefined)
        return fail;
    const rest = text
        .trim()
        .slice(kind.length)
        .replace(/(\d),(\d)/g, '$1.$2')
        // "14" and "14 cu in" stand apart from their unit: "14in" too.
        .replace(/(\d)([a-z])/gi, '$1 $2');
    const parts = rest
        .replace(UNIT_WORDS, ' ')
        .split(/[x×*\s]+/i)
        .filter((part) => part !== '');
    const per = kind === 'stuff' ? litresOf(rest, units) : centimetresOf(rest, units);
    const numbers = parts.map((part) => Number((Number(part) * per).toPrecision(12)));
    if (numbers.some((n) => !(n > 0)))
        return fail;
    const [a, b, c] = numbers;
    switch (kind) {
        case 'block':
        case 'flat':
            return numbers.length === 3
                ? { ok: true, shape: { kind, lengthCm: a, widthCm: b, heightCm: c } }
                : fail;
        case 'cylinder':
        case 'roll':
        case 'long':
            return numbers.length === 2 ? { ok: true, shape: { kind, lengthCm: a, diameterCm: b } } : fail;
        case 'pouch':
            return numbers.length === 0 ? { ok: true, shape: { kind } } : fail;
        case 'stuff':
            return numbers.length === 1 ? { ok: true, shape: { kind, looseVolumeL: a } } : fail;
    }
}
const centimetresOf = (text, units) => INCHES.test(text) ? CM_PER_IN : /\bcm\b/i.test(text) ? 1 : unitShown('length', units).per;
const litresOf = (text, units) => CUBIC_INCHES.test(text) ? L_PER_CU_IN : /\bl\b/i.test(text) ? 1 : unitShown('volume', units).per;
//# sourceMappingURL=shapeText.js.map