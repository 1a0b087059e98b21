/** A trip as it was read, of any shape: what points at what, with an error for each id that points at nothing. */
import type { FieldError } from './fieldError.js';
export type Raw = {
    readonly [key: string]: unknown;
};
export interface Entry {
    readonly item: Raw;
    readonly path: string;
}
export declare const isRaw: (value: unknown) => value is Raw;
export declare function entries(owner: Raw, key: string, base: string): readonly Entry[];
/** A raw trip while its references are checked: errors are gathered in the order in which they are found. */
export declare class RawTrip {
    readonly trip: Raw;
    /** Path prefix of the errors, such as "trip.". */
    readonly base: string;
    readonly errors: FieldError[];
    private readonly lists;
    readonly days: number;
    readonly members: readonly Entry[];
    readonly packs: readonly Entry[];
    readonly pieces: readonly Entry[];
    readonly personal: readonly Entry[];
    /** Pieces and personal things. */
    readonly things: readonly Entry[];
    readonly groupKinds: ReadonlyMap<unknown, unknown>;
    constructor(trip: Raw, 
    /** Path prefix of the errors, such as "trip.". */
    base: string);
    /** The entries of a list; made once, since several checks go over it. */
    of(key: string): readonly Entry[];
    refuse(path: string, message: string): void;
    take(errors: readonly FieldError[]): void;
    /** Ids of a list, with an error for each that stands twice. */
    unique(list: readonly Entry[], key: string, what: string): ReadonlySet<string>;
    /** Refuse an id that none of the known ones is; what is no text is the schema's to refuse. */
    expectKnown(known: ReadonlySet<string>, value: unknown, path: string, what: string): void;
    /** The same for a field of each entry of a list. */
    expectAll(list: readonly Entry[], key: string, known: ReadonlySet<string>, what: string): void;
    /** The same for each id of a list in a field. */
    expectEach({ item, path }: Entry, key: string, known: ReadonlySet<string>, what: string): void;
}
export declare function idsOf(list: readonly Entry[]): ReadonlySet<string>;
