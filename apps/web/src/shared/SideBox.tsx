import { Box } from '../theme/chakra';
import type { ReactNode } from 'react';

/** What stands beside a station's main surface; under it, and as wide, on a narrow screen. */
export function SideBox({ w, label, children }: { w: string; label?: string; children: ReactNode }) {
  return (
    <Box
      w={{ base: '100%', lg: w }}
      flexShrink={0}
      borderStartWidth={{ base: 0, lg: '1px' }}
      bg="bg.panel"
      px="4"
      py="3"
      fontSize="sm"
      overflow="auto"
      {...(label === undefined ? {} : { role: 'region', 'aria-label': label, tabIndex: 0 })}
    >
      {children}
    </Box>
  );
}
