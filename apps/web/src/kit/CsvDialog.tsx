import { Box, Button, Flex, Text } from '../theme/chakra';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  CSV_FIELDS,
  csvTrip,
  thingsCsv,
  type CsvField,
  type CsvMapping,
  type CsvOptions,
  type ReadThings,
} from '@graft/core/formats';
import type { LibraryEntry } from '@graft/core/library';
import { takeRows, tooLong, type Target } from '@graft/core/lists';
import type { Trip } from '@graft/core/trip';
import { formatMass, formatVolume } from '@graft/core/units';
import { download } from '../shared/download';
import { FileButton } from '../shared/FileButton';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/TripProvider';
import { useSame } from '../shared/useSame';
import { startCsv, type CsvWorker } from '../workers/csv';
import type { CsvHead } from '../workers/csvReader';
import { counted } from '../shared/words';
import { Select } from '../shared/Select';

/** The largest file that is read, bytes: 5,000 rows have about one megabyte. */
const LARGEST_BYTES = 10_000_000;
const SHOWN_ROWS = 8;
const SHOWN_ERRORS = 30;
const COLUMN_CHOICES = [
  ['', 'left out'],
  ...CSV_FIELDS.map((f) => [f.id, f.header] as const),
] as const satisfies readonly (readonly [CsvField | '', string])[];

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
  const [options, setOptions] = useState<CsvOptions>({ massUnit: 'kg', volumeUnit: 'l', decimal: '.' });
  const [problem, setProblem] = useState<string | undefined>();
  const [read, setRead] = useState<ReadThings | undefined>();
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
      (error: unknown) => current && setProblem(`${loaded.name}: ${(error as Error).message}`),
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
      const head = await worker.current!.open(file);
      if (head.headers.length === 0 || head.rows === 0) {
        setProblem(
          `${file.name}: expected a line of headers and rows under it, got ${counted(head.rows, 'row')}`,
        );
        return;
      }
      setMapping(head.mapping);
      setOptions(head.options);
      setLoaded({ name: file.name, head });
    } catch (error) {
      setProblem(`${file.name}: ${(error as Error).message}`);
    }
  };
  const taken = useMemo(() => read && takeRows(trip, read.rows, target), [trip, read, target]);
  const full = taken && tooLong(taken.trip);
  const badLines = new Set(read?.errors.map((e) => e.line)).size;

  return (
    <Box>
      <Flex gap="3" align="center" pb="3" wrap="wrap">
        <FileButton
          size="sm"
          variant="outline"
          label="CSV file"
          accept=".csv,.tsv,.txt,text/csv"
          onFile={(file) => void open(file)}
        >
          Read a CSV file
        </FileButton>
        <Button
          size="sm"
          variant="outline"
          onClick={() => download(`${trip.id}-kit.csv`, 'text/csv', thingsCsv(trip))}
        >
          Save all things as CSV
        </Button>
        <Text fontSize="xs" color="fg.muted">
          Commas, semicolons or tabs; any order of columns; cells that look like formulas are saved as text.
        </Text>
      </Flex>
      {problem !== undefined && (
        <Text role="alert" color="overload.fg">
          {problem}
        </Text>
      )}
      {loaded !== undefined && read !== undefined && taken !== undefined && (
        <>
          <Mapping
            head={loaded.head}
            mapping={mapping}
            onMapping={setMapping}
            options={options}
            onOptions={setOptions}
          />
          <Preview read={read} />
          {read.errors.length > 0 && (
            <Box pt="3" maxH="9rem" overflow="auto" role="alert" fontSize="xs" color="overload.fg">
              {read.errors.slice(0, SHOWN_ERRORS).map((e, i) => (
                <Text key={i}>
                  Line {e.line}
                  {e.column !== '' && `, column “${e.column}”`}: {e.message}
                </Text>
              ))}
              {read.errors.length > SHOWN_ERRORS && <Text>and {read.errors.length - SHOWN_ERRORS} more</Text>}
            </Box>
          )}
          {full !== undefined && (
            <Text role="alert" fontSize="xs" color="overload.fg" pt="2">
              These rows are too many: {full}.
            </Text>
          )}
          <Flex pt="4" gap="3" align="center">
            <Button
              size="sm"
              disabled={read.rows.length === 0 || full !== undefined || readOnly}
              onClick={() => onTake(`read ${loaded.name}`, (t) => takeRows(t, read.rows, target).trip)}
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

function Mapping({
  head,
  mapping,
  onMapping,
  options,
  onOptions,
}: {
  head: CsvHead;
  mapping: CsvMapping;
  onMapping: (mapping: CsvMapping) => void;
  options: CsvOptions;
  onOptions: (options: CsvOptions) => void;
}) {
  return (
    <Box>
      <Text fontSize="xs" color="fg.muted">
        {counted(head.rows, 'row')}, {counted(head.headers.length, 'column')}. What each column is:
      </Text>
      <Flex wrap="wrap" gap="2" py="2">
        {head.headers.map((header, i) => (
          <Box key={i} w="9.6rem">
            <Text fontSize="xs" fontWeight="600" truncate title={header}>
              {header === '' ? `column ${i + 1}` : header}
            </Text>
            <Select
              label={`Column ${header === '' ? i + 1 : header} is`}
              value={mapping[i] ?? ''}
              options={COLUMN_CHOICES}
              onChoose={(value) => {
                const field = value === '' ? undefined : value;
                // A field stands for one column: where it stood before it is taken away.
                onMapping(mapping.map((m, k) => (k === i ? field : m === field ? undefined : m)));
              }}
            />
            <Text fontSize="xs" color="fg.muted" truncate>
              {head.example[i] || '—'}
            </Text>
          </Box>
        ))}
      </Flex>
      <Flex gap="3" pb="2" align="center" fontSize="xs" wrap="wrap">
        <Choice
          label="Masses without a unit are"
          value={options.massUnit}
          choices={['kg', 'g', 'lb', 'oz']}
          onChoose={(massUnit) => onOptions({ ...options, massUnit })}
        />
        <Choice
          label="Volumes without a unit are"
          value={options.volumeUnit}
          choices={['l', 'ml', 'cu in']}
          onChoose={(volumeUnit) => onOptions({ ...options, volumeUnit })}
        />
        <Choice
          label="Decimals have a"
          value={options.decimal}
          choices={['.', ',']}
          words={{ '.': 'point: 1.9', ',': 'comma: 1,9' }}
          onChoose={(decimal) => onOptions({ ...options, decimal })}
        />
      </Flex>
    </Box>
  );
}

function Choice<T extends string>({
  label,
  value,
  choices,
  words,
  onChoose,
}: {
  label: string;
  value: T;
  choices: readonly T[];
  words?: Readonly<Record<T, string>>;
  onChoose: (value: T) => void;
}) {
  return (
    <Flex as="label" align="center" gap="1">
      {label}
      <Select
        label={label}
        w="auto"
        value={value}
        options={choices.map((choice) => [choice, words?.[choice] ?? choice] as const)}
        onChoose={onChoose}
      />
    </Flex>
  );
}

function Preview({ read }: { read: ReadThings }) {
  const { massUnit } = usePreferences();
  if (read.rows.length === 0) return null;
  return (
    <Box as="table" w="100%" fontSize="xs" aria-label="Preview" borderTopWidth="1px">
      <thead>
        <tr className="muted">
          <th style={{ textAlign: 'start' }}>Line</th>
          <th style={{ textAlign: 'start' }}>Thing</th>
          <th style={{ textAlign: 'start' }}>List</th>
          <th style={{ textAlign: 'end' }}>Count</th>
          <th style={{ textAlign: 'end' }}>Mass</th>
          <th style={{ textAlign: 'end' }}>Packed</th>
        </tr>
      </thead>
      <tbody>
        {read.rows.slice(0, SHOWN_ROWS).map((r) => (
          <tr key={r.line}>
            <td>{r.line}</td>
            <td>{r.thing.name}</td>
            <td>{r.list ?? '—'}</td>
            <td style={{ textAlign: 'end' }}>{r.count}</td>
            <td style={{ textAlign: 'end' }}>
              {r.thing.massEstimated ? '≈ ' : ''}
              {formatMass(r.thing.massKg, massUnit)}
            </td>
            <td style={{ textAlign: 'end' }}>{formatVolume(r.thing.volumeL)}</td>
          </tr>
        ))}
        {read.rows.length > SHOWN_ROWS && (
          <tr className="muted">
            <td colSpan={6}>and {read.rows.length - SHOWN_ROWS} more</td>
          </tr>
        )}
      </tbody>
    </Box>
  );
}
