import { useState } from 'react';

/** A row that was just added and waits for its name. */
export interface Naming {
  /** The row. */
  readonly key: string;
  /** Enter in the row: the next one, please. */
  readonly onNext: () => void;
  /** Left without a name: nobody wants it. */
  readonly onDrop: () => void;
}

export interface Adding<P> {
  readonly naming: Naming | undefined;
  /** Add a row at a place; its name is open at once. */
  readonly add: (place: P) => void;
}

/**
 * Adding one row after another by keys alone.
 *
 * @param make adds a row at a place and returns its key
 * @param drop takes a row away again
 */
export function useAdding<P>(make: (place: P) => string, drop: (key: string) => void): Adding<P> {
  const [added, setAdded] = useState<{ readonly key: string; readonly place: P } | undefined>();
  const add = (place: P): void => setAdded({ key: make(place), place });
  return {
    add,
    naming:
      added === undefined
        ? undefined
        : {
            key: added.key,
            onNext: () => add(added.place),
            onDrop: () => {
              drop(added.key);
              setAdded(undefined);
            },
          },
  };
}
