import { Box, Button, Flex, Table, Text } from '../theme/chakra';
import { useMemo, useState } from 'react';
import { bandText } from '@graft/core/carriage';
import {
  dayToRepack,
  fetchedFor,
  findingGroups,
  moveUpText,
  stowDays,
  stowOnDay,
  stowProblem,
  type StowDay,
  type StowMove,
} from '@graft/core/stow';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useInUnits, useQuantities } from '../shared/useInUnits';
import { useRun } from '../shared/useRun';
import { Why } from '../shared/Why';
import { runRepack } from '../workers/engine';
import { HeightByDay } from './HeightByDay';
import { MoveEffect } from './MoveEffect';
import { namesIn } from './namesIn';
import type { PackSession } from './usePackSession';

/** How the stow rides on every day: heights, what goes up each evening, and which two moves mend the worst day. */
export function DaysTab({ session }: { session: PackSession }) {
  const { walked, member, kept } = session;
  const [isWet, setWet] = useState(false);
  const days = useMemo(() => stowDays(walked, member.id, kept, isWet), [walked, member.id, kept, isWet]);
  if (kept.length === 0)
    return (
      <Text p="4" fontSize="sm">
        Stow the pack first: then every day of it is shown here.
      </Text>
    );
  const worst = dayToRepack(days);
  return (
    <Box px="4" py="3" fontSize="xs">
      <Text fontSize="sm" fontWeight="600">
        {worst === undefined
          ? `Rides well on ${days.length === 1 ? 'the day' : `all ${days.length} days`}: nothing to repack.`
          : `Day ${worst.day} rides worst${worst.stow.findings.length === 0 ? '' : `: ${findingGroups(worst.stow.findings).length} to look at`}.`}
      </Text>
      <label style={{ display: 'inline-flex', gap: '0.4rem', alignItems: 'center', margin: '0.35rem 0' }}>
        <input type="checkbox" checked={isWet} onChange={(e) => setWet(e.target.checked)} />
        <Why reason="As after a night of rain, on every day: what gets wet weighs what it weighs wet. Wet things lie apart from dry ones in any case.">
          After rain: packed wet
        </Why>
      </label>
      <HeightByDay days={days} band={session.stow.band} chosen={session.day} onChoose={session.setDay} />
      <DayTable days={days} session={session} />
      {worst !== undefined && (
        <Repack key={`${worst.day} ${String(isWet)}`} worst={worst} session={session} />
      )}
      <Evenings days={days} />
    </Box>
  );
}

function DayTable({ days, session }: { days: readonly StowDay[]; session: PackSession }) {
  const { massUnit } = usePreferences();
  const { digits, unit } = useQuantities();
  return (
    <Table.Root size="sm" mt="2" aria-label="The stow by day">
      <Table.Header>
        <Table.Row>
          {['Day', 'In the pack', `Out, ${unit('length')}`, `Aside, ${unit('length')}`, 'To look at'].map(
            (head, i) => (
              <Table.ColumnHeader key={head} px="1" fontSize="xs" textAlign={i === 0 ? 'start' : 'end'}>
                {head}
              </Table.ColumnHeader>
            ),
          )}
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {days.map(({ day, stow }) => (
          <Table.Row key={day}>
            <Table.Cell px="1" py="0.5">
              <Button
                size="2xs"
                variant={session.day === day ? 'solid' : 'ghost'}
                aria-label={`Show day ${day}`}
                aria-pressed={session.day === day}
                onClick={() => session.setDay(day)}
              >
                {day}
                {day === session.planned && '*'}
              </Button>
            </Table.Cell>
            <Table.Cell px="1" py="0.5" textAlign="end">
              {formatMass(stow.massKg, massUnit)}
            </Table.Cell>
            <Table.Cell px="1" py="0.5" textAlign="end">
              {digits(stow.centreOfGravityCm.y, 'length', 1)}
            </Table.Cell>
            <Table.Cell px="1" py="0.5" textAlign="end">
              {digits(Math.abs(stow.centreOfGravityCm.x), 'length', 1)}
            </Table.Cell>
            <Table.Cell px="1" py="0.5" textAlign="end">
              {stow.findings.length === 0 ? 'nothing' : `△ ${findingGroups(stow.findings).length}`}
            </Table.Cell>
          </Table.Row>
        ))}
      </Table.Body>
    </Table.Root>
  );
}

function Repack({ worst, session }: { worst: StowDay; session: PackSession }) {
  const { walked, member, kept } = session;
  const inUnits = useInUnits();
  const [found, setFound] = useState<readonly StowMove[]>();
  const { start, failed, running } = useRun('Trying moves');
  const on = useMemo(
    () => stowOnDay(stowProblem(walked, member.id, worst.day), kept),
    [walked, member.id, worst.day, kept],
  );
  const nameOf = namesIn(worst.stow);
  const look = async (): Promise<void> => {
    const outcome = await start(() => runRepack(walked, member.id, worst.day, on.placements));
    if (outcome.kind === 'done' && outcome.value !== undefined) setFound(outcome.value);
  };
  const apply = (moves: readonly StowMove[]): void => {
    setFound(undefined);
    session.putOn(on, moves.at(-1)!.placements, `repack for day ${worst.day}`);
  };
  return (
    <Box mt="3" role="group" aria-label={`Repack for day ${worst.day}`}>
      <Text fontWeight="600">Repack for day {worst.day}</Text>
      {worst.stow.findings.slice(0, 4).map((f) => (
        <Text key={`${f.ruleId} ${f.message}`} color="fg.muted">
          △ {inUnits(f.message)}
        </Text>
      ))}
      {worst.stow.bandMissCm !== 0 && (
        <Text color="fg.muted">The band is {inUnits(bandText(worst.stow.band))}.</Text>
      )}
      {failed !== undefined && (
        <Text color="overload.fg" role="alert">
          {failed.message}
        </Text>
      )}
      {found === undefined ? (
        <Button size="2xs" variant="outline" mt="1" disabled={running} onClick={() => void look()}>
          {running ? 'Trying moves …' : 'Which two moves mend it?'}
        </Button>
      ) : found.length === 0 ? (
        <Text>No single move makes this day better without making something worse. Plan this pack anew.</Text>
      ) : (
        <>
          {found.map((move) => (
            <MoveEffect
              key={move.thingId}
              trip={walked}
              memberId={member.id}
              move={move}
              name={nameOf(move.thingId)}
            />
          ))}
          <Flex mt="1">
            <Button size="2xs" variant="outline" disabled={!session.mayChange} onClick={() => apply(found)}>
              {found.length === 1 ? 'Do it' : 'Do both'}
            </Button>
          </Flex>
        </>
      )}
    </Box>
  );
}

function Evenings({ days }: { days: readonly StowDay[] }) {
  const lists = days
    .map(({ day, moves }) => ({ day, moves: fetchedFor(day, moves) }))
    .filter((l) => l.moves.length > 0);
  return (
    <Box mt="3" role="group" aria-label="Each evening">
      <Text fontWeight="600">Each evening, for the day after</Text>
      {lists.length === 0 ? (
        <Text color="fg.muted">Nothing moves: all food of later days lies where it is wanted.</Text>
      ) : (
        <Box as="ul" listStyleType="none">
          {lists.map(({ day, moves }) => (
            <Box as="li" key={day} py="0.5">
              <b>For day {day}:</b> {moves.map(moveUpText).join('; ')}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
