import { Box, Button, Flex, Input, Table, Text } from '../theme/chakra';
import { useState } from 'react';
import { PRACTICE_PARTS, practiceScore, type PracticePart, type StowAssessment } from '@graft/core/stow';
import { freshId, type Member, type Trip } from '@graft/core/trip';
import { dayDate, today } from '../shared/dates';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/tripContext';
import { useInUnits } from '../shared/useInUnits';

export interface PracticeProps {
  readonly trip: Trip;
  readonly member: Member;
  /** The learner's stow as it stands. */
  readonly stow: StowAssessment;
  /** The plan it is marked against; undefined while it is being made or nobody practises. */
  readonly best: StowAssessment | undefined;
  readonly practising: boolean;
  readonly planning: boolean;
  readonly onStart: () => void;
  readonly onEnd: () => void;
}

/** The bench as a trainer: a given load, the learner stows it, every lost point is explained. */
export function PracticeTab(props: PracticeProps) {
  const inUnits = useInUnits();
  const { trip, member, stow, best, practising, planning, onStart, onEnd } = props;
  const { change, readOnly } = useTrip();
  const [learner, setLearner] = useState(member.name);
  const [marked, setMarked] = useState<StowAssessment | undefined>();
  const name = learner.trim() === '' ? member.name : learner.trim();
  const score = marked === stow && best !== undefined ? practiceScore(stow, best) : undefined;
  const keep = (): void => {
    if (score === undefined) return;
    change(`practice of ${name}`, (t) => ({
      ...t,
      practice: [
        ...t.practice,
        {
          id: freshId(
            'try',
            t.practice.map((p) => p.id),
          ),
          learner: name.slice(0, 80),
          memberId: member.id,
          date: today(),
          points: score.points,
          lost: score.lost.map((l) => `${l.why} (−${l.points.toFixed(1)})`.slice(0, 300)).slice(0, 60),
        },
      ],
    }));
  };
  return (
    <Box p="4" fontSize="xs">
      {!practising ? (
        <>
          <Text fontSize="sm">
            Stow {member.name}’s load yourself: everything lies on the floor, the bench shows what your stow
            does, and marks it against the best plan. The trip’s own stow is not touched.
          </Text>
          <Button size="sm" mt="2" onClick={onStart}>
            Practise with this load
          </Button>
        </>
      ) : (
        <>
          <Flex gap="2" align="center">
            <Text flexShrink={0}>Learner</Text>
            <Input
              size="xs"
              aria-label="Learner"
              maxLength={80}
              value={learner}
              onChange={(e) => setLearner(e.target.value)}
            />
          </Flex>
          <Text mt="1" color="fg.muted">
            {stow.unplaced.length === 0
              ? 'All is in. Have it marked, or better it first.'
              : `${stow.unplaced.length} things lie on the floor still: give each a place under “Places”.`}
          </Text>
          <Flex gap="2" mt="2">
            <Button
              size="xs"
              disabled={planning || best === undefined}
              loading={planning}
              onClick={() => setMarked(stow)}
            >
              Mark it
            </Button>
            <Button size="xs" variant="outline" onClick={onEnd}>
              End practice
            </Button>
          </Flex>
        </>
      )}
      {score !== undefined && (
        <Box mt="3" role="region" aria-label="Score">
          <Text fontFamily="heading" fontSize="lg" fontWeight="600" data-testid="practice-points">
            {score.points.toFixed(1)} of 100 points
          </Text>
          {(Object.keys(PRACTICE_PARTS) as PracticePart[]).map((part) => {
            const { name: words, most } = PRACTICE_PARTS[part];
            return (
              <Box key={part} py="1" borderBottomWidth="1px" borderColor="border.muted">
                <Flex justify="space-between">
                  <Text fontWeight="600">{words}</Text>
                  <Text>
                    {score.parts[part].toFixed(1)} of {most}
                  </Text>
                </Flex>
                {score.lost
                  .filter((l) => l.part === part)
                  .map((l) => (
                    <Text key={l.why} color="fg.muted">
                      −{l.points.toFixed(1)}: {inUnits(l.why)}
                    </Text>
                  ))}
              </Box>
            );
          })}
          <Button size="xs" mt="2" disabled={readOnly} onClick={keep}>
            Keep this result for {name}
          </Button>
        </Box>
      )}
      {trip.practice.length > 0 && (
        <Box mt="4">
          <Text fontWeight="600">Results kept</Text>
          <Table.Root
            size="sm"
            aria-label="Results of practice"
            css={{ '& th, & td': { px: '1', py: '1', fontSize: 'xs', verticalAlign: 'top' } }}
          >
            <Table.Body>
              {[...trip.practice].reverse().map((p) => (
                <Table.Row key={p.id} bg="transparent">
                  <Table.Cell>
                    {p.learner}
                    <Box color="fg.muted">
                      {trip.members.find((m) => m.id === p.memberId)?.name}’s load, {dayDate(p.date, 1)}
                    </Box>
                  </Table.Cell>
                  <Table.Cell color="fg.muted">{inUnits(p.lost[0] ?? 'nothing lost')}</Table.Cell>
                  <Table.Cell textAlign="end" fontWeight="600" whiteSpace="nowrap">
                    {p.points.toFixed(1)}
                  </Table.Cell>
                  <Table.Cell>
                    <RemoveButton
                      name={`the result of ${p.learner}`}
                      onClick={() =>
                        change(`remove a result of ${p.learner}`, (t) => ({
                          ...t,
                          practice: t.practice.filter((x) => x.id !== p.id),
                        }))
                      }
                    />
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Box>
      )}
    </Box>
  );
}
