/** What a message repeats of a value: enough to find it, never all of it. */
/** Characters of a value that a message repeats at most. */
export declare const MOST_REPEATED = 80;
/** A text, cut where it is longer than a message repeats. */
export declare function cut(text: string, most?: number): string;
/** A value as JSON, or the beginning of it; no more of it is read than is shown. */
export declare function repeated(value: unknown): string;
