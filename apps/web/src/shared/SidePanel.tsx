import { Box, Flex } from '../theme/chakra';
import type { ReactNode } from 'react';
import { Tabs } from './Tabs';

interface Props<T extends string> {
  readonly label: string;
  /** Beside the main surface on a wide screen; under it, and as wide, on a narrow one. */
  readonly w: string;
  readonly tabs: readonly (readonly [value: T, label: string])[];
  readonly value: T;
  readonly onChoose: (value: T) => void;
  readonly children: ReactNode;
}

/** Panels beside a station's main surface, one of them open. */
export function SidePanel<T extends string>({ label, w, tabs, value, onChoose, children }: Props<T>) {
  return (
    <Flex
      direction="column"
      w={{ base: '100%', lg: w }}
      flexShrink={0}
      borderStartWidth={{ base: 0, lg: '1px' }}
      bg="bg.panel"
      minH="0"
    >
      <Box px="3" pt="2">
        <Tabs label={label} tabs={tabs} value={value} onChoose={onChoose} />
      </Box>
      <Box flex="1" minH="0" overflow="auto" px="3" pb="5" tabIndex={0} role="region" aria-label={label}>
        {children}
      </Box>
    </Flex>
  );
}
