import { Portal, Tooltip } from '../theme/chakra';
import type { ReactNode } from 'react';

/** A reason, and the figure that it is of. */
export interface Shown {
  readonly anchor: HTMLElement;
  readonly reason: ReactNode;
}
interface Props {
  readonly id: string;
  readonly shown: Shown | undefined;
  readonly onClose: () => void;
  readonly onEnter: () => void;
  readonly onLeave: () => void;
}

/** The answer to "why?", beside the figure. */
export default function WhyTooltip({ id, shown, onClose, onEnter, onLeave }: Props) {
  return (
    <Tooltip.Root
      open={shown !== undefined}
      onOpenChange={({ open }) => !open && onClose()}
      ids={{ content: id }}
      positioning={{
        placement: 'bottom',
        getAnchorRect: () => shown?.anchor.getBoundingClientRect() ?? null,
      }}
    >
      <Portal>
        <Tooltip.Positioner>
          {shown !== undefined && (
            <Tooltip.Content
              maxW="22rem"
              bg="fg"
              color="bg"
              fontSize="xs"
              px="2.5"
              py="1.5"
              borderRadius="l2"
              pointerEvents="auto"
              onPointerEnter={onEnter}
              onPointerLeave={onLeave}
            >
              {shown.reason}
            </Tooltip.Content>
          )}
        </Tooltip.Positioner>
      </Portal>
    </Tooltip.Root>
  );
}
