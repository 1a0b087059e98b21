import type { LibraryEntry, ThingEntry, DishEntry, KitEntry } from '@graft/core/library';
import { useMemo } from 'react';
import { thingEntryColumns, dishColumns } from './libraryColumns';
import { KitTable } from './KitTable';
import { EditableTable } from '../shared/table/EditableTable';
import { usePreferences } from '../shared/preferences';

interface Props {
  readonly set: LibraryEntry['kind'];
  /** Entries of this kind. */
  readonly shown: readonly LibraryEntry[];
  readonly save: Parameters<typeof thingEntryColumns>[0];
  readonly scroller: HTMLElement | null;
  readonly reached: string | undefined;
  readonly onReach: (id: string) => void;
}

/** The entries of one kind, in the table of that kind. */
export function EntryTable({ set, shown, save, scroller, reached, onReach }: Props) {
  const { massUnit } = usePreferences();
  const thingColumns = useMemo(() => thingEntryColumns(save, massUnit), [save, massUnit]);
  const dishCols = useMemo(() => dishColumns(save, massUnit), [save, massUnit]);
  return (
    <>
      {set === 'thing' && (
        <EditableTable
          label="Library things"
          wide
          columns={thingColumns}
          rowKey={entryKey}
          rowName={entryName}
          sections={[{ key: 'things', rows: shown as readonly ThingEntry[] }]}
          scroller={scroller}
          onReach={(e) => onReach(e.id)}
          {...(reached === undefined ? {} : { chosen: reached })}
        />
      )}
      {set === 'dish' && (
        <EditableTable
          label="Library dishes"
          wide
          columns={dishCols}
          rowKey={entryKey}
          rowName={entryName}
          sections={[{ key: 'dishes', rows: shown as readonly DishEntry[] }]}
        />
      )}
      {set === 'kit' && (
        <KitTable kits={shown as readonly KitEntry[]} save={save} scroller={scroller} onReach={onReach} />
      )}
    </>
  );
}
const entryKey = (e: LibraryEntry): string => e.id;
const entryName = (e: LibraryEntry): string => e.name;
