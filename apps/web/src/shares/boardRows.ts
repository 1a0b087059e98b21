import type { MemberFigures, ShareFigures } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';

export const ORDERS = {
  listed: 'as listed',
  load: 'heaviest first',
  tent: 'by tent',
  cook: 'by cook group',
} as const;
export type Order = keyof typeof ORDERS;

export interface BoardRow {
  readonly figures: MemberFigures;
  /** Stands above the first member of a group. */
  readonly heading?: string;
}

/**
 * Members in the order they stand on the board.
 *
 * @param settled figures whose loads decide the order: not those of a piece in hand, or rows would jump under it
 */
export function boardRows(
  trip: Trip,
  figures: ShareFigures,
  settled: ShareFigures,
  order: Order,
): readonly BoardRow[] {
  if (order === 'listed') return figures.members.map((m) => ({ figures: m }));
  if (order === 'load') {
    const ratio = new Map(settled.members.map((m) => [m.member.id, m.largestMeasure]));
    return [...figures.members]
      .sort((a, b) => (ratio.get(b.member.id) ?? 0) - (ratio.get(a.member.id) ?? 0))
      .map((m) => ({ figures: m }));
  }
  const key = order === 'tent' ? 'tentGroupId' : 'cookGroupId';
  const groups = trip.groups.filter((g) => g.kind === order);
  const under = (heading: string, members: readonly MemberFigures[]): readonly BoardRow[] =>
    members.map((m, i) => (i === 0 ? { heading, figures: m } : { figures: m }));
  return [
    ...groups.flatMap((g) =>
      under(
        g.name,
        figures.members.filter((m) => m.member[key] === g.id),
      ),
    ),
    ...under(
      order === 'tent' ? 'In no tent' : 'In no cook group',
      figures.members.filter((m) => !groups.some((g) => g.id === m.member[key])),
    ),
  ];
}
