import { Box, Button, Flex } from '../theme/chakra';
import { Suspense, useState } from 'react';
import { FullStation } from '../shared/FullStation';
import { part } from '../shared/part';
import { SidePanel } from '../shared/SidePanel';
import { ChecksPanel } from './ChecksPanel';
import { EmptyStation } from '../shared/EmptyStation';
import { KitTable } from './KitTable';
import { Provided } from './Provided';
import { AddDialogs } from './AddDialogs';
import { KitHead } from './KitHead';
import type { KitSession } from './useKitSession';
import { useKitSession } from './useKitSession';

const ArrangementsPanel = part(() => import('./ArrangementsPanel'), 'ArrangementsPanel');
const WeighPanel = part(() => import('./WeighPanel'), 'WeighPanel');

/** The group's kits in pieces and everybody's personal things, with the checks beside them. */
export function KitStation() {
  const session = useKitSession();
  const { trip, library, member, rows, kits, filtered, said, setSaid, adding } = session;
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  return (
    <FullStation>
      <KitHead session={session} />
      {(said !== '' || library.problem !== undefined) && (
        <Flex px="4" py="1" borderBottomWidth="1px" fontSize="xs" role="status" align="center" gap="3">
          {library.problem === undefined ? said : `Kit library: ${library.problem}`}
          <Button size="2xs" variant="ghost" onClick={() => setSaid('')}>
            Close
          </Button>
        </Flex>
      )}
      <Flex flex="1" minH="0" direction={{ base: 'column', lg: 'row' }}>
        {/* On a narrow screen the page scrolls, but the table still in itself: it draws only what is in sight. */}
        <Box
          ref={setScroller}
          flex={{ base: 'none', lg: '1' }}
          h={{ base: '75dvh', lg: 'auto' }}
          minW="0"
          minH="0"
          overflow="auto"
          ps="3"
        >
          {member !== undefined && <Provided member={member} />}
          {rows.length === 0 && !filtered && kits.length === 0 ? (
            <EmptyStation
              title="Nothing is listed yet"
              first={trip.members.length === 0 ? [['people', 'Add people']] : []}
              later="list"
            >
              {trip.members.length === 0
                ? 'Add members at People first; then a list by template fills in tents, cook sets and everybody’s own things.'
                : 'Start with a list by template, take things from your library, paste a list, or read a spreadsheet: all of it is above.'}
            </EmptyStation>
          ) : (
            <KitTable
              rows={rows}
              kits={kits}
              members={session.members}
              view={session.view}
              scroller={scroller}
              ticked={session.ticked}
              onTick={session.setTicked}
              onSay={setSaid}
              chosen={session.panel === 'scale' ? session.reached : undefined}
              onReach={session.onReach}
              onSaveKit={session.onSaveKit}
              newRows={session.newRows}
              onPasted={session.onPasted}
              library={library.entries}
              knowledge={session.knowledge}
              filtered={filtered}
            />
          )}
        </Box>
        <KitSide session={session} />
      </Flex>
      <AddDialogs
        adding={adding}
        onClose={session.closeAdding}
        library={library}
        member={member}
        pasted={session.pasted}
      />
    </FullStation>
  );
}

/** Beside the table: checks, what can stay at home, loans, the scale. */
function KitSide({ session }: { session: KitSession }) {
  const { trip, member, panel, setPanel, stay, others, focused } = session;
  const loans = trip.arrangements.filter((a) => !a.done).length;
  return (
    <SidePanel
      label="Beside the table"
      w="336px"
      tabs={[
        ['checks', `Checks ${others?.open.length ?? ''}`],
        ['stay', `Can stay ${stay?.open.length ?? ''}`],
        ['loans', `Loans ${loans}`],
        ['scale', 'Scale'],
      ]}
      value={panel}
      onChoose={setPanel}
    >
      {(panel === 'checks' || panel === 'stay') && (
        <ChecksPanel
          members={trip.members}
          forecast={trip.weather.length > 0}
          found={panel === 'stay' ? stay : others}
          onShow={session.setOnly}
          stay={panel === 'stay'}
        />
      )}
      <Suspense fallback={null}>
        {panel === 'loans' && <ArrangementsPanel member={member} focused={focused} />}
        {panel === 'scale' && <WeighPanel focused={focused} />}
      </Suspense>
    </SidePanel>
  );
}
