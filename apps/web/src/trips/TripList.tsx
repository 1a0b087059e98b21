import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { TripSummary } from '@graft/core/api';
import { api } from '../shared/api';
import { today, tripDates } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { usePreferences } from '../shared/preferences';
import { useSeen } from '../shared/useSeen';
import { counted, ROLE_WORDS } from '../shared/words';
import { Box, Button, Flex, IconButton, Link, Menu, Portal, Text } from '../theme/chakra';
import { CopyTrip } from './CopyTrip';
import { TripPicture, useGlance } from './TripPicture';
import { tripState } from './tripState';

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
  const error = archive.error ?? remove.error;
  return (
    <>
      {error !== null && <ErrorList title={error.message} errors={[]} />}
      <Box as="ul" aria-label={label} listStyleType="none" borderTopWidth="1px">
        {trips.map((trip) => (
          <TripLine
            key={trip.id}
            trip={trip}
            onCopy={() => setCopying(trip)}
            onArchive={() => archive.mutate(trip)}
            onRemove={() => remove.mutate(trip)}
          />
        ))}
      </Box>
      <CopyTrip key={copying?.id} trip={copying} onClose={() => setCopying(undefined)} />
    </>
  );
}

interface LineProps {
  readonly trip: TripSummary;
  readonly onCopy: () => void;
  readonly onArchive: () => void;
  readonly onRemove: () => void;
}

function TripLine({ trip, onCopy, onArchive, onRemove }: LineProps) {
  const [line, seen] = useSeen<HTMLDivElement>();
  const glance = useGlance(trip, seen);
  const { hideWeights } = usePreferences();
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
      <Box flex="1" minW="12rem">
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
      <Menu.Root>
        <Menu.Trigger asChild>
          <IconButton size="sm" variant="ghost" aria-label={`More for ${trip.name}`}>
            <Ellipsis size={16} />
          </IconButton>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content>
              <Menu.Item value="copy" onClick={onCopy}>
                Same party, new dates
              </Menu.Item>
              <Menu.Item value="export" asChild>
                <a href={api.exportUrl(trip.id)} download>
                  Export
                </a>
              </Menu.Item>
              {trip.role === 'owner' && (
                <>
                  <Menu.Item value="archive" onClick={onArchive}>
                    {trip.archived ? 'Take back' : 'Archive'}
                  </Menu.Item>
                  <Menu.Item value="delete" onClick={onRemove}>
                    Delete
                  </Menu.Item>
                </>
              )}
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu.Root>
    </Flex>
  );
}
