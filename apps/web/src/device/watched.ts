/** A value of the whole page that parts of it look at, outside of React too. */
export interface Watched<T> {
  readonly get: () => T;
  /** Who watches is told when it is another value. */
  readonly set: (value: T) => void;
  /** @returns what ends the watching */
  readonly watch: (listener: () => void) => () => void;
}

export function watched<T>(value: T): Watched<T> {
  let now = value;
  const listeners = new Set<() => void>();
  return {
    get: () => now,
    set: (next) => {
      if (next === now) return;
      now = next;
      for (const listener of listeners) listener();
    },
    watch: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}
