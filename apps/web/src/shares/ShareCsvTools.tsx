import { Box, Button, Flex, Text } from '../theme/chakra';
import { InvalidInputError } from '@graft/core/schema';
import { download } from '../shared/download';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { useFileReading } from '../shared/useFileReading';
import { useOnDemand } from '../shared/useOnDemand';
import { useTrip } from '../shared/tripContext';
import { counted } from '../shared/words';

const file = () => import('./shareFile');

/** The share out as a table, and in again: all of it, or nothing with every line that does not fit. */
export function ShareCsvTools() {
  const { trip, change, readOnly } = useTrip();
  const onDemand = useOnDemand();
  const { told, errors, read } = useFileReading(async (text, fileName) => {
    const { readShareCsv } = await file();
    const answer = readShareCsv(text, trip);
    if (answer.kind === 'errors')
      throw new InvalidInputError(answer.errors.map((e) => ({ path: `line ${e.line}`, message: e.message })));
    change(`share from ${fileName}`, (t) => {
      const now = readShareCsv(text, t);
      return now.kind === 'read' ? now.trip : t;
    });
    return `${counted(answer.pieces, 'piece')} and ${counted(answer.handovers, 'handover')} taken.`;
  });
  return (
    <Box>
      <Flex gap="2" align="center" wrap="wrap">
        <Button
          size="2xs"
          variant="outline"
          onClick={() =>
            onDemand(file, ({ shareCsv }) => download(`${trip.id}-shares.csv`, 'text/csv', shareCsv(trip)))
          }
        >
          Save as CSV
        </Button>
        <FileButton
          size="2xs"
          variant="outline"
          disabled={readOnly}
          label="Table of shares"
          accept=".csv,text/csv,text/plain"
          onFile={read}
        >
          Read a CSV
        </FileButton>
        {told !== '' && <Text role="status">{told}</Text>}
      </Flex>
      {errors.length > 0 && (
        <Box mt="2">
          <ErrorList title="The table was not taken; nothing has changed." errors={errors} />
        </Box>
      )}
    </Box>
  );
}
