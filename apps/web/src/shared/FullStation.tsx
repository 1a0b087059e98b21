import { Flex } from '../theme/chakra';
import type { ComponentProps } from 'react';

/**
 * A station that fills what the lines above it leave of the window: its panels scroll, the page does not. In a narrow
 * window it is as long as what it holds.
 */
export const FullStation = (props: ComponentProps<typeof Flex>) => (
  <Flex data-fills flex="1" minH="0" direction="column" {...props} />
);
