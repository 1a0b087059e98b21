import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { putComfort, removeComfort } from '@graft/core/debrief';
import { loadsOverTrip } from '@graft/core/load';
import { carriedWork } from '@graft/core/share';
import { takeToldComfort, toldComfort } from '@graft/core/sheet';
import { asWalked, dayMoments, holdsFrom, loadSteps } from '@graft/core/trail';
import { isWithParty, type TripEvent } from '@graft/core/trip';
import { formatMass, formatPercent, massDigits } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useReshare } from '../shared/reshare/useReshare';
import { Select } from '../shared/Select';
import { SidePanel } from '../shared/SidePanel';
import { useTrip } from '../shared/TripProvider';
import { Why } from '../shared/Why';
import { useSheetNews } from '../shared/useSheetNews';
import { useSheets } from '../shared/useSheets';
import { counted, DAY_ROLE_WORDS } from '../shared/words';
import { COMFORT_OPTIONS, ComfortPanel } from './ComfortPanel';
import { HandoversPanel, type AskFor } from './HandoversPanel';
import { HappeningsPanel } from './HappeningsPanel';
import { RatioSteps, type MemberSteps } from './RatioSteps';
import { eventText, partText, stepText } from './words';

type Panel = 'happened' | 'handovers' | 'comfort';

/** Kinds of event after which loads should be looked at again. */
const RESHARE_AFTER = new Set(['tired', 'hurt', 'ill', 'gone', 'well']);

/** Loads day by day as they are walked, what made each step, and what to do when something happens. */
export function DaysView({ day, onDay }: { day: number; onDay: (day: number) => void }) {
  const { id, trip: plan, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const trip = useMemo(() => asWalked(plan), [plan]);
  const [chosenId, setChosenId] = useState<string | undefined>();
  const [panel, setPanel] = useState<Panel>('happened');
  const reshare = useReshare();
  useSheetNews(id);
  const { data: sheets } = useSheets(id);
  const told = useMemo(() => toldComfort(plan, sheets?.marks ?? {}), [plan, sheets]);
  const nameOf = (memberId: string): string => plan.members.find((m) => m.id === memberId)?.name ?? '';
  /** What has just been noted and asks for another share. */
  const [askFor, setAskFor] = useState<AskFor | undefined>();

  const members = useMemo(
    () =>
      trip.members.map((member): MemberSteps => ({
        member,
        ratios: loadsOverTrip(trip, member).map((l) => l.ratio),
        moments: trip.legs.map((_leg, i) => dayMoments(trip, member, i + 1)),
        steps: loadSteps(trip, member),
      })),
    [trip],
  );
  const work = useMemo(() => new Map(carriedWork(trip).map((w) => [w.member.id, w.afterDay])), [trip]);
  const highest = members.reduce((a, b) => (b.ratios[day - 1]! > a.ratios[day - 1]! ? b : a));
  const frontId = members.some((m) => m.member.id === chosenId) ? chosenId! : highest.member.id;
  const shareAnew = (event: Omit<TripEvent, 'id'>): void => {
    setChosenId(event.memberId);
    setAskFor({
      memberId: event.memberId,
      from: holdsFrom(event),
      reason: eventText(plan, { ...event, id: '' }, massUnit),
    });
    setPanel('handovers');
  };
  const happened = (d: number): string =>
    plan.events
      .filter((e) => e.day === d)
      .map((e) => eventText(plan, e, massUnit))
      .join('; ');

  return (
    <Flex direction={{ base: 'column', lg: 'row' }} flex="1" minH="0">
      <Box flex="1" minW="0" overflow="auto">
        <Box px="4" pt="2">
          <RatioSteps
            trip={trip}
            members={members}
            frontId={frontId}
            day={day}
            onDay={onDay}
            unit={massUnit}
            happened={happened}
          />
        </Box>
        {told.length > 0 && !readOnly && (
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
        )}
        <table className="grid-table" aria-label={`Loads on day ${day}`}>
          <colgroup>
            <col style={{ width: '15%' }} />
            <col style={{ width: '8%' }} />
            <col style={{ width: '9%' }} />
            <col style={{ width: '9%' }} />
            <col style={{ width: '9%' }} />
            <col style={{ width: '32%' }} />
            <col style={{ width: '9%' }} />
            <col style={{ width: '9%' }} />
          </colgroup>
          <thead>
            <tr>
              <th style={{ paddingInlineStart: 16 }}>Day {day}</th>
              <th data-numeric>Sets off, {massUnit}</th>
              <th data-numeric>After water</th>
              <th data-numeric>Into camp</th>
              <th data-numeric>Of limit</th>
              <th>Since the day before</th>
              <th data-numeric>So far, kg·km</th>
              <th>Comfort</th>
            </tr>
          </thead>
          <tbody>
            {members.map(({ member, moments, ratios, steps }) => {
              const m = moments[day - 1]!;
              const ratio = ratios[day - 1]!;
              const step = steps[day - 2];
              const there = isWithParty(member, day);
              const roles = trip.roles.filter((r) => r.day === day && r.memberId === member.id);
              const mark = plan.comfort.find((c) => c.memberId === member.id && c.day === day);
              const text = step === undefined ? 'sets off' : stepText(step, trip.members, massUnit);
              return (
                <tr
                  key={member.id}
                  className="grid-row"
                  data-chosen={member.id === frontId ? '' : undefined}
                  data-member={member.id}
                >
                  <td className="grid-cell" style={{ paddingInlineStart: 16 }}>
                    <button
                      type="button"
                      className="link-button"
                      style={{ fontWeight: 600 }}
                      aria-pressed={member.id === frontId}
                      onClick={() => setChosenId(member.id)}
                    >
                      {member.name}
                    </button>{' '}
                    <span className="muted">
                      {roles.map((r) => DAY_ROLE_WORDS[r.role].toLowerCase()).join(', ')}
                    </span>
                  </td>
                  {there ? (
                    <>
                      <td className="grid-cell" data-numeric>
                        {massDigits(m.morningKg, massUnit)}
                      </td>
                      <td className="grid-cell" data-numeric>
                        {massDigits(m.afterWaterKg, massUnit)}
                      </td>
                      <td className="grid-cell" data-numeric>
                        {massDigits(m.eveningKg, massUnit)}
                      </td>
                      <td className="grid-cell" data-numeric>
                        <Why
                          reason={`${formatMass(m.afterWaterKg, massUnit)} after water, of a limit of ${formatMass(m.limitKg, massUnit)} that day.`}
                        >
                          <Text as="span" color={ratio > 1 ? 'overload.fg' : undefined} fontWeight="600">
                            {ratio > 1 && '▲ '}
                            {formatPercent(ratio, 0)}
                          </Text>
                        </Why>
                      </td>
                    </>
                  ) : (
                    <td className="grid-cell muted" colSpan={4}>
                      {m.afterWaterKg > 0
                        ? `left the party; ${formatMass(m.afterWaterKg, massUnit)} of the group’s to hand over`
                        : 'left the party'}
                    </td>
                  )}
                  <td className="grid-cell" title={text}>
                    {step === undefined || step.parts.length < 3 ? (
                      text
                    ) : (
                      <Why
                        reason={
                          <>
                            {step.parts.map((p, i) => (
                              <div key={i}>{partText(p, trip.members, massUnit)}</div>
                            ))}
                          </>
                        }
                      >
                        {text}
                      </Why>
                    )}
                  </td>
                  <td className="grid-cell" data-numeric>
                    {Math.round(work.get(member.id)![day - 1]!)}
                  </td>
                  <td className="grid-cell" style={{ overflow: 'visible' }}>
                    <Flex align="center" gap="1">
                      <Select
                        label={`Comfort of ${member.name}`}
                        w="3.8rem"
                        disabled={readOnly || !there}
                        value={mark === undefined ? '' : String(Math.round(mark.comfort))}
                        options={COMFORT_OPTIONS}
                        onChoose={(value) => {
                          setChosenId(member.id);
                          if (value === '')
                            change(`${member.name}: no mark for day ${day}`, (t) =>
                              removeComfort(t, member.id, day),
                            );
                          else {
                            change(`${member.name}: how day ${day} felt`, (t) =>
                              putComfort(t, {
                                ...(mark ?? { memberId: member.id, day, hurts: [] }),
                                comfort: Number(value),
                              }),
                            );
                            setPanel('comfort');
                          }
                        }}
                      />
                      {mark !== undefined && mark.hurts.length > 0 && (
                        <Text as="span" fontSize="xs" color="overload.fg" title="Something hurts">
                          ▲
                        </Text>
                      )}
                    </Flex>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
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
        ) : panel === 'comfort' ? (
          <ComfortPanel memberId={frontId} day={day} />
        ) : (
          <HandoversPanel day={day} reshare={reshare} askFor={askFor} onAsked={() => setAskFor(undefined)} />
        )}
      </SidePanel>
    </Flex>
  );
}
