import { Box, Button, Checkbox, Flex, Text } from '../theme/chakra';
import { useMemo, useState } from 'react';
import type { LibraryEntry } from '@graft/core/library';
import { proposeKit, takeProposals, tripFacts, type Proposal } from '@graft/core/lists';
import type { Insects, Trip } from '@graft/core/trip';
import { formatMassChange } from '@graft/core/units';
import { ChoiceEntry } from '../shared/FieldEntry';
import { usePreferences } from '../shared/preferences';
import { setField } from '../shared/tripFields';
import { useTrip } from '../shared/tripContext';
import { counted } from '../shared/words';
import { useInUnits } from '../shared/useInUnits';

/** What a list by style and weather would add; each line with its reason, taken when ticked. */
export function ProposeDialog({
  library,
  onTake,
}: {
  library: readonly LibraryEntry[];
  onTake: (label: string, step: (trip: Trip) => Trip) => void;
}) {
  const inUnits = useInUnits();
  const degrees = (value: number | undefined): string =>
    value === undefined ? 'not known' : inUnits(`${value.toFixed(0).replace('-', '−')} °C`);
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const facts = tripFacts(trip);
  const proposals = useMemo(() => proposeKit(trip, library), [trip, library]);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const chosen = proposals.filter((p) => !left.has(p.id) && (p.want === 'required' || left.has(`+${p.id}`)));
  const isChosen = (p: Proposal): boolean => chosen.includes(p);
  const toggle = (p: Proposal): void => {
    const next = new Set(left);
    const key = p.want === 'required' ? p.id : `+${p.id}`;
    if (!next.delete(key)) next.add(key);
    setLeft(next);
  };
  const names = new Map(trip.members.map((m) => [m.id, m.name]));
  const groups = new Map(trip.groups.map((g) => [g.id, g.name]));
  const whose = (p: Proposal): string =>
    p.groupId !== undefined
      ? (groups.get(p.groupId) ?? '')
      : p.memberIds.length === 0
        ? `group${p.count > 1 ? `, ${p.count} of them` : ''}`
        : p.memberIds.length === trip.members.length
          ? 'everybody'
          : p.memberIds.length <= 2
            ? p.memberIds.map((id) => names.get(id)).join(', ')
            : `${p.memberIds.length} members`;
  const changeKg = chosen.reduce((sum, p) => sum + p.changeKg, 0);
  return (
    <Box>
      <Text fontSize="sm">
        {counted(facts.nights, 'night')}; coldest night{' '}
        {facts.nights > 0 && facts.nightsUnknown > 0
          ? `not known, taken as ${degrees(facts.plannedNightC)}`
          : degrees(facts.coldestNightC)}
        ; rain{' '}
        {facts.rainChance === undefined ? 'not known' : `up to ${Math.round(facts.rainChance * 100)} %`};{' '}
        {facts.snow ? 'snow' : 'no snow'}; {facts.cooks ? 'meals are cooked' : 'nothing is cooked'}.
        {facts.daysUnknown > 0 &&
          ` ${counted(facts.daysUnknown, 'day')} without a forecast: take it at Trip.`}
      </Text>
      <Flex gap="3" py="2">
        <ChoiceEntry
          label="Insects"
          w="9rem"
          value={trip.insects ?? ''}
          options={[
            ['', 'not said'],
            ['none', 'none'],
            ['some', 'some'],
            ['many', 'many'],
          ]}
          onChoose={(v) => setField(change, 'insects', v === '' ? undefined : (v as Insects), 'insects')}
        />
        <ChoiceEntry
          label="To the start"
          w="11rem"
          value={trip.byAir === true ? 'air' : 'ground'}
          options={[
            ['ground', 'not by aeroplane'],
            ['air', 'by aeroplane'],
          ]}
          onChoose={(v) =>
            setField(change, 'byAir', v === 'air' ? true : undefined, 'how the party gets there')
          }
        />
      </Flex>
      {proposals.length === 0 ? (
        <Text py="4">Nothing is missing that a list for such a trip would have.</Text>
      ) : (
        <>
          <Box as="ul" listStyleType="none" aria-label="Proposals">
            {proposals.map((p) => (
              <Flex
                as="li"
                key={p.id}
                gap="2"
                py="1"
                borderBottomWidth="1px"
                borderColor="border.muted"
                align="baseline"
              >
                <Checkbox.Root size="sm" checked={isChosen(p)} onCheckedChange={() => toggle(p)}>
                  <Checkbox.HiddenInput />
                  <Checkbox.Control />
                  <Checkbox.Label>{p.entry.name}</Checkbox.Label>
                </Checkbox.Root>
                <Text flex="1" fontSize="xs" color="fg.muted">
                  {inUnits(p.why)}
                </Text>
                <Text fontSize="xs">{whose(p)}</Text>
                <Text fontSize="xs" w="5.5rem" textAlign="end">
                  {Math.abs(p.changeKg) < 0.0005 ? 'worn' : `≈ ${formatMassChange(p.changeKg, massUnit)}`}
                </Text>
              </Flex>
            ))}
          </Box>
          <Flex pt="4" align="center" gap="3">
            <Button
              size="sm"
              disabled={chosen.length === 0 || readOnly}
              onClick={() => onTake('take the list by template', (t) => takeProposals(t, chosen))}
            >
              Take {counted(chosen.length, 'line')}, ≈ {formatMassChange(changeKg, massUnit)}
            </Button>
            <Text fontSize="xs" color="fg.muted">
              Masses are estimates until they are weighed.
            </Text>
          </Flex>
        </>
      )}
    </Box>
  );
}
