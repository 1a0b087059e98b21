/** Long computations under way: how far each is, what became of it, and how to stop it. */
import type { FieldError } from '@graft/core/schema';
import type { Run } from '../workers/run';

/** Tells how far a run is, from 0 to 1, and in words what it has found so far. */
export type Tell = (done: number, detail?: string) => void;

/** Why a run came to nothing, and where it is a refusal of what it was given, every reason. */
export interface Failure {
  readonly message: string;
  readonly errors: readonly FieldError[];
}

/** What a run throws when it refuses what it was given. */
export class Refused extends Error implements Failure {
  constructor(
    message: string,
    readonly errors: readonly FieldError[],
  ) {
    super(message);
  }
}

export type RunEntry =
  | {
      readonly kind: 'running';
      readonly name: string;
      readonly done: number;
      readonly detail?: string | undefined;
      readonly stop: () => void;
    }
  | ({ readonly kind: 'failed'; readonly name: string } & Failure)
  /** It is done, but what it would replace was changed meanwhile: somebody decides. */
  | { readonly kind: 'offer'; readonly name: string; readonly text: string; readonly take: () => void };

/** What became of a run: its result (after a stop whatever that leaves), why it failed, or that nobody wants it any more. */
export type Outcome<T> =
  | { readonly kind: 'done'; readonly value: T }
  | ({ readonly kind: 'failed' } & Failure)
  | { readonly kind: 'dropped' };

/** Progress is drawn at most this often, ms: workers tell it far more often, and each time draws the station anew. */
const DRAWN_EVERY_MS = 100;

export class RunStore {
  private entries: ReadonlyMap<string, RunEntry> = new Map();
  private readonly listeners = new Set<() => void>();
  /** The newest run of each name: what an older one still says is not heard. */
  private readonly newest = new Map<string, Run<unknown>>();

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly snapshot = (): ReadonlyMap<string, RunEntry> => this.entries;

  private readonly watchers = new Map<string, number>();

  /** Tell that a place on the page shows the runs of a name, until the returned function is called. */
  watch(name: string): () => void {
    const count = (by: number): void => {
      this.watchers.set(name, (this.watchers.get(name) ?? 0) + by);
      this.put(name, this.entries.get(name));
    };
    count(1);
    return () => count(-1);
  }
  isWatched(name: string): boolean {
    return (this.watchers.get(name) ?? 0) > 0;
  }

  private put(name: string, entry: RunEntry | undefined): void {
    const next = new Map(this.entries);
    if (entry === undefined) next.delete(name);
    else next.set(name, entry);
    this.entries = next;
    for (const listener of this.listeners) listener();
  }

  /**
   * Begin a run; one of the same name that is under way is dropped. Never throws.
   */
  async start<T>(name: string, begin: (tell: Tell) => Run<T>): Promise<Outcome<T>> {
    this.drop(name);
    let run: Run<T> | undefined;
    let drawnAt = -Infinity;
    const isNewest = (): boolean => run !== undefined && this.newest.get(name) === run;
    try {
      run = begin((done, detail) => {
        const now = performance.now();
        if (!isNewest() || now - drawnAt < DRAWN_EVERY_MS) return;
        drawnAt = now;
        this.put(name, { kind: 'running', name, done, detail, stop: run!.stop });
      });
      this.newest.set(name, run);
      this.put(name, { kind: 'running', name, done: 0, stop: run.stop });
      const value = await run.result;
      if (!isNewest()) return { kind: 'dropped' };
      this.put(name, undefined);
      return { kind: 'done', value };
    } catch (error) {
      if (run !== undefined && !isNewest()) return { kind: 'dropped' };
      const failure: Failure = {
        message: error instanceof Error ? error.message : String(error),
        errors: error instanceof Refused ? error.errors : [],
      };
      this.put(name, { kind: 'failed', name, ...failure });
      return { kind: 'failed', ...failure };
    } finally {
      if (isNewest()) this.newest.delete(name);
    }
  }

  /** End a run; what it leaves is its result. */
  stop(name: string): void {
    this.newest.get(name)?.stop();
  }

  /** End a run whose result nobody wants any more, and forget what became of an earlier one. */
  drop(name: string): void {
    const run = this.newest.get(name);
    this.newest.delete(name);
    run?.stop();
    if (this.entries.has(name)) this.put(name, undefined);
  }

  dropAll(): void {
    for (const name of [...this.newest.keys(), ...this.entries.keys()]) this.drop(name);
  }

  offer(name: string, text: string, take: () => void): void {
    this.put(name, { kind: 'offer', name, text, take });
  }
}
