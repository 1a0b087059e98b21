import { useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import { loadsOverTrip } from '@graft/core/load';
import { afterEvent, withHandovers, type ReshareAim, type TrailEvent } from '@graft/core/share';
import { STARTING_FACTORS, type WeakeningKind } from '@graft/core/trail';
import { formatMass, formatPercent } from '@graft/core/units';
import { DaySelect } from '../shared/DaySelect';
import { LIMIT_PARTS } from '../shared/reshare/limitParts';
import { NotedHandovers } from '../shared/reshare/NotedHandovers';
import { Proposal } from '../shared/reshare/Proposal';
import { useReshare } from '../shared/reshare/useReshare';
import { Select } from '../shared/Select';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import { useLimits } from '../shared/useLimits';
import { Box, Button, Flex, Link, Text } from '../theme/chakra';

const HAPPENINGS = {
  hurt: 'is hurt',
  tired: 'is tired',
  ill: 'is ill',
  leaves: 'leaves the party',
  limited: 'cannot carry more than',
  none: 'nothing: only share anew',
} as const;
type Happening = keyof typeof HAPPENINGS;
const AIMS: Readonly<Record<ReshareAim, string>> = {
  withinLimits: 'fewest to bring all within limits',
  best: 'fewest to be as fair as can be, within 2 %',
};

function eventOf(happening: Happening, memberId: string, day: number, factor: number): TrailEvent {
  switch (happening) {
    case 'none':
      return { kind: 'none', day };
    case 'leaves':
      return { kind: 'leaves', memberId, day: Math.max(2, day) };
    case 'limited':
      return { kind: 'weaker', memberId, day, label: 'carries less', factor };
    case 'hurt':
    case 'tired':
    case 'ill':
      return { kind: 'weaker', memberId, day, label: happening, factor };
  }
}

/** For the handovers' record. @param left what is left of the limit, in words */
function reasonOf(happening: Happening, name: string, left: string): string {
  if (happening === 'none') return 'shared anew';
  return `${name} ${HAPPENINGS[happening]}${happening === 'limited' ? ` ${left}` : ''}`;
}

/** Something happened on the way: the fewest pieces that must change hands, who meets whom, and what it does. */
export function ReshareTab({ day: shownDay }: { day: number | undefined }) {
  const { walked, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const limits = useLimits();
  const [happening, setHappening] = useState<Happening>('hurt');
  const [memberId, setMemberId] = useState(walked.members[0]?.id ?? '');
  const [day, setDay] = useState(Math.min(walked.legs.length, Math.max(1, shownDay ?? 2)));
  const [factor, setFactor] = useState<number>(STARTING_FACTORS.hurt);
  const [aim, setAim] = useState<ReshareAim>('withinLimits');
  const reshare = useReshare();
  /** What the answer is for; the form may say something else by then. */
  const [asked, setAsked] = useState<TrailEvent>({ kind: 'none', day: 1 });
  const { busy, failed } = reshare;

  const member = walked.members.find((m) => m.id === memberId) ?? walked.members[0]!;
  const event = eventOf(happening, member.id, day, factor);
  const limitKg = loadsOverTrip(walked, member)[day - 1]?.limitKg ?? 0;
  // In the reader's own words: a weight, unless weights of limits are hidden.
  const part = (f: number): string =>
    happening === 'limited' && !limits.hidden
      ? `${formatMass(f * limitKg, massUnit)} (${formatPercent(f, 0)})`
      : formatPercent(f, 0);
  const reason = reasonOf(happening, member.name, part(factor));

  const find = (): Promise<void> => {
    setAsked(event);
    return reshare.find({
      of: walked,
      after: afterEvent(walked, event),
      day: event.day,
      aim,
      reason,
      ...('memberId' in event ? { memberId: event.memberId } : {}),
    });
  };

  const current = reshare.found?.of === walked ? reshare.found : undefined;
  return (
    <Box p="4" fontSize="sm">
      <Flex gap="2" wrap="wrap" align="center">
        <Text>From day</Text>
        <DaySelect label="Day from which it holds" trip={walked} value={day} onChoose={setDay} />
        {happening !== 'none' && (
          <Select
            label="Whom it happened to"
            w="8rem"
            value={member.id}
            options={walked.members.map((m) => [m.id, m.name] as const)}
            onChoose={setMemberId}
          />
        )}
        <Select
          label="What happened"
          w={happening === 'none' ? '13rem' : '9rem'}
          value={happening}
          options={Object.entries(HAPPENINGS) as [Happening, string][]}
          onChoose={(next) => {
            setHappening(next);
            if (next in STARTING_FACTORS) setFactor(STARTING_FACTORS[next as WeakeningKind]);
          }}
        />
        {event.kind === 'weaker' && (
          <>
            {happening !== 'limited' && <Text>and carries</Text>}
            <Select
              label="Part of the own limit that is left"
              w={happening === 'limited' ? '9rem' : '5.5rem'}
              value={String(factor)}
              options={LIMIT_PARTS.map((f) => [String(f), part(f)] as const)}
              onChoose={(f) => setFactor(Number(f))}
            />
            {happening !== 'limited' && <Text>of their limit</Text>}
          </>
        )}
      </Flex>
      <Box mt="2" role="radiogroup" aria-label="What is wanted" fontSize="xs">
        {(Object.keys(AIMS) as ReshareAim[]).map((key) => (
          <Box as="label" display="block" key={key} py="0.5">
            <input type="radio" name="aim" checked={aim === key} onChange={() => setAim(key)} /> {AIMS[key]}
          </Box>
        ))}
      </Box>
      <Flex gap="2" mt="2">
        <Button size="sm" flex="1" disabled={busy} loading={busy} onClick={() => void find()}>
          Find the handovers
        </Button>
        {busy && (
          <Button size="sm" variant="outline" onClick={reshare.stop}>
            Stop
          </Button>
        )}
      </Flex>
      {failed !== '' && (
        <Text fontSize="xs" color="overload.fg" pt="1" role="alert">
          {failed}
        </Text>
      )}
      {current !== undefined && (
        <Proposal
          key={current.reason + current.day}
          found={current}
          acceptWithout={asked.kind === 'none' ? undefined : `Note it: ${current.reason}`}
          onAccept={(chosen) => {
            change(`handovers on day ${current.day}: ${current.reason}`, (t) =>
              withHandovers(afterEvent(t, asked), current.day, chosen, current.reason),
            );
            reshare.forget();
          }}
          readOnly={readOnly}
        />
      )}
      <Text fontSize="xs" mt="3">
        A thing broke, was bought or was left:{' '}
        <Link asChild textDecoration="underline">
          <RouterLink to={`../trail?view=days&day=${day}`}>note it on the Trail</RouterLink>
        </Link>
        .
      </Text>
      <Text fontSize="2xs" color="fg.muted" mt="3">
        A planning aid, not medical advice. Pain or numb hands: stop, rest, refit; the member&apos;s own word
        decides what they carry.
      </Text>
      <NotedHandovers />
    </Box>
  );
}
