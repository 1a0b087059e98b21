import { Box, Flex, Text } from '../theme/chakra';
import type { ListMeaning } from '@graft/core/lists';
import type { Member } from '@graft/core/trip';
import { Select } from '../shared/Select';

/** Names that nobody on the trip has: what each is, asked once for all of its rows. */
export function ListMeanings({
  names,
  members,
  meanings,
  onMeanings,
}: {
  readonly names: readonly string[];
  readonly members: readonly Member[];
  readonly meanings: ReadonlyMap<string, ListMeaning>;
  readonly onMeanings: (meanings: ReadonlyMap<string, ListMeaning>) => void;
}) {
  if (names.length === 0) return null;
  const options: readonly (readonly [string, string])[] = [
    ['kit', 'a kit of the group'],
    ['newMember', 'somebody new on the trip'],
    ['group', 'the group'],
    ...members.map((m) => [`is ${m.id}`, m.name] as const),
  ];
  return (
    <Box pb="2" aria-label="Names that are not known" role="group">
      <Text fontSize="xs" fontWeight="600">
        Nobody on the trip is called so. Who or what is it?
      </Text>
      <Flex wrap="wrap" gap="3" pt="1">
        {names.map((name) => {
          const meaning = meanings.get(name);
          const value =
            meaning === undefined
              ? 'kit'
              : meaning.kind === 'member'
                ? `is ${meaning.memberId}`
                : meaning.kind;
          return (
            <Flex as="label" key={name} align="center" gap="1" fontSize="xs">
              {name} is
              <Select
                label={`${name} is`}
                w="12rem"
                value={value}
                options={options}
                onChoose={(choice) => onMeanings(new Map(meanings).set(name, meaningOf(choice)))}
              />
            </Flex>
          );
        })}
      </Flex>
    </Box>
  );
}

function meaningOf(choice: string): ListMeaning {
  if (choice.startsWith('is ')) return { kind: 'member', memberId: choice.slice(3) };
  return { kind: choice as 'kit' | 'newMember' | 'group' };
}
