/** The kit table's columns: a thing's name and list, and the set of columns that is looked at. */
import { textColumn } from '../shared/fields';
import { allThings, putThings, type Thing } from '@graft/core/trip';
import { isUnweighed, moveThing } from '@graft/core/lists';
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
      take: (row, entry) =>
        isUnweighed(row) && entry.trim() !== '' ? takeNew(parts, row, entry) : plain.edit!.take(row, entry),
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

/** The name of a new thing says what it is, and may say what it weighs. */
function takeNew(parts: KitColumnParts, row: KitRow, entry: string): string | undefined {
  const { check, save, act, library, knowledge } = parts;
  const known = knowledge.now();
  const named = known?.nameThing(row, entry, library) ?? { ...row, name: entry.trim() };
  const error = check(named);
  if (error !== undefined) return error;
  save(named, 'name');
  if (known === undefined)
    knowledge.later(({ nameThing }) =>
      act(`look up ${named.name}`, (trip) => {
        const now = allThings(trip).find((t) => t.id === row.id);
        const isSame = now !== undefined && isUnweighed(now) && now.name === named.name;
        const found = isSame ? nameThing(now, entry, library) : undefined;
        return found === undefined || check(found) !== undefined ? trip : putThings(trip, [found]);
      }),
    );
  return undefined;
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
