import { Flex, Text } from '../theme/chakra';
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
import { useBoundState } from '../shared/usePlanFigures';
import { useSayRatio } from './useSayRatio';
import type { ShareOut } from './useShareOut';
import { useLimits } from '../shared/useLimits';
import { useInUnits } from '../shared/useInUnits';

interface Props {
  readonly figures: ShareFigures;
  /** The trip the figures are of. */
  readonly shown: Trip;
  readonly previewing: boolean;
  readonly provenLevel: ShareOut['provenLevel'];
  /** What the facts are worth; undefined until that is known. */
  readonly stands: StandsOn | undefined;
}

/** The largest and the smallest load, and how far the largest is from the best possible. */
export function ShareFigureLines({ figures, shown, previewing, provenLevel, stands }: Props) {
  const say = useSayRatio(shown);
  const { words, hidden } = useLimits();
  const { bound, gap } = figures;
  const { isKnown, failed } = useBoundState();
  const complete = figures.unshared.length === 0;
  // What was proven holds as long as there is the same to share.
  const proven =
    complete && provenLevel !== undefined && figures.level <= provenLevel * (1 + 1.5 * LEVEL_GIVE);
  const isBest = shown.handovers.length === 0 && (proven || (isKnown && gap < 1e-6));
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
        {!isKnown ? (
          <Text color="fg.muted">{unknownText(failed)}</Text>
        ) : (
          <Why
            reason={`With these people and things every share that keeps limits, packs and rules has a largest load of this or more. What keeps it there: ${words(bound.reason)}.`}
          >
            {say(bound.ratio, 'down')}
          </Why>
        )}
      </Flex>
      <Flex justify="space-between">
        <Text color="fg.muted">This share is above that by</Text>
        <Text data-testid="gap">{gapText({ complete, isBest, isKnown, failed, gap })}</Text>
      </Flex>
      <Asides
        lines={[
          ...(hidden && school.id !== 'plainKg' ? ['hidden with the body weights: parts of limits'] : []),
          ...asides({
            shown,
            stands: complete && isBest ? stands : undefined,
            failed,
            ruledOut: proven && gap > 0.0005,
          }),
        ]}
      />
      {complete && isKnown && <Verdict figures={figures} shown={shown} bound={bound} />}
    </>
  );
}

interface Gap {
  readonly complete: boolean;
  readonly isBest: boolean;
  readonly isKnown: boolean;
  readonly failed: string;
  readonly gap: number;
}

/** How far the share is from the best, as far as that is known. */
function gapText({ complete, isBest, isKnown, failed, gap }: Gap): string {
  if (!complete) return 'once all is shared';
  if (isBest) return 'nothing';
  return isKnown ? `${formatPercent(gap, 1, 'up')} at most` : unknownText(failed);
}

const unknownText = (failed: string): string => (failed === '' ? '…' : 'not known');

/** What is said of how near a share is to the best. */
function asides({
  shown,
  stands,
  failed,
  ruledOut,
}: {
  readonly shown: Trip;
  /** Where the share is the best there is. */
  readonly stands: StandsOn | undefined;
  readonly failed: string;
  readonly ruledOut: boolean;
}): readonly string[] {
  return [
    ...(stands === undefined ? [] : [provenWords(stands)]),
    ...(shown.handovers.length > 0 ? ['that is said of shares without handovers'] : []),
    ...(failed === '' ? [] : [`how low a share can get could not be worked out: ${failed}`]),
    ...(ruledOut ? ['every other division was ruled out'] : []),
  ];
}

function Asides({ lines }: { lines: readonly string[] }) {
  return lines.map((line) => (
    <Text key={line} fontSize="2xs" color="fg.muted" textAlign="end">
      {line}
    </Text>
  ));
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
