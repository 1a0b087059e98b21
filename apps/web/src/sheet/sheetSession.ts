/**
 * A member's sheet on a device. What was read last and what is still to be told are kept here, so that the sheet opens
 * and takes ticks without a network. What waits is told as soon as there is one.
 */
import type { OpenedSheet } from '@graft/core/api';
import {
  replacedBy,
  standing,
  type KeptMark,
  type MarkKind,
  type MarkValue,
  type MemberSheet,
  type SheetMark,
} from '@graft/core/sheet';

export interface SheetState {
  readonly opened: OpenedSheet | undefined;
  /** The sheet as the member has read it; what is new since then is told. */
  readonly seen: MemberSheet | undefined;
  /** Told by this device, not known to the server yet. */
  readonly pending: readonly SheetMark[];
  /** `gone`: the link is void. `unreachable`: no answer; what was read last is shown. */
  readonly link: 'asking' | 'works' | 'unreachable' | 'gone';
  /** What the server would not take, in its words. */
  readonly refused: string | undefined;
}
/** What a device keeps. */
type Kept = Pick<SheetState, 'opened' | 'seen' | 'pending'>;

/** Where things are kept and asked for; the browser's own but in tests. */
export interface Surroundings {
  readonly storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;
  readonly fetch: (path: string, init: RequestInit) => Promise<Response>;
  readonly now: () => Date;
  readonly newId: () => string;
}

const MOST_AT_ONCE = 200;

export class SheetSession {
  private state: SheetState;
  private readonly listeners = new Set<() => void>();
  private running: Promise<void> | undefined;
  private askAgain = false;

  constructor(
    private readonly token: string,
    private readonly around: Surroundings,
  ) {
    this.state = { ...this.kept(), link: 'asking', refused: undefined };
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly current = (): SheetState => this.state;

  /** All marks, those that wait too. */
  marks(): readonly SheetMark[] {
    return [...(this.state.opened?.marks ?? []), ...this.state.pending];
  }

  tell(kind: MarkKind, value: MarkValue, thingId?: string): void {
    const about = { kind, ...(thingId === undefined ? {} : { thingId }) };
    const mark: SheetMark = {
      id: this.around.newId(),
      ...about,
      value,
      at: this.around.now().toISOString(),
      replaces: [...replacedBy(standing(this.marks()), about)],
    };
    this.keep((kept) => ({ ...kept, pending: [...kept.pending, mark] }));
    void this.sync();
  }

  /** An id for something that the member adds. */
  readonly newId = (): string => this.around.newId();

  /** The member has read what is new. */
  readonly noteSeen = (): void => this.keep((kept) => ({ ...kept, seen: kept.opened?.sheet }));

  /** Tell what waits and read what is new; while that goes on, once more after it. */
  sync(): Promise<void> {
    this.askAgain = true;
    this.running ??= this.exchange().finally(() => {
      this.running = undefined;
    });
    return this.running;
  }

  private async exchange(): Promise<void> {
    while (this.askAgain) {
      this.askAgain = false;
      await this.tellPending();
      await this.read();
    }
  }

  private async tellPending(): Promise<void> {
    while (this.state.pending.length > 0) {
      const told = this.state.pending.slice(0, MOST_AT_ONCE);
      const answer = await this.ask('/api/sheet/marks', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ marks: told }),
      });
      if (answer === undefined) return;
      const ids = new Set(told.map((m) => m.id));
      const rest = (pending: readonly SheetMark[]) => pending.filter((m) => !ids.has(m.id));
      if (answer.ok) {
        const { marks } = (await answer.json()) as { marks: readonly KeptMark[] };
        this.keep((kept) => ({
          ...kept,
          opened: kept.opened === undefined ? undefined : { ...kept.opened, marks },
          pending: rest(kept.pending),
        }));
      } else {
        // Asking again would be refused again.
        const { error } = (await answer.json()) as { error: { message: string } };
        this.keep((kept) => ({ ...kept, pending: rest(kept.pending) }));
        this.set({ refused: error.message });
      }
    }
  }

  private async read(): Promise<void> {
    const answer = await this.ask('/api/sheet', {});
    if (answer?.ok !== true) return;
    const opened = (await answer.json()) as OpenedSheet;
    this.keep(({ seen, pending }) => ({ opened, seen: seen ?? opened.sheet, pending }));
    this.set({ link: 'works' });
  }

  /** @returns undefined when there is no answer to work with, which the state then tells */
  private async ask(path: string, init: RequestInit): Promise<Response | undefined> {
    let answer: Response;
    try {
      answer = await this.around.fetch(path, {
        ...init,
        headers: { 'X-Graft-Request': '1', 'X-Graft-Sheet': this.token, ...init.headers },
      });
    } catch {
      this.set({ link: 'unreachable' });
      return undefined;
    }
    if (answer.status === 404 || answer.status === 401) {
      // Withdrawn: what was read stays on no device.
      this.around.storage.removeItem(this.key);
      this.set({ link: 'gone', opened: undefined, seen: undefined });
      return undefined;
    }
    if (answer.status >= 500 || answer.status === 429) {
      this.set({ link: 'unreachable' });
      return undefined;
    }
    return answer;
  }

  private get key(): string {
    return `graft-sheet ${this.token}`;
  }
  private kept(): Kept {
    const text = this.around.storage.getItem(this.key);
    return text === null ? { opened: undefined, seen: undefined, pending: [] } : (JSON.parse(text) as Kept);
  }

  /** Change what is kept: another tab may have changed it meanwhile. */
  private keep(change: (kept: Kept) => Kept): void {
    const next = change(this.kept());
    this.around.storage.setItem(this.key, JSON.stringify(next));
    this.set(next);
  }

  /** Another tab has told or read something. */
  readonly reread = (): void => this.set(this.kept());

  private set(change: Partial<SheetState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }
}
