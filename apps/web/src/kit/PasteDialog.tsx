import { Box, Button, Flex, Text, Textarea } from '../theme/chakra';
import { useMemo, useState } from 'react';
import type { LibraryEntry } from '@graft/core/library';
import { parseList, rowsOfPasted, takeRows, type Target } from '@graft/core/lists';
import type { Trip } from '@graft/core/trip';
import { formatMass, formatVolume } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useReadOnly, useTripCommands } from '../shared/TripProvider';
import { useDraft } from '../shared/useDraft';
import { counted, PURPOSE_WORDS } from '../shared/words';
import { Select } from '../shared/Select';

const UNITS = [
  ['', 'are part of the name'],
  ['g', 'are grams'],
  ['kg', 'are kg'],
  ['oz', 'are ounces'],
] as const;

/** A list as people write it, read while it is typed: what each line is taken for, and what cannot be read. */
export function PasteDialog({
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
  const readOnly = useReadOnly();
  const { massUnit } = usePreferences();
  const { id } = useTripCommands();
  const [text, setText] = useDraft(`list.${id}`);
  const [unit, setUnit] = useState<'' | 'g' | 'kg' | 'oz'>('');
  const list = useMemo(() => parseList(text, unit === '' ? undefined : unit), [text, unit]);
  const rows = useMemo(() => rowsOfPasted(list.things, library), [list, library]);
  const count = rows.reduce((sum, r) => sum + r.count, 0);
  return (
    <Box>
      <Text fontSize="sm" pb="2">
        A thing a line, for {whose}: “tent 1.9 kg”, “2 x socks 80 g”, “rain jacket”. Without a mass it is
        estimated from your library.
      </Text>
      <Textarea
        rows={7}
        autoFocus
        aria-label="List"
        placeholder={'tent 1.9 kg\n2 x socks 80 g\nrain jacket'}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <Flex align="center" gap="2" py="2" fontSize="sm">
        Numbers without a unit
        <Select label="Numbers without a unit" w="11rem" value={unit} options={UNITS} onChoose={setUnit} />
      </Flex>
      {list.errors.map((e) => (
        <Text key={e.line} role="alert" fontSize="xs" color="overload.fg">
          Line {e.line}: {e.message}
        </Text>
      ))}
      {rows.length > 0 && (
        <Box as="table" w="100%" fontSize="xs" mt="1" aria-label="What is read">
          <tbody>
            {rows.map((r, i) => (
              <tr key={i}>
                <td style={{ width: '2.5rem' }}>{r.count} ×</td>
                <td>{r.thing.name}</td>
                <td style={{ textAlign: 'end' }}>
                  {r.thing.massEstimated ? '≈ ' : ''}
                  {formatMass(r.thing.massKg, massUnit)}
                </td>
                <td style={{ textAlign: 'end' }}>{formatVolume(r.thing.volumeL)}</td>
                <td style={{ paddingInlineStart: '1rem' }} className="muted">
                  {PURPOSE_WORDS[r.thing.purpose]}
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
      <Button
        mt="4"
        size="sm"
        disabled={rows.length === 0 || readOnly}
        onClick={() => {
          onTake(`paste ${counted(count, 'thing')}`, (t) => takeRows(t, rows, target).trip);
          // What could not be read stays, to be mended.
          const unread = new Set(list.errors.map((e) => e.line));
          setText(
            text
              .split(/\r\n|\r|\n/)
              .filter((_line, i) => unread.has(i + 1))
              .join('\n'),
          );
        }}
      >
        Add {counted(count, 'thing')} for {whose}
        {list.errors.length > 0 && ` without ${counted(list.errors.length, 'line')}`}
      </Button>
    </Box>
  );
}
