/** The kit table's columns, in sets: nobody looks at twenty at once. */
import type { ReactNode } from 'react';
import { moveThing } from '@graft/core/lists';
import {
  formatDaySpan,
  formatUse,
  isPersonal,
  parseDaySpan,
  parseUse,
  type Thing,
  type Trip,
} from '@graft/core/trip';
import type { MassUnit } from '@graft/core/units';
import type { Column } from '../shared/table/column';
import {
  choiceColumn,
  numberColumn,
  quantityColumn,
  textColumn,
  yesNoColumn,
  type Check,
} from '../shared/fields';
import { FLAG_WORDS, NEEDED_WORDS, optionsOf, PURPOSE_WORDS, WANT_WORDS, WEAR_WORDS } from '../shared/words';
import { keptElsewhere, type KitRow } from './kitRows';
import {
  dateColumn,
  flagsColumn,
  hostColumn,
  massColumn,
  needsColumn,
  readColumn,
  shapeColumn,
} from '../shared/thingColumns';

export const VIEWS = {
  weights: 'Mass',
  placing: 'Place',
  days: 'Days',
  ownership: 'Owner',
  carrying: 'Carrier',
} as const;
export type View = keyof typeof VIEWS;

interface Parts {
  readonly massUnit: MassUnit;
  readonly places: Places;
  readonly groups: Trip['groups'];
  readonly check: Check<KitRow>;
  readonly save: (row: KitRow, field: string) => void;
  readonly act: (label: string, step: (trip: Trip) => Trip) => void;
}

/** What the columns tell of a row that does not stand in the row itself. */
export interface Places {
  /** Kits and members, by the key of their list. */
  readonly lists: readonly (readonly [key: string, name: string])[];
  /** By the id of a thing: its own name, the key and name of its list, and who carries it. */
  readonly things: Readonly<
    Record<
      string,
      {
        readonly name: string;
        readonly key: string;
        readonly list: string;
        readonly carrier: string | undefined;
      }
    >
  >;
}

export function placesOf(trip: Trip): Places {
  const memberName = new Map(trip.members.map((m) => [m.id, m.name]));
  const carrier = new Map(trip.share.map((a) => [a.pieceId, memberName.get(a.memberId)]));
  const pieces = trip.kits.flatMap((k) =>
    k.pieces.map(
      (p) => [p.id, { name: p.name, key: `kit ${k.id}`, list: k.name, carrier: carrier.get(p.id) }] as const,
    ),
  );
  const own = trip.personalThings.map((t) => {
    const list = memberName.get(t.memberId) ?? '';
    return [t.id, { name: t.name, key: `member ${t.memberId}`, list, carrier: list }] as const;
  });
  return {
    lists: [
      ...trip.kits.map((k) => [`kit ${k.id}`, k.name] as const),
      ...trip.members.map((m) => [`member ${m.id}`, m.name] as const),
    ],
    things: Object.fromEntries([...pieces, ...own]),
  };
}

/** A column that can be edited only in rows that pass a test, besides its own. */
function editableWhen(test: (row: KitRow) => boolean, column: Column<KitRow>): Column<KitRow> {
  const { edit } = column;
  if (edit === undefined) return column;
  return { ...column, edit: { ...edit, when: (row) => test(row) && (edit.when?.(row) ?? true) } };
}
const onlyByHand = (column: Column<KitRow>): Column<KitRow> =>
  editableWhen((row) => !keptElsewhere(row), column);
const onlyPersonal = (column: Column<KitRow>): Column<KitRow> => editableWhen(isPersonal, column);
const onlyPieces = (column: Column<KitRow>): Column<KitRow> =>
  editableWhen((row) => !isPersonal(row), column);

export function kitColumns(view: View, parts: Parts): readonly Column<KitRow>[] {
  const { massUnit, places, check, save } = parts;
  const listOf = (row: KitRow): string => places.things[row.id]?.list ?? '';
  const carrierOf = (row: KitRow): string | undefined => places.things[row.id]?.carrier;
  const common = { check, save };
  const thing = common;
  const wide = (column: Column<Thing>): Column<KitRow> => column;
  const any = common as unknown as {
    check: Check<KitRow & Record<string, unknown>>;
    save: (row: KitRow & Record<string, unknown>, field: string) => void;
  };
  const loose = (column: Column<KitRow & Record<string, unknown>>): Column<KitRow> =>
    column as unknown as Column<KitRow>;

  const name: Column<KitRow> = {
    ...wide(textColumn<Thing, 'name'>({ ...thing, id: 'name', header: 'Thing', width: '224' })),
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
  const mass: Column<KitRow> = { ...wide(massColumn(thing, massUnit)), order: (row) => row.massKg };
  const packed: Column<KitRow> = {
    ...wide(
      quantityColumn<Thing, 'volumeL'>({
        ...thing,
        id: 'volumeL',
        header: 'Packed',
        quantity: 'volume',
        massUnit,
        width: '76',
      }),
    ),
    order: (row) => row.volumeL,
  };
  const sets: Readonly<Record<View, readonly Column<KitRow>[]>> = {
    weights: [
      mass,
      {
        ...wide(dateColumn(thing, 'measuredOn', 'Weighed on', '98')),
        order: (row) => row.measuredOn ?? '',
      },
      packed,
      wide(looseColumn(thing)),
      onlyPersonal(
        loose(
          yesNoColumn({
            ...any,
            id: 'worn',
            header: 'Worn',
            yes: 'worn or in hand',
            no: 'in the pack',
            width: '104',
          }),
        ),
      ),
    ],
    placing: [
      wide(shapeColumn(thing)),
      wide(
        choiceColumn<Thing, 'needed'>({
          ...thing,
          id: 'needed',
          header: 'Needed',
          options: optionsOf(NEEDED_WORDS),
          width: '104',
        }),
      ),
      {
        ...wide(
          choiceColumn<Thing, 'purpose'>({
            ...thing,
            id: 'purpose',
            header: 'What for',
            options: optionsOf(PURPOSE_WORDS),
            width: '120',
          }),
        ),
        order: (row) => PURPOSE_WORDS[row.purpose],
      },
      { ...wide(flagsColumn(thing)), order: (row) => row.flags.map((f) => FLAG_WORDS[f]).join() },
    ],
    days: [
      mass,
      wide(
        readColumn(
          thing,
          { id: 'days', header: 'Carried on days', width: '86', text: formatDaySpan },
          (t, entry) => {
            const { fromDay: _from, toDay: _to, ...rest } = t;
            const parsed = parseDaySpan(entry);
            return parsed.ok ? { thing: { ...rest, ...parsed.span } } : { error: parsed.error };
          },
        ),
      ),
      wide(
        readColumn(
          thing,
          { id: 'use', header: 'Used up on days', width: '124', text: (t) => formatUse(t.consumption) },
          (t, entry) => {
            const { consumption: _old, ...rest } = t;
            const parsed = parseUse(entry);
            if (!parsed.ok) return { error: parsed.error };
            return { thing: parsed.use === undefined ? rest : { ...rest, consumption: parsed.use } };
          },
        ),
      ),
      wide(
        numberColumn<Thing, 'wetFactor'>({
          ...thing,
          id: 'wetFactor',
          header: 'Wet',
          unit: '×',
          decimals: 2,
          optional: true,
          width: '72',
        }),
      ),
      wide(
        quantityColumn<Thing, 'waterCapacityL'>({
          ...thing,
          id: 'waterCapacityL',
          header: 'Water',
          quantity: 'volume',
          massUnit,
          optional: true,
          width: '76',
        }),
      ),
      wide(
        quantityColumn<Thing, 'foodCapacityL'>({
          ...thing,
          id: 'foodCapacityL',
          header: 'Food',
          quantity: 'volume',
          massUnit,
          optional: true,
          width: '76',
        }),
      ),
    ],
    ownership: [
      onlyPersonal(
        loose(
          choiceColumn({
            ...any,
            id: 'want',
            header: 'Asked for',
            none: '',
            options: optionsOf(WANT_WORDS),
            width: '92',
          }),
        ),
      ),
      {
        ...loose(textColumn({ ...any, id: 'owner', header: 'Owner', optional: true, width: '92' })),
        order: (row) => row.owner ?? '',
      },
      loose(
        choiceColumn({
          ...any,
          id: 'wear',
          header: 'State',
          none: '',
          options: optionsOf(WEAR_WORDS),
          width: '104',
        }),
      ),
      {
        ...wide(dateColumn(thing, 'expiresOn', 'Best before', '98')),
        order: (row) => row.expiresOn ?? '9999',
      },
      wide(needsColumn(thing)),
    ],
    carrying: [
      {
        id: 'carrier',
        header: 'Carried by',
        width: '96',
        show: (row) => carrierOf(row) ?? <span className="muted">nobody</span>,
        order: (row) => carrierOf(row) ?? '',
      },
      onlyPieces(
        loose(
          choiceColumn({
            ...any,
            id: 'onlyGroupId',
            header: 'Only for',
            none: 'anybody',
            options: parts.groups.map((g) => [g.id, g.name] as const),
            width: '118',
          }),
        ),
      ),
      onlyPieces(
        loose(textColumn({ ...any, id: 'together', header: 'Stays with', optional: true, width: '88' })),
      ),
      nestsColumn(parts, common),
    ],
  };
  return [
    onlyByHand(name),
    list,
    // Who may carry a parcel is said here even where its mass comes from the larder.
    ...sets[view].map((column) => (column.id === 'onlyGroupId' ? column : onlyByHand(column))),
  ];
}

/** Another list for a thing: a member's or a kit of the group. */
function listEdit({ places, act }: Parts): NonNullable<Column<KitRow>['edit']> {
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

/** What a soft thing fills when it is let out of its sack; kept in its shape. */
function looseColumn(common: {
  check: Check<Thing>;
  save: (t: Thing, field: string) => void;
}): Column<Thing> {
  const column = quantityColumn<Thing & { looseL?: number }, 'looseL'>({
    check: ({ looseL, ...t }) => common.check(withLoose(t, looseL)),
    save: ({ looseL, ...t }, field) => common.save(withLoose(t, looseL), field),
    id: 'looseL',
    header: 'Loose',
    quantity: 'volume',
    massUnit: 'kg',
    optional: true,
    width: '72',
  });
  const seen = (t: Thing): Thing & { looseL?: number } =>
    t.shape.kind === 'stuff' ? { ...t, looseL: t.shape.looseVolumeL } : t;
  return {
    ...column,
    show: (t): ReactNode => column.show(seen(t)),
    edit: {
      text: (t) => column.edit!.text(seen(t)),
      take: (t, entry) => column.edit!.take(seen(t), entry),
      when: (t) => t.shape.kind === 'stuff' || t.shape.kind === 'pouch',
    },
  };
}

function withLoose(t: Thing, looseL: number | undefined): Thing {
  return { ...t, shape: looseL === undefined ? { kind: 'pouch' } : { kind: 'stuff', looseVolumeL: looseL } };
}

/** What can be in what: things of the same kit or person. */
function nestsColumn(
  { places }: Parts,
  common: { check: Check<KitRow>; save: (row: KitRow, field: string) => void },
): Column<KitRow> {
  const { things } = places;
  return hostColumn({
    hostId: (row) => row.nestsIn,
    near: (row) =>
      Object.entries(things).flatMap(([id, t]) =>
        id !== row.id && t.key === things[row.id]?.key ? [[id, t.name] as const] : [],
      ),
    put: (row, hostId) => {
      const { nestsIn: _old, ...rest } = row;
      const next = (hostId === undefined ? rest : { ...rest, nestsIn: hostId }) as KitRow;
      const error = common.check(next);
      if (error === undefined) common.save(next, 'rides inside');
      return error;
    },
  });
}
