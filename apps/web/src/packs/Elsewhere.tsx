import { Box, Button, Flex, Text } from '../theme/chakra';
import { useEffect, useState } from 'react';
import type { StowAssessment, StowMove } from '@graft/core/stow';
import type { Placement, Trip } from '@graft/core/trip';
import { useRun } from '../shared/useRun';
import { runAlternatives } from '../workers/engine';
import { MoveEffect } from './MoveEffect';

interface Props {
  readonly trip: Trip;
  readonly memberId: string;
  readonly stow: StowAssessment;
  readonly placements: readonly Placement[];
  readonly thingId: string;
  readonly name: string;
  readonly onApply: ((placements: readonly Placement[], label: string) => void) | undefined;
}

/** The next best places of a thing, each with what it would do; one click tries it. */
export function Elsewhere({ trip, memberId, stow, placements, thingId, name, onApply }: Props) {
  const [found, setFound] = useState<{ readonly of: StowAssessment; readonly moves: readonly StowMove[] }>();
  const { start, drop, failed } = useRun('Trying places');
  useEffect(() => {
    void start(() => runAlternatives(trip, memberId, stow.day, placements, thingId)).then((outcome) => {
      if (outcome.kind === 'done' && outcome.value !== undefined)
        setFound({ of: stow, moves: outcome.value });
    });
    return drop;
  }, [trip, memberId, stow, placements, thingId, start, drop]);
  const moves = found?.of === stow ? found.moves : undefined;
  return (
    <Box fontSize="xs" ps="3" py="1" role="group" aria-label={`Other places of ${name}`}>
      {failed !== undefined ? (
        <Text color="overload.fg" role="alert">
          {failed.message}
        </Text>
      ) : moves === undefined ? (
        <Text color="fg.muted">Trying places …</Text>
      ) : moves.length === 0 ? (
        <Text color="fg.muted">No other part of this pack takes it.</Text>
      ) : (
        moves.map((move, i) => (
          <Flex key={move.zoneId} gap="2" align="center" justify="space-between" py="0.5">
            <Box>
              {i === 0 && <Text fontWeight="600">Next best:</Text>}
              <MoveEffect trip={trip} memberId={memberId} move={move} name={name} />
            </Box>
            <Button
              size="2xs"
              variant="outline"
              flexShrink={0}
              disabled={onApply === undefined}
              aria-label={`Try it: ${name}, choice ${i + 1}`}
              onClick={() => onApply?.(move.placements, `move ${name}`)}
            >
              Try it
            </Button>
          </Flex>
        ))
      )}
    </Box>
  );
}
