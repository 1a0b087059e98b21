import { needed } from '@graft/core/schema';
import { Box, Button, Flex, Text } from '../theme/chakra';
import { useEffect, useMemo, useRef, useState } from 'react';
import { csvTrip, thingsCsv, type CsvMapping, type CsvOptions, type ReadThings } from '@graft/core/formats';
import type { LibraryEntry } from '@graft/core/library';
import {
  settleLists,
  takeRows,
  tooLong,
  unknownLists,
  type ListMeaning,
  type Target,
} from '@graft/core/lists';
import type { Trip } from '@graft/core/trip';
import { download } from '../shared/download';
import { FileButton } from '../shared/FileButton';
import { useTrip } from '../shared/tripContext';
import { useSame } from '../shared/useSame';
import { startCsv, type CsvWorker } from '../workers/csv';
import type { CsvChoice, CsvHead } from '../workers/csvReader';
import { CsvColumns } from './CsvColumns';
import { CsvPreview } from './CsvPreview';
import { CsvSheet } from './CsvSheet';
import { ListMeanings } from './ListMeanings';
import { counted } from '../shared/words';

/** The largest file that is read, bytes: 5,000 rows have about one megabyte. */
const LARGEST_BYTES = 10_000_000;
const SHOWN_ERRORS = 30;

interface Loaded {
  readonly name: string;
  readonly head: CsvHead;
}

/** A table out, and any table in: its columns are matched, can be matched otherwise, and good rows taken without the bad. */
export function CsvDialog({
  library,
  target,
  whose,
  onTake,
}: {
  library: readonly LibraryEntry[];
  target: Target;
  whose: string;
  onTake: (label: string, step: (trip: Trip) => Trip) => void;
}) {
  const { trip, readOnly } = useTrip();
  const worker = useRef<CsvWorker>(undefined);
  const [loaded, setLoaded] = useState<Loaded | undefined>();
  const [mapping, setMapping] = useState<CsvMapping>([]);
  const [options, setOptions] = useState<CsvOptions>({
    massUnit: 'kg',
    volumeUnit: 'l',
    decimal: '.',
    massOf: 'each',
  });
  const [problem, setProblem] = useState<string | undefined>();
  const [read, setRead] = useState<ReadThings | undefined>();
  const [meanings, setMeanings] = useState<ReadonlyMap<string, ListMeaning>>(new Map());
  const members = useMemo(() => trip.members.map((m) => m.name), [trip.members]);
  const limits = useSame(useMemo(() => csvTrip(trip), [trip]));

  // Started with the dialog: it is ready by the time a file is chosen.
  useEffect(() => {
    const started = startCsv();
    worker.current = started;
    return () => started.close();
  }, []);
  useEffect(() => {
    if (loaded === undefined) return undefined;
    let current = true;
    worker.current!.read(mapping, options, library, limits).then(
      (answer) => current && setRead(answer),
      (error: unknown) => current && setProblem(`${loaded.name}: ${needed((error as Error).message)}`),
    );
    return () => {
      current = false;
    };
  }, [loaded, mapping, options, library, limits]);

  const open = async (file: File): Promise<void> => {
    setProblem(undefined);
    setLoaded(undefined);
    setRead(undefined);
    if (file.size > LARGEST_BYTES) {
      setProblem(
        `${file.name}: expected at most ${LARGEST_BYTES / 1_000_000} MB, got ${(file.size / 1_000_000).toFixed(1)} MB`,
      );
      return;
    }
    try {
      show(file.name, await worker.current!.open(file, members));
    } catch (error) {
      setProblem(`${file.name}: ${needed((error as Error).message)}`);
    }
  };
  const show = (name: string, head: CsvHead): void => {
    if (head.headers.length === 0 || head.rows === 0) {
      setProblem(`${name}: expected a line of headers and rows under it, got ${counted(head.rows, 'row')}`);
      // Another sheet, or another line of headers, may hold them.
      if (head.sheets.length < 2) return;
    }
    setMapping(head.mapping);
    setOptions(head.options);
    setMeanings(new Map());
    setLoaded({ name, head });
  };
  const choose = async (name: string, choice: CsvChoice): Promise<void> => {
    setProblem(undefined);
    show(name, await worker.current!.choose(choice, members));
  };
  const unknown = useMemo(() => (read === undefined ? [] : unknownLists(trip, read.rows)), [trip, read]);
  const taken = useMemo(
    () => read && takeSettled(trip, read.rows, meanings, target),
    [trip, read, target, meanings],
  );
  const full = taken && tooLong(taken.trip);
  const badLines = new Set(read?.errors.map((e) => e.line)).size;

  return (
    <Box>
      <Flex gap="3" align="center" pb="3" wrap="wrap">
        <FileButton
          size="sm"
          variant="outline"
          label="CSV file"
          accept=".csv,.tsv,.txt,.xlsx,.ods,.xls,text/csv"
          onFile={(file) => void open(file)}
        >
          Read a spreadsheet or CSV
        </FileButton>
        <Button
          size="sm"
          variant="outline"
          onClick={() => download(`${trip.id}-kit.csv`, 'text/csv', thingsCsv(trip))}
        >
          Save all things as CSV
        </Button>
        <Text fontSize="xs" color="fg.muted">
          .xlsx, .ods or text with commas, semicolons or tabs; any order of columns. Cells that look like
          formulas are saved as text.
        </Text>
      </Flex>
      {problem !== undefined && (
        <Text role="alert" color="overload.fg">
          {problem}
        </Text>
      )}
      {loaded !== undefined && read !== undefined && taken !== undefined && (
        <>
          <CsvSheet head={loaded.head} onChoose={(choice) => void choose(loaded.name, choice)} />
          <CsvColumns
            head={loaded.head}
            mapping={mapping}
            onMapping={setMapping}
            options={options}
            onOptions={setOptions}
          />
          <ListMeanings names={unknown} members={trip.members} meanings={meanings} onMeanings={setMeanings} />
          <CsvPreview read={read} whose={whose} />
          <CsvErrors errors={read.errors} />
          {full !== undefined && (
            <Text role="alert" fontSize="xs" color="overload.fg" pt="2">
              These rows are too many: {full}.
            </Text>
          )}
          <Flex pt="4" gap="3" align="center">
            <Button
              size="sm"
              disabled={read.rows.length === 0 || full !== undefined || readOnly}
              onClick={() =>
                onTake(`read ${loaded.name}`, (t) => takeSettled(t, read.rows, meanings, target).trip)
              }
            >
              Take {counted(read.rows.length, 'row')}
              {badLines > 0 && ` without the ${counted(badLines, 'line')} above`}
            </Button>
            <Text fontSize="xs" color="fg.muted">
              {counted(taken.added, 'new thing')}, {taken.updated} changed by their id. Rows go to the member
              or kit that their list names; the others to {whose}.
            </Text>
          </Flex>
        </>
      )}
    </Box>
  );
}

/** Rows put onto the lists that their names mean. */
function takeSettled(
  trip: Trip,
  rows: ReadThings['rows'],
  meanings: ReadonlyMap<string, ListMeaning>,
  target: Target,
) {
  const settled = settleLists(trip, rows, meanings);
  return takeRows(settled.trip, settled.rows, target);
}

function CsvErrors({ errors }: { errors: ReadThings['errors'] }) {
  if (errors.length === 0) return null;
  return (
    <Box pt="3" maxH="9rem" overflow="auto" role="alert" fontSize="xs" color="overload.fg">
      {errors.slice(0, SHOWN_ERRORS).map((e, i) => (
        <Text key={i}>
          Line {e.line}
          {e.column !== '' && `, column “${e.column}”`}: {needed(e.message)}
        </Text>
      ))}
      {errors.length > SHOWN_ERRORS && <Text>and {errors.length - SHOWN_ERRORS} more</Text>}
    </Box>
  );
}
