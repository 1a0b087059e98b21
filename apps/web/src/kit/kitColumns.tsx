/** The kit table's columns: a thing's name and list, and the set of columns that is looked at. */
import { textColumn } from '../shared/fields';
import type { Thing } from '@graft/core/trip';
import { isUnweighed, moveThing, nameThing } from '@graft/core/lists';
import type { Column } from '../shared/table/column';
import type { KitRow } from './kitRows';
import { keptElsewhere } from './kitRows';
import { COLUMN_SETS } from './kitColumnSets';
import type { KitColumnParts } from './kitColumnParts';
import { wide, onlyByHand } from './kitColumnParts';

export const VIEWS = {
  weights: 'Weight',
  placing: 'Place',
  days: 'Days',
  ownership: 'Owner',
  carrying: 'Carrier',
} as const;
export type View = keyof typeof VIEWS;

export function kitColumns(view: View, parts: KitColumnParts): readonly Column<KitRow>[] {
  const listOf = (row: KitRow): string => parts.places.things[row.id]?.list ?? '';
  const common = { check: parts.check, save: parts.save };
  const plain = wide(textColumn<Thing, 'name'>({ ...common, id: 'name', header: 'Thing', width: '224' }));
  const name: Column<KitRow> = {
    ...plain,
    edit: {
      ...plain.edit!,
      // The name of a new thing says what it is, and may say what it weighs.
      take: (row, entry) => {
        if (!isUnweighed(row) || entry.trim() === '') return plain.edit!.take(row, entry);
        const named = nameThing(row, entry, parts.library);
        const error = parts.check(named);
        if (error === undefined) parts.save(named, 'name');
        return error;
      },
    },
    order: (row) => row.name.toLowerCase(),
  };
  const list: Column<KitRow> = {
    id: 'list',
    header: 'List',
    width: '128',
    show: (row) => <span className="muted">{listOf(row)}</span>,
    hint: listOf,
    order: (row) => listOf(row).toLowerCase(),
    edit: listEdit(parts),
  };
  return [
    onlyByHand(name),
    list,
    // Who may carry a parcel is said here even where its mass comes from the larder.
    ...COLUMN_SETS[view](parts).map((column) => (column.id === 'onlyGroupId' ? column : onlyByHand(column))),
  ];
}

/** Another list for a thing: a member's or a kit of the group. */
function listEdit({ places, act }: KitColumnParts): NonNullable<Column<KitRow>['edit']> {
  return {
    when: (row) => !keptElsewhere(row),
    text: (row) => places.things[row.id]?.key ?? '',
    options: places.lists,
    take: (row, entry) => {
      const [kind, id] = entry.split(' ');
      act(`move ${row.name}`, (t) =>
        moveThing(t, row.id, kind === 'member' ? { kind, memberId: id! } : { kind: 'kit', kitId: id! }),
      );
      return undefined;
    },
  };
}
