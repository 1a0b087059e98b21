/** What a record holds under a key of its own: an id may be any word, "constructor" too. */
export declare function own<T>(record: Readonly<Record<string, T>>, key: string): T | undefined;
