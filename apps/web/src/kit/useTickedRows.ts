import type { Kit } from '@graft/core/trip';
import { removeThings } from '@graft/core/trip';
import { entryOfKit, entryOfThing } from '@graft/core/lists';
import { useState, useMemo, useRef, useEffect, useCallback } from 'react';
import type { KitRow } from './kitRows';
import { counted } from '../shared/words';
import type { LeaderLibrary } from '../shared/useLibrary';
import { useTrip } from '../shared/tripContext';

interface TickedRows {
  readonly ticked: ReadonlySet<string>;
  readonly setTicked: (ids: ReadonlySet<string>) => void;
  /** Keep a kit in the leader's library. */
  readonly onSaveKit: (kit: Kit) => void;
  readonly saveTicked: () => void;
  readonly removeTicked: () => void;
}

/** Ticked rows, and what is done with all of them. */
export function useTickedRows(
  rows: readonly KitRow[],
  library: LeaderLibrary,
  setSaid: (message: string) => void,
): TickedRows {
  const { trip, change } = useTrip();
  const [marked, setTicked] = useState<ReadonlySet<string>>(new Set());
  // A tick on a row that is gone or filtered away would act on what nobody sees.
  const ticked = useMemo(() => new Set(rows.map((r) => r.id).filter((id) => marked.has(id))), [rows, marked]);

  const { entries, edit } = library;
  const newest = useRef({ trip, entries });
  useEffect(() => {
    newest.current = { trip, entries };
  });
  const onSaveKit = useCallback(
    (kit: Kit) => {
      edit([{ kind: 'put', entry: entryOfKit(newest.current.trip, kit, newest.current.entries) }]);
      setSaid(`${kit.name} is in your library.`);
    },
    [edit, setSaid],
  );
  const saveTicked = (): void => {
    const things = rows.filter((r) => ticked.has(r.id) && r.madeBy === undefined);
    let known = entries;
    const edits = things.map((thing) => {
      const entry = entryOfThing(thing, known);
      known = [...known.filter((e) => e.id !== entry.id), entry];
      return { kind: 'put', entry } as const;
    });
    if (edits.length > 0) edit(edits);
    setSaid(`${counted(edits.length, 'thing')} in your library.`);
    setTicked(new Set());
  };
  const removeTicked = (): void => {
    const gone = new Set(rows.filter((r) => ticked.has(r.id) && r.madeBy === undefined).map((r) => r.id));
    change(`remove ${counted(gone.size, 'thing')}`, (t) => removeThings(t, gone));
    setTicked(new Set());
  };
  return { ticked, setTicked, onSaveKit, saveTicked, removeTicked };
}
