import { Box, Button, Flex, Text } from '../theme/chakra';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { habitsOf, keepHabit, HABIT_TRIPS, type Habit } from '@graft/core/stow';
import { orKept } from '../device/answers';
import { api } from '../shared/api';
import { useTripCommands } from '../shared/tripContext';
import type { PackSession } from './usePackSession';

/** Where the member always keeps their things, learnt from earlier trips: what drifts from it first. */
export function UsualPlaces({ session }: { session: PackSession }) {
  const { id } = useTripCommands();
  const { data: before, error } = useQuery({
    queryKey: ['places', id],
    queryFn: () => orKept(`places ${id}`, () => api.places(id), { tripId: id }),
    staleTime: 60_000,
  });
  const { walked, problem, stored, member, practice } = session;
  const habits = useMemo(
    () => (before === undefined ? [] : habitsOf(walked, problem, stored, before)),
    [walked, problem, stored, before],
  );
  if (practice !== undefined) return null;
  if (error !== null)
    return (
      <Text px="4" py="2" fontSize="xs" role="alert" color="overload.fg">
        {`Usual places from earlier trips: ${error.message}`}
      </Text>
    );
  if (habits.length === 0) return null;
  const drifted = habits.filter((h) => !h.isKept);
  const loose = habits.filter((h) => h.isKept && !h.isPinned);
  const keep = (some: readonly Habit[], label: string): void =>
    session.put(
      some.reduce((list, habit) => keepHabit(problem, list, habit), stored),
      label,
    );
  return (
    <Box as="section" px="4" py="2" fontSize="xs" aria-label="Usual places">
      <Text fontWeight="600">Usual places of {member.name}</Text>
      <Text color="fg.muted">
        The same place on the last {HABIT_TRIPS} trips. What is kept stays there when the pack is planned.
      </Text>
      {drifted.map((habit) => (
        <Row
          key={habit.thing.id}
          text={said(habit)}
          title={habit.trips.join(', ')}
          button="Put it there"
          label={`Put it there: ${habit.thing.name}`}
          isFixed={!session.mayChange}
          onClick={() => keep([habit], `${habit.thing.name} where it usually is`)}
        />
      ))}
      {loose.length > 0 && (
        <Row
          text={`As usual: ${loose.map((h) => h.thing.name).join('; ')}`}
          title={loose[0]!.trips.join(', ')}
          button="Keep them there"
          label="Keep them there"
          isFixed={!session.mayChange}
          onClick={() => keep(loose, `usual places of ${member.name} kept`)}
        />
      )}
      {drifted.length + loose.length < habits.length && (
        <Text py="1">
          Kept there:{' '}
          {habits
            .filter((h) => h.isKept && h.isPinned)
            .map((h) => h.thing.name)
            .join('; ')}
        </Text>
      )}
    </Box>
  );
}

function Row(props: {
  text: string;
  title: string;
  button: string;
  label: string;
  isFixed: boolean;
  onClick: () => void;
}) {
  return (
    <Flex gap="2" py="1" align="center" justify="space-between">
      <Text title={props.title}>{props.text}</Text>
      <Button
        size="2xs"
        variant="outline"
        flexShrink={0}
        disabled={props.isFixed}
        aria-label={props.label}
        onClick={props.onClick}
      >
        {props.button}
      </Button>
    </Flex>
  );
}

function said({ thing, zones, now }: Habit): string {
  const place = zones[0]!.name.toLowerCase();
  return `△ ${thing.name}: usually ${place}, now ${now === undefined ? 'nowhere' : now.name.toLowerCase()}`;
}
