import { Button, Flex, Progress } from '@chakra-ui/react';

interface Props {
  /** What runs, for screen readers. */
  readonly label: string;
  /** From 0 to 1. */
  readonly done: number;
  readonly onStop: () => void;
}

/** How far long work is, and the button that ends it. */
export function RunProgress({ label, done, onStop }: Props) {
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
