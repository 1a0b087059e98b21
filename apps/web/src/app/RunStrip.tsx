import { Box, Button, Text } from '../theme/chakra';
import { useSyncExternalStore } from 'react';
import { ProgressBar } from '../shared/RunProgress';
import type { RunEntry } from '../shared/runs';
import { useTripRuns } from '../shared/useRun';
import { ErrorList } from '../shared/ErrorList';
import { Strip } from './Strip';

/** Long work that was begun at a station that is not open now, and results that wait for a decision. */
export function RunStrip() {
  const runs = useTripRuns();
  const entries = useSyncExternalStore(runs.subscribe, runs.snapshot);
  const told = [...entries.values()].filter((e) => e.kind === 'offer' || !runs.isWatched(e.name));
  return told.map((entry) => (
    <Strip key={entry.name}>
      <Entry entry={entry} onDismiss={() => runs.drop(entry.name)} />
    </Strip>
  ));
}

function Entry({ entry, onDismiss }: { entry: RunEntry; onDismiss: () => void }) {
  switch (entry.kind) {
    case 'running':
      return (
        <>
          <Text fontWeight="600">{entry.name}</Text>
          {entry.detail !== undefined && <Text color="fg.muted">{entry.detail}</Text>}
          <Box flex="1" maxW="26rem">
            <ProgressBar label={entry.name} done={entry.done} onStop={entry.stop} />
          </Box>
        </>
      );
    case 'failed':
      return (
        <>
          <Box flex="1">
            <ErrorList title={`${entry.name} ended: ${entry.message}`} errors={entry.errors} />
          </Box>
          <Button size="xs" variant="outline" onClick={onDismiss}>
            Dismiss
          </Button>
        </>
      );
    case 'offer':
      return (
        <>
          <Text role="status" flex="1">
            {entry.text}
          </Text>
          <Button
            size="xs"
            onClick={() => {
              entry.take();
              onDismiss();
            }}
          >
            Take it
          </Button>
          <Button size="xs" variant="outline" onClick={onDismiss}>
            Leave it as it is
          </Button>
        </>
      );
  }
}
