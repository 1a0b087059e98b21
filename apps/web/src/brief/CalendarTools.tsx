import { Box, Button, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import type { CalendarEvents, CalendarTrip } from '@graft/core/formats';
import { dateWords } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { PlainDialog } from '../shared/PlainDialog';
import { useFileReading } from '../shared/useFileReading';
import { useOnDemand } from '../shared/useOnDemand';
import { useTrip } from '../shared/tripContext';
import { counted } from '../shared/words';

const calendarFile = () => import('./calendarFile');
type CalendarFile = Awaited<ReturnType<typeof calendarFile>>;

interface Found extends CalendarEvents {
  readonly fileName: string;
}

const UNTITLED = 'an event without a title';
const nameOf = ({ name }: CalendarTrip): string => (name === '' ? UNTITLED : `“${name}”`);

/** The trip as a calendar file; and the first day, and days at the end, out of one. */
export function CalendarTools() {
  const { trip, change, readOnly } = useTrip();
  const [found, setFound] = useState<Found | undefined>();
  const [taken, setTaken] = useState('');
  const onDemand = useOnDemand();
  const take = ({ takeCalendar }: CalendarFile, calendar: CalendarTrip, fileName: string): string => {
    change(`dates from ${fileName}`, (t) => takeCalendar(t, calendar));
    const more = trip.legs.length - calendar.days;
    return (
      `${nameOf(calendar)}: ${counted(calendar.days, 'day')} from ${dateWords(calendar.startDate)}.` +
      (more > 0 ? ` The trip has ${counted(more, 'day')} more: take out those that fall away below.` : '')
    );
  };
  const { told, errors, read } = useFileReading(async (text, fileName) => {
    setTaken('');
    const file = await calendarFile();
    const events = file.readCalendarEvents(text);
    if (events.isSure) return take(file, events.events[0]!, fileName);
    setFound({ ...events, fileName });
    return '';
  });
  const words = told === '' ? taken : told;
  return (
    <Box>
      <Flex gap="2">
        <FileButton
          size="2xs"
          variant="outline"
          disabled={readOnly}
          label="Calendar file"
          accept=".ics,text/calendar"
          onFile={read}
        >
          Dates from a calendar
        </FileButton>
        <Button
          size="2xs"
          variant="outline"
          title="The trip, its days and what is to be done before it"
          onClick={() =>
            onDemand(
              () => import('../shared/saveCalendar'),
              ({ saveCalendar }) => saveCalendar(trip),
            )
          }
        >
          Save as a calendar
        </Button>
      </Flex>
      {words !== '' && (
        <Text fontSize="xs" role="status" mt="1">
          {words}
        </Text>
      )}
      {errors.length > 0 && (
        <Box mt="2">
          <ErrorList title="The calendar was not taken; nothing has changed." errors={errors} />
        </Box>
      )}
      <PlainDialog
        title="Which of these is the trip?"
        open={found !== undefined}
        onClose={() => setFound(undefined)}
      >
        {found !== undefined && (
          <EventList
            found={found}
            onChoose={(event) => {
              onDemand(calendarFile, (file) => setTaken(take(file, event, found.fileName)));
              setFound(undefined);
            }}
          />
        )}
      </PlainDialog>
    </Box>
  );
}

/** Longer calendars are shown in part: the trip is likely among the first. */
const MOST_SHOWN = 40;

function EventList({
  found: { events, cancelled, unreadable },
  onChoose,
}: {
  found: Found;
  onChoose: (event: CalendarTrip) => void;
}) {
  return (
    <Box>
      <Box as="ul" listStyleType="none" aria-label="Events">
        {events.slice(0, MOST_SHOWN).map((event, i) => (
          <Box as="li" key={i} borderBottomWidth="1px" borderColor="border.muted">
            <Button
              variant="ghost"
              size="sm"
              w="100%"
              justifyContent="space-between"
              onClick={() => onChoose(event)}
            >
              <Text as="span" truncate>
                {event.name === '' ? UNTITLED : event.name}
              </Text>
              <Text as="span" color="fg.muted" flexShrink={0}>
                {dateWords(event.startDate)}, {counted(event.days, 'day')}
              </Text>
            </Button>
          </Box>
        ))}
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="2">
        {events.length > MOST_SHOWN && `and ${events.length - MOST_SHOWN} more. `}
        {cancelled > 0 && `${counted(cancelled, 'cancelled event')} left out. `}
        {unreadable > 0 && `${counted(unreadable, 'event')} without dates left out.`}
      </Text>
    </Box>
  );
}
