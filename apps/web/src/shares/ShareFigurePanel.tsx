import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import {
  FAIRNESS_SCHOOLS,
  fairnessSchool,
  formatMeasure,
  isOverloaded,
  LEVEL_GIVE,
  LEVEL_GIVE_FOR_DAYS,
  shareVerdict,
  type ShareBound,
  type ShareFigures,
} from '@graft/core/share';
import { allPieces, lockPiece, replaceShare, type FairnessSchoolId, type Trip } from '@graft/core/trip';
import { formatPercent } from '@graft/core/units';
import { ErrorList } from '../shared/ErrorList';
import { usePreferences } from '../shared/preferences';
import { RunProgress } from '../shared/RunProgress';
import { Select } from '../shared/Select';
import { useTrip } from '../shared/TripProvider';
import { Why } from '../shared/Why';
import { runShare } from '../workers/engine';
import { CureList } from './CureList';
import { movedByHand, SHARE_OUT } from './movedByHand';
import { SEED } from './seed';
import { useProvenBound } from './useProvenBound';

interface Props {
  readonly figures: ShareFigures;
  /** The trip the figures are of. */
  readonly shown: Trip;
  readonly previewing: boolean;
}

const GIVES = { peak: 'lowest peak', days: 'evener days' } as const;
type Give = keyof typeof GIVES;

const MOST_NAMED = 4;
function pieceNames(trip: Trip, ids: readonly string[]): string {
  const pieces = new Map(allPieces(trip).map((p) => [p.id, p.name]));
  const names = ids.slice(0, MOST_NAMED).map((id) => pieces.get(id) ?? id);
  return `${names.join(', ')}${ids.length > MOST_NAMED ? ` and ${ids.length - MOST_NAMED} more` : ''}`;
}

/** How fair the share is, how much fairer it could be, and the button that makes it so. */
export function ShareFigurePanel({ figures, shown, previewing }: Props) {
  const { walked: trip, change, readOnly, session } = useTrip();
  /** Pieces that were moved by hand, about which somebody is asked. */
  const [asked, setAsked] = useState<readonly string[] | undefined>();
  const { massUnit } = usePreferences();
  const [run, setRun] = useState<{ done: number; largestRatio: number | undefined } | undefined>();
  const [problem, setProblem] = useState<readonly string[]>([]);
  const [give, setGive] = useState<Give>('peak');
  const [proof, setProof] = useState<{ of: ShareBound; level: number } | undefined>();
  const stop = useRef<() => void>(() => undefined);
  const { bound, gap, failed } = useProvenBound(shown, figures);

  /** @param keep pieces that are locked first, so that they stay where somebody put them */
  const shareOut = async (keep: readonly string[] = []): Promise<void> => {
    const locked = (t: Trip): Trip => keep.reduce((next, id) => lockPiece(next, id, true), t);
    setAsked(undefined);
    setProblem([]);
    setRun({ done: 0, largestRatio: undefined });
    try {
      const levelGive = give === 'days' ? LEVEL_GIVE_FOR_DAYS : LEVEL_GIVE;
      const started = runShare(locked(trip), SEED, levelGive, (done, largestRatio) =>
        setRun({ done, largestRatio }),
      );
      stop.current = started.stop;
      const result = await started.result;
      if (result?.kind === 'solved') {
        change(SHARE_OUT, (t) => replaceShare(locked(t), result.share));
        if (result.proven) setProof({ of: figures.bound, level: result.reachedLevel });
      }
      if (result?.kind === 'contradiction') setProblem(result.reasons);
    } catch (error) {
      setProblem([error instanceof Error ? error.message : String(error)]);
    } finally {
      setRun(undefined);
    }
  };

  const complete = figures.unshared.length === 0;
  const say = (ratio: number, rounding: 'nearest' | 'down' = 'nearest'): string =>
    formatMeasure(shown.fairness, ratio, massUnit, 1, rounding);
  // What was proven holds as long as there is the same to share.
  const proven =
    complete && proof?.of === figures.bound && figures.level <= proof.level * (1 + 1.5 * LEVEL_GIVE);
  const verdict = shareVerdict(shown, figures, massUnit, bound);
  const isOwnPeak = figures.largestRatio > figures.level * 1.0005;
  const overloaded = figures.members.some(isOverloaded);
  const overfull = figures.members.some((m) => m.fullestL > m.packVolumeL + 0.005);
  const school = fairnessSchool(shown.fairness);
  return (
    <Box p="4" borderBottomWidth="1px">
      <Flex align="baseline" justify="space-between">
        <Text color="fg.muted">{previewing ? 'Largest, if dropped here' : 'Largest load'}</Text>
        <Text
          fontFamily="heading"
          fontSize="xl"
          fontWeight="600"
          color={overloaded ? 'overload.fg' : undefined}
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
        <Text color="fg.muted">Best possible, at least</Text>
        <Why reason={`No share can have a smaller largest load. What binds: ${bound.reason}.`}>
          {say(bound.ratio, 'down')}
        </Why>
      </Flex>
      <Flex justify="space-between">
        <Text color="fg.muted">Distance from it</Text>
        <Text data-testid="gap">
          {!complete
            ? 'once all is shared'
            : shown.handovers.length === 0 && (proven || gap < 1e-6)
              ? 'none: no share has a lower peak'
              : `within ${formatPercent(gap, 1, 'up')}`}
        </Text>
      </Flex>
      {shown.handovers.length > 0 && (
        <Text fontSize="2xs" color="fg.muted" textAlign="end">
          the bound is of shares without handovers
        </Text>
      )}
      {failed !== '' && (
        <Text fontSize="2xs" color="fg.muted" textAlign="end">
          a sharper bound could not be computed: {failed}
        </Text>
      )}
      {proven && gap > 0.0005 && (
        <Text fontSize="2xs" color="fg.muted" textAlign="end">
          every other division was ruled out
        </Text>
      )}
      {complete && (
        <Text fontSize="xs" color="fg.muted" mt="1" data-testid="verdict">
          {verdict.spread !== '' && `${verdict.spread}. `}What makes the peak: {verdict.peak}
          {isOwnPeak &&
            `, which no share lowers; among those who carry for the group the largest is ${say(figures.level)}`}
          .
        </Text>
      )}
      <Flex gap="2" align="center" mt="3" fontSize="xs">
        <Text color="fg.muted" flexShrink={0}>
          Fair by
        </Text>
        <Select
          label="What a fair share is measured by"
          value={trip.fairness}
          disabled={readOnly}
          options={FAIRNESS_SCHOOLS.map((s) => [s.id, s.name.toLowerCase()] as const)}
          onChoose={(fairness: FairnessSchoolId) =>
            change(`fair by ${fairnessSchool(fairness).name.toLowerCase()}`, (t) => ({ ...t, fairness }))
          }
        />
        <Select
          label="What a new share aims at"
          value={give}
          options={Object.entries(GIVES) as [Give, string][]}
          onChoose={setGive}
        />
      </Flex>
      <Text fontSize="2xs" color="fg.muted" mt="1">
        Aims at {school.aim}
        {give === 'days' && '; the largest may be 1 % higher, so that later days are fairer'}.
      </Text>
      {asked !== undefined ? (
        <Box mt="2" role="group" aria-label="Moved by hand" fontSize="xs">
          <Text>
            {asked.length === 1 ? 'A piece was' : `${asked.length} pieces were`} moved by hand:{' '}
            {pieceNames(trip, asked)}. Sharing out would move {asked.length === 1 ? 'it' : 'them'} again.
          </Text>
          <Flex gap="2" mt="1" wrap="wrap">
            <Button size="xs" autoFocus onClick={() => void shareOut(asked)}>
              Lock {asked.length === 1 ? 'it' : 'them'}, share the rest
            </Button>
            <Button size="xs" variant="outline" onClick={() => void shareOut()}>
              Share all anew
            </Button>
            <Button size="xs" variant="ghost" onClick={() => setAsked(undefined)}>
              Cancel
            </Button>
          </Flex>
        </Box>
      ) : run === undefined ? (
        <Button
          mt="2"
          size="sm"
          w="100%"
          disabled={readOnly}
          onClick={() => {
            const moved = movedByHand(session());
            if (moved.length > 0) setAsked(moved);
            else void shareOut();
          }}
          title={
            trip.handovers.length > 0
              ? 'Divide all unlocked pieces anew for all days; noted handovers go'
              : 'Divide all unlocked pieces; locked ones stay'
          }
        >
          Share out
        </Button>
      ) : (
        <Box mt="2">
          <RunProgress label="Sharing out" done={run.done} onStop={() => stop.current()} />
          <Text fontSize="xs" color="fg.muted" mt="1">
            {run.largestRatio === undefined
              ? 'Looking …'
              : `Best so far ${say(run.largestRatio)}; Stop keeps it`}
          </Text>
        </Box>
      )}
      {problem.length > 0 && (
        <Box mt="3">
          <ErrorList
            title="No share keeps these rules together:"
            errors={problem.map((message) => ({ path: '', message }))}
          />
        </Box>
      )}
      {figures.warnings.length > 0 && (
        <Box as="ul" mt="3" listStyleType="none" fontSize="xs" aria-label="Warnings">
          {figures.warnings.map((warning) => (
            <Box as="li" key={warning} py="0.5" color="overload.fg">
              ▲ {warning}
            </Box>
          ))}
        </Box>
      )}
      {!previewing && (problem.length > 0 || overloaded || overfull || figures.contradictions.length > 0) && (
        <CureList />
      )}
    </Box>
  );
}
