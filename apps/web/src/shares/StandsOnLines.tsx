import { Box, Link, Text } from '../theme/chakra';
import { RouterLink } from '../shared/RouterLink';
import { standsOnLines, weighFirstWords, type StandsOn } from '@graft/core/report';
import { type ShareFigures } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { usePreferences } from '../shared/preferences';

const AT = { people: 'People', kit: 'Kit', shares: 'Shares' } as const;

/** Before a share is trusted: what is missing, what is guessed and how much that matters, what to weigh first. */
export function StandsOnLines({
  trip,
  figures,
  stands,
}: {
  readonly trip: Trip;
  readonly figures: ShareFigures;
  readonly stands: StandsOn;
}) {
  const { massUnit, hideWeights } = usePreferences();
  const lines = standsOnLines(trip, figures, stands, massUnit, hideWeights);
  // What weighs on whom is known once all is shared.
  const isShared = figures.unshared.length === 0;
  const first = isShared ? weighFirstWords(stands) : [];
  if (!isShared && lines.length === 0) return null;
  return (
    <Box as="section" aria-label="Before you trust this" mt="4" fontSize="xs">
      <Text fontWeight="600">Before you trust this</Text>
      {lines.length === 0 && (
        <Text color="fg.muted">
          Every weight is said and none is a guess: the figures are as good as the scale.
        </Text>
      )}
      <Box as="ul" listStyleType="none">
        {lines.map(({ at, text, isGap }) => (
          <Box as="li" key={text} py="0.5" fontWeight={isGap ? '600' : undefined}>
            {isGap && '△ '}
            {text}.{' '}
            {at !== 'shares' && (
              <Link asChild textDecoration="underline" fontWeight="400">
                <RouterLink to={`../${at}`}>{AT[at]}</RouterLink>
              </Link>
            )}
          </Box>
        ))}
      </Box>
      {first.length > 0 && (
        <>
          <Text mt="1" color="fg.muted">
            {first.length > 1 ? 'Worth weighing first:' : 'Worth weighing:'}
          </Text>
          <Box as="ol" pl="4" listStyleType="decimal">
            {first.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}
