import type { Trip } from '@graft/core/trip';
import { DayButton } from '../shared/DayButton';
import { dayDate } from '../shared/dates';
import { Flex } from '../theme/chakra';

interface Props {
  readonly trip: Trip;
  readonly day: number;
  readonly onDay: (day: number) => void;
}

/** The days, of which one is looked at. */
export function Days({ trip, day, onDay }: Props) {
  return (
    <Flex
      role="radiogroup"
      aria-label="Day"
      gap="1"
      align="center"
      overflowX="auto"
      px={{ base: '2', md: '0' }}
      py={{ base: '1', md: '0' }}
    >
      {trip.legs.map((leg, i) => (
        <DayButton
          key={leg.id}
          label={`Day ${i + 1}`}
          title={`${dayDate(trip.startDate, i + 1)}: ${leg.name}`}
          on={day === i + 1}
          onClick={() => onDay(i + 1)}
        />
      ))}
    </Flex>
  );
}
