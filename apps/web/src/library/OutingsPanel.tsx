import { Box, Button, Flex, Input, Text } from '../theme/chakra';
import { useState } from 'react';
import type { KitEntry, LibraryEntry, ThingEntry } from '@graft/core/library';
import { UNUSED_TRIPS, unusedInARow } from '@graft/core/lists';
import { TEMPLATES, TRIP_STYLES, type TripStyle } from '@graft/core/trip';
import { today } from '../shared/dates';
import { Select } from '../shared/Select';

/** What became of an entry on its trips: the record that lets a thing stay at home. */
export function OutingsPanel({
  entry,
  put,
}: {
  entry: ThingEntry | KitEntry | undefined;
  put: (entry: LibraryEntry) => void;
}) {
  const [trip, setTrip] = useState('');
  const [date, setDate] = useState(today());
  const [style, setStyle] = useState<TripStyle>('camp');
  if (entry === undefined) {
    return (
      <Text fontSize="xs" color="fg.muted">
        Go to a thing or kit to see and keep its record: on which trips it came along, and whether it was
        used. After {UNUSED_TRIPS} trips of a style without use, the adviser at Kit says that it can stay;
        never the safety kit.
      </Text>
    );
  }
  const add = (used: boolean): void => {
    put({
      ...entry,
      outings: [
        ...entry.outings,
        { date, trip: trip.trim() === '' ? 'A trip' : trip.trim().slice(0, 120), style, used },
      ],
    });
    setTrip('');
  };
  const unusedStyles = TRIP_STYLES.filter((s) => unusedInARow(entry.outings, s) >= UNUSED_TRIPS);
  return (
    <Box>
      <Text fontWeight="600">{entry.name}</Text>
      {unusedStyles.length > 0 && (
        <Text fontSize="xs" pt="1">
          ▲ Unused on the last {UNUSED_TRIPS} and more:{' '}
          {unusedStyles.map((s) => TEMPLATES[s].name.toLowerCase()).join(', ')}.
        </Text>
      )}
      {entry.outings.length === 0 && (
        <Text fontSize="xs" color="fg.muted" pt="1">
          No trips recorded yet.
        </Text>
      )}
      {entry.outings.map((o, i) => (
        <Flex key={i} fontSize="xs" py="1" gap="2" borderBottomWidth="1px" borderColor="border.muted">
          <Box flex="1">
            {o.date} {o.trip}, {TEMPLATES[o.style].name.toLowerCase()}: {o.used ? 'used' : 'not used'}
          </Box>
          <Button
            size="2xs"
            variant="ghost"
            aria-label={`Remove ${o.trip}`}
            onClick={() => put({ ...entry, outings: entry.outings.filter((_o, k) => k !== i) })}
          >
            ✕
          </Button>
        </Flex>
      ))}
      <Flex direction="column" gap="2" pt="3">
        <Input
          size="xs"
          aria-label="Trip"
          placeholder="Trip"
          value={trip}
          onChange={(e) => setTrip(e.target.value)}
        />
        <Flex gap="2">
          <Input
            size="xs"
            type="date"
            aria-label="Date"
            value={date}
            onChange={(e) => setDate(e.target.value === '' ? today() : e.target.value)}
          />
          <Select
            label="Style"
            value={style}
            options={TRIP_STYLES.map((s) => [s, TEMPLATES[s].name] as const)}
            onChoose={setStyle}
          />
        </Flex>
        <Flex gap="2">
          <Button size="xs" variant="outline" onClick={() => add(true)}>
            Was used
          </Button>
          <Button size="xs" variant="outline" onClick={() => add(false)}>
            Was not used
          </Button>
        </Flex>
      </Flex>
    </Box>
  );
}
