import { Box, Button, Flex, Text } from '../theme/chakra';
import { useMemo } from 'react';
import { dayCures, type DayLength } from '@graft/core/route';
import { useTrip } from '../shared/tripContext';
import { useInUnits } from '../shared/useInUnits';

/** Days too long for the slowest member, each with what would cure it, cheapest first. */
export function DayProblems({ lengths }: { lengths: readonly DayLength[] }) {
  const { trip } = useTrip();
  const long = lengths.filter((l) => l.problems.length > 0);
  if (long.length === 0) return null;
  return (
    <Box mt="4" aria-label="Days that are too long" as="section">
      {long.map((length) => (
        <DayProblem key={`${length.day} ${trip.legs[length.day - 1]?.id ?? ''}`} length={length} />
      ))}
    </Box>
  );
}

function DayProblem({ length }: { length: DayLength }) {
  const inUnits = useInUnits();
  const { trip, change } = useTrip();
  const cures = useMemo(() => dayCures(trip, length.day), [trip, length.day]);
  const name = trip.members.find((m) => m.id === length.slowest?.memberId)?.name ?? '';
  return (
    <Box borderLeftWidth="4px" borderColor="overload" bg="bg.panel" px="3" py="2" mb="2">
      <Text fontWeight="600" color="overload.fg">
        ▲ Day {length.day}: {inUnits(length.problems.join('; '))} ({name})
      </Text>
      <Flex gap="2" wrap="wrap" mt="1.5">
        {cures.map((cure) => (
          <Button
            key={cure.id}
            size="xs"
            variant="outline"
            h="auto"
            py="1"
            onClick={() => change(cure.what.toLowerCase(), cure.apply)}
          >
            <Box textAlign="start">
              <Box>{inUnits(cure.what)}</Box>
              <Box fontWeight="400" color="fg.muted">
                {inUnits(cure.effect)}
              </Box>
            </Box>
          </Button>
        ))}
      </Flex>
    </Box>
  );
}
