import { Box, Button, Flex, Text } from '../theme/chakra';
import { useEffect, useState } from 'react';
import { SYMPTOMS, type RideAdvice, type StowAssessment, type Symptom } from '@graft/core/stow';
import type { Placement, Trip } from '@graft/core/trip';
import { Select } from '../shared/Select';
import { useRun } from '../shared/useRun';
import { runRide } from '../workers/engine';
import { allRuns, type Run } from '../workers/run';
import { MoveEffect } from './MoveEffect';
import { namesIn } from './namesIn';
import { useInUnits } from '../shared/useInUnits';

interface Props {
  readonly trip: Trip;
  readonly memberId: string;
  readonly stow: StowAssessment;
  readonly placements: readonly Placement[];
  readonly onApply: ((placements: readonly Placement[], label: string) => void) | undefined;
}

/** How does it ride? Symptoms, their likely cause in this stow, the best moves against them, the strap to adjust. */
export function RideTab({ trip, memberId, stow, placements, onApply }: Props) {
  const inUnits = useInUnits();
  const [marked, setMarked] = useState<readonly Symptom[]>([]);
  const [about, setAbout] = useState('');
  const [advice, setAdvice] = useState<
    { readonly of: StowAssessment; readonly list: readonly RideAdvice[] } | undefined
  >();
  const { start, drop, failed } = useRun('Looking for causes');
  useEffect(() => {
    if (marked.length === 0 || stow.placed.length === 0) return;
    const begin = (): Run<readonly (RideAdvice | undefined)[]> =>
      allRuns(
        marked.map((symptom) =>
          runRide(trip, memberId, stow.day, placements, symptom, about === '' ? undefined : about),
        ),
      );
    void start(begin).then((outcome) => {
      if (outcome.kind === 'done')
        setAdvice({ of: stow, list: outcome.value.filter((a) => a !== undefined) });
    });
    return drop;
  }, [trip, memberId, stow, placements, marked, about, start, drop]);
  const list = advice?.of === stow ? advice.list.filter((a) => marked.includes(a.symptom)) : [];
  const nameOf = namesIn(stow);
  if (stow.placed.length === 0) {
    return (
      <Text p="4" fontSize="sm">
        Stow the pack first: then mark here how it rides.
      </Text>
    );
  }
  return (
    <Box p="4" fontSize="xs">
      <Text fontWeight="600" fontSize="sm">
        How does it ride?
      </Text>
      <Flex wrap="wrap" columnGap="3" rowGap="1" mt="1" role="group" aria-label="Symptoms">
        {(Object.keys(SYMPTOMS) as Symptom[]).map((symptom) => (
          <label key={symptom} style={{ width: '46%' }}>
            <input
              type="checkbox"
              checked={marked.includes(symptom)}
              onChange={() =>
                setMarked(
                  marked.includes(symptom) ? marked.filter((s) => s !== symptom) : [...marked, symptom],
                )
              }
            />{' '}
            {SYMPTOMS[symptom]}
          </label>
        ))}
      </Flex>
      {marked.includes('emptied') && (
        <Box mt="2">
          <Select
            label="What it had to be emptied for"
            value={about}
            options={[['', 'for …'] as const, ...stow.placed.map((p) => [p.thing.id, p.thing.name] as const)]}
            onChoose={setAbout}
          />
        </Box>
      )}
      <Text mt="2" color="fg.muted">
        Pain, numb hands or tingling arms: stop and refit. A planning aid, not medical advice.
      </Text>
      {failed !== undefined && (
        <Text color="overload.fg" role="alert">
          {failed.message}
        </Text>
      )}
      {marked.length > list.length && failed === undefined && <Text mt="2">Trying moves …</Text>}
      {list.map((a) => (
        <Box key={a.symptom} mt="3" role="region" aria-label={`Advice: ${SYMPTOMS[a.symptom]}`}>
          <Text fontWeight="600">{SYMPTOMS[a.symptom]}</Text>
          <Text>
            {a.found ? 'Likely: ' : 'This stow does not show it clearly. '}
            {inUnits(a.cause)}
          </Text>
          {a.moves.map((move) => (
            <Flex
              key={move.thingId}
              gap="2"
              align="center"
              justify="space-between"
              py="1"
              borderBottomWidth="1px"
              borderColor="border.muted"
            >
              <MoveEffect trip={trip} memberId={memberId} move={move} name={nameOf(move.thingId)} />
              <Button
                size="2xs"
                variant="outline"
                flexShrink={0}
                disabled={onApply === undefined}
                aria-label={`Do it: move ${nameOf(move.thingId)} against ${SYMPTOMS[a.symptom]}`}
                onClick={() => onApply?.(move.placements, `move ${nameOf(move.thingId)}`)}
              >
                Do it
              </Button>
            </Flex>
          ))}
          <Text color="fg.muted" pt="1">
            Strap: {inUnits(a.strap)}
          </Text>
        </Box>
      ))}
    </Box>
  );
}
