import { useState, type ReactNode } from 'react';
import { RouterLink } from '../shared/RouterLink';
import { addEvent } from '@graft/core/debrief';
import { loadsOverTrip } from '@graft/core/load';
import { holdsFrom, STARTING_FACTORS, type WeakeningKind } from '@graft/core/trail';
import { isWithParty, type Member, type TripEvent } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { DaySelect } from '../shared/DaySelect';
import { usePreferences } from '../shared/preferences';
import { LIMIT_PARTS } from '../shared/reshare/limitParts';
import { Proposal } from '../shared/reshare/Proposal';
import { useReshare } from '../shared/reshare/useReshare';
import { RunProgress } from '../shared/RunProgress';
import { useTrip } from '../shared/tripContext';
import { useLimits } from '../shared/useLimits';
import { Box, Button, Flex, Heading, SimpleGrid, Text } from '../theme/chakra';
import { StowedPacks, useHandovers } from './HandoversPanel';
import { HappeningsPanel } from './HappeningsPanel';
import { EVENT_WORDS, eventText } from './words';

type NewEvent = Omit<TripEvent, 'id'>;
type Step =
  | { readonly at: 'who' }
  | { readonly at: 'what'; readonly member: Member }
  | { readonly at: 'howMuch'; readonly member: Member }
  | { readonly at: 'thing' }
  | { readonly at: 'take'; readonly event: NewEvent };

/** The ones that are noted most come first. */
const HAPPENED: readonly WeakeningKind[] = ['hurt', 'tired', 'ill'];

/** In three touches: who, what happened, and the fewest handovers that follow. */
export function HappenedWizard({ day, onDay }: { day: number; onDay: (day: number) => void }) {
  const { trip, walked, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const [step, setStep] = useState<Step>({ at: 'who' });
  const reshare = useReshare();
  const handovers = useHandovers(reshare, 'withinLimits');
  const back = (): void => {
    reshare.stop();
    setStep({ at: 'who' });
  };
  const lookFor = (event: NewEvent): void => setStep({ at: 'take', event });
  const note = (event: NewEvent): void => {
    const reason = eventText(trip, { ...event, id: '' }, massUnit);
    change(`day ${day}: ${reason}`, (t) => addEvent(t, event));
    lookFor(event);
  };
  const about = (member: Member, more: Pick<NewEvent, 'kind'> & Partial<NewEvent>): void =>
    note({ day, moment: 'morning', memberId: member.id, ...more });

  if (readOnly) return <Text p="4">You may look at this trip, not note what happened.</Text>;
  return (
    <Box p="4" fontSize="md">
      {step.at === 'who' && (
        <Ask
          title="Who?"
          aside={<DaySelect label="Day" prefix="Day " trip={trip} value={day} onChoose={onDay} />}
        >
          {walked.members
            .filter((m) => isWithParty(m, day))
            .map((m) => (
              <Choice key={m.id} onClick={() => setStep({ at: 'what', member: m })}>
                {m.name}
              </Choice>
            ))}
          <Choice onClick={() => setStep({ at: 'thing' })}>A thing, a meal, water</Choice>
        </Ask>
      )}
      {step.at === 'what' && (
        <Ask title={`${step.member.name} …`} onBack={back}>
          {HAPPENED.map((kind) => (
            <Choice key={kind} onClick={() => about(step.member, { kind, factor: STARTING_FACTORS[kind] })}>
              {EVENT_WORDS[kind]}
            </Choice>
          ))}
          <Choice onClick={() => setStep({ at: 'howMuch', member: step.member })}>
            cannot carry more than …
          </Choice>
          <Choice onClick={() => about(step.member, { kind: 'well' })}>is well again</Choice>
          <Choice onClick={() => about(step.member, { kind: 'gone' })}>leaves the party</Choice>
        </Ask>
      )}
      {step.at === 'howMuch' && (
        <HowMuch
          member={step.member}
          day={day}
          onBack={back}
          onChoose={(factor) => about(step.member, { kind: 'tired', factor })}
        />
      )}
      {step.at === 'thing' && (
        <>
          <Back onBack={back} />
          <HappeningsPanel day={day} onNoted={lookFor} onShareAnew={lookFor} />
        </>
      )}
      {step.at === 'take' && (
        <Take
          key={JSON.stringify(step.event)}
          event={step.event}
          onBack={back}
          {...handovers}
          reshare={reshare}
        />
      )}
    </Box>
  );
}

function Back({ onBack }: { onBack: () => void }) {
  return (
    <Button variant="outline" mb="2" onClick={onBack}>
      Back
    </Button>
  );
}

interface AskProps {
  readonly title: string;
  readonly aside?: ReactNode;
  readonly onBack?: () => void;
  readonly children: ReactNode;
}

function Ask({ title, aside, onBack, children }: AskProps) {
  return (
    <>
      {onBack !== undefined && <Back onBack={onBack} />}
      <Flex justify="space-between" align="center" mb="3">
        <Heading as="h2" fontFamily="heading" fontSize="xl">
          {title}
        </Heading>
        {aside}
      </Flex>
      <SimpleGrid columns={2} gap="2">
        {children}
      </SimpleGrid>
    </>
  );
}

/** As large as a cold thumb. */
function Choice({ onClick, children }: { onClick: () => void; children: ReactNode }) {
  return (
    <Button variant="outline" h="auto" minH="60px" fontSize="md" whiteSpace="normal" onClick={onClick}>
      {children}
    </Button>
  );
}

function HowMuch({
  member,
  day,
  onBack,
  onChoose,
}: {
  member: Member;
  day: number;
  onBack: () => void;
  onChoose: (factor: number) => void;
}) {
  const { walked } = useTrip();
  const { massUnit } = usePreferences();
  const { hidden, percent } = useLimits();
  const limitKg = loadsOverTrip(walked, member)[day - 1]?.limitKg ?? 0;
  return (
    <Ask title={`${member.name} cannot carry more than …`} onBack={onBack}>
      {LIMIT_PARTS.map((part) => (
        <Choice key={part} onClick={() => onChoose(part)}>
          {hidden
            ? `${Math.round(part * 10)} tenths of before`
            : `${formatMass(part * limitKg, massUnit)} (${percent(part, 0)})`}
        </Choice>
      ))}
    </Ask>
  );
}

type TakeProps = ReturnType<typeof useHandovers> & {
  readonly event: NewEvent;
  readonly reshare: ReturnType<typeof useReshare>;
  readonly onBack: () => void;
};

/** What to hand over, and to whom; found once the event is noted. */
function Take({ event, onBack, reshare, find, accept, fitting, stowed, current }: TakeProps) {
  const { trip, walked, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const [isAsked, setAsked] = useState(false);
  const text = eventText(trip, { ...event, id: '' }, massUnit);
  const from = holdsFrom(event);
  const isOver = from > trip.legs.length;
  const ask = (): void => {
    setAsked(true);
    find({ from, memberId: event.memberId, reason: text });
  };
  return (
    <>
      <Back onBack={onBack} />
      <Heading as="h2" fontFamily="heading" fontSize="xl">
        {text}
      </Heading>
      <Text color="fg.muted" mb="3">
        Noted for day {event.day}. Pain, numb hands or tingling arms: stop, rest, refit. The member’s own word
        decides what they carry.
      </Text>
      {!isOver && current === undefined && stowed === undefined && (
        <Button w="100%" minH="60px" fontSize="md" loading={reshare.busy} onClick={ask}>
          {isAsked ? 'Look again' : 'Who takes what?'}
        </Button>
      )}
      {reshare.busy && (
        <Button w="100%" mt="2" variant="outline" onClick={reshare.stop}>
          Stop
        </Button>
      )}
      {(reshare.failed !== '' || fitting.failed !== undefined) && (
        <Text color="overload.fg" role="alert">
          {reshare.failed}
          {fitting.failed?.message}
        </Text>
      )}
      {current !== undefined && (
        <Proposal
          found={current}
          busy={fitting.running}
          readOnly={readOnly}
          onAccept={(chosen) => void accept(chosen, current.day, current.reason)}
        />
      )}
      {fitting.running && <RunProgress label="Fitting the handovers into the packs" run={fitting} />}
      {stowed !== undefined && (
        <>
          <StowedPacks trip={walked} stows={stowed} />
          <Button w="100%" mt="3" asChild>
            <RouterLink to="../packs">To the packs</RouterLink>
          </Button>
        </>
      )}
    </>
  );
}
