import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import type { TripSummary } from '@graft/core/api';
import { listTrips, refreshPinned } from '../device/keptTrips';
import { useReachable } from '../device/network';
import { useDeviceChanged } from '../device/useDevice';
import { useAccountSession } from '../shared/AccountProvider';
import { api } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { counted } from '../shared/words';
import { Box, Button, Flex, Heading, Link, Text } from '../theme/chakra';
import { ImportButton } from './ImportButton';
import { TripList } from './TripList';

const NewTrip = lazy(() => import('./NewTrip'));
const Doors = lazy(() => import('./Doors'));

/** All trips: open one, start one, import one, copy, put aside, delete and bring back. */
export function TripsPage() {
  const { account } = useAccountSession();
  const trips = useQuery({ queryKey: ['trips'], queryFn: listTrips });
  usePinnedFresh(trips.data);
  const [starting, setStarting] = useState(false);
  const [showArchived, setShowArchived] = useState(false);
  const [justDeleted, setJustDeleted] = useState<TripSummary | undefined>();
  const all = trips.data ?? [];
  const current = all.filter((t) => !t.archived && t.deletedAt === undefined);
  const archived = all.filter((t) => t.archived && t.deletedAt === undefined);
  const deleted = all.filter((t) => t.deletedAt !== undefined);
  const isEmpty = trips.data !== undefined && current.length === 0;
  const table = { onDeleted: setJustDeleted };
  return (
    <Box as="main" maxW="64rem" mx="auto" px="6" py="8">
      <Flex align="baseline" columnGap="4" mb="6" wrap={{ base: 'wrap', md: 'nowrap' }}>
        <Heading as="h1" fontFamily="heading" fontSize="2xl" flex={{ base: '1', md: 'none' }}>
          Graft
        </Heading>
        <Text color="fg.muted" order={{ base: 1, md: 0 }} flex={{ base: '1 0 100%', md: '1' }}>
          Shares a party’s kit by carry limits and plans what rides where in each pack.
        </Text>
        <Link asChild textDecoration="underline" textUnderlineOffset="3px">
          <RouterLink to="/library">Kit library</RouterLink>
        </Link>
        <Link asChild textDecoration="underline" textUnderlineOffset="3px">
          <RouterLink to="/account">{account?.name}</RouterLink>
        </Link>
      </Flex>
      {!trips.isPending && !isEmpty && (
        <Flex mb="4" gap="3" wrap="wrap">
          <Button size="sm" onClick={() => setStarting((open) => !open)} aria-expanded={starting}>
            New trip
          </Button>
          <ImportButton />
        </Flex>
      )}
      <NoAnswer />
      {starting && (
        <Suspense fallback={null}>
          <NewTrip />
        </Suspense>
      )}
      {trips.isError && (
        <ErrorList title={`The trips could not be loaded. ${trips.error.message}`} errors={[]} />
      )}
      {justDeleted !== undefined && (
        <Restore trip={justDeleted} onRestored={() => setJustDeleted(undefined)} />
      )}
      {isEmpty && !starting && (
        <Suspense fallback={null}>
          <Doors onNew={() => setStarting(true)} />
        </Suspense>
      )}
      {current.length > 0 && <TripList label="Trips" trips={current} {...table} />}
      {(archived.length > 0 || deleted.length > 0) && (
        <Button
          size="xs"
          variant="plain"
          px="0"
          mt="5"
          textDecoration="underline"
          aria-expanded={showArchived}
          onClick={() => setShowArchived((open) => !open)}
        >
          {showArchived ? 'Hide' : 'Show'}{' '}
          {[
            ...(archived.length > 0 ? [counted(archived.length, 'archived trip')] : []),
            ...(deleted.length > 0 ? [counted(deleted.length, 'deleted trip')] : []),
          ].join(' and ')}
        </Button>
      )}
      {showArchived && archived.length > 0 && (
        <Box mt="3">
          <TripList label="Archived trips" trips={archived} {...table} />
        </Box>
      )}
      {showArchived &&
        deleted.map((trip) => (
          <Restore key={trip.id} trip={trip} onRestored={() => setJustDeleted(undefined)} />
        ))}
      <Text mt="10" fontSize="xs" color="fg.muted" maxW="46rem">
        Graft shows planning estimates, never medical advice. A qualified leader decides on the ground. Pain,
        numb hands or tingling arms: stop and refit. Body weights are private: they can be hidden on screen.
      </Text>
    </Box>
  );
}

/** Trips that are kept on demand are read anew by the way; what cannot be read now stays as it is. */
function usePinnedFresh(trips: readonly TripSummary[] | undefined): void {
  const reachable = useReachable();
  const changed = useDeviceChanged();
  useEffect(() => {
    if (trips !== undefined && reachable) void refreshPinned(trips).then(changed, () => undefined);
  }, [trips, reachable, changed]);
}

function NoAnswer() {
  const reachable = useReachable();
  if (reachable) return null;
  return (
    <Text role="status" mb="4" borderLeftWidth="4px" borderColor="border.emphasized" pl="3">
      No answer from the server. Trips that are on this device open and take changes; they are sent as soon as
      the server answers.
    </Text>
  );
}

/** A deleted trip, and the way back. */
function Restore({ trip, onRestored }: { trip: TripSummary; onRestored: () => void }) {
  const queries = useQueryClient();
  const restoring = useMutation({
    mutationFn: () => api.restore(trip.id),
    onSuccess: onRestored,
    onSettled: () => queries.invalidateQueries({ queryKey: ['trips'] }),
  });
  return (
    <Flex
      align="center"
      gap="3"
      my="2"
      px="3"
      py="2"
      bg="bg.panel"
      borderLeftWidth="4px"
      borderColor="border.emphasized"
      role="status"
    >
      <Text flex="1">“{trip.name}” is deleted. It can be brought back for 30 days.</Text>
      <Button size="xs" variant="outline" loading={restoring.isPending} onClick={() => restoring.mutate()}>
        Bring it back
      </Button>
      {restoring.isError && <ErrorList title={restoring.error.message} errors={[]} />}
    </Flex>
  );
}
