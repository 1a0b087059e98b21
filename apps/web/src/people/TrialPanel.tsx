import { Box, Button, Flex, Text } from '../theme/chakra';
import { useMemo } from 'react';
import {
  DEFAULT_COMFORT_FLOOR,
  fitTrials,
  trialInWords,
  trialUncertainty,
  trialWalks,
} from '@graft/core/limits';
import { freshId, putMember, type CarryTrial, type Member } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem } from '../shared/fields';
import { TextEntry } from '../shared/FieldEntry';
import { usePreferences } from '../shared/preferences';
import { readNumber } from '../shared/tripFields';
import { TrialChart } from './TrialChart';
import { today } from '../shared/dates';
import { useLimitChange } from '../shared/useLimitChange';
import { trialColumns } from './trialColumns';
import { useInUnits } from '../shared/useInUnits';

/** A carry trial: three walks over the same route, what they felt like, and the limit that they give. */
export function TrialPanel({ member }: { member: Member }) {
  const inUnits = useInUnits();
  const change = useLimitChange();
  const { massUnit } = usePreferences();
  const outcome = useMemo(() => fitTrials(member), [member]);
  const uncertainty = useMemo(() => trialUncertainty(member), [member]);
  const fit = 'fit' in outcome ? outcome.fit : undefined;
  const setTrials = (label: string, carryTrials: readonly CarryTrial[]): void =>
    change(`${member.name}: ${label}`, (t) => putMember(t, { ...member, carryTrials }));
  const add = (loadKg: number): void => {
    const last = member.carryTrials[member.carryTrials.length - 1];
    const id = freshId(
      `walk-${member.carryTrials.length + 1}`,
      member.carryTrials.map((t) => t.id),
    );
    setTrials('carry trial', [
      ...member.carryTrials,
      {
        id,
        date: today(),
        loadKg,
        // The same route each time, as it was walked before.
        distanceKm: last?.distanceKm ?? 4,
        climbM: last?.climbM ?? 100,
        minutes: last?.minutes ?? 60,
        comfort: last?.comfort ?? 8,
        interrupted: false,
      },
    ]);
  };
  const common = {
    check: (t: CarryTrial) => checkItem('members', { ...member, carryTrials: [t] }),
    save: (t: CarryTrial, field: string) =>
      setTrials(
        `carry trial, ${field}`,
        member.carryTrials.map((old) => (old.id === t.id ? t : old)),
      ),
  };
  return (
    <Flex gap="8" wrap="wrap" align="start">
      <Box flex="1" minW={{ base: '100%', md: '30rem' }}>
        <Text fontSize="xs" color="fg.muted" mb="2">
          The same comfortable route of about an hour, with slopes if there are some, on different days:
          without load, with about 10 %, and, if wanted, 20 % of body weight; newcomers and under-18s lighter.
          No answer is right or wrong. Stop for pain, numb hands or tingling arms: a walk broken off counts
          with its comfort.
        </Text>
        <Flex gap="2" mb="2" wrap="wrap">
          {trialWalks(member).map((walk, i) => (
            <Button key={i} size="xs" variant="outline" onClick={() => add(walk.targetKg)}>
              {walk.done.length > 0 ? '✓ ' : ''}Walk {i + 1}:{' '}
              {walk.targetKg === 0 ? 'no load' : formatMass(walk.targetKg, massUnit)}
              {walk.optional ? ', if wanted' : ''}
            </Button>
          ))}
        </Flex>
        <Flex gap="6" mb="3" align="end">
          <TextEntry
            label="Comfort floor, 1 to 10"
            w="9rem"
            value={String(member.comfortFloor ?? DEFAULT_COMFORT_FLOOR)}
            take={(text) => {
              const next = { ...member, comfortFloor: readNumber(text) ?? Number.NaN };
              const error = checkItem('members', next);
              if (error === undefined) change(`${member.name}: comfort floor`, (t) => putMember(t, next));
              return error;
            }}
          />
          <Box flex="1" role="status">
            {fit === undefined ? (
              <Text fontSize="xs">
                {'lacks' in outcome ? inUnits(`No limit from trials yet: ${outcome.lacks}.`) : ''}
              </Text>
            ) : (
              <Text>
                <Box as="strong">{formatMass(fit.limitKg, massUnit)}</Box>
                {uncertainty !== undefined &&
                  `, likely ${formatMass(uncertainty.lowKg, massUnit)} to ${formatMass(uncertainty.highKg, massUnit)}`}
                : {member.name} {inUnits(trialInWords(fit))}
                {fit.beyondKg > 0.05 &&
                  `; ${formatMass(fit.beyondKg, massUnit)} beyond the heaviest walk, which is as far as a trial may be stretched`}
                .
              </Text>
            )}
          </Box>
        </Flex>
        {member.carryTrials.length > 0 && (
          <EditableTable
            label="Trial walks"
            columns={trialColumns({
              massUnit,
              common,
              onRemove: (trialId) =>
                setTrials(
                  'carry trial removed',
                  member.carryTrials.filter((o) => o.id !== trialId),
                ),
            })}
            sections={[{ key: 'all', rows: member.carryTrials }]}
            rowKey={(t) => t.id}
            rowName={(t) => t.date}
          />
        )}
      </Box>
      {member.carryTrials.length > 0 && (
        <TrialChart member={member} fit={fit} uncertainty={uncertainty} massUnit={massUnit} />
      )}
    </Flex>
  );
}
