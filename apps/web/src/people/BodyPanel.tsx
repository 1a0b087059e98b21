import { Box, Button, Checkbox, Flex, Text } from '../theme/chakra';
import { putMember, type Condition, type Member } from '@graft/core/trip';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem, numberColumn, textColumn } from '../shared/fields';
import { TextEntry } from '../shared/FieldEntry';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/tripContext';

interface Row extends Condition {
  readonly at: number;
}

/** What lowers a member's limit on some days, and what leaders must know of their health. */
export function BodyPanel({ member }: { member: Member }) {
  const { trip, change } = useTrip();
  const days = trip.legs.length;
  const setConditions = (label: string, conditions: readonly Condition[]): void =>
    change(`${member.name}: ${label}`, (t) => putMember(t, { ...member, conditions }));
  const rows = member.conditions.map((c, at): Row => ({ ...c, at }));
  const common = {
    check: ({ at: _at, ...c }: Row) => {
      if (c.toDay > days) return `expected a day of the trip, 1 to ${days}, got ${c.toDay}`;
      if (c.toDay < c.fromDay) return `expected day ${c.fromDay} or later, got ${c.toDay}`;
      return checkItem('members', { ...member, conditions: [c] });
    },
    save: ({ at, ...next }: Row, field: string) =>
      setConditions(
        `condition, ${field}`,
        member.conditions.map((old, i) => (i === at ? next : old)),
      ),
  };
  return (
    <Flex gap="8" wrap="wrap" align="start">
      <Box flex="1" minW={{ base: '100%', md: '28rem' }}>
        <Text fontSize="xs" color="fg.muted" mb="2">
          Injured, tired, ill, just recovered: a condition multiplies the limit on its days.
        </Text>
        {rows.length > 0 && (
          <EditableTable
            label="Conditions"
            columns={[
              textColumn({ ...common, id: 'label', header: 'Condition' }),
              numberColumn({
                ...common,
                id: 'fromDay',
                header: 'From',
                unit: 'day',
                decimals: 0,
                width: '84',
              }),
              numberColumn({ ...common, id: 'toDay', header: 'To', unit: 'day', decimals: 0, width: '84' }),
              numberColumn({
                ...common,
                id: 'factor',
                header: 'Carries',
                unit: '% of limit',
                decimals: 0,
                percent: true,
                width: '124',
              }),
              {
                id: 'remove',
                header: '',
                width: '34',
                show: (row: Row) => (
                  <RemoveButton
                    name={row.label}
                    onClick={() =>
                      setConditions(
                        'condition removed',
                        member.conditions.filter((_c, i) => i !== row.at),
                      )
                    }
                  />
                ),
              },
            ]}
            sections={[{ key: 'all', rows }]}
            rowKey={(row) => String(row.at)}
            rowName={(row) => row.label}
          />
        )}
        <Button
          size="xs"
          variant="outline"
          mt="2"
          onClick={() =>
            setConditions('condition added', [
              ...member.conditions,
              { label: 'tired', fromDay: 1, toDay: days, factor: 0.8 },
            ])
          }
        >
          Add a condition
        </Button>
      </Box>
      <Box w="24rem" maxW="100%">
        <Box mb="3">
          <PortionEntry member={member} />
        </Box>
        <TextEntry
          label="Health notes, for the trip’s leaders only"
          long
          value={member.healthNotes ?? ''}
          take={(text) => {
            const { healthNotes: _old, ...rest } = member;
            const next = text.trim() === '' ? rest : { ...member, healthNotes: text };
            const error = checkItem('members', next);
            if (error === undefined) change(`${member.name}: health notes`, (t) => putMember(t, next));
            return error;
          }}
          help="Hidden on screen with the body weights, never logged, never on another member’s sheet."
        />
        <Checkbox.Root
          size="sm"
          mt="2"
          checked={member.medicinesForAll === true}
          onCheckedChange={({ checked }) => {
            const { medicinesForAll: _old, ...rest } = member;
            change(`${member.name}: medicines`, (t) =>
              putMember(t, checked === true ? { ...rest, medicinesForAll: true } : rest),
            );
          }}
        >
          <Checkbox.HiddenInput />
          <Checkbox.Control />
          <Checkbox.Label>
            Medicines among {member.name}’s things stand on everybody’s sheet, for an emergency
          </Checkbox.Label>
        </Checkbox.Root>
      </Box>
    </Flex>
  );
}

/** How much of a usual portion somebody eats, in percent. */
function PortionEntry({ member }: { member: Member }) {
  const { change } = useTrip();
  return (
    <TextEntry
      label="Eats of a usual portion, %"
      w="12rem"
      value={String(Math.round((member.portion ?? 1) * 100))}
      take={(text) => {
        const percent = Number(text.replace('%', '').replace(',', '.').trim());
        const { portion: _old, ...rest } = member;
        const next = percent === 100 ? rest : { ...rest, portion: percent / 100 };
        if (!Number.isFinite(percent) || checkItem('members', next) !== undefined)
          return `expected 20 to 250 %, got "${text}"`;
        change(`${member.name}: portion`, (t) => putMember(t, next));
        return undefined;
      }}
      help="Children less, big eaters more: meals, snacks and what is boiled for them follow."
    />
  );
}
