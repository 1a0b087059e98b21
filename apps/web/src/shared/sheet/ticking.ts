import type { MarkValue, SheetMark, Standing } from '@graft/core/sheet';

export type Marks = ReadonlyMap<string, Standing<SheetMark>>;

/** What a member ticks and tells on their sheet. */
export interface Ticking {
  readonly marks: Marks;
  readonly tick: (kind: 'packed' | 'received' | 'safety', value: boolean, thingId?: string) => void;
  /** How a day felt. */
  readonly feel: (kind: 'comfort' | 'hurts', value: MarkValue, day: number) => void;
}
