import { LOCALE } from '../shared/locale';
import { Box, Button, Flex, Text } from '../theme/chakra';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { bringBack, isBack, takenAway, type TakenAway } from '@graft/core/schema';
import type { Trip } from '@graft/core/trip';
import { api } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { useTrip, useTripCommands } from '../shared/tripContext';
import { Strip } from './Strip';

/**
 * Says what a change has just taken out of the trip, and brings it back in one click.
 *
 * @param since the trip when it was opened: what is taken away before this is drawn is said too
 */
export function RemovedNotice({ since }: { since: Trip }) {
  const { trip, change, readOnly } = useTrip();
  const [before, setBefore] = useState<Trip>(since);
  const [taken, setTaken] = useState<TakenAway | undefined>();
  if (trip !== before) {
    // Said until something else is taken away, it is back, or it is put aside.
    const now = takenAway(before, trip);
    const isHome = (trip.notComing?.length ?? 0) > (before.notComing?.length ?? 0);
    if (now !== undefined) setTaken(isHome ? undefined : now);
    else if (taken !== undefined && isBack(trip, taken)) setTaken(undefined);
    setBefore(trip);
  }
  if (taken === undefined || readOnly) return null;
  return (
    <Strip role="status">
      <Box flex="1">
        Removed: <strong>{taken.what}</strong>. It is kept for 30 days, under “Removed” at the top.
      </Box>
      <Button
        size="xs"
        onClick={() => {
          change(`bring back ${taken.what}`, (t) => bringBack(t, taken));
          setTaken(undefined);
        }}
      >
        Bring back
      </Button>
      <Button size="xs" variant="ghost" onClick={() => setTaken(undefined)}>
        All right
      </Button>
    </Strip>
  );
}

/** What was taken out of this trip in the last thirty days. */
export function RemovedList({ onDone }: { onDone: () => void }) {
  const { id, change, readOnly } = useTripCommands();
  const { data, error } = useQuery({
    queryKey: ['removed', id],
    queryFn: () => api.removed(id),
    gcTime: 0,
    staleTime: 0,
  });
  const [problem, setProblem] = useState('');
  const back = async (partId: string, what: string): Promise<void> => {
    setProblem('');
    try {
      const taken = await api.removedPart(id, partId);
      change(`bring back ${what}`, (t) => bringBack(t, taken));
      onDone();
    } catch (failed) {
      setProblem(failed instanceof Error ? failed.message : String(failed));
    }
  };
  if (error !== null) return <ErrorList title={error.message} errors={[]} />;
  if (data === undefined) return <Text role="status">Looking …</Text>;
  return (
    <Box fontSize="sm">
      {problem !== '' && <ErrorList title={problem} errors={[]} />}
      {data.length === 0 ? (
        <Text color="fg.muted">
          Nothing was removed in the last 30 days. What you remove is kept here for so long.
        </Text>
      ) : (
        <Box as="ul" listStyleType="none" aria-label="Removed">
          {data.map(({ id: partId, what, at, by }) => (
            <Flex as="li" key={partId} align="center" gap="3" py="1.5" borderBottomWidth="1px">
              <Box flex="1">
                {what}
                <Text color="fg.muted" fontSize="xs">
                  {new Date(at).toLocaleString(LOCALE, { dateStyle: 'medium', timeStyle: 'short' })}, by {by}
                </Text>
              </Box>
              <Button size="xs" variant="outline" disabled={readOnly} onClick={() => void back(partId, what)}>
                Bring back
              </Button>
            </Flex>
          ))}
        </Box>
      )}
    </Box>
  );
}
