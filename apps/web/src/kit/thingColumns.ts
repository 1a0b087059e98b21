import { FLAGS, formatShape, parseShape, type MassUnit, type Thing } from '@graft/core';
import type { Column } from '../shared/EditableTable';
import { choiceColumn, quantityColumn, yesNoColumn, type Check } from '../shared/fields';
import { FLAG_WORDS, NEEDED_WORDS, optionsOf, PURPOSE_WORDS } from '../shared/words';

interface Common<Row> {
  readonly check: Check<Row>;
  readonly save: (row: Row, field: string) => void;
}

/** The columns that group pieces and personal things have in common. */
export function thingColumns<Row extends Thing>(
  common: Common<Row>,
  massUnit: MassUnit,
): readonly Column<Row>[] {
  // The fields below are all of Thing; a generic row cannot show that to the compiler.
  const thing = common as unknown as Common<Thing>;
  const columns: readonly Column<Thing>[] = [
    quantityColumn({
      ...thing,
      id: 'massKg',
      header: 'Mass',
      quantity: 'mass',
      massUnit,
      width: '76',
      mark: (t) => (t.massEstimated ? '≈ ' : ''),
    }),
    yesNoColumn({
      ...thing,
      id: 'massEstimated',
      header: 'Weighed?',
      yes: 'estimate',
      no: 'weighed',
      width: '78',
    }),
    quantityColumn({ ...thing, id: 'volumeL', header: 'Packed', quantity: 'volume', massUnit, width: '76' }),
    shapeColumn(thing),
    choiceColumn({
      ...thing,
      id: 'needed',
      header: 'Needed',
      options: optionsOf(NEEDED_WORDS),
      width: '104',
    }),
    choiceColumn({
      ...thing,
      id: 'purpose',
      header: 'What for',
      options: optionsOf(PURPOSE_WORDS),
      width: '112',
    }),
    flagsColumn(thing),
  ];
  return columns as unknown as readonly Column<Row>[];
}

function shapeColumn({ check, save }: Common<Thing>): Column<Thing> {
  return {
    id: 'shape',
    header: 'Shape',
    width: '142',
    show: (t) => formatShape(t.shape),
    edit: {
      text: (t) => formatShape(t.shape),
      take: (t, entry) => {
        const parsed = parseShape(entry);
        if (!parsed.ok) return parsed.error;
        const next = { ...t, shape: parsed.shape };
        const error = check(next);
        if (error === undefined) save(next, 'shape');
        return error;
      },
    },
  };
}

function flagsColumn({ save }: Common<Thing>): Column<Thing> {
  const words = (t: Thing): string => t.flags.map((flag) => FLAG_WORDS[flag]).join(', ');
  return {
    id: 'flags',
    header: 'Marks',
    width: '150',
    show: (t) => words(t),
    edit: {
      text: words,
      take: (t, entry) => {
        const parts = entry
          .split(',')
          .map((part) => part.trim().toLowerCase())
          .filter((part) => part !== '');
        const unknown = parts.find((part) => !FLAGS.some((flag) => FLAG_WORDS[flag] === part));
        if (unknown !== undefined)
          return `expected marks among ${FLAGS.map((f) => FLAG_WORDS[f]).join(', ')}; got "${unknown}"`;
        save({ ...t, flags: FLAGS.filter((flag) => parts.includes(FLAG_WORDS[flag])) }, 'marks');
        return undefined;
      },
    },
  };
}
