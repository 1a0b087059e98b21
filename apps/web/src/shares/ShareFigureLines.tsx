import { Flex, Text } from '../theme/chakra';
import type { ReactNode } from 'react';
import { provenWords, type StandsOn } from '@graft/core/report';
import {
  fairnessSchool,
  isOverloaded,
  LEVEL_GIVE,
  shareVerdict,
  type ShareBound,
  type ShareFigures,
} from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { formatPercent } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { Why } from '../shared/Why';
import { useProvenBound } from './useProvenBound';
import { useSayRatio } from './useSayRatio';
import type { ShareOut } from './useShareOut';
import { useLimits } from '../shared/useLimits';
import { useInUnits } from '../shared/useInUnits';

interface Props {
  readonly figures: ShareFigures;
  /** The trip the figures are of. */
  readonly shown: Trip;
  readonly previewing: boolean;
  readonly proof: ShareOut['proof'];
  /** What the facts are worth; undefined until that is known. */
  readonly stands: StandsOn | undefined;
}

/** The largest and the smallest load, and how far the largest is from the best possible. */
export function ShareFigureLines({ figures, shown, previewing, proof, stands }: Props) {
  const say = useSayRatio(shown);
  const { words, hidden } = useLimits();
  const { bound, gap, failed } = useProvenBound(shown, figures);
  const complete = figures.unshared.length === 0;
  // What was proven holds as long as there is the same to share.
  const proven =
    complete && proof?.of === figures.bound && figures.level <= proof.level * (1 + 1.5 * LEVEL_GIVE);
  const isBest = shown.handovers.length === 0 && (proven || gap < 1e-6);
  const school = fairnessSchool(shown.fairness);
  return (
    <>
      <Flex align="baseline" justify="space-between">
        <Text color="fg.muted">{previewing ? 'Largest, if dropped here' : 'Largest load'}</Text>
        <Text
          fontFamily="heading"
          fontSize="xl"
          fontWeight="600"
          color={figures.members.some(isOverloaded) ? 'overload.fg' : undefined}
          data-testid="largest-ratio"
        >
          {say(figures.largestRatio)}
        </Text>
      </Flex>
      <Text fontSize="xs" color="fg.muted" textAlign="end">
        {figures.largestMember?.name}, day {figures.largestDay}
        {school.id !== 'plainKg' && `, ${school.of}`}
      </Text>
      <Flex justify="space-between" mt="1">
        <Text color="fg.muted">Smallest load</Text>
        <Text>{say(figures.smallestRatio)}</Text>
      </Flex>
      <Flex justify="space-between">
        <Text color="fg.muted">No share gets below</Text>
        <Why
          reason={`With these people and things every share has a largest load of this or more. What keeps it there: ${words(bound.reason)}.`}
        >
          {say(bound.ratio, 'down')}
        </Why>
      </Flex>
      <Flex justify="space-between">
        <Text color="fg.muted">This share is above that by</Text>
        <Text data-testid="gap">
          {!complete ? 'once all is shared' : isBest ? 'nothing' : `${formatPercent(gap, 1, 'up')} at most`}
        </Text>
      </Flex>
      {hidden && school.id !== 'plainKg' && <Aside>hidden with the body weights: parts of limits</Aside>}
      {complete && isBest && stands !== undefined && <Aside>{provenWords(stands)}</Aside>}
      {shown.handovers.length > 0 && <Aside>that is said of shares without handovers</Aside>}
      {failed !== '' && <Aside>how low a share can get could not be worked out any better: {failed}</Aside>}
      {proven && gap > 0.0005 && <Aside>every other division was ruled out</Aside>}
      {complete && <Verdict figures={figures} shown={shown} bound={bound} />}
    </>
  );
}

function Aside({ children }: { children: ReactNode }) {
  return (
    <Text fontSize="2xs" color="fg.muted" textAlign="end">
      {children}
    </Text>
  );
}

/** How even the share is, and what makes its peak. */
function Verdict({ figures, shown, bound }: Pick<Props, 'figures' | 'shown'> & { bound: ShareBound }) {
  const { massUnit } = usePreferences();
  const { words } = useLimits();
  const inUnits = useInUnits();
  const say = useSayRatio(shown);
  const verdict = shareVerdict(shown, figures, massUnit, bound);
  const isOwnPeak = figures.largestRatio > figures.level * 1.0005;
  return (
    <Text fontSize="xs" color="fg.muted" mt="1" data-testid="verdict">
      {verdict.spread !== '' && `${words(verdict.spread)}. `}What makes the peak:{' '}
      {inUnits(words(verdict.peak))}
      {isOwnPeak &&
        `, which no share lowers; among those who carry for the group the largest is ${say(figures.level)}`}
      .
    </Text>
  );
}
