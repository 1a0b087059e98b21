import { Box, Table, Text } from '../theme/chakra';
import { memo, useDeferredValue, useMemo } from 'react';
import type { PandolfOutcome } from '@graft/core/carriage';
import { dayEffort, dayTimes, memberTimes, type DayEffort, type MemberTime } from '@graft/core/route';
import type { Member, Trip } from '@graft/core/trip';
import { formatMass, type MassUnit } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { Why } from '../shared/Why';
import { useInUnits } from '../shared/useInUnits';

interface Day {
  readonly day: number;
  readonly plannedH: number;
  readonly times: ReadonlyMap<string, MemberTime>;
}

/** Every member's walking time on every day, and the power it takes with that day's load; drawn when there is time. */
export function Effort({ trip: newest }: { trip: Trip }) {
  const trip = useDeferredValue(newest);
  return <EffortTable trip={trip} />;
}

const EffortTable = memo(function EffortTable({ trip }: { trip: Trip }) {
  const { massUnit } = usePreferences();
  const inUnits = useInUnits();
  const days = useMemo(
    () =>
      trip.legs.map((_leg, i): Day => ({
        day: i + 1,
        plannedH: dayTimes(trip, i + 1).plannedH,
        times: new Map(memberTimes(trip, i + 1).map((t) => [t.memberId, t])),
      })),
    [trip],
  );
  if (trip.members.length === 0) return null;
  return (
    <Box as="section" mt="2" overflowX="auto">
      <Table.Root size="sm" aria-label="Walking time and effort" w="auto" minW="60%">
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader px="2" py="1" fontSize="xs" color="fg.muted">
              Member
            </Table.ColumnHeader>
            {days.map(({ day }) => (
              <Table.ColumnHeader key={day} px="2" py="1" fontSize="xs" color="fg.muted" textAlign="end">
                Day {day}, h · W
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <tbody>
          {trip.members.map((member) => (
            <EffortRow key={member.id} trip={trip} member={member} days={days} massUnit={massUnit} />
          ))}
        </tbody>
      </Table.Root>
      <Text mt="2" fontSize="xs" color="fg.muted" maxW="52rem">
        {inUnits(
          'Power on the climbs, or on the level on a flat day, by Pandolf, Givoni and Goldman (1977) at the planned pace. It holds up to 2.5 m/s, 25 % of slope and 70 kg of load, not downhill, and knows neither scrambling nor snow: there it says “–”. For comparing days and loads; not medical advice.',
        )}
      </Text>
    </Box>
  );
});

/** A component of its own, so that drawing many can be put off between two rows. */
function EffortRow({
  trip,
  member,
  days,
  massUnit,
}: {
  trip: Trip;
  member: Member;
  days: readonly Day[];
  massUnit: MassUnit;
}) {
  return (
    <tr className="grid-row">
      <td className="grid-cell">{member.name}</td>
      {days.map(({ day, plannedH, times }) => (
        <td key={day} className="grid-cell" data-numeric="">
          <TimeAndPower
            time={times.get(member.id)!}
            plannedH={plannedH}
            effort={dayEffort(trip, member, day)}
            massUnit={massUnit}
          />
        </td>
      ))}
    </tr>
  );
}

const inWords = (outcome: PandolfOutcome): string =>
  'watts' in outcome ? `${outcome.watts.toFixed(0)} W` : `not said, ${outcome.outside}`;

function TimeAndPower({
  time,
  plannedH,
  effort,
  massUnit,
}: {
  time: MemberTime;
  plannedH: number;
  effort: DayEffort;
  massUnit: MassUnit;
}) {
  const { hideWeights } = usePreferences();
  const climbs = effort.climbGradePercent > 0;
  const shown = climbs ? effort.climb : effort.level;
  const hours = `Planned ${plannedH.toFixed(1)} h × ${time.factor.toFixed(2)} (${time.reason}).`;
  // Power and load together would give a hidden body weight away.
  if (hideWeights) return <Why reason={hours}>{time.hours.toFixed(1)} · ···</Why>;
  return (
    <Why
      reason={`${hours} With ${formatMass(effort.loadKg, massUnit)}: on the level at ${effort.levelSpeedMs.toFixed(1)} m/s ${inWords(effort.level)}${climbs ? `; uphill at ${effort.climbGradePercent.toFixed(0)} % and ${effort.climbSpeedMs.toFixed(1)} m/s ${inWords(effort.climb)}` : ''}.`}
    >
      {time.hours.toFixed(1)} · {'watts' in shown ? shown.watts.toFixed(0) : '–'}
    </Why>
  );
}
