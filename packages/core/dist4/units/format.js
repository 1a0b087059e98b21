/** How quantities are written: units always shown, one decimal for kg, two under 1 kg, differences signed. */
import { KG_PER_LB, KG_PER_OZ } from './convert.js';
/** The digits of a mass without its unit, for table columns whose head carries the unit. */
export function massDigits(kg, unit = 'kg') {
    if (unit === 'lb') {
        const lb = kg / KG_PER_LB;
        return lb.toFixed(Math.abs(lb) < 1 ? 2 : 1);
    }
    return kg.toFixed(Math.abs(kg) < 0.9995 ? 2 : 1);
}
/** "1.9 kg", "0.45 kg", or "4.2 lb", "3.5 oz" in US customary units. */
export function formatMass(kg, unit = 'kg') {
    if (unit === 'lb' && Math.abs(kg) < KG_PER_LB)
        return `${(kg / KG_PER_OZ).toFixed(1)} oz`;
    return `${massDigits(kg, unit)} ${unit}`;
}
/** "+1.2 kg", "−0.30 kg", "±0 kg". */
export function formatMassChange(kg, unit = 'kg') {
    if (Math.abs(kg) < 0.0005)
        return `±0 ${unit}`;
    return `${kg > 0 ? '+' : '−'}${formatMass(Math.abs(kg), unit)}`;
}
export function formatVolume(litres) {
    return `${litres.toFixed(1)} L`;
}
/**
 * A ratio as a percentage: "71.4 %".
 *
 * @param rounding a promise is rounded to its safe side: "within 0.7 %" up, "at least 80.8 %" down
 */
export function formatPercent(ratio, decimals = 1, rounding = 'nearest') {
    const scale = 100 * 10 ** decimals;
    // A hair of slack, so that 0.7 % computed as 0.7000000001 % is not promised as 0.8 %.
    const up = Math.ceil(ratio * scale - ROUNDING_SLACK);
    const down = Math.floor(ratio * scale + ROUNDING_SLACK);
    const rounded = rounding === 'nearest' ? ratio : (rounding === 'up' ? up : down) / scale;
    return `${(rounded * 100).toFixed(decimals)} %`;
}
const ROUNDING_SLACK = 1e-6;
/** "+0.4 cm", "−1.2 cm". */
export function formatSignedCm(cm) {
    const rounded = Math.abs(cm) < 0.05 ? 0 : cm;
    return `${rounded < 0 ? '−' : '+'}${Math.abs(rounded).toFixed(1)} cm`;
}
/** A name within a sentence: its first letter small, unless it is an abbreviation; units and names in it stay. */
export function inSentence(name) {
    return /^\p{Lu}(?![\p{Lu}\d])/u.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}
/** A day's way in words: "12.3 km, 400 m up, 300 m down"; a distance of nothing is one that nobody has said. */
export function formatWay(way) {
    const { distanceKm, climbM, descentM } = way;
    if (distanceKm === 0)
        return 'way not said yet';
    const down = descentM === undefined ? '' : `, ${Math.round(descentM)} m down`;
    return `${distanceKm.toFixed(1)} km, ${Math.round(climbM)} m up${down}`;
}
//# sourceMappingURL=format.js.map