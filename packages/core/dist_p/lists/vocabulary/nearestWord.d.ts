/** The vocabulary's word that a word is likely to be; itself where it is one, or where none is near. */
export declare function nearestWord(word: string): string;
