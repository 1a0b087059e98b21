/**
 * In which unit a quantity is shown, in the two systems a reader can choose: SI ("kg") and US customary ("lb").
 * Computation and kept data are SI throughout; only what is read and typed changes.
 */
import { CM_PER_IN, KG_PER_LB, KM_PER_MI, KG_PER_OZ, L_PER_CU_FT, L_PER_CU_IN, L_PER_US_FL_OZ, L_PER_US_QT, M_PER_FT, } from './convert.js';
import { massDigits } from './format.js';
/** As it is read when typed. */
export const quantityOf = (shown) => shown === 'liquid' ? 'volume' : shown === 'smallMass' ? 'mass' : shown;
const METRIC = {
    mass: { unit: 'kg', bare: 'kg', per: 1, decimals: 1 },
    smallMass: { unit: 'g', bare: 'g', per: 0.001, decimals: 0 },
    volume: { unit: 'L', bare: 'l', per: 1, decimals: 1 },
    liquid: { unit: 'L', bare: 'l', per: 1, decimals: 1 },
    length: { unit: 'cm', bare: 'cm', per: 1, decimals: 0 },
    distance: { unit: 'km', bare: 'km', per: 1, decimals: 1 },
    height: { unit: 'm', bare: 'm', per: 1, decimals: 0 },
    duration: { unit: 'h', bare: 'h', per: 1, decimals: 1 },
};
const CUSTOMARY = {
    mass: { unit: 'lb', bare: 'lb', per: KG_PER_LB, decimals: 1 },
    smallMass: { unit: 'oz', bare: 'oz', per: KG_PER_OZ, decimals: 1 },
    volume: { unit: 'cu in', bare: 'cu in', per: L_PER_CU_IN, decimals: 0 },
    liquid: { unit: 'qt', bare: 'qt', per: L_PER_US_QT, decimals: 1 },
    length: { unit: 'in', bare: 'in', per: CM_PER_IN, decimals: 1 },
    distance: { unit: 'mi', bare: 'mi', per: KM_PER_MI, decimals: 1 },
    height: { unit: 'ft', bare: 'ft', per: M_PER_FT, decimals: 0 },
    duration: METRIC.duration,
};
/** The unit in which a quantity is shown. */
export const unitShown = (quantity, units) => (units === 'lb' ? CUSTOMARY : METRIC)[quantity];
/**
 * The digits of a quantity without its unit, for columns whose head carries it.
 *
 * @param value in kg, L, cm, km, m or h
 * @param decimals as many as is usual for the unit, if absent
 */
export function digitsShown(value, quantity, units, decimals) {
    if (quantity === 'mass' && decimals === undefined)
        return massDigits(value, units);
    const shown = unitShown(quantity, units);
    return (value / shown.per).toFixed(decimals ?? shown.decimals).replace('-', '−');
}
/** °C in the reader's unit. */
export const temperatureShown = (celsius, units) => units === 'lb' ? (celsius * 9) / 5 + 32 : celsius;
export const temperatureUnit = (units) => (units === 'lb' ? '°F' : '°C');
/** A typed temperature in °C. */
export const celsiusOf = (typed, unit) => unit === '°F' ? ((typed - 32) * 5) / 9 : typed;
const TURNED = {
    km: { unit: 'mi', per: 1 / KM_PER_MI, whole: 0 },
    'km/h': { unit: 'mph', per: 1 / KM_PER_MI, whole: 1 },
    m: { unit: 'ft', per: 1 / M_PER_FT, whole: 0, broken: 0 },
    cm: { unit: 'in', per: 1 / CM_PER_IN, whole: 0 },
    mm: { unit: 'in', per: 0.1 / CM_PER_IN, whole: 1 },
    'kg/L': { unit: 'lb/cu ft', per: L_PER_CU_FT / KG_PER_LB, whole: 0, broken: 0 },
    kg: { unit: 'lb', per: 1 / KG_PER_LB, whole: 0, broken: 1 },
    g: { unit: 'oz', per: 0.001 / KG_PER_OZ, whole: 1 },
    ml: { unit: 'fl oz', per: 0.001 / L_PER_US_FL_OZ, whole: 1 },
    'kcal/g': { unit: 'kcal/oz', per: KG_PER_OZ * 1000, whole: 0, broken: 0 },
};
const LITRE_OF_LIQUID = { unit: 'qt', per: 1 / L_PER_US_QT, whole: 1 };
const LITRE_OF_ROOM = { unit: 'cu in', per: 1 / L_PER_CU_IN, whole: 0, broken: 0 };
const OUNCES = { unit: 'oz', per: 1 / KG_PER_OZ, whole: 1, broken: 1 };
const TEMPERATURE = { unit: '°F', per: 9 / 5, zero: 32, whole: 0 };
const DEGREES = { unit: '°F', per: 9 / 5, whole: 1 };
const ABOUT_LIQUID = /water|boil|cook|drink|bottle|cache|pots?\b|\beach\b|L\/h|L an hour/i;
const NUMBER = String.raw `\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:\.\d+)?`;
const BETWEEN = String.raw ` ?[–-] ?| to | of | × | or `;
/**
 * One to three numbers and the unit that stands once, at their end: "52–61 cm", "40 × 30 × 12 cm", "6.2 of 12.0 km".
 * "6.5 °C less" is a change of the temperature, which has no zero.
 */
const QUANTITY = new RegExp(String.raw `(?<![\w.])([+−±-]?)(${NUMBER})(?:(${BETWEEN})([+−-]?)(${NUMBER}))?(?:(${BETWEEN})(${NUMBER}))?` +
    String.raw ` ?(kcal/g|km/h|kg/L|km|kg|cm|mm|ml|m|g|L|°C)(?![\wµ²³°])(?:(?<=°C)( less| more| colder| warmer))?`, 'g');
/** "km 3.4 to 5.6": a place on the way. */
const AT_KM = new RegExp(String.raw `\bkm (${NUMBER})(?: to (${NUMBER}))?`, 'g');
/**
 * A sentence made in SI units, in the reader's.
 *
 * @param text as the computation says it: "12.3 km, 400 m up", "nights below −2 °C"
 * @param names names that stand in it as they are, whatever they look like ("Rope 30 m"); letter case does not matter
 */
export function inUnits(text, units, names = []) {
    if (units !== 'lb' || !/\d/.test(text))
        return text;
    const litre = ABOUT_LIQUID.test(text) ? LITRE_OF_LIQUID : LITRE_OF_ROOM;
    const parts = text.split(namesPattern(names));
    // What a pattern in brackets splits by is kept at every second place.
    return parts.map((part, i) => (i % 2 === 1 ? part : turned(part, litre))).join('');
}
function turned(text, litre) {
    return text
        .replace(AT_KM, (_all, from, to) => {
        const mile = (km) => converted('', km, TURNED['km']);
        return `mile ${mile(from)}${to === undefined ? '' : ` to ${mile(to)}`}`;
    })
        .replace(QUANTITY, (...match) => {
        const [, sign = '', first = '', gap = '', sign2 = '', second, gap2 = '', third, unit = '', change] = match;
        const numbers = [first, second, third].flatMap((n) => (n === undefined ? [] : [plain(n)]));
        const to = target(unit, litre, numbers, change !== undefined);
        const words = [first, second, third].map((n, i) => n === undefined ? '' : converted([sign, sign2, ''][i], n, to));
        return `${words[0]}${gap}${words[1]}${gap2}${words[2]} ${to.unit}${change ?? ''}`;
    });
}
const plain = (digits) => Number(digits.replaceAll(',', ''));
function target(unit, litre, numbers, isChange) {
    if (unit === 'L')
        return litre;
    if (unit === '°C')
        return isChange ? DEGREES : TEMPERATURE;
    // What is less than a pound is told in ounces, as everywhere.
    if (unit === 'kg' && numbers.every((kg) => kg < KG_PER_LB))
        return OUNCES;
    return TURNED[unit];
}
function converted(sign, digits, { per, zero = 0, whole, broken }) {
    const came = digits.split('.')[1]?.length ?? 0;
    const value = plain(digits) * (sign === '−' || (sign === '-' && zero !== 0) ? -1 : 1) * per + zero;
    const text = Math.abs(value).toLocaleString('en', fixed(came === 0 ? whole : (broken ?? came)));
    // A temperature changes its sign on the way; the sign of all else stays as it was written.
    return zero === 0 ? `${sign}${text}` : `${value < 0 && !/^[0.]+$/.test(text) ? '−' : ''}${text}`;
}
const fixed = (decimals) => ({
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
});
/** What is found by it is kept, by its brackets, when a text is split. */
function namesPattern(names) {
    const looking = names.filter((name) => /\d/.test(name)).toSorted((a, b) => b.length - a.length);
    const escaped = looking.map((name) => name.replace(/[.*+?^${}()|[\]\\]/g, String.raw `\$&`));
    return new RegExp(`(${[TYPED, ...escaped].join('|')})`, 'i');
}
/** What somebody typed is quoted as it was typed. */
const TYPED = 'got "[^"]*"';
//# sourceMappingURL=shown.js.map