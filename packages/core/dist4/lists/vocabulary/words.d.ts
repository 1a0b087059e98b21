/** Words of a name in the form in which they are compared: no case, accents or plurals, one spelling. */
/** "Woolly T-shirts" → wool, t, shirt. */
export declare function wordsOf(text: string): readonly string[];
/** What the same name is, however it is parted: "head torch", "headtorch", "head-torch". */
export declare function joined(words: readonly string[]): string;
/** Words that say how a thing is, with what they make of its mass; they name nothing themselves. */
export declare const QUALITIES: ReadonlyMap<string, number>;
/** A word that says nothing of what a thing is: a quality, a figure or a single letter. */
export declare function isAside(word: string): boolean;
