import { Box, Flex, Link } from '../theme/chakra';
import { useMemo } from 'react';
import { useMatch } from 'react-router';
import { RouterLink } from '../shared/RouterLink';
import { stillMissing, type StillMissing } from '@graft/core/lists';
import { useRecentFigures } from '../shared/usePlanFigures';
import { counted } from '../shared/words';

const WORDS: Readonly<Record<StillMissing['what'], (count: number) => string>> = {
  people: () => 'people',
  bodies: (count) => counted(count, 'body weight'),
  own: (count) => (count === 1 ? 'own things of one' : `own things of ${count}`),
  kit: () => 'group kit',
  masses: (count) => (count === 1 ? '1 weight' : `${count} weights`),
  food: () => 'food',
};

/** What a share that can be trusted still needs, each a way to where it is put in; gone once all is there. */
export function MissingStrip() {
  const { trip } = useRecentFigures();
  const isStarting = useMatch('/trips/:tripId/start') !== null;
  const missing = useMemo(() => stillMissing(trip), [trip]);
  if (missing.length === 0 || isStarting) return null;
  return (
    <Flex
      as="nav"
      aria-label="Still missing"
      px="4"
      py="1"
      gap="3"
      align="baseline"
      wrap="wrap"
      fontSize="xs"
      bg="bg.panel"
      borderBottomWidth="1px"
      flexShrink={0}
    >
      <Box color="fg.muted">Before the shares can be trusted:</Box>
      {missing.map(({ what, at, count }) => (
        <Link asChild key={what} textDecoration="underline" textUnderlineOffset="3px">
          <RouterLink to={at}>{WORDS[what](count)}</RouterLink>
        </Link>
      ))}
    </Flex>
  );
}
