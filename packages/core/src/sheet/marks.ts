/**
 * What members tell from their sheets: ticks, weights, problems. Sheets are used where there is no network, on more than
 * one device; so what is told is kept as marks that are never changed, and the state is worked out from all of them.
 *
 * Each key is a multi-value register (Shapiro, Preguiça, Baquero, Zawirski 2011; from memory): a mark names the marks
 * that it replaces, which are those its device knew. What no other mark replaces stands; when two such marks say
 * different things, nobody's word is lost: both are shown. Marks may come in any order, and more than once.
 */

/** What a mark is about. */
export const MARK_KINDS = [
  'packed',
  'received',
  'weight',
  'problem',
  'veto',
  'safety',
  'answer',
  'comfort',
  'hurts',
  'said',
  'own',
  'offer',
] as const;
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

export function markKey({ kind, thingId }: MarkAbout): string {
  return thingId === undefined ? kind : `${kind} ${thingId}`;
}

/** What stands, by `markKey`, whatever the order of the marks. */
export function standing<M extends SheetMark>(marks: readonly M[]): ReadonlyMap<string, Standing<M>> {
  const byKey = new Map<string, Map<string, M>>();
  for (const mark of marks) {
    const key = markKey(mark);
    const own = byKey.get(key) ?? new Map<string, M>();
    own.set(mark.id, mark);
    byKey.set(key, own);
  }
  const result = new Map<string, Standing<M>>();
  for (const [key, own] of byKey) {
    const replaced = new Set([...own.values()].flatMap((m) => m.replaces));
    const heads = [...own.values()]
      .filter((m) => !replaced.has(m.id))
      .sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : a.id < b.id ? 1 : -1));
    const [mark] = heads;
    // Only marks that replace each other in a circle leave none: no device makes them.
    if (mark === undefined) continue;
    result.set(key, {
      mark,
      others: heads.filter((m) => m.value !== mark.value),
      heads: heads.map((m) => m.id),
    });
  }
  return result;
}

/** What a new mark of a key takes the place of. */
export function replacedBy(state: ReadonlyMap<string, Standing>, of: MarkAbout): readonly string[] {
  return state.get(markKey(of))?.heads ?? [];
}

/** Whether a yes-or-no key says yes. */
export function isMarked(state: ReadonlyMap<string, Standing>, of: MarkAbout): boolean {
  return state.get(markKey(of))?.mark.value === true;
}
