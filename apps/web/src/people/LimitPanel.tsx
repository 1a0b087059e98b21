import { Box, Flex, Table, Text } from '../theme/chakra';
import { carryLimit, DEFAULT_COMFORT_FLOOR, LIMIT_POLICIES, policyOf } from '@graft/core/limits';
import { LIMIT_POLICY_IDS, packOf, putMember, type LimitChange, type Member } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem } from '../shared/fields';
import { usePreferences } from '../shared/preferences';
import { QuantityInput } from '../shared/QuantityInput';
import { useLimitChange } from '../shared/useLimitChange';
import { useTrip } from '../shared/tripContext';
import { useInUnits } from '../shared/useInUnits';

/** What each school of limits would allow a member, which one holds and why, and how the limit came to be. */
export function LimitPanel({ member }: { member: Member }) {
  const inUnits = useInUnits();
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const changeLimit = useLimitChange();
  const holds = policyOf(trip, member);
  const limit = carryLimit({ ...member, conditions: [] }, packOf(trip, member), 1, trip.limitPolicy);
  const save = (entry: LimitChange): void =>
    change(`${member.name}: limit record`, (t) =>
      putMember(t, {
        ...member,
        limitHistory: member.limitHistory.map((h) => (h.id === entry.id ? entry : h)),
      }),
    );
  return (
    <Flex gap="8" wrap="wrap" align="start">
      <Box w="32rem" maxW="100%">
        <Text mb="2">
          <Box as="strong" fontSize="lg">
            {formatMass(limit.limitKg, massUnit)}
          </Box>{' '}
          {inUnits(limit.reason.replace(/^[^:]*: /, ''))}
        </Text>
        <Table.Root size="sm" aria-label={`Ways to set the limit of ${member.name}`}>
          <Table.Body>
            {LIMIT_POLICY_IDS.map((id) => {
              const of = LIMIT_POLICIES[id].limitOf(member);
              return (
                <Table.Row
                  key={id}
                  bg="transparent"
                  display={{ base: 'grid', md: 'table-row' }}
                  gridTemplateColumns="minmax(0, 1fr) auto"
                >
                  <Table.Cell
                    px="1"
                    py="1.5"
                    fontWeight={id === holds ? '600' : undefined}
                    w="10rem"
                    verticalAlign="top"
                  >
                    {id === holds ? '● ' : '○ '}
                    {LIMIT_POLICIES[id].name}
                  </Table.Cell>
                  <Table.Cell px="1" py="1.5" textAlign="end" w="5rem" verticalAlign="top">
                    {of === undefined ? '–' : formatMass(of.limitKg, massUnit)}
                  </Table.Cell>
                  <Table.Cell px="2" py="1.5" fontSize="xs" color="fg.muted" gridColumn="1 / -1">
                    {inUnits(LIMIT_POLICIES[id].about)}
                  </Table.Cell>
                </Table.Row>
              );
            })}
          </Table.Body>
        </Table.Root>
        <Flex mt="2" gap="2" align="center" wrap="wrap">
          <Text>Has trained with</Text>
          <Box w="6rem">
            <QuantityInput
              label={`Load ${member.name} has trained with`}
              value={member.trainedKg}
              quantity="mass"
              low={0.5}
              high={60}
              readOnly={readOnly}
              onTake={(kg) => {
                const { trainedKg: _old, ...rest } = member;
                changeLimit(`${member.name}: trained with`, (t) =>
                  putMember(t, kg === undefined ? rest : { ...rest, trainedKg: kg }),
                );
              }}
            />
          </Box>
          {massUnit}
          <Text fontSize="xs" color="fg.muted">
            counts before a guess, after a trial
          </Text>
        </Flex>
        <Text mt="2" fontSize="xs" color="fg.muted">
          The least of the way that holds, the member’s own cap and the pack’s rating counts; conditions lower
          it on their days. A carry trial goes before a guess as soon as there is one; choose another way in
          the column “Limit by”. A planning number, not medical advice: a person’s own word lowers it at any
          time. Comfort floor {member.comfortFloor ?? DEFAULT_COMFORT_FLOOR} of 10.
        </Text>
      </Box>
      <Box flex="1" minW={{ base: '100%', md: '22rem' }}>
        <Text fontWeight="600" mb="1">
          How it changed
        </Text>
        {member.limitHistory.length === 0 ? (
          <Text fontSize="xs" color="fg.muted">
            Nothing yet: every change of the limit is noted here with its date, who made it and why.
          </Text>
        ) : (
          <EditableTable
            label="Limit record"
            columns={[
              { id: 'date', header: 'Date', width: '98', show: (h: LimitChange) => h.date },
              { id: 'who', header: 'Who', width: '104', show: (h: LimitChange) => h.who },
              {
                id: 'limit',
                header: 'Limit',
                width: '132',
                numeric: true,
                show: (h: LimitChange) =>
                  `${h.fromKg === undefined ? '' : `${formatMass(h.fromKg, massUnit)} → `}${formatMass(h.toKg, massUnit)}`,
              },
              {
                id: 'why',
                header: 'Why',
                show: (h: LimitChange) => h.why,
                edit: {
                  text: (h: LimitChange) => h.why,
                  take: (h: LimitChange, text: string) => {
                    const next = { ...h, why: text.trim() };
                    const error = checkItem('members', { ...member, limitHistory: [next] });
                    if (error === undefined) save(next);
                    return error;
                  },
                },
              },
            ]}
            sections={[{ key: 'all', rows: [...member.limitHistory].reverse() }]}
            rowKey={(h) => h.id}
            rowName={(h) => h.date}
          />
        )}
      </Box>
    </Flex>
  );
}
