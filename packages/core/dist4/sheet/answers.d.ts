import type { KeptMark, MarkValue, SheetMark } from './marks.js';
/** What is asked, each told as a mark "said" about one of these. */
export declare const SAID_FIELDS: readonly ['body', 'band', 'stature', 'pack', 'ownKg', 'cap', 'capWhy', 'eats', 'medicines', 'tentWith', 'guardian', 'done'];
export type SaidField = (typeof SAID_FIELDS)[number];
/** Numbers are told within these, in kg, cm and litres. */
export declare const SAID_RANGES: {
    readonly body: readonly [10, 250];
    readonly stature: readonly [80, 230];
    readonly pack: readonly [30, 80];
    readonly ownKg: readonly [0, 60];
    readonly cap: readonly [0.5, 60];
};
/** Somebody who would rather not say a weight says a band. */
export declare const BODY_BANDS: string[];
export declare function bandMiddleKg(band: string): number | undefined;
/** A thing of one's own that is ticked, or that one adds. */
export interface OwnAnswer {
    readonly name: string;
    readonly kg?: number;
}
export declare const OFFER_KINDS: readonly ['tent', 'stove', 'pot', 'filter', 'firstAid', 'other'];
export type OfferKind = (typeof OFFER_KINDS)[number];
/** Something of one's own that the party may have. */
export interface OfferAnswer extends OwnAnswer {
    readonly what: OfferKind;
    /** Of tents. */
    readonly sleeps?: number;
}
/** An own thing as a mark's text says it; undefined for an empty text and for anything else. */
export declare function readOwn(value: MarkValue): OwnAnswer | undefined;
export declare function readOffer(value: MarkValue): OfferAnswer | undefined;
/** What a member has said, as it stands. */
export interface Answers {
    readonly said: Readonly<Partial<Record<SaidField, MarkValue>>>;
    readonly own: ReadonlyMap<string, OwnAnswer>;
    readonly offers: ReadonlyMap<string, OfferAnswer>;
    /** They say that it is all. */
    readonly isDone: boolean;
    /** How much was said. */
    readonly count: number;
    /** What two devices say differently. */
    readonly disputed: number;
}
export declare function answersOf(marks: readonly (SheetMark | KeptMark)[]): Answers;
