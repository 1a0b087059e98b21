import { Suspense } from 'react';
import { part } from '../shared/part';
import { Tabs } from '../shared/Tabs';
import { Flex, Box } from '../theme/chakra';
import { assess, findingGroups } from '@graft/core/stow';
import { namesIn } from './namesIn';
import { MORE_TABS, TABS, type Tab } from './packSession';
import type { PackSession } from './usePackSession';
import { ZoneList } from './ZoneList';

// The places come with the station; each other tab when it is opened.
const CompareTab = part(() => import('./CompareTab'), 'CompareTab');
const DaysTab = part(() => import('./DaysTab'), 'DaysTab');
const Elsewhere = part(() => import('./Elsewhere'), 'Elsewhere');
const FindingsTab = part(() => import('./FindingsTab'), 'FindingsTab');
const PracticeTab = part(() => import('./PracticeTab'), 'PracticeTab');
const ReachTab = part(() => import('./ReachTab'), 'ReachTab');
const RideTab = part(() => import('./RideTab'), 'RideTab');
const StepsTab = part(() => import('./StepsTab'), 'StepsTab');
const UsualPlaces = part(() => import('./UsualPlaces'), 'UsualPlaces');

const MORE = 'more';

/** What is said of the stow, in tabs. */
export function StowPanel({ session }: { session: PackSession }) {
  const rulesBroken = findingGroups(session.stow.findings).length;
  const isMore = session.tab in MORE_TABS;
  return (
    <Flex
      as="aside"
      aria-label="Stow"
      direction="column"
      w={{ base: '100%', lg: '380px' }}
      flexShrink={0}
      borderLeftWidth="1px"
      bg="bg.panel"
    >
      <Box px="1" py="2" fontSize="xs" borderBottomWidth="1px" overflowX="auto">
        <Tabs
          label="What is shown of the stow"
          tabs={[
            ...(Object.entries(TABS) as [Tab, string][]).map(
              ([key, text]) =>
                [key, key === 'rules' && rulesBroken > 0 ? `${text} ${rulesBroken}` : text] as const,
            ),
            [MORE, 'More'] as const,
          ]}
          value={isMore ? MORE : session.tab}
          onChoose={(tab) => session.setTab(tab === MORE ? 'reach' : tab)}
        />
        {isMore && (
          <Box pt="1.5">
            <Tabs
              label="More of the stow"
              tabs={Object.entries(MORE_TABS) as [Tab, string][]}
              value={session.tab}
              onChoose={session.setTab}
            />
          </Box>
        )}
      </Box>
      <Box flex="1" minH="0" overflowY="auto">
        <Suspense fallback={null}>
          <TabOf session={session} />
        </Suspense>
      </Box>
    </Flex>
  );
}

function TabOf({ session }: { session: PackSession }) {
  const { walked, member, stow, stored, tab, chosenId, choose, practice } = session;
  const of = {
    trip: walked,
    stow,
    placements: stored,
    onApply: session.mayChange ? session.put : undefined,
  };
  switch (tab) {
    case 'places':
      return (
        <ZoneList
          pack={session.pack}
          stow={stow}
          hoveredId={chosenId}
          isFixed={!session.mayChange}
          onHover={choose}
          onPlace={session.place}
          onPin={session.pin}
          onRideIn={practice === undefined ? session.rideIn : undefined}
          {...(practice === undefined
            ? {
                elsewhere: (thingId: string) => (
                  <Suspense fallback={null}>
                    <Elsewhere {...of} memberId={member.id} thingId={thingId} name={namesIn(stow)(thingId)} />
                  </Suspense>
                ),
              }
            : {})}
        />
      );
    case 'steps':
      return (
        <StepsTab
          steps={session.loading}
          done={session.done}
          onDone={session.scrub}
          chosenId={chosenId}
          onChoose={choose}
          shift={session.mayChange ? session.shift : undefined}
        />
      );
    case 'rules':
      return (
        <>
          <FindingsTab memberId={member.id} {...of} onChoose={choose} />
          <UsualPlaces key={member.id} session={session} />
        </>
      );
    case 'days':
      return <DaysTab key={member.id} session={session} />;
    case 'reach':
      return <ReachTab stow={stow} onChoose={choose} />;
    case 'ride':
      return <RideTab key={member.id} memberId={member.id} {...of} />;
    case 'compare':
      return <CompareTab key={member.id} member={member} {...of} />;
    case 'practice':
      return (
        <PracticeTab
          key={member.id}
          trip={walked}
          member={member}
          stow={stow}
          best={practice?.best === undefined ? undefined : assess(session.problem, practice.best)}
          practising={practice !== undefined}
          planning={session.marking.running}
          onStart={session.startPractice}
          onEnd={session.endPractice}
        />
      );
  }
}
