import { Box, Button, Flex, Text } from '../theme/chakra';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { HISTORY_PAGE, type TripChange } from '@graft/core/api';
import { api } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { LOCALE } from '../shared/locale';
import { useTripCommands } from '../shared/tripContext';

const dayOf = (at: string): string => new Date(at).toLocaleDateString(LOCALE, { dateStyle: 'full' });
const timeOf = (at: string): string => new Date(at).toLocaleTimeString(LOCALE, { timeStyle: 'short' });

/** Changes of the same day, in their order. */
function byDay(changes: readonly TripChange[]): readonly (readonly [string, readonly TripChange[]])[] {
  const days = new Map<string, TripChange[]>();
  for (const change of changes) {
    const day = dayOf(change.at);
    days.set(day, [...(days.get(day) ?? []), change]);
  }
  return [...days];
}

/** Who changed what in this trip and when, and the way back to before it. */
export function TripHistory({ onDone }: { onDone: () => void }) {
  const { id, change, readOnly } = useTripCommands();
  const { data, error, hasNextPage, fetchNextPage, isFetching } = useInfiniteQuery({
    queryKey: ['history', id],
    queryFn: ({ pageParam }) => api.history(id, pageParam),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last) => (last.length < HISTORY_PAGE ? undefined : last.at(-1)?.version),
    gcTime: 0,
    staleTime: 0,
  });
  const [problem, setProblem] = useState('');
  const goBack = async ({ version, what, at }: TripChange): Promise<void> => {
    setProblem('');
    try {
      const earlier = await api.atVersion(id, version - 1);
      change(`go back to before “${what}” of ${timeOf(at)}`, () => earlier);
      onDone();
    } catch (failed) {
      setProblem(failed instanceof Error ? failed.message : String(failed));
    }
  };
  if (error !== null) return <ErrorList title={error.message} errors={[]} />;
  if (data === undefined) return <Text role="status">Looking …</Text>;
  const changes = data.pages.flat();
  return (
    <Box fontSize="sm">
      {problem !== '' && <ErrorList title={problem} errors={[]} />}
      <Text color="fg.muted" mb="2">
        {changes.length === 0
          ? 'Nothing was changed yet. Every change is written down here with who made it.'
          : 'Going back makes the trip what it was before that change, and takes back all that came after it too. That is a change like any other: it can be undone. What is older than 30 days can be read, not gone back to.'}
      </Text>
      {byDay(changes).map(([day, ofDay]) => (
        <Box as="section" key={day} mb="3" aria-label={day}>
          <Text fontWeight="600" color="fg.muted" fontSize="xs">
            {day}
          </Text>
          <Box as="ul" listStyleType="none">
            {ofDay.map((one) => (
              <Flex as="li" key={one.version} align="center" gap="3" py="1.5" borderBottomWidth="1px">
                <Text color="fg.muted" fontVariantNumeric="tabular-nums" flexShrink="0">
                  {timeOf(one.at)}
                </Text>
                <Box flex="1" minW="0" overflowWrap="anywhere">
                  <strong>{one.by}</strong> changed {one.what === '' ? 'this trip' : one.what}
                </Box>
                {one.canGoBack && (
                  <Button
                    size="xs"
                    variant="outline"
                    flexShrink="0"
                    disabled={readOnly}
                    aria-label={`Go back to before ${one.what} of ${timeOf(one.at)}`}
                    onClick={() => void goBack(one)}
                  >
                    Go back to before
                  </Button>
                )}
              </Flex>
            ))}
          </Box>
        </Box>
      ))}
      {hasNextPage && (
        <Button size="xs" variant="outline" loading={isFetching} onClick={() => void fetchNextPage()}>
          Earlier changes
        </Button>
      )}
    </Box>
  );
}
