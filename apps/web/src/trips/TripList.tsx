import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Ellipsis } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import type { TripSummary } from '@graft/core/api';
import { pinTrip, takeOff } from '../device/keptTrips';
import { useReachable } from '../device/network';
import { useDevice, useDeviceChanged } from '../device/useDevice';
import { api } from '../shared/api';
import { today, tripDates } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { usePreferences } from '../shared/preferences';
import { ago } from '../shared/shortTime';
import { useSeen } from '../shared/useSeen';
import { counted, ROLE_WORDS } from '../shared/words';
import { Box, Button, Flex, IconButton, Link, Text } from '../theme/chakra';
import type { TripActions } from './TripMenu';
import { TripPicture, useGlance } from './TripPicture';
import { tripState } from './tripState';

/** Loaded when they are asked for. */
const TripMenu = lazy(() => import('./TripMenu'));
const CopyTrip = lazy(() => import('./CopyTrip'));

interface Props {
  readonly label: string;
  readonly trips: readonly TripSummary[];
  readonly onDeleted: (trip: TripSummary) => void;
}

/** Trips, each with its picture, its state and what comes next; what is done seldom is in a menu. */
export function TripList({ label, trips, onDeleted }: Props) {
  const queries = useQueryClient();
  const [copying, setCopying] = useState<TripSummary | undefined>();
  const fresh = { onSettled: () => queries.invalidateQueries({ queryKey: ['trips'] }) };
  const archive = useMutation({ mutationFn: (t: TripSummary) => api.archive(t.id, !t.archived), ...fresh });
  const remove = useMutation({
    mutationFn: (t: TripSummary) => api.remove(t.id, t.version),
    onSuccess: (_answer, t) => onDeleted(t),
    ...fresh,
  });
  const changed = useDeviceChanged();
  const keep = useMutation({ mutationFn: pinTrip, onSettled: changed });
  const error = archive.error ?? remove.error ?? keep.error;
  return (
    <>
      {error !== null && <ErrorList title={error.message} errors={[]} />}
      <Box as="ul" aria-label={label} listStyleType="none" borderTopWidth="1px">
        {trips.map((trip) => (
          <TripLine
            key={trip.id}
            trip={trip}
            onKeep={() => keep.mutate(trip.id)}
            onTakeOff={() => void takeOff(trip.id).then(changed)}
            onCopy={() => setCopying(trip)}
            onArchive={() => archive.mutate(trip)}
            onRemove={() => remove.mutate(trip)}
          />
        ))}
      </Box>
      {copying !== undefined && (
        <Suspense fallback={null}>
          <CopyTrip key={copying.id} trip={copying} onClose={() => setCopying(undefined)} />
        </Suspense>
      )}
    </>
  );
}

function TripLine({ trip, onKeep, onTakeOff, onCopy, onArchive, onRemove }: TripActions) {
  const [line, seen] = useSeen<HTMLDivElement>();
  const glance = useGlance(trip, seen);
  const { hideWeights } = usePreferences();
  const device = useDevice();
  const reachable = useReachable();
  const kept = device?.trips.get(trip.id);
  const [asked, setAsked] = useState(false);
  const more = (
    <IconButton
      size="sm"
      variant="ghost"
      aria-haspopup="menu"
      aria-label={`More for ${trip.name}`}
      onClick={() => setAsked(true)}
    >
      <Ellipsis size={16} />
    </IconButton>
  );
  const state = glance === undefined ? undefined : tripState(trip, glance, today(), hideWeights);
  return (
    <Flex
      ref={line}
      as="li"
      align="center"
      columnGap="5"
      rowGap="2"
      py="3"
      px="2"
      borderBottomWidth="1px"
      wrap={{ base: 'wrap', md: 'nowrap' }}
      _hover={{ bg: 'bg.panel' }}
    >
      <TripPicture glance={glance} />
      <Box flex={{ base: '1 0 100%', md: '1' }} minW="12rem">
        <Link asChild fontWeight="600" textDecoration="underline" textUnderlineOffset="3px">
          <RouterLink to={`/trips/${trip.id}`}>{trip.name}</RouterLink>
        </Link>
        <Text fontSize="sm">
          {tripDates(trip.startDate, trip.days)} · {counted(trip.days, 'day')} ·{' '}
          {trip.members === 0 ? 'nobody yet' : counted(trip.members, 'member')}
        </Text>
        <Text fontSize="xs" color="fg.muted" minH="1.4em">
          {[
            ...(state === undefined ? [] : [state.words]),
            ...(kept === undefined
              ? reachable
                ? []
                : ['not on this device']
              : [`on this device, as of ${ago(kept.readAt)}`]),
            ...(device?.waiting.has(trip.id) === true ? ['changes wait to be sent'] : []),
            ...(trip.owner === undefined ? [] : [`${trip.owner}’s trip; ${ROLE_WORDS[trip.role].label}`]),
          ].join(' · ')}
        </Text>
      </Box>
      {state !== undefined && !trip.archived && (
        <Button asChild size="sm" variant="outline">
          <RouterLink to={`/trips/${trip.id}/${state.station}`} aria-label={`${state.next}: ${trip.name}`}>
            {state.next}
          </RouterLink>
        </Button>
      )}
      {asked ? (
        <Suspense fallback={more}>
          <TripMenu
            trip={trip}
            isKept={kept !== undefined}
            canKeep={reachable}
            onCopy={onCopy}
            onKeep={onKeep}
            onTakeOff={onTakeOff}
            onArchive={onArchive}
            onRemove={onRemove}
          />
        </Suspense>
      ) : (
        more
      )}
    </Flex>
  );
}
