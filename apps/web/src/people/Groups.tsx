import { Box, Button, Flex, HStack, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { freshId, type GroupKind, type Member, type PartyGroup, type Trip } from '@graft/core';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/TripProvider';

/** Tent or cook groups: who is in each, add and remove. */
export function Groups({ kind, title }: { kind: GroupKind; title: string }) {
  const { trip, change } = useTrip();
  const [name, setName] = useState('');
  const key = kind === 'tent' ? 'tentGroupId' : 'cookGroupId';
  const add = (): void => {
    if (name.trim() === '') return;
    change(`add ${name.trim()}`, (t) => ({
      ...t,
      groups: [
        ...t.groups,
        {
          id: freshId(
            `${kind}-${name}`,
            t.groups.map((g) => g.id),
          ),
          name: name.trim().slice(0, 120),
          kind,
        },
      ],
    }));
    setName('');
  };
  return (
    <Box w="17rem">
      <Text fontWeight="600" mb="1">
        {title}
      </Text>
      {trip.groups
        .filter((g) => g.kind === kind)
        .map((group) => (
          <Flex
            key={group.id}
            align="center"
            gap="2"
            borderBottomWidth="1px"
            borderColor="border.muted"
            py="0.5"
          >
            <Box flex="1" minW="0">
              <Text truncate>{group.name}</Text>
              <Text fontSize="xs" color="fg.muted" truncate>
                {trip.members
                  .filter((m) => m[key] === group.id)
                  .map((m) => m.name)
                  .join(', ') || 'nobody yet: choose it in the table'}
              </Text>
            </Box>
            <RemoveButton
              name={group.name}
              onClick={() => change(`remove ${group.name}`, (t) => removeGroup(t, group))}
            />
          </Flex>
        ))}
      <HStack
        mt="1.5"
        gap="1"
        as="form"
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <Input
          size="xs"
          value={name}
          placeholder={kind === 'tent' ? 'Name of a tent' : 'Name of a cook group'}
          aria-label={`New ${kind} group`}
          onChange={(e) => setName(e.target.value)}
        />
        <Button size="xs" variant="outline" type="submit">
          Add
        </Button>
      </HStack>
    </Box>
  );
}

/** Members leave the group; pieces that were only for it may be carried by anybody. */
function removeGroup(trip: Trip, group: PartyGroup): Trip {
  const leave = (m: Member): Member => {
    const { tentGroupId, cookGroupId, ...rest } = m;
    return {
      ...rest,
      ...(tentGroupId === undefined || tentGroupId === group.id ? {} : { tentGroupId }),
      ...(cookGroupId === undefined || cookGroupId === group.id ? {} : { cookGroupId }),
    };
  };
  return {
    ...trip,
    groups: trip.groups.filter((g) => g.id !== group.id),
    members: trip.members.map(leave),
    kits: trip.kits.map((kit) => ({
      ...kit,
      pieces: kit.pieces.map((piece) => {
        const { onlyGroupId, ...rest } = piece;
        return onlyGroupId === group.id ? rest : piece;
      }),
    })),
  };
}
