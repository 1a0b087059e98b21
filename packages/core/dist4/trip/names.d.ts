/** Names as people type them twice: neither case nor spaces tell two people or two things apart. */
/** The same for all spellings of a name. */
export declare function nameKey(name: string): string;
export declare const isSameName: (a: string, b: string) => boolean;
