import { Box, Flex, Heading, Link, Text } from '../theme/chakra';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { Navigate, useOutlet, useParams } from 'react-router';
import { RouterLink } from '../shared/RouterLink';
import { isBlank } from '@graft/core/lists';
import { isUnreached } from '../device/answers';
import { openNow } from '../device/openAhead';
import { useOpenHere } from '../device/openHere';
import { ApiProblem } from '../shared/api';
import { today } from '../shared/dates';
import { tripKey } from '../shared/queries';
import { tripDay } from '../shared/tripDay';
import { PlanFiguresProvider } from '../shared/planContext';
import { TripProvider } from '../shared/TripProvider';
import { useTrip } from '../shared/tripContext';
import { useLate } from '../shared/useLate';
import { ErrorList } from '../shared/ErrorList';
import { NetworkStrip } from './NetworkStrip';
import { SaveBanner } from './SaveBanner';
import { StationLine } from './StationLine';
import { TopBar } from './TopBar';
import { useKeptFocus } from './useKeptFocus';

export { openAhead } from '../device/openAhead';

const OverTheStation = lazy(() => import('./OverTheStation'));

/** An open trip: top bar, the line of stations, and the station that is open. */
export function TripShell() {
  const { tripId = '' } = useParams();
  // Always the server's newest state when a trip is opened: the session inside goes on from there.
  const query = useQuery({
    queryKey: tripKey(tripId),
    queryFn: () => openNow(tripId),
    gcTime: 0,
    staleTime: Infinity,
  });
  const queries = useQueryClient();
  // What was opened ahead is not what the server has the next time.
  useEffect(() => () => queries.removeQueries({ queryKey: tripKey(tripId) }), [queries, tripId]);
  if (query.isError) {
    const missing = query.error instanceof ApiProblem && query.error.status === 404;
    const unreached = isUnreached(query.error);
    return (
      <Box maxW="34rem" mx="auto" p="10">
        <Heading fontFamily="heading" mb="3">
          {missing
            ? 'This trip does not exist'
            : unreached
              ? 'This trip is not on this device'
              : 'The trip could not be loaded'}
        </Heading>
        <ErrorList
          title={
            unreached
              ? 'The server does not answer. Open the trip once with a network: from then on it opens without one.'
              : query.error.message
          }
          errors={[]}
        />
        <Link asChild mt="4" textDecoration="underline">
          <RouterLink to="/trips">All trips</RouterLink>
        </Link>
      </Box>
    );
  }
  if (query.data === undefined) {
    return (
      <Text p="10" role="status">
        Loading the trip …
      </Text>
    );
  }
  return (
    <TripProvider key={`${tripId} ${query.dataUpdatedAt}`} opened={query.data}>
      <PlanFiguresProvider>
        <TripFrame />
      </PlanFiguresProvider>
    </TripProvider>
  );
}

/**
 * Where a trip opens: at the ways to begin while there is nothing in it, at People while nobody is, on the trail while
 * it is walked, else at the shares.
 */
function FirstStation() {
  const { trip } = useTrip();
  const isWalked = tripDay(trip, today()) !== undefined;
  const station = isBlank(trip)
    ? 'start'
    : trip.members.length === 0
      ? 'people'
      : isWalked
        ? 'trail'
        : 'shares';
  return <Navigate to={station} replace />;
}

/** Tells that the station it stands beside can be read, and the browser has time for more. */
function Arrived({ onArrived }: { onArrived: (isThere: boolean) => void }) {
  const isLate = useLate();
  useEffect(() => {
    if (isLate) onArrived(true);
  }, [isLate, onArrived]);
  return null;
}

/** Where the station begins. */
const WORK = 'work';

function TripFrame() {
  const { id, trip } = useTrip();
  useOpenHere(id);
  const station = useOutlet();
  const [isThere, setThere] = useState(false);
  const [opened] = useState(trip);
  const work = useRef<HTMLDivElement>(null);
  useKeptFocus(work);
  useEffect(() => {
    document.title = `${trip.name} · Graft`;
    return () => {
      document.title = 'Graft';
    };
  }, [trip.name]);
  return (
    <Flex data-shell direction="column" minH="100dvh">
      <a
        href={`#${WORK}`}
        className="skip"
        onClick={(e) => {
          e.preventDefault();
          document.getElementById(WORK)?.focus();
        }}
      >
        Skip to the work
      </a>
      <TopBar />
      <StationLine isLate={isThere} />
      <NetworkStrip />
      <SaveBanner />
      {isThere && (
        <Suspense fallback={null}>
          <OverTheStation opened={opened} />
        </Suspense>
      )}
      <Flex ref={work} as="main" id={WORK} tabIndex={-1} outline="none" direction="column" flex="1" minH="0">
        {/* Not within what waits: it would go to the first station after who has already gone to another. */}
        {station === null && <FirstStation />}
        <Suspense fallback={null}>
          {station}
          {station !== null && <Arrived onArrived={setThere} />}
        </Suspense>
      </Flex>
    </Flex>
  );
}
