import { Box, NativeSelect, Table, Text } from '../theme/chakra';
import { groupMembers, ROLES, setRole, type Role, type Trip } from '@graft/core/trip';
import { dayDate } from '../shared/dates';
import { useTrip } from '../shared/tripContext';
import { DAY_ROLE_WORDS } from '../shared/words';

/** A line of the rota: each cook group has a cook of its own. */
interface Line {
  readonly key: string;
  readonly name: string;
  readonly role: Role;
  /** Who may have the turn; everybody, or a cook group's members. */
  readonly memberIds: readonly string[];
}

function lines(trip: Trip): readonly Line[] {
  const all = trip.members.map((m) => m.id);
  const groups = trip.groups.filter((g) => g.kind === 'cook');
  return ROLES.flatMap((role): Line[] => {
    if (role !== 'cook' || groups.length === 0)
      return [{ key: role, name: DAY_ROLE_WORDS[role], role, memberIds: all }];
    return groups.map((group) => ({
      key: `cook-${group.id}`,
      name: `${DAY_ROLE_WORDS.cook}, ${group.name}`,
      role,
      memberIds: groupMembers(trip, group).map((m) => m.id),
    }));
  });
}

/** Who is medic, scribe, navigator and cook on each day. */
export function RoleRota() {
  const { trip, change, readOnly } = useTrip();
  if (trip.members.length === 0) return <Text>Roles are given to members: add them first.</Text>;
  const name = new Map(trip.members.map((m) => [m.id, m.name]));
  return (
    <Box overflowX="auto">
      <Text fontSize="xs" color="fg.muted" mb="2">
        Today’s medic carries the first-aid kit, the scribe the notebook: turns keep it fair.
      </Text>
      <Table.Root size="sm" w="auto" aria-label="Roles by day">
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader px="2">Role</Table.ColumnHeader>
            {trip.legs.map((leg, i) => (
              <Table.ColumnHeader key={leg.id} px="2" fontSize="xs">
                {i + 1} {dayDate(trip.startDate, i + 1)}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {lines(trip).map((line) => (
            <Table.Row key={line.key} bg="transparent">
              <Table.Cell px="2" py="1" fontWeight="600" whiteSpace="nowrap">
                {line.name}
              </Table.Cell>
              {trip.legs.map((leg, i) => {
                const day = i + 1;
                const holder = trip.roles.find(
                  (r) => r.day === day && r.role === line.role && line.memberIds.includes(r.memberId),
                );
                return (
                  <Table.Cell key={leg.id} px="1" py="1">
                    <NativeSelect.Root size="xs" w="7.2rem" disabled={readOnly}>
                      <NativeSelect.Field
                        aria-label={`${line.name}, day ${day}`}
                        value={holder?.memberId ?? ''}
                        onChange={(e) =>
                          change(`${line.name.toLowerCase()} on day ${day}`, (t) =>
                            setRole(
                              t,
                              line.role,
                              day,
                              line.memberIds,
                              e.target.value === '' ? undefined : e.target.value,
                            ),
                          )
                        }
                      >
                        <option value="">–</option>
                        {line.memberIds.map((id) => (
                          <option key={id} value={id}>
                            {name.get(id)}
                          </option>
                        ))}
                      </NativeSelect.Field>
                      <NativeSelect.Indicator />
                    </NativeSelect.Root>
                  </Table.Cell>
                );
              })}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}
