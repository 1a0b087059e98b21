import { Box, Button, Flex, Text } from '../theme/chakra';
import { useEffect, useMemo, useState } from 'react';
import {
  findingGroups,
  takeOutFirst,
  STOW_RULES,
  type Finding,
  type FindingGroup,
  type StowAssessment,
  type StowMove,
} from '@graft/core/stow';
import type { Placement, Trip } from '@graft/core/trip';
import { useRun } from '../shared/useRun';
import { runCures } from '../workers/engine';
import { MoveEffect } from './MoveEffect';
import { namesIn } from './namesIn';
import { useInUnits, useQuantities } from '../shared/useInUnits';

const SEVERITY_WORDS = {
  fit: 'does not fit',
  safety: 'safety',
  access: 'access',
  balance: 'balance',
  structure: 'structure',
  ground: 'ground',
} as const;

interface Props {
  readonly trip: Trip;
  readonly memberId: string;
  readonly stow: StowAssessment;
  readonly placements: readonly Placement[];
  readonly onApply: ((placements: readonly Placement[], label: string) => void) | undefined;
  readonly onChoose: (thingId: string | undefined) => void;
}

/** Every rule that the stow breaks, what it is for, and the cheapest single move against it with its effect. */
export function FindingsTab({ trip, memberId, stow, placements, onApply, onChoose }: Props) {
  const [cures, setCures] = useState<
    { readonly of: StowAssessment; readonly moves: readonly (StowMove | undefined)[] } | undefined
  >();
  const { start, drop, failed } = useRun('Trying moves');
  useEffect(() => {
    if (stow.findings.length === 0) return;
    void start(() => runCures(trip, memberId, stow.day, placements)).then((outcome) => {
      if (outcome.kind === 'done' && outcome.value !== undefined)
        setCures({ of: stow, moves: outcome.value });
    });
    return drop;
  }, [trip, memberId, stow, placements, start, drop]);
  const current = cures?.of === stow ? cures.moves : undefined;
  if (stow.findings.length === 0) {
    return (
      <Text p="4" fontSize="sm">
        {stow.placed.length === 0
          ? 'Stow the pack first: then every rule is checked here.'
          : 'No rule is broken.'}
      </Text>
    );
  }
  const nameOf = namesIn(stow);
  return (
    <Box as="ul" listStyleType="none" fontSize="xs" aria-label="Findings">
      {failed !== undefined && (
        <Text as="li" px="4" py="2" color="overload.fg" role="alert">
          {failed.message}
        </Text>
      )}
      <TakeOutFirst trip={trip} memberId={memberId} stow={stow} />
      {findingGroups(stow.findings).map((group) => (
        <GroupRow
          key={group.ruleId}
          group={group}
          moveOf={(finding) => current?.[stow.findings.indexOf(finding)]}
          isTrying={current === undefined && failed === undefined}
          {...{ trip, memberId, nameOf, onApply, onChoose }}
        />
      ))}
    </Box>
  );
}

const MOST_TAKEN_OUT = 3;

/** What to take out of a pack that is too full, and who has room for it. */
function TakeOutFirst({ trip, memberId, stow }: Pick<Props, 'trip' | 'memberId' | 'stow'>) {
  const { show } = useQuantities();
  const list = useMemo(() => takeOutFirst(trip, memberId, stow, MOST_TAKEN_OUT), [trip, memberId, stow]);
  if (list.length === 0) return null;
  return (
    <Box as="li" px="4" py="2" borderBottomWidth="1px">
      <Text fontWeight="600">Too full. Take out first:</Text>
      {list.map(({ thing, litres, to }) => (
        <Text key={thing.id}>
          {thing.name}, {show(litres, 'volume')}:{' '}
          {to === undefined
            ? 'nobody has room and strength for it; leave it, or take a larger pack'
            : `${to.member.name} has room for ${show(to.freeL, 'volume')}`}
        </Text>
      ))}
    </Box>
  );
}

/** All findings of one rule: what it is for is said once, then each with its move. */
function GroupRow({
  group,
  moveOf,
  isTrying,
  trip,
  memberId,
  nameOf,
  onApply,
  onChoose,
}: {
  group: FindingGroup;
  moveOf: (finding: Finding) => StowMove | undefined;
  isTrying: boolean;
  nameOf: (thingId: string) => string;
} & Pick<Props, 'trip' | 'memberId' | 'onApply' | 'onChoose'>) {
  const inUnits = useInUnits();
  const { severity, findings } = group;
  const rule = STOW_RULES.find((r) => r.id === group.ruleId)!;
  const grave = severity === 'fit' || severity === 'safety';
  return (
    <Box as="li" px="4" py="2" borderBottomWidth="1px">
      <Text color="fg.muted">
        {SEVERITY_WORDS[severity]}
        {findings.length > 1 && `, ${findings.length} times`}: {inUnits(`${rule.what}; ${rule.why}.`)}
        {rule.camp !== undefined && ` Camp: ${rule.camp}.`}
      </Text>
      {findings.map((finding) => {
        const move = moveOf(finding);
        return (
          <Box key={finding.message} pt="1">
            <Text
              color={grave ? 'overload.fg' : undefined}
              fontWeight="600"
              onMouseEnter={() => onChoose(finding.thingIds[0])}
            >
              {grave ? '▲' : '△'} {inUnits(finding.message)}
            </Text>
            {isTrying ? (
              <Text color="fg.muted">Trying moves …</Text>
            ) : move === undefined ? (
              <Text color="fg.muted">
                {rule.remedy ?? 'No single move mends it without breaking another rule.'}
              </Text>
            ) : (
              <Flex gap="2" align="center" justify="space-between" pt="0.5">
                <MoveEffect trip={trip} memberId={memberId} move={move} name={nameOf(move.thingId)} />
                <Button
                  size="2xs"
                  variant="outline"
                  flexShrink={0}
                  disabled={onApply === undefined}
                  aria-label={`Do it: move ${nameOf(move.thingId)}`}
                  onClick={() => onApply?.(move.placements, `move ${nameOf(move.thingId)}`)}
                >
                  Do it
                </Button>
              </Flex>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
