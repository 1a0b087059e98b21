import { Box, Button, Flex, Text } from '../theme/chakra';
import { useMemo, useState } from 'react';
import { loadsOverTrip } from '@graft/core/load';
import { carriedWork } from '@graft/core/share';
import { takeToldComfort, toldComfort } from '@graft/core/sheet';
import { asWalked, dayMoments, holdsFrom, loadSteps } from '@graft/core/trail';
import { type TripEvent } from '@graft/core/trip';
import { usePreferences } from '../shared/preferences';
import { useReshare } from '../shared/reshare/useReshare';
import { SidePanel } from '../shared/SidePanel';
import { usePhone } from '../shared/usePhone';
import { useTrip } from '../shared/tripContext';
import { useSheets } from '../shared/useSheets';
import { counted } from '../shared/words';
import { ComfortPanel } from './ComfortPanel';
import { EveningPanel } from './EveningPanel';
import { HandoversPanel, type AskFor } from './HandoversPanel';
import { HappeningsPanel } from './HappeningsPanel';
import { Days } from './Days';
import { RatioSteps, type MemberSteps } from './RatioSteps';
import { eventText } from './words';
import { EditableTable } from '../shared/table/EditableTable';
import { dayColumns, type DayContext } from './dayColumns';
import { DayCards } from './DayCards';
import { useLimits } from '../shared/useLimits';

type Panel = 'happened' | 'handovers' | 'evening' | 'comfort';

/** Kinds of event after which loads should be looked at again. */
const RESHARE_AFTER = new Set(['tired', 'hurt', 'ill', 'gone', 'well']);

/** Loads day by day as they are walked, what made each step, and what to do when something happens. */
export function DaysView({ day, onDay }: { day: number; onDay: (day: number) => void }) {
  const { id, trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const walked = useMemo(() => asWalked(trip), [trip]);
  const { drawn } = useLimits();
  const [chosenId, setChosenId] = useState<string | undefined>();
  const [panel, setPanel] = useState<Panel>('happened');
  const isPhone = usePhone();
  const reshare = useReshare();
  const { data: sheets } = useSheets(id);
  const told = useMemo(() => toldComfort(trip, sheets?.marks ?? {}), [trip, sheets]);
  /** What has just been noted and asks for another share. */
  const [askFor, setAskFor] = useState<AskFor | undefined>();

  const members = useMemo(
    () =>
      walked.members.map((member): MemberSteps => ({
        member,
        ratios: loadsOverTrip(walked, member).map((l) => l.ratio),
        drawn: loadsOverTrip(walked, member).map(drawn),
        moments: walked.legs.map((_leg, i) => dayMoments(walked, member, i + 1)),
        steps: loadSteps(walked, member),
      })),
    [walked, drawn],
  );
  const work = useMemo(() => new Map(carriedWork(walked).map((w) => [w.member.id, w.afterDay])), [walked]);
  const highest = members.reduce((a, b) => (b.ratios[day - 1]! > a.ratios[day - 1]! ? b : a));
  const frontId = members.some((m) => m.member.id === chosenId) ? chosenId! : highest.member.id;
  const shareAnew = (event: Omit<TripEvent, 'id'>): void => {
    setChosenId(event.memberId);
    setAskFor({
      memberId: event.memberId,
      from: holdsFrom(event),
      reason: eventText(trip, { ...event, id: '' }, massUnit),
    });
    setPanel('handovers');
  };
  const happened = (d: number): string =>
    trip.events
      .filter((e) => e.day === d)
      .map((e) => eventText(trip, e, massUnit))
      .join('; ');

  const context: DayContext = {
    walked,
    day,
    massUnit,
    readOnly,
    frontId,
    onChoose: setChosenId,
    workKgKm: (memberId) => work.get(memberId)![day - 1]!,
    markOf: (memberId) => trip.comfort.find((c) => c.memberId === memberId && c.day === day),
    change,
    onMarked: (memberId, comfort) => {
      setChosenId(memberId);
      if (comfort !== undefined) setPanel('comfort');
    },
  };
  const steps = (
    <Box px="4" pt="2">
      <RatioSteps
        trip={walked}
        members={members}
        frontId={frontId}
        day={day}
        onDay={onDay}
        unit={massUnit}
        happened={happened}
      />
    </Box>
  );

  return (
    <Flex direction={{ base: 'column', lg: 'row' }} flex="1" minH="0">
      <Box flex="1" minW="0" overflow="auto">
        {isPhone && <Days trip={walked} day={day} onDay={onDay} />}
        {!isPhone && steps}
        <Told told={told} />
        {isPhone ? (
          <DayCards rows={members} context={context} />
        ) : (
          <EditableTable
            label={`Loads on day ${day}`}
            wide
            columns={dayColumns(context)}
            sections={[{ key: 'members', rows: members }]}
            rowKey={(row) => row.member.id}
            rowName={(row) => row.member.name}
            chosen={frontId}
          />
        )}
        {isPhone && steps}
        <Text px="4" py="2" fontSize="xs" color="fg.muted" maxW="64rem">
          Sets off: before the water of a dry camp is taken, where there is a sure source on the way. After
          water: the day’s heaviest moment, of which the ratio is taken. Into camp: the way’s water drunk, own
          food eaten, dinner still there.
        </Text>
      </Box>
      <SidePanel<Panel>
        label="The day"
        w="376px"
        tabs={[
          ['happened', 'What happened'],
          ['handovers', 'Handovers'],
          ['evening', 'Evening'],
          ['comfort', 'Comfort'],
        ]}
        value={panel}
        onChoose={setPanel}
      >
        {panel === 'happened' ? (
          <HappeningsPanel
            day={day}
            onNoted={(event) => {
              if (RESHARE_AFTER.has(event.kind) && holdsFrom(event) <= trip.legs.length) shareAnew(event);
            }}
            onShareAnew={shareAnew}
          />
        ) : panel === 'evening' ? (
          <EveningPanel day={day} />
        ) : panel === 'comfort' ? (
          <ComfortPanel memberId={frontId} day={day} />
        ) : (
          <HandoversPanel day={day} reshare={reshare} askFor={askFor} onAsked={() => setAskFor(undefined)} />
        )}
      </SidePanel>
    </Flex>
  );
}

/** What members have told of their days on their sheets, until it is taken in. */
function Told({ told }: { told: ReturnType<typeof toldComfort> }) {
  const { trip, change, readOnly } = useTrip();
  const nameOf = (memberId: string): string => trip.members.find((m) => m.id === memberId)?.name ?? '';
  if (told.length === 0 || readOnly) return null;
  return (
    <Flex px="4" py="2" gap="3" align="center" fontSize="sm" role="status">
      {counted(told.length, 'day')} told by members on their sheets:{' '}
      {told
        .slice(0, 4)
        .map((d) => `${nameOf(d.memberId)}, day ${d.day}: ${d.comfort}`)
        .join('; ')}
      {told.length > 4 && ' …'}
      <Button
        size="2xs"
        variant="outline"
        onClick={() => change('what members told of their days', (t) => takeToldComfort(t, told))}
      >
        Take them in
      </Button>
    </Flex>
  );
}
