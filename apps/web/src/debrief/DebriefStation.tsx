import { Box, Button, Flex, Text } from '../theme/chakra';
import { useSearchParams } from 'react-router';
import { outingEdits } from '@graft/core/debrief';
import { dateWords, today } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { Tabs } from '../shared/Tabs';
import { NobodyYet } from '../shared/NobodyYet';
import { useTrip } from '../shared/tripContext';
import { useLibrary } from '../shared/useLibrary';
import { ArchiveView } from './ArchiveView';
import { ChoresView } from './ChoresView';
import { LearntView } from './LearntView';
import { LeftOverView } from './LeftOverView';
import { UsedView } from './UsedView';

const VIEWS = {
  used: 'Used or not',
  left: 'Food, fuel, water',
  chores: 'To do',
  walked: 'Planned and walked',
  learnt: 'From earlier trips',
} as const;
type View = keyof typeof VIEWS;

/** What the trip leaves behind for the next one. */
export function DebriefStation() {
  const { trip, change, readOnly } = useTrip();
  const [params, setParams] = useSearchParams();
  const asked = params.get('view') ?? '';
  const isOver = trip.debriefedOn !== undefined || trip.departure !== undefined || trip.uses.length > 0;
  // Before a trip there is nothing to look back on but earlier ones.
  const view: View = asked in VIEWS ? (asked as View) : isOver ? 'used' : 'learnt';
  const library = useLibrary();
  const close = (): void => {
    const edits = outingEdits(trip, library.entries);
    if (edits.length > 0) library.edit(edits);
    change('close the debrief', (t) => ({ ...t, debriefedOn: today() }));
  };
  if (trip.members.length === 0)
    return (
      <NobodyYet
        what="What they used, missed and felt is asked for here after the trip, and the next trip starts from it."
        later="list"
      />
    );
  return (
    <Flex direction="column" flex="1">
      <Flex px="4" py="2" gap="4" align="center" borderBottomWidth="1px" bg="bg.panel" wrap="wrap">
        <Tabs
          label="Debrief"
          tabs={Object.entries(VIEWS) as [View, string][]}
          value={view}
          onChoose={(next) => setParams({ view: next }, { replace: true })}
        />
        <Box flex="1" />
        {trip.debriefedOn === undefined ? (
          !readOnly && (
            <Button
              size="xs"
              disabled={library.loading}
              title="Later trips learn from this one, and the kit library notes what was used"
              onClick={close}
            >
              Close the debrief
            </Button>
          )
        ) : (
          <Flex align="center" gap="2" fontSize="xs">
            <Text role="status">Closed on {dateWords(trip.debriefedOn)}: later trips learn from it.</Text>
            {!readOnly && (
              <Button
                size="2xs"
                variant="ghost"
                onClick={() =>
                  change('open the debrief again', (t) => {
                    const { debriefedOn: _closed, ...rest } = t;
                    return rest;
                  })
                }
              >
                Open it again
              </Button>
            )}
          </Flex>
        )}
      </Flex>
      {library.problem !== undefined && <ErrorList title={library.problem} errors={[]} />}
      {view === 'used' && <UsedView />}
      {view === 'left' && <LeftOverView />}
      {view === 'chores' && <ChoresView />}
      {view === 'walked' && <ArchiveView />}
      {view === 'learnt' && <LearntView />}
    </Flex>
  );
}
