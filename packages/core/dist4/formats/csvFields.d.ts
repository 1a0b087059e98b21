/** The columns of a table of things, with the words that other programs and people have for them, in several languages. */
export declare const CSV_FIELDS: readonly [{
    readonly id: 'id';
    readonly header: 'Id';
    readonly words: readonly ["key"];
}, {
    readonly id: 'list';
    readonly header: 'List';
    readonly words: readonly string[];
}, {
    readonly id: 'name';
    readonly header: 'Thing';
    readonly words: readonly string[];
}, {
    readonly id: 'count';
    readonly header: 'Count';
    readonly words: readonly string[];
}, {
    readonly id: 'mass';
    readonly header: 'Mass, kg';
    readonly words: readonly string[];
}, {
    readonly id: 'massTotal';
    readonly header: 'Mass of all';
    readonly words: readonly string[];
}, {
    readonly id: 'massUnit';
    readonly header: 'Unit';
    readonly words: readonly ["unit", "weight unit", "einheit", "unite"];
}, {
    readonly id: 'estimated';
    readonly header: 'Estimated';
    readonly words: readonly ["estimate", "guess", "geschaetzt"];
}, {
    readonly id: 'measuredOn';
    readonly header: 'Weighed on';
    readonly words: readonly ["measured on", "weighed"];
}, {
    readonly id: 'volume';
    readonly header: 'Packed, L';
    readonly words: readonly ["packed", "volume", "litres", "liters", "packed volume", "volumen"];
}, {
    readonly id: 'shape';
    readonly header: 'Shape';
    readonly words: readonly ["form", "dimensions", "size"];
}, {
    readonly id: 'flags';
    readonly header: 'Marks';
    readonly words: readonly ["flags", "tags"];
}, {
    readonly id: 'needed';
    readonly header: 'Needed';
    readonly words: readonly ["when needed", "when"];
}, {
    readonly id: 'purpose';
    readonly header: 'What for';
    readonly words: readonly ["purpose", "kind", "type"];
}, {
    readonly id: 'fromDay';
    readonly header: 'From day';
    readonly words: readonly ["joins"];
}, {
    readonly id: 'toDay';
    readonly header: 'To day';
    readonly words: readonly ["leaves"];
}, {
    readonly id: 'joinsAt';
    readonly header: 'Fetched at';
    readonly words: readonly ["hired at", "joins at", "from where"];
}, {
    readonly id: 'leavesAt';
    readonly header: 'Left at';
    readonly words: readonly ["leaves at", "given back at"];
}, {
    readonly id: 'useFrom';
    readonly header: 'Used up from day';
    readonly words: readonly ["used from"];
}, {
    readonly id: 'useTo';
    readonly header: 'Used up to day';
    readonly words: readonly ["used to"];
}, {
    readonly id: 'residue';
    readonly header: 'Left, kg';
    readonly words: readonly ["residue", "left"];
}, {
    readonly id: 'wetFactor';
    readonly header: 'Wet factor';
    readonly words: readonly ["wet"];
}, {
    readonly id: 'waterCapacity';
    readonly header: 'Water, L';
    readonly words: readonly ["water", "water capacity"];
}, {
    readonly id: 'foodCapacity';
    readonly header: 'Food, L';
    readonly words: readonly ["food capacity"];
}, {
    readonly id: 'holds';
    readonly header: 'Holds';
    readonly words: readonly ["holder", "capacity", "container"];
}, {
    readonly id: 'ridesLoose';
    readonly header: 'Rides loose';
    readonly words: readonly ["loose"];
}, {
    readonly id: 'owner';
    readonly header: 'Owner';
    readonly words: readonly ["belongs to", "lent by", "besitzer"];
}, {
    readonly id: 'wear';
    readonly header: 'Condition';
    readonly words: readonly ["state", "wear", "zustand"];
}, {
    readonly id: 'expiresOn';
    readonly header: 'Best before';
    readonly words: readonly ["expires", "expiry", "use by"];
}, {
    readonly id: 'needs';
    readonly header: 'Needs';
    readonly words: readonly ["requires"];
}, {
    readonly id: 'worn';
    readonly header: 'Worn';
    readonly words: readonly ["worn or in hand", "on body"];
}, {
    readonly id: 'want';
    readonly header: 'Wanted';
    readonly words: readonly ["required", "want", "priority"];
}, {
    readonly id: 'othersMayCarry';
    readonly header: 'Others may carry it';
    readonly words: readonly ["others", "may be taken over"];
}, {
    readonly id: 'onlyFor';
    readonly header: 'Only for';
    readonly words: readonly ["only"];
}, {
    readonly id: 'together';
    readonly header: 'Stays with';
    readonly words: readonly ["together", "bundle"];
}];
export type CsvField = (typeof CSV_FIELDS)[number]['id'];
/** Lower case, without marks and signs: how words are compared. */
export declare const plain: (text: string) => string;
/** A unit behind the words of a header. */
export declare const UNIT_AT_END: RegExp;
/** The words for a column, in plain letters. */
export declare function headerWords(field: (typeof CSV_FIELDS)[number]): readonly string[];
/** How many cells of a row are headers of known columns. */
export declare function headersIn(cells: readonly string[]): number;
