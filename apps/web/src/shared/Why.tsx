import { Box, Portal, Tooltip } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A figure that answers "why?" on hover and on keyboard focus. */
export function Why({ reason, children }: { reason: ReactNode; children: ReactNode }) {
  return (
    <Tooltip.Root openDelay={150} closeDelay={50} positioning={{ placement: 'bottom' }}>
      <Tooltip.Trigger asChild>
        <Box
          as="span"
          tabIndex={0}
          cursor="help"
          textDecoration="underline dotted"
          textUnderlineOffset="3px"
          textDecorationColor="border.emphasized"
        >
          {children}
        </Box>
      </Tooltip.Trigger>
      <Portal>
        <Tooltip.Positioner>
          <Tooltip.Content maxW="22rem" bg="fg" color="bg" fontSize="xs" px="2.5" py="1.5" borderRadius="l2">
            {reason}
          </Tooltip.Content>
        </Tooltip.Positioner>
      </Portal>
    </Tooltip.Root>
  );
}
