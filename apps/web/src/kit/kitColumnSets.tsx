/** The kit table's columns, in sets: nobody looks at twenty at once. */
import type { ReactNode } from 'react';
import type { Column } from '../shared/table/column';
import type { Thing } from '@graft/core/trip';
import { formatDaySpan, parseDaySpan, formatUse, parseUse } from '@graft/core/trip';
import type { Check } from '../shared/fields';
import { yesNoColumn, choiceColumn, numberColumn, quantityColumn, textColumn } from '../shared/fields';
import {
  dateColumn,
  shapeColumn,
  flagsColumn,
  readColumn,
  needsColumn,
  holdsColumn,
  hostColumn,
} from '../shared/thingColumns';
import { optionsOf, PURPOSE_WORDS, FLAG_WORDS, NEEDED_WORDS, WANT_WORDS, WEAR_WORDS } from '../shared/words';
import type { KitColumnParts } from './kitColumnParts';
import { massOf, wide, onlyPersonal, loose, loosely, onlyPieces } from './kitColumnParts';
import type { KitRow } from './kitRows';
import { othersCarryColumn } from './othersCarryColumn';

/** What things weigh and how large they are. */
function weights(parts: KitColumnParts): readonly Column<KitRow>[] {
  return [
    massOf(parts),
    {
      ...wide(dateColumn(parts, 'measuredOn', 'Weighed on', '98')),
      order: (row) => row.measuredOn ?? '',
    },
    packedOf(parts),
    wide(looseColumn(parts)),
    onlyPersonal(
      loose(
        yesNoColumn({
          ...loosely(parts),
          id: 'worn',
          header: 'Worn',
          yes: 'worn or in hand',
          no: 'in the pack',
          width: '104',
        }),
      ),
    ),
  ];
}

/** What decides where a thing goes in a pack. */
function placing(parts: KitColumnParts): readonly Column<KitRow>[] {
  return [
    wide(shapeColumn(parts, parts.massUnit)),
    wide(
      choiceColumn<Thing, 'needed'>({
        ...parts,
        id: 'needed',
        header: 'Needed',
        options: optionsOf(NEEDED_WORDS),
        width: '104',
      }),
    ),
    {
      ...wide(
        choiceColumn<Thing, 'purpose'>({
          ...parts,
          id: 'purpose',
          header: 'What for',
          options: optionsOf(PURPOSE_WORDS),
          width: '120',
        }),
      ),
      order: (row) => PURPOSE_WORDS[row.purpose],
    },
    { ...wide(flagsColumn(parts)), order: (row) => row.flags.map((f) => FLAG_WORDS[f]).join() },
    wide(holdsColumn(parts, parts.massUnit)),
  ];
}

/** When things are carried, and what they use up. */
function days(parts: KitColumnParts): readonly Column<KitRow>[] {
  return [
    massOf(parts),
    wide(
      readColumn(
        parts,
        { id: 'days', header: 'Carried on days', width: '86', text: formatDaySpan },
        (t, entry) => {
          const { fromDay: _from, toDay: _to, ...rest } = t;
          const parsed = parseDaySpan(entry);
          return parsed.ok ? { thing: { ...rest, ...parsed.span } } : { error: parsed.error };
        },
      ),
    ),
    wide(
      textColumn<Thing, 'joinsAt'>({
        ...parts,
        id: 'joinsAt',
        header: 'Hired, fetched at',
        optional: true,
        width: '104',
      }),
    ),
    wide(
      textColumn<Thing, 'leavesAt'>({
        ...parts,
        id: 'leavesAt',
        header: 'Left at',
        optional: true,
        width: '88',
      }),
    ),
    wide(
      readColumn(
        parts,
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
        ...parts,
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
        ...parts,
        id: 'waterCapacityL',
        header: 'Water',
        quantity: 'liquid',
        massUnit: parts.massUnit,
        optional: true,
        width: '76',
      }),
    ),
    wide(
      quantityColumn<Thing, 'foodCapacityL'>({
        ...parts,
        id: 'foodCapacityL',
        header: 'Food',
        quantity: 'volume',
        massUnit: parts.massUnit,
        optional: true,
        width: '76',
      }),
    ),
  ];
}

/** Whose things are, and in what state. */
function ownership(parts: KitColumnParts): readonly Column<KitRow>[] {
  return [
    onlyPersonal(
      loose(
        choiceColumn({
          ...loosely(parts),
          id: 'want',
          header: 'Asked for',
          none: '',
          options: optionsOf(WANT_WORDS),
          width: '92',
        }),
      ),
    ),
    {
      ...loose(textColumn({ ...loosely(parts), id: 'owner', header: 'Owner', optional: true, width: '92' })),
      order: (row) => row.owner ?? '',
    },
    loose(
      choiceColumn({
        ...loosely(parts),
        id: 'wear',
        header: 'State',
        none: '',
        options: optionsOf(WEAR_WORDS),
        width: '104',
      }),
    ),
    {
      ...wide(dateColumn(parts, 'expiresOn', 'Best before', '98')),
      order: (row) => row.expiresOn ?? '9999',
    },
    wide(needsColumn(parts)),
  ];
}

/** Who carries what, and what stays with what. */
function carrying(parts: KitColumnParts): readonly Column<KitRow>[] {
  const common = { check: parts.check, save: parts.save };
  const carrierOf = (row: KitRow): string | undefined => parts.places.things[row.id]?.carrier;
  return [
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
          ...loosely(parts),
          id: 'onlyGroupId',
          header: 'Only for',
          none: 'anybody',
          options: parts.groups.map((g) => [g.id, g.name] as const),
          width: '118',
        }),
      ),
    ),
    onlyPieces(
      loose(
        textColumn({ ...loosely(parts), id: 'together', header: 'Stays with', optional: true, width: '88' }),
      ),
    ),
    nestsColumn(parts, common),
    onlyPersonal(othersCarryColumn(parts)),
  ];
}

function packedOf(parts: KitColumnParts): Column<KitRow> {
  const common = { check: parts.check, save: parts.save };
  return {
    ...wide(
      quantityColumn<Thing, 'volumeL'>({
        ...common,
        id: 'volumeL',
        header: 'Packed',
        quantity: 'volume',
        massUnit: parts.massUnit,
        width: '76',
      }),
    ),
    order: (row) => row.volumeL,
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

/** What can be in what: things of the same kit or person, and what holds things of the others. */
function nestsColumn(
  { places }: KitColumnParts,
  common: { check: Check<KitRow>; save: (row: KitRow, field: string) => void },
): Column<KitRow> {
  const { things } = places;
  return hostColumn({
    hostId: (row) => row.nestsIn,
    near: (row) => {
      const others = Object.entries(things).filter(([id]) => id !== row.id);
      const isNear = (t: (typeof things)[string]): boolean => t.key === things[row.id]?.key;
      return [
        ...others.filter(([, t]) => isNear(t)).map(([id, t]) => [id, t.name] as const),
        ...others
          .filter(([, t]) => !isNear(t) && t.holds)
          .map(([id, t]) => [id, `${t.list}: ${t.name}`] as const),
      ];
    },
    isLoose: (row) => row.ridesLoose === true,
    put: (row, hostId, isLoose) => {
      const { nestsIn: _old, ridesLoose: _loose, ...rest } = row;
      const next = {
        ...rest,
        ...(hostId === undefined ? {} : { nestsIn: hostId }),
        ...(isLoose ? { ridesLoose: true } : {}),
      } as KitRow;
      const error = common.check(next);
      if (error === undefined) common.save(next, 'rides inside');
      return error;
    },
  });
}

/** The sets of columns, by what they are about. */
export const COLUMN_SETS = { weights, placing, days, ownership, carrying } as const;
