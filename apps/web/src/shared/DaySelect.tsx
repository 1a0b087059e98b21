import type { Trip } from '@graft/core/trip';
import { Select } from './Select';

/** A choice among the days of a trip. */
export function DaySelect({
  label,
  trip,
  value,
  onChoose,
  prefix = '',
}: {
  readonly label: string;
  readonly trip: Trip;
  readonly value: number;
  readonly onChoose: (day: number) => void;
  /** Stands before each number, when nothing beside the choice says "day". */
  readonly prefix?: string;
}) {
  return (
    <Select
      label={label}
      w={prefix === '' ? '4rem' : '5.5rem'}
      value={String(value)}
      options={trip.legs.map((_leg, i) => [String(i + 1), `${prefix}${i + 1}`] as const)}
      onChoose={(day) => onChoose(Number(day))}
    />
  );
}
