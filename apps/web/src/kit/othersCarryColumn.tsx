import type { Column } from '../shared/table/column';
import type { KitColumnParts } from './kitColumnParts';
import type { KitRow } from './kitRows';

/** Whether others may carry what is somebody's own: as usual, or by the leader's word. */
export function othersCarryColumn(parts: KitColumnParts): Column<KitRow> {
  const word = ({ othersMayCarry }: KitRow & { othersMayCarry?: boolean }): string =>
    othersMayCarry === undefined ? '' : othersMayCarry ? 'yes' : 'no';
  return {
    id: 'othersMayCarry',
    header: 'Others may carry it',
    width: '118',
    show: (row) =>
      word(row) !== '' ? word(row) : parts.places.things[row.id]?.movable === true ? 'yes, as usual' : '',
    edit: {
      text: word,
      options: [
        ['', 'as usual'],
        ['yes', 'yes'],
        ['no', 'no, it stays with its owner'],
      ],
      take: (row, entry) => {
        const { othersMayCarry: _old, ...rest } = row as KitRow & { othersMayCarry?: boolean };
        const next = (entry === '' ? rest : { ...rest, othersMayCarry: entry === 'yes' }) as KitRow;
        const error = parts.check(next);
        if (error === undefined) parts.save(next, 'who may carry it');
        return error;
      },
    },
  };
}
