export type Quantity = 'mass' | 'volume' | 'length' | 'distance' | 'height' | 'duration';
export type Parsed = {
    readonly ok: true;
    readonly value: number;
} | {
    readonly ok: false;
    readonly error: string;
};
/**
 * Parse a typed quantity into kg, L, cm, km, m or h.
 *
 * @param text what was typed
 * @param quantity which kind of quantity the field holds
 * @param bareUnit the unit of a number without one, as the field shows it (a key of that quantity's units)
 * @returns the value, or an error that names the text and what was expected; negative values are refused
 */
export declare function parseQuantity(text: string, quantity: Quantity, bareUnit: string): Parsed;
