import { Box, Button, Flex, Text } from '../theme/chakra';
import { readTripCalendar, takeCalendar } from '@graft/core/formats';
import { dateWords } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { saveCalendar } from '../shared/saveCalendar';
import { useFileReading } from '../shared/useFileReading';
import { useTrip } from '../shared/TripProvider';
import { counted } from '../shared/words';

/** The trip as a calendar file; and the first day, and days at the end, out of one. */
export function CalendarTools() {
  const { trip, change, readOnly } = useTrip();
  const { told, errors, read } = useFileReading((text, fileName) => {
    const calendar = readTripCalendar(text);
    change(`dates from ${fileName}`, (t) => takeCalendar(t, calendar));
    const more = trip.legs.length - calendar.days;
    return (
      `“${calendar.name}”: ${counted(calendar.days, 'day')} from ${dateWords(calendar.startDate)}.` +
      (more > 0 ? ` The trip has ${counted(more, 'day')} more: take out those that fall away below.` : '')
    );
  });
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
          onClick={() => saveCalendar(trip)}
        >
          Save as a calendar
        </Button>
      </Flex>
      {told !== '' && (
        <Text fontSize="xs" role="status" mt="1">
          {told}
        </Text>
      )}
      {errors.length > 0 && (
        <Box mt="2">
          <ErrorList title="The calendar was not taken; nothing has changed." errors={errors} />
        </Box>
      )}
    </Box>
  );
}
