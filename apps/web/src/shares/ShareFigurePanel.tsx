import { Box, Button, Flex, Progress, Text } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { formatPercent, replaceShare, type ShareFigures } from '@graft/core';
import { ErrorList } from '../shared/ErrorList';
import { useTrip } from '../shared/TripProvider';
import { Why } from '../shared/Why';
import { runShare } from '../workers/engine';

/** Shares are reproducible: the same trip and this seed give the same share. */
const SEED = 1;

interface Props {
  readonly figures: ShareFigures;
  readonly previewing: boolean;
}

/** How fair the share is, how much fairer it could be, and the button that makes it so. */
export function ShareFigurePanel({ figures, previewing }: Props) {
  const { trip, change } = useTrip();
  const [run, setRun] = useState<{ done: number; largestRatio: number | undefined } | undefined>();
  const [problem, setProblem] = useState<readonly string[]>([]);
  const stop = useRef<() => void>(() => undefined);

  const shareOut = async (): Promise<void> => {
    setProblem([]);
    setRun({ done: 0, largestRatio: undefined });
    try {
      const started = runShare(trip, SEED, (done, largestRatio) => setRun({ done, largestRatio }));
      stop.current = started.stop;
      const result = await started.result;
      if (result?.kind === 'solved') change('share out', (t) => replaceShare(t, result.share));
      if (result?.kind === 'contradiction') setProblem(result.reasons);
    } catch (error) {
      setProblem([error instanceof Error ? error.message : String(error)]);
    } finally {
      setRun(undefined);
    }
  };

  const complete = figures.unshared.length === 0;
  return (
    <Box p="4" borderBottomWidth="1px">
      <Flex align="baseline" justify="space-between">
        <Text color="fg.muted">{previewing ? 'Largest ratio, if dropped here' : 'Largest ratio'}</Text>
        <Text
          fontFamily="heading"
          fontSize="xl"
          fontWeight="600"
          color={figures.largestRatio > 1 ? 'overload.fg' : undefined}
          data-testid="largest-ratio"
        >
          {formatPercent(figures.largestRatio)}
        </Text>
      </Flex>
      <Text fontSize="xs" color="fg.muted" textAlign="end">
        {figures.largestMember?.name}, day {figures.largestDay}
      </Text>
      <Flex justify="space-between" mt="1">
        <Text color="fg.muted">Best possible, at least</Text>
        <Why reason={`No share can have a smaller largest ratio. What binds: ${figures.bound.reason}.`}>
          {formatPercent(figures.bound.ratio, 1, 'down')}
        </Why>
      </Flex>
      <Flex justify="space-between">
        <Text color="fg.muted">Distance from it</Text>
        <Text data-testid="gap">
          {complete ? `within ${formatPercent(figures.gap, 1, 'up')}` : 'once all is shared'}
        </Text>
      </Flex>
      <Flex justify="space-between">
        <Text color="fg.muted">Lowest of the members</Text>
        <Text>{formatPercent(figures.smallestRatio)}</Text>
      </Flex>
      {run === undefined ? (
        <Button
          mt="3"
          size="sm"
          w="100%"
          onClick={() => void shareOut()}
          title="Divide all unlocked pieces; locked ones stay"
        >
          Share out
        </Button>
      ) : (
        <Box mt="3">
          <Flex align="center" gap="3">
            <Progress.Root value={run.done * 100} flex="1" size="sm" aria-label="Sharing out">
              <Progress.Track>
                <Progress.Range />
              </Progress.Track>
            </Progress.Root>
            <Button size="xs" variant="outline" onClick={() => stop.current()}>
              Stop
            </Button>
          </Flex>
          <Text fontSize="xs" color="fg.muted" mt="1">
            {run.largestRatio === undefined
              ? 'Looking …'
              : `Best so far ${formatPercent(run.largestRatio)}; Stop keeps it`}
          </Text>
        </Box>
      )}
      {problem.length > 0 && (
        <Box mt="3">
          <ErrorList
            title="No share keeps these rules together:"
            errors={problem.map((message) => ({ path: '', message }))}
          />
        </Box>
      )}
      {figures.warnings.length > 0 && (
        <Box as="ul" mt="3" listStyleType="none" fontSize="xs" aria-label="Warnings">
          {figures.warnings.map((warning) => (
            <Box as="li" key={warning} py="0.5" color="overload.fg">
              ▲ {warning}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
