import { Box, Text } from '../theme/chakra';
import { chores, setChoreDone, type ChoreKind } from '@graft/core/debrief';
import { dateWords, today } from '../shared/dates';
import { useTrip } from '../shared/tripContext';

const KIND_WORDS: Readonly<Record<ChoreKind, string>> = {
  return: 'Give back',
  dry: 'Dry',
  clean: 'Clean',
  mend: 'Mend',
  replace: 'Replace',
  expiry: 'Look at the date',
};

/** What is to do after the trip, ticked when it is done. */
export function ChoresView() {
  const { trip, change, readOnly } = useTrip();
  const list = chores(trip);
  const open = list.filter((c) => c.doneOn === undefined).length;
  const kinds = [...new Set(list.map((c) => c.kind))];
  return (
    <Box flex="1" overflow="auto" px="4" py="3" fontSize="sm" maxW="64rem">
      <Text role="status" mb="2">
        {list.length === 0
          ? 'Nothing to do: nothing was lent, wet, broken, lost or dated.'
          : `${open} of ${list.length} still to do.`}
      </Text>
      {kinds.map((kind) => (
        <Box key={kind} mb="4">
          <Text fontWeight="600">{KIND_WORDS[kind]}</Text>
          <table className="plain-table" style={{ width: '100%' }} aria-label={KIND_WORDS[kind]}>
            <tbody>
              {list
                .filter((c) => c.kind === kind)
                .map((c) => (
                  <tr key={c.id}>
                    <td style={{ width: '46%' }}>
                      <label>
                        <input
                          type="checkbox"
                          disabled={readOnly}
                          checked={c.doneOn !== undefined}
                          onChange={() =>
                            change(`${KIND_WORDS[kind].toLowerCase()}: ${c.what}`, (t) =>
                              setChoreDone(t, c.id, c.doneOn === undefined ? today() : undefined),
                            )
                          }
                        />{' '}
                        {c.what}
                      </label>
                    </td>
                    <td style={{ width: '16%' }}>{c.who}</td>
                    <td>{c.why}</td>
                    <td style={{ width: '20%' }}>
                      {c.doneOn !== undefined
                        ? `done ${dateWords(c.doneOn)}`
                        : c.byDate !== undefined && c.kind === 'return'
                          ? `by ${dateWords(c.byDate)}`
                          : ''}
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </Box>
      ))}
    </Box>
  );
}
