import { Button, Flex, Progress } from '../theme/chakra';
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
      <Progress.Root value={done * 100} flex="1" size="sm">
        <Progress.Track aria-label={label}>
          <Progress.Range />
        </Progress.Track>
      </Progress.Root>
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
