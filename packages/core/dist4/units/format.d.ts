export type MassUnit = 'kg' | 'lb';
/** The digits of a mass without its unit, for table columns whose head carries the unit. */
export declare function massDigits(kg: number, unit?: MassUnit): string;
/** "1.9 kg", "0.45 kg", or "4.2 lb", "3.5 oz" in US customary units. */
export declare function formatMass(kg: number, unit?: MassUnit): string;
/** "+1.2 kg", "−0.30 kg", "±0 kg". */
export declare function formatMassChange(kg: number, unit?: MassUnit): string;
export declare function formatVolume(litres: number): string;
/**
 * A ratio as a percentage: "71.4 %".
 *
 * @param rounding a promise is rounded to its safe side: "within 0.7 %" up, "at least 80.8 %" down
 */
export declare function formatPercent(ratio: number, decimals?: number, rounding?: 'nearest' | 'up' | 'down'): string;
/** "+0.4 cm", "−1.2 cm". */
export declare function formatSignedCm(cm: number): string;
/** A name within a sentence: its first letter small, unless it is an abbreviation; units and names in it stay. */
export declare function inSentence(name: string): string;
/** A day's way in words: "12.3 km, 400 m up, 300 m down"; a distance of nothing is one that nobody has said. */
export declare function formatWay(way: {
    readonly distanceKm: number;
    readonly climbM: number;
    readonly descentM?: number;
}): string;
