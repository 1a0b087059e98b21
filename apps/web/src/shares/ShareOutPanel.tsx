import { Box, Button, Flex, Text } from '../theme/chakra';
import { FAIRNESS_SCHOOLS, fairnessSchool } from '@graft/core/share';
import { allPieces, type FairnessSchoolId, type Trip } from '@graft/core/trip';
import { ErrorList } from '../shared/ErrorList';
import { RunProgress } from '../shared/RunProgress';
import { Select } from '../shared/Select';
import { useTrip } from '../shared/tripContext';
import { useProgress, type RunHandle } from '../shared/useRun';
import { useSayRatio } from './useSayRatio';
import { GIVES, type Give, type ShareOut } from './useShareOut';

const MOST_NAMED = 4;
function pieceNames(trip: Trip, ids: readonly string[]): string {
  const pieces = new Map(allPieces(trip).map((p) => [p.id, p.name]));
  const names = ids.slice(0, MOST_NAMED).map((id) => pieces.get(id) ?? id);
  return `${names.join(', ')}${ids.length > MOST_NAMED ? ` and ${ids.length - MOST_NAMED} more` : ''}`;
}

/** What a share is measured by and aims at, and the button that makes a new one. */
export function ShareOutPanel({ shareOut: out }: { shareOut: ShareOut }) {
  const { walked, change, readOnly } = useTrip();
  const school = fairnessSchool(walked.fairness);
  return (
    <>
      <Flex gap="2" align="center" mt="3" fontSize="xs">
        <Text color="fg.muted" flexShrink={0}>
          Fair by
        </Text>
        <Select
          label="What a fair share is measured by"
          value={walked.fairness}
          disabled={readOnly}
          options={FAIRNESS_SCHOOLS.map((s) => [s.id, s.name.toLowerCase()] as const)}
          onChoose={(fairness: FairnessSchoolId) =>
            change(`fair by ${fairnessSchool(fairness).name.toLowerCase()}`, (t) => ({ ...t, fairness }))
          }
        />
      </Flex>
      <Text fontSize="2xs" color="fg.muted" mt="1">
        Aims at {school.aim}.
      </Text>
      <Aims out={out} trip={walked} disabled={readOnly} />
      {out.asked !== undefined ? (
        <MovedByHand trip={walked} asked={out.asked} out={out} />
      ) : !out.run.running ? (
        <Button
          mt="2"
          size="sm"
          w="100%"
          disabled={readOnly}
          onClick={out.begin}
          title={
            walked.handovers.length > 0
              ? 'Divide all unlocked pieces anew for all days; noted handovers go'
              : 'Divide all unlocked pieces; locked ones stay'
          }
        >
          Share out
        </Button>
      ) : (
        <Box mt="2">
          <RunProgress label="Sharing out" run={out.run} />
          <FoundSoFar run={out.run} />
        </Box>
      )}
      {out.run.failed !== undefined && (
        <Box mt="3">
          <ErrorList title={out.run.failed.message} errors={out.run.failed.errors} />
        </Box>
      )}
    </>
  );
}

const AIM_WORDS: Readonly<Record<Give, string>> = {
  peak: 'The largest load as low as it gets',
  days: 'The largest up to 1 % higher, so that each day is fairer',
};

/** Both ends of what a share may aim at; once they are worked out, what each comes to. */
function Aims({ out, trip, disabled }: { out: ShareOut; trip: Trip; disabled: boolean }) {
  const say = useSayRatio(trip);
  return (
    <Box role="radiogroup" aria-label="What a new share aims at" mt="1" fontSize="xs">
      {(Object.entries(GIVES) as [Give, string][]).map(([aim, name]) => {
        const end = out.ends?.[aim];
        return (
          <Flex as="label" key={aim} gap="2" align="baseline" py="0.5" cursor="pointer">
            <input
              type="radio"
              name="share-aim"
              checked={out.give === aim}
              disabled={disabled || out.run.running}
              onChange={() => out.setGive(aim)}
            />
            <Box>
              <Text fontWeight="600">{name}</Text>
              <Text color="fg.muted">
                {end === undefined
                  ? AIM_WORDS[aim]
                  : `Largest ${say(end.largest)}, a day’s loads ${say(end.spread)} apart`}
              </Text>
            </Box>
          </Flex>
        );
      })}
    </Box>
  );
}

/** Pieces that somebody moved on purpose: are they to stay? */
function MovedByHand({ trip, asked, out }: { trip: Trip; asked: readonly string[]; out: ShareOut }) {
  const [are, them] = asked.length === 1 ? ['A piece was', 'it'] : [`${asked.length} pieces were`, 'them'];
  return (
    <Box mt="2" role="group" aria-label="Moved by hand" fontSize="xs">
      <Text>
        {are} moved by hand: {pieceNames(trip, asked)}. Sharing out would move {them} again.
      </Text>
      <Flex gap="2" mt="1" wrap="wrap">
        <Button size="xs" autoFocus onClick={() => out.shareOut(asked)}>
          Lock {them}, share the rest
        </Button>
        <Button size="xs" variant="outline" onClick={() => out.shareOut()}>
          Share all anew
        </Button>
        <Button size="xs" variant="ghost" onClick={out.cancel}>
          Cancel
        </Button>
      </Flex>
    </Box>
  );
}

function FoundSoFar({ run }: { run: RunHandle }) {
  const { detail = 'Looking …' } = useProgress(run);
  return (
    <Text fontSize="xs" color="fg.muted" mt="1">
      {detail}
    </Text>
  );
}
