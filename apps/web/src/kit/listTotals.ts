import { isUnweighed, type ReadRow } from '@graft/core/lists';
import { formatMass, type MassUnit } from '@graft/core/units';
import { counted } from '../shared/words';

/** "Ilse 7 things 6.2 kg · the group 10 things 14.1 kg": what is about to be taken, list by list. */
export function listTotals<R extends ReadRow>(
  rows: readonly R[],
  nameOf: (row: R) => string,
  unit: MassUnit,
): string {
  const byList = new Map<string, { count: number; kg: number; unknown: number }>();
  for (const row of rows) {
    const sum = byList.get(nameOf(row)) ?? { count: 0, kg: 0, unknown: 0 };
    byList.set(nameOf(row), {
      count: sum.count + row.count,
      kg: sum.kg + row.count * row.thing.massKg,
      unknown: sum.unknown + (isUnweighed(row.thing) ? row.count : 0),
    });
  }
  return [...byList]
    .map(
      ([name, { count, kg, unknown }]) =>
        `${name} ${counted(count, 'thing')} ${formatMass(kg, unit)}${unknown === 0 ? '' : `, ${unknown} without a weight`}`,
    )
    .join(' · ');
}
