import { Button, Flex, Text } from '../theme/chakra';
import { takeNewVersion, useNewVersion } from './serviceWorker';

/** Says that a new version is there; it is taken when somebody says so. */
export function NewVersion() {
  const isThere = useNewVersion();
  if (!isThere) return null;
  return (
    <Flex
      data-screen-only
      role="status"
      align="center"
      gap="3"
      px="4"
      py="1.5"
      fontSize="xs"
      bg="bg.panel"
      borderBottomWidth="1px"
    >
      <Text flex="1">A new version of Graft is on this device. What waits to be sent stays.</Text>
      <Button size="xs" variant="outline" onClick={takeNewVersion}>
        Load it
      </Button>
    </Flex>
  );
}
