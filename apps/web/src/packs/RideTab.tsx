import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { SYMPTOMS, type RideAdvice, type StowAssessment, type Symptom } from '@graft/core/stow';
import type { Placement, Trip } from '@graft/core/trip';
import { Select } from '../shared/Select';
import { runRide } from '../workers/engine';
import { MoveEffect } from './MoveEffect';
import { namesIn } from './namesIn';

interface Props {
  readonly trip: Trip;
  readonly memberId: string;
  readonly stow: StowAssessment;
  readonly placements: readonly Placement[];
  readonly onApply: ((placements: readonly Placement[], label: string) => void) | undefined;
}

/** How does it ride? Symptoms, their likely cause in this stow, the best moves against them, the strap to adjust. */
export function RideTab({ trip, memberId, stow, placements, onApply }: Props) {
  const [marked, setMarked] = useState<readonly Symptom[]>([]);
  const [about, setAbout] = useState('');
  const [advice, setAdvice] = useState<
    { readonly of: StowAssessment; readonly list: readonly RideAdvice[] } | undefined
  >();
  const [failed, setFailed] = useState('');
  const stops = useRef<readonly (() => void)[]>([]);
  useEffect(() => {
    if (marked.length === 0 || stow.placed.length === 0) return;
    let over = false;
    const runs = marked.map((symptom) =>
      runRide(trip, memberId, stow.day, placements, symptom, about === '' ? undefined : about),
    );
    stops.current = runs.map((r) => r.stop);
    Promise.all(runs.map((r) => r.result)).then(
      (list) => {
        if (!over) setAdvice({ of: stow, list: list.filter((a) => a !== undefined) });
      },
      (error: unknown) => {
        if (!over) setFailed(error instanceof Error ? error.message : String(error));
      },
    );
    return () => {
      over = true;
      for (const run of runs) run.stop();
    };
  }, [trip, memberId, stow, placements, marked, about]);
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
      {failed !== '' && (
        <Text color="overload.fg" role="alert">
          {failed}
        </Text>
      )}
      {marked.length > list.length && failed === '' && <Text mt="2">Trying moves …</Text>}
      {list.map((a) => (
        <Box key={a.symptom} mt="3" role="region" aria-label={`Advice: ${SYMPTOMS[a.symptom]}`}>
          <Text fontWeight="600">{SYMPTOMS[a.symptom]}</Text>
          <Text>
            {a.found ? 'Likely: ' : 'This stow does not show it clearly. '}
            {a.cause}
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
            Strap: {a.strap}
          </Text>
        </Box>
      ))}
    </Box>
  );
}
