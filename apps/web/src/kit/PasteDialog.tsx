import { needed } from '@graft/core/schema';
import { Box, Button, Flex, Text, Textarea } from '../theme/chakra';
import { useMemo, useState } from 'react';
import { isCells, readCells, type PastedCells } from '@graft/core/formats';
import type { LibraryEntry } from '@graft/core/library';
import {
  guessFacts,
  parseList,
  rowsOfPasted,
  takeRows,
  type GuessedRow,
  type Target,
} from '@graft/core/lists';
import type { Trip } from '@graft/core/trip';
import { useReadOnly, useTrip, useTripCommands } from '../shared/tripContext';
import { useDraft } from '../shared/useDraft';
import { counted } from '../shared/words';
import { PastePreview, type RowEdit } from './PastePreview';
import { Select } from '../shared/Select';

const UNITS = [
  ['', 'are part of the name'],
  ['g', 'are grams'],
  ['kg', 'are kg'],
  ['oz', 'are ounces'],
] as const;

/** A row is the same as long as its line says the same thing. */
function keyOf({ line, thing }: GuessedRow): string {
  return `${line} ${thing.name}`;
}

/** A row as it was read, and as it is with what was put right of it. */
interface EditedRow extends GuessedRow {
  readonly key: string;
}

/**
 * A row with what was put right of it. A new name is understood anew; a mass that is said is no estimate any more, and
 * its room goes with it.
 */
function edited(
  read: GuessedRow,
  edit: RowEdit | undefined,
  library: readonly LibraryEntry[],
  trip: Trip,
  target: Target,
): EditedRow {
  const key = keyOf(read);
  if (edit === undefined) return { ...read, key };
  const row = {
    ...renamed(read, edit.name, library, trip, target),
    ...(edit.count === undefined ? {} : { count: edit.count }),
    key,
  };
  const { list: _list, ...rest } = row;
  const list = edit.list === undefined ? row.list : edit.list === '' ? undefined : edit.list;
  const { massKg } = edit;
  const guess = massKg === undefined ? row.guess : guessFacts(row.thing.name, library, massKg);
  return {
    ...rest,
    ...(list === undefined ? {} : { list }),
    thing:
      massKg === undefined
        ? row.thing
        : { ...row.thing, massKg, massEstimated: false, volumeL: guess.facts.volumeL },
  };
}

/** The row as if its line had said another name; a mass that it said stays. */
function renamed(
  row: GuessedRow,
  name: string | undefined,
  library: readonly LibraryEntry[],
  trip: Trip,
  target: Target,
): GuessedRow {
  if (name === undefined || name === row.thing.name) return row;
  const { line, count, list, thing } = row;
  const [anew] = rowsOfPasted(
    [
      {
        line,
        name,
        count,
        ...(thing.massEstimated ? {} : { massKg: thing.massKg }),
        ...(list === undefined ? {} : { list }),
      },
    ],
    library,
    trip,
    target,
  );
  return anew!;
}

/** A list as people write it, read while it is typed: what each line is taken for, and what cannot be read. */
export function PasteDialog({
  library,
  target,
  whose,
  pasted,
  onTake,
}: {
  library: readonly LibraryEntry[];
  target: Target;
  whose: string;
  /** To begin with; empty for what was last typed here. */
  pasted: string;
  onTake: (label: string, step: (trip: Trip) => Trip) => void;
}) {
  const readOnly = useReadOnly();
  const { id } = useTripCommands();
  const { trip } = useTrip();
  const members = useMemo(() => trip.members.map((m) => m.name), [trip.members]);
  const [text, setText] = useDraft(`list.${id}`, pasted);
  const [unit, setUnit] = useState<'' | 'g' | 'kg' | 'oz'>('');
  const [edits, setEdits] = useState<ReadonlyMap<string, RowEdit>>(new Map());
  const { rows: read, errors } = useMemo((): PastedCells => {
    // Cells of a spreadsheet go the way of its file.
    if (isCells(text)) return readCells(text, library, trip);
    const list = parseList(text, {
      ...(unit === '' ? {} : { bareUnit: unit }),
      members,
      isOneMembers: target.kind === 'member',
    });
    return { rows: rowsOfPasted(list.things, library, trip, target), errors: list.errors };
  }, [text, unit, members, library, trip, target]);
  const rows = useMemo(
    () => read.map((row) => edited(row, edits.get(keyOf(row)), library, trip, target)),
    [read, edits, library, trip, target],
  );
  const count = rows.reduce((sum, r) => sum + r.count, 0);
  return (
    <Box>
      <Text fontSize="sm" pb="2">
        A thing a line, for {whose}: “tent 1.9 kg”, “2 x socks 80 g”, “rain jacket”. “GROUP” or “Ilse:” above
        some lines says whose they are. What has no mass gets the likely one, marked ≈; what nobody knows is
        asked for. Cells copied from a spreadsheet are read too.
      </Text>
      <Textarea
        rows={7}
        autoFocus
        aria-label="List"
        placeholder={'GROUP\ntent 1.9 kg\ngas 230\nIlse:\n2 x socks 80 g\nrain jacket'}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <Flex align="center" gap="2" py="2" fontSize="sm">
        Numbers without a unit
        <Select label="Numbers without a unit" w="11rem" value={unit} options={UNITS} onChoose={setUnit} />
      </Flex>
      {errors.map((e) => (
        <Text key={e.line} role="alert" fontSize="xs" color="overload.fg">
          Line {e.line}: {needed(e.message)}
        </Text>
      ))}
      {rows.length > 0 && (
        <PastePreview
          rows={rows}
          members={members}
          whose={whose}
          readOnly={readOnly}
          onEdit={({ key }, edit) => setEdits((now) => new Map(now).set(key, { ...now.get(key), ...edit }))}
        />
      )}
      <Button
        mt="4"
        size="sm"
        disabled={rows.length === 0 || readOnly}
        onClick={() => {
          onTake(`paste ${counted(count, 'thing')}`, (t) => takeRows(t, rows, target).trip);
          // What could not be read stays, to be mended.
          const unread = new Set(errors.map((e) => e.line));
          setText(
            text
              .split(/\r\n|\r|\n/)
              .filter((_line, i) => unread.has(i + 1))
              .join('\n'),
          );
        }}
      >
        Add {counted(count, 'thing')} for {whose}
        {errors.length > 0 && ` without ${counted(errors.length, 'line')}`}
      </Button>
    </Box>
  );
}
