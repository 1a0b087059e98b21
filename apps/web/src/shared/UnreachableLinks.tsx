import { Box } from '../theme/chakra';
import { isLoopback } from '@graft/core/units';
import { useAccountSession } from './AccountProvider';

/** Said before a link is made or sent that leads to this very machine: it would open on nobody else's. */
export function UnreachableLinks() {
  const { linkOrigin } = useAccountSession();
  if (!isLoopback(linkOrigin)) return null;
  return (
    <Box
      role="note"
      fontSize="xs"
      py="1.5"
      px="2"
      my="1.5"
      borderWidth="1px"
      borderColor="border"
      bg="bg.panel"
    >
      <strong>No phone can open these links.</strong> They begin with {linkOrigin}, which is this computer for
      whoever follows them. Start Graft with npm start -- --lan for phones in the same network, or with
      GRAFT_PUBLIC_URL set to the address where others reach it, such as https://graft.example.org, and make
      the links anew.
    </Box>
  );
}
