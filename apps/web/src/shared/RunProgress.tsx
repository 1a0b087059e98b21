import { Box, Button, Flex } from '../theme/chakra';
import { useProgress, type RunHandle } from './useRun';

interface BarProps {
  /** What runs, for screen readers. */
  readonly label: string;
  /** From 0 to 1. */
  readonly done: number;
  readonly onStop: () => void;
}

/** How far long work is, and the button that ends it. */
export function ProgressBar({ label, done, onStop }: BarProps) {
  return (
    <Flex data-run align="center" gap="3">
      <Box
        role="progressbar"
        aria-label={label}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={done * 100}
        flex="1"
        h="2"
        bg="bg.muted"
        borderRadius="l1"
        boxShadow="inset"
        overflow="hidden"
      >
        <Box h="100%" bg="pine.solid" transition="width 200ms" style={{ width: `${done * 100}%` }} />
      </Box>
      <Button size="xs" variant="outline" onClick={onStop}>
        Stop
      </Button>
    </Flex>
  );
}

interface Props {
  readonly label: string;
  readonly run: RunHandle;
  /** Keeps what there is when not given. */
  readonly onStop?: () => void;
}

/** The bar of a run that is under way: it alone is drawn anew as the run goes on. */
export function RunProgress({ label, run, onStop = run.stop }: Props) {
  return <ProgressBar label={label} done={useProgress(run).done} onStop={onStop} />;
}
