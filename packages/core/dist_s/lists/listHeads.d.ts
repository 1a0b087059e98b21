export declare function isGroupWord(text: string): boolean;
/** Whose name a head begins with: "Ilse", "Ilse's things", "ILSE". */
export declare function memberOfHead(text: string, members: readonly string[]): string | undefined;
/**
 * What a line heads, or undefined where it is a thing.
 *
 * @param members names of those on the trip
 * @param inCapitals lines of the list are mostly in capitals: those then head nothing
 */
export declare function headOfLine(line: string, members: readonly string[], inCapitals: boolean): string | undefined;
