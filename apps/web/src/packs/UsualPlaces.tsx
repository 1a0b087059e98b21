import { Box, Button, Flex, Text } from '../theme/chakra';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { habitsOf, keepHabit, HABIT_TRIPS, type Habit } from '@graft/core/stow';
import { api } from '../shared/api';
import { useTripCommands } from '../shared/TripProvider';
import type { PackSession } from './usePackSession';

/** Where the member always keeps their things, learnt from earlier trips: what drifts from it first. */
export function UsualPlaces({ session }: { session: PackSession }) {
  const { id } = useTripCommands();
  const { data: before, error } = useQuery({
    queryKey: ['places', id],
    queryFn: () => api.places(id),
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
  const open = habits.filter((h) => !h.isKept || !h.isPinned);
  return (
    <Box as="section" px="4" py="2" fontSize="xs" aria-label="Usual places">
      <Flex justify="space-between" align="center" gap="2">
        <Text fontWeight="600">Usual places of {member.name}</Text>
        {open.length > 1 && session.mayChange && (
          <Button
            size="2xs"
            variant="outline"
            onClick={() =>
              session.put(
                open.reduce((list, habit) => keepHabit(problem, list, habit), stored),
                `usual places of ${member.name}`,
              )
            }
          >
            Keep all
          </Button>
        )}
      </Flex>
      <Text color="fg.muted">
        The same place on the last {HABIT_TRIPS} trips. What is kept stays there when the pack is planned.
      </Text>
      <Box as="ul" listStyleType="none">
        {habits.map((habit) => (
          <Flex as="li" key={habit.thing.id} gap="2" py="1" align="center" justify="space-between">
            <Text title={habit.trips.join(', ')}>{said(habit)}</Text>
            {!(habit.isKept && habit.isPinned) && (
              <Button
                size="2xs"
                variant="outline"
                flexShrink={0}
                disabled={!session.mayChange}
                aria-label={`${habit.isKept ? 'Keep it there' : 'Put it there'}: ${habit.thing.name}`}
                onClick={() =>
                  session.put(keepHabit(problem, stored, habit), `${habit.thing.name} where it usually is`)
                }
              >
                {habit.isKept ? 'Keep it there' : 'Put it there'}
              </Button>
            )}
          </Flex>
        ))}
      </Box>
    </Box>
  );
}

function said({ thing, zones, now, isKept, isPinned }: Habit): string {
  const place = zones[0]!.name.toLowerCase();
  if (isKept) return `${thing.name}: ${place}, ${isPinned ? 'kept there' : 'as usual'}`;
  return `△ ${thing.name}: usually ${place}, now ${now === undefined ? 'nowhere' : now.name.toLowerCase()}`;
}
