import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { decodeText, readShareCsv, shareCsv, type FieldError } from '@graft/core';
import { download } from '../shared/download';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { useTrip } from '../shared/TripProvider';
import { counted } from '../shared/words';

/** The largest table that is read, bytes: a line a piece. */
const LARGEST_BYTES = 2_000_000;

/** The share out as a table, and in again: all of it, or nothing with every line that does not fit. */
export function ShareCsvTools() {
  const { trip, change, readOnly } = useTrip();
  const [told, setTold] = useState('');
  const [errors, setErrors] = useState<readonly FieldError[]>([]);
  const read = async (file: File): Promise<void> => {
    setTold('');
    setErrors([]);
    if (file.size > LARGEST_BYTES) {
      setErrors([
        {
          path: file.name,
          message: `expected at most ${LARGEST_BYTES / 1e6} MB, got ${(file.size / 1e6).toFixed(1)} MB`,
        },
      ]);
      return;
    }
    const text = decodeText(new Uint8Array(await file.arrayBuffer()));
    const answer = readShareCsv(text, trip);
    if (answer.kind === 'errors') {
      setErrors(answer.errors.map((e) => ({ path: `line ${e.line}`, message: e.message })));
      return;
    }
    change(`share from ${file.name}`, (t) => {
      const now = readShareCsv(text, t);
      return now.kind === 'read' ? now.trip : t;
    });
    setTold(`${counted(answer.pieces, 'piece')} and ${counted(answer.handovers, 'handover')} taken.`);
  };
  return (
    <Box>
      <Flex gap="2" align="center" wrap="wrap">
        <Button
          size="2xs"
          variant="outline"
          onClick={() => download(`${trip.id}-shares.csv`, 'text/csv', shareCsv(trip))}
        >
          Save as CSV
        </Button>
        <FileButton
          size="2xs"
          variant="outline"
          disabled={readOnly}
          label="Table of shares"
          accept=".csv,text/csv,text/plain"
          onFile={(file) => void read(file)}
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
