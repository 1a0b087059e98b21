import { LOCALE } from '../shared/locale';
import { Box, Button, Flex, Text } from '../theme/chakra';
import { scaleLinear } from 'd3-scale';
import { preparationDates, trainingLadder, type TrainingLadder } from '@graft/core/prepare';
import type { MemberFigures } from '@graft/core/share';
import type { Member } from '@graft/core/trip';
import { formatMass, massDigits } from '@graft/core/units';
import { dateWords, today } from '../shared/dates';
import { usePreferences } from '../shared/preferences';
import { useOnDemand } from '../shared/useOnDemand';
import { useTrip } from '../shared/tripContext';
import { paint } from '../theme/system';

/** The way up to the trip's load, week by week, and the trip's other dates, for the calendar. */
export function TrainingPanel({ member, figures }: { member: Member; figures: MemberFigures | undefined }) {
  const { trip } = useTrip();
  const { massUnit } = usePreferences();
  const limitKg = Math.max(...(figures?.loads.map((l) => l.limitKg) ?? [0]));
  const plannedKg = Math.max(...(figures?.loads.map((l) => l.totalKg) ?? [0]));
  const targetKg = Math.min(limitKg, plannedKg > 0 ? plannedKg : limitKg);
  const now = today();
  const ladder = trainingLadder(member, targetKg, now, trip.startDate);
  const preparation = preparationDates(trip);
  const onDemand = useOnDemand();
  const save = (): void =>
    onDemand(
      () => import('../shared/saveCalendar'),
      ({ saveCalendar }) =>
        saveCalendar(trip, { memberId: member.id, name: member.name, walks: ladder.walks }),
    );
  return (
    <Flex gap="10" wrap="wrap" align="start">
      <Box w="34rem" maxW="100%">
        {ladder.walks.length === 0 ? (
          <Text>
            {trip.startDate <= now
              ? 'The trip has begun: there is nothing left to train for.'
              : 'Less than a week to go: rest, and start light.'}
          </Text>
        ) : (
          <>
            <Text mb="1">
              {ladder.walks.length} weekly walks to {formatMass(ladder.targetKg, massUnit)}, what the trip
              asks of {member.name} at most
              {ladder.reachedKg < ladder.targetKg - 0.5 &&
                `. There is time to reach ${formatMass(ladder.reachedKg, massUnit)}: plan a lighter load, or start earlier`}
              .
            </Text>
            <Ladder ladder={ladder} />
          </>
        )}
        <Text mt="2" fontSize="xs" color="fg.muted">
          Bodies adapt over weeks: at most 3 % of body weight more each week, an easy week before leaving
          (Graft’s own numbers). Pain, numb hands or tingling arms: stop and refit. Not medical advice.
        </Text>
      </Box>
      <Box minW="18rem" flex="1">
        <Text fontWeight="600" mb="1">
          The trip’s dates
        </Text>
        {preparation.map((p) => (
          <Flex
            key={p.id}
            gap="3"
            fontSize="xs"
            py="0.5"
            color={p.date < now ? 'fg.muted' : undefined}
            title={p.what}
          >
            <Box w="6.5rem">{dateWords(p.date)}</Box>
            <Box flex="1">
              {p.title}
              {p.date < now && ' (past)'}
            </Box>
          </Flex>
        ))}
        <Button size="xs" variant="outline" mt="3" onClick={save}>
          Save as iCalendar
        </Button>
        <Text fontSize="xs" color="fg.muted" mt="1">
          {member.name}’s walks, these dates and the trip, for any calendar. It names the loads of{' '}
          {member.name}, nobody’s body weight.
        </Text>
      </Box>
    </Flex>
  );
}

function Ladder({ ladder }: { ladder: TrainingLadder }) {
  const { massUnit } = usePreferences();
  const W = 540;
  const H = 132;
  const y = scaleLinear([0, Math.max(ladder.targetKg, 1)], [H - 30, 8]);
  const step = (W - 10) / ladder.walks.length;
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      width="100%"
      role="img"
      aria-label={ladder.walks
        .map(
          (w) =>
            `${dateWords(w.date)}: ${formatMass(w.loadKg, massUnit)} for ${w.hours} h${w.easy ? ', easy' : ''}`,
        )
        .join('; ')}
    >
      <line
        x1="0"
        x2={W}
        y1={y(ladder.targetKg)}
        y2={y(ladder.targetKg)}
        stroke={paint('fg')}
        strokeDasharray="5 3"
      />
      {ladder.walks.map((walk, i) => (
        <g key={walk.date}>
          <rect
            x={5 + i * step + 3}
            width={step - 6}
            y={y(walk.loadKg)}
            height={y(0) - y(walk.loadKg)}
            fill={paint(walk.easy ? 'pine.subtle' : 'pine.emphasized')}
          />
          <text
            x={5 + (i + 0.5) * step}
            y={y(walk.loadKg) + 13}
            textAnchor="middle"
            fill={paint('fg')}
            style={{ fontSize: 11 }}
          >
            {massDigits(walk.loadKg, massUnit)}
          </text>
          <text
            x={5 + (i + 0.5) * step}
            y={H - 17}
            textAnchor="middle"
            fill={paint('fg')}
            style={{ fontSize: 11 }}
          >
            {new Date(`${walk.date}T00:00:00Z`).toLocaleDateString(LOCALE, {
              day: 'numeric',
              month: 'short',
              timeZone: 'UTC',
            })}
          </text>
          <text
            x={5 + (i + 0.5) * step}
            y={H - 4}
            textAnchor="middle"
            fill={paint('fg.muted')}
            style={{ fontSize: 11 }}
          >
            {walk.hours} h
          </text>
        </g>
      ))}
    </svg>
  );
}
