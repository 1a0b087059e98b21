import { Box, Button, HStack, Input, Text } from '../theme/chakra';
import { useMemo, useState } from 'react';
import { partyNeeds, type GroupNeed } from '@graft/core/party';
import {
  freshId,
  HOUSE_RULE_CHOICES,
  HOUSE_RULE_TEXTS,
  putGroup,
  removeGroup,
  type GroupKind,
  type PartyGroup,
} from '@graft/core/trip';
import type { Column, Entry } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem } from '../shared/fields';
import { ChoiceEntry } from '../shared/FieldEntry';
import { RemoveButton } from '../shared/RemoveButton';
import { readNumber } from '../shared/tripFields';
import { useTrip } from '../shared/tripContext';
import { useInUnits, useQuantities, type Quantities } from '../shared/useInUnits';

/** Tent or cook groups: who is in each, whether places and pots are enough, what is missing or over. */
export function Groups({ kind, title }: { kind: GroupKind; title: string }) {
  const { trip, change } = useTrip();
  const [name, setName] = useState('');
  const needs = useMemo(() => partyNeeds(trip), [trip]);
  const put = (group: PartyGroup, label: string): Entry => {
    const error = checkItem('groups', group);
    if (error === undefined) change(`${group.name}: ${label}`, (t) => putGroup(t, group));
    return error;
  };
  const add = (): void => {
    if (name.trim() === '') return;
    const id = freshId(
      `${kind}-${name}`,
      trip.groups.map((g) => g.id),
    );
    put({ id, name: name.trim().slice(0, 120), kind }, 'added');
    setName('');
  };
  const inUnits = useInUnits();
  const quantities = useQuantities();
  const columns: readonly Column<GroupNeed>[] = [
    {
      id: 'name',
      header: title,
      width: '130',
      show: (n) => n.group.name,
      edit: {
        text: (n) => n.group.name,
        take: (n, text) => put({ ...n.group, name: text.trim() }, 'name'),
      },
    },
    sizeColumn(kind, quantities, put),
    {
      id: 'state',
      header: 'How it stands',
      show: (n) => (
        <Box whiteSpace="normal" py="1" fontSize="xs">
          <Box>{n.members.map((m) => m.name).join(', ') || 'nobody yet: choose it in the table above'}</Box>
          <Box
            color={n.state === 'missing' ? 'overload.fg' : 'fg.muted'}
            fontWeight={n.state === 'missing' ? '600' : undefined}
          >
            {n.state === 'missing' && '▲ '}
            {inUnits(n.findings.join('; '))}
          </Box>
        </Box>
      ),
    },
    {
      id: 'remove',
      header: '',
      width: '34',
      show: (n) => (
        <RemoveButton
          name={n.group.name}
          onClick={() => change(`remove ${n.group.name}`, (t) => removeGroup(t, n.group.id))}
        />
      ),
    },
  ];
  const rows = needs.groups.filter((n) => n.group.kind === kind);
  const without = needs.without[kind];
  return (
    <Box w="36rem" maxW="100%">
      {rows.length > 0 && (
        <EditableTable
          label={title}
          columns={columns}
          sections={[{ key: 'all', rows }]}
          rowKey={(n) => n.group.id}
          rowName={(n) => n.group.name}
        />
      )}
      <Text fontSize="xs" mt="2">
        {inUnits(needs.sum[kind])}
        {without.length > 0 && (
          <Box as="span" color="overload.fg" fontWeight="600">
            {' '}
            ▲ {without.map((m) => m.name).join(', ')} in none.
          </Box>
        )}
      </Text>
      <HStack
        mt="1.5"
        gap="2"
        as="form"
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <Input
          size="xs"
          w="12rem"
          value={name}
          placeholder={kind === 'tent' ? 'Name of a tent' : 'Name of a cook group'}
          aria-label={`New ${kind} group`}
          onChange={(e) => setName(e.target.value)}
        />
        <Button size="xs" variant="outline" type="submit">
          Add
        </Button>
        {kind === 'tent' && (
          <ChoiceEntry
            label="How many in a tent?"
            w="13rem"
            value={trip.houseRules.tentSpace}
            options={HOUSE_RULE_CHOICES.tentSpace.map(
              (choice) => [choice, HOUSE_RULE_TEXTS.tentSpace.choices[choice].label] as const,
            )}
            onChoose={(value) =>
              change('house rule: tentSpace', (t) => ({
                ...t,
                houseRules: { ...t.houseRules, tentSpace: value === 'oneSpare' ? 'oneSpare' : 'exact' },
              }))
            }
          />
        )}
      </HStack>
      {kind === 'cook' && (
        <Text fontSize="xs" color="fg.muted" mt="2">
          {inUnits('About four people to a pot of 3 L (common practice).')} A set must stay usable: stove,
          fuel, pot and lighter in the same party.
        </Text>
      )}
    </Box>
  );
}

/** How many a tent sleeps, or what a kitchen's pots hold. */
function sizeColumn(
  kind: GroupKind,
  { exact, read, unit }: Quantities,
  put: (group: PartyGroup, label: string) => Entry,
): Column<GroupNeed> {
  const size =
    kind === 'tent'
      ? ({ key: 'sleeps', header: 'Sleeps' } as const)
      : ({ key: 'potL', header: `Pots, ${unit('liquid')}` } as const);
  const text = ({ group }: GroupNeed): string => {
    const value = group[size.key];
    return value === undefined ? '' : kind === 'tent' ? String(value) : exact(value, 'liquid');
  };
  const typed = (entry: string): number | undefined => {
    if (kind === 'tent') return readNumber(entry);
    const parsed = read(entry, 'liquid');
    return parsed.ok ? parsed.value : undefined;
  };
  return {
    id: 'size',
    header: size.header,
    numeric: true,
    width: '62',
    show: text,
    edit: {
      text,
      take: (n, entry) => {
        const { [size.key]: _old, ...rest } = n.group;
        const value = typed(entry);
        if (entry.trim() !== '' && value === undefined) return `expected a number, got "${entry}"`;
        return put(value === undefined ? rest : { ...rest, [size.key]: value }, size.header.toLowerCase());
      },
    },
  };
}
