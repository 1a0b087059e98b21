/**
 * What members tell from their sheets: ticks, weights, problems. Sheets are used where there is no network, on more than
 * one device; so what is told is kept as marks that are never changed, and the state is worked out from all of them.
 *
 * Each key is a multi-value register (Shapiro, Preguiça, Baquero, Zawirski 2011; from memory): a mark names the marks
 * that it replaces, which are those its device knew. What no other mark replaces stands; when two such marks say
 * different things, nobody's word is lost: both are shown. Marks may come in any order, and more than once.
 */
/** What a mark is about. */
export declare const MARK_KINDS: readonly ['packed', 'received', 'weight', 'problem', 'veto', 'safety', 'answer', 'comfort', 'hurts', 'said', 'own', 'offer'];
/**
 * packed, received: a thing, true or false · weight: a thing's measured kg · problem, veto: what is wrong with a thing or,
 * without one, at all, in words; empty when it is settled · safety: the safety kit's places were read · answer: what
 * the leader says to a problem or veto · comfort, hurts: how a day felt, 1 to 10, and the places where it hurts, in
 * words of the record with spaces between; about a day, by `dayMark`, not about a thing · said: an answer of before the
 * trip, about a field of `answers.ts`; own, offer: a thing of one's own, as JSON, empty when it is taken back.
 */
export type MarkKind = (typeof MARK_KINDS)[number];
export type MarkValue = boolean | number | string;
export interface SheetMark {
    /** A random UUID, given by the device. */
    readonly id: string;
    readonly kind: MarkKind;
    /** The thing it is about; absent where it is about the sheet as a whole. */
    readonly thingId?: string;
    readonly value: MarkValue;
    /** By the clock of the device, ISO time. */
    readonly at: string;
    /** Marks of the same key that the device knew and that this one takes the place of. */
    readonly replaces: readonly string[];
}
/** A mark as the server keeps it. */
export interface KeptMark extends SheetMark {
    readonly byLeader: boolean;
}
/** What stands for one key. */
export interface Standing<M extends SheetMark = SheetMark> {
    /** The latest of what stands. */
    readonly mark: M;
    /** What stands beside it and says otherwise; empty but for a conflict of two devices. */
    readonly others: readonly M[];
    /** All that a new mark would replace. */
    readonly heads: readonly string[];
}
/** What a mark is about, wherever it is known. */
export interface MarkAbout {
    readonly kind: MarkKind;
    readonly thingId?: string | undefined;
}
export declare function markKey({ kind, thingId }: MarkAbout): string;
/** What stands, by `markKey`, whatever the order of the marks. */
export declare function standing<M extends SheetMark>(marks: readonly M[]): ReadonlyMap<string, Standing<M>>;
/** What a new mark of a key takes the place of. */
export declare function replacedBy(state: ReadonlyMap<string, Standing>, of: MarkAbout): readonly string[];
/** Whether a yes-or-no key says yes. */
export declare function isMarked(state: ReadonlyMap<string, Standing>, of: MarkAbout): boolean;
