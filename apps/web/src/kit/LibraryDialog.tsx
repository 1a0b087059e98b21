import { Box, Button, Flex, Input, Text } from '../theme/chakra';
import { useMemo, useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import type { KitEntry, ThingEntry } from '@graft/core/library';
import { giveEach, giveGroup, giveKit } from '@graft/core/lists';
import type { Member, Trip } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import type { useLibrary } from '../shared/useLibrary';
import { PURPOSE_WORDS } from '../shared/words';

/** The leader's kit library: find an entry, add it for whom the lists are open. */
export function LibraryDialog({
  library,
  member,
  onTake,
}: {
  library: ReturnType<typeof useLibrary>;
  member: Member | undefined;
  onTake: (label: string, step: (trip: Trip) => Trip) => void;
}) {
  const { trip, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const [search, setSearch] = useState('');
  const [told, setTold] = useState('');
  const needle = search.trim().toLowerCase();
  const shown = useMemo(() => {
    const fits = (text: string): boolean => text.toLowerCase().includes(needle);
    const entries = library.entries.filter((e): e is ThingEntry | KitEntry => e.kind !== 'dish');
    return entries.filter((e) =>
      e.kind === 'kit'
        ? member === undefined && fits(e.name)
        : (member === undefined || e.use === 'each' || needle !== '') &&
          (fits(e.name) || fits(PURPOSE_WORDS[e.thing.purpose])),
    );
  }, [library.entries, needle, member]);
  const add = (label: string, step: (trip: Trip) => Trip): void => {
    onTake(label, step);
    setTold(`${label}: done.`);
  };
  const kg = (e: ThingEntry | KitEntry): number =>
    e.kind === 'kit' ? e.pieces.reduce((sum, p) => sum + p.thing.massKg, 0) : e.thing.massKg;
  const estimated = (e: ThingEntry | KitEntry): boolean =>
    e.kind === 'kit' ? e.pieces.some((p) => p.thing.massEstimated) : e.thing.massEstimated;
  return (
    <Box>
      <Flex gap="3" align="center">
        <Input
          size="sm"
          autoFocus
          placeholder="Find in the library"
          aria-label="Find in the library"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        <RouterLink to="/library" style={{ whiteSpace: 'nowrap', textDecoration: 'underline' }}>
          Edit the library
        </RouterLink>
      </Flex>
      <Text fontSize="xs" color="fg.muted" pt="2" role="status">
        {told !== ''
          ? told
          : library.loading
            ? 'Reading your library …'
            : `${shown.length} entries${member === undefined ? '' : ` for ${member.name}`}; a button adds it for whom it names; ≈ marks weights that nobody has weighed.`}
      </Text>
      <Box
        as="ul"
        listStyleType="none"
        maxH="24rem"
        overflow="auto"
        aria-label="Library entries"
        tabIndex={0}
      >
        {shown.map((e) => (
          <Flex
            as="li"
            key={e.id}
            gap="2"
            py="1"
            align="center"
            borderBottomWidth="1px"
            borderColor="border.muted"
          >
            <Text flex="1">{e.name}</Text>
            <Text fontSize="xs" color="fg.muted">
              {e.kind === 'kit' ? `kit of ${e.pieces.length}` : PURPOSE_WORDS[e.thing.purpose]}
            </Text>
            <Text fontSize="xs" w="5rem" textAlign="end">
              {estimated(e) ? '≈ ' : ''}
              {formatMass(kg(e), massUnit)}
            </Text>
            <Flex w="13rem" gap="1" wrap="wrap" justify="end">
              {e.kind === 'kit' ? (
                e.groupKind === undefined ? (
                  <Add
                    disabled={readOnly}
                    label="for the party"
                    onClick={() => add(`${e.name} for the party`, (t) => giveKit(t, e))}
                  />
                ) : (
                  trip.groups
                    .filter((g) => g.kind === e.groupKind)
                    .map((g) => (
                      <Add
                        key={g.id}
                        disabled={readOnly}
                        label={g.name}
                        onClick={() => add(`${e.name} for ${g.name}`, (t) => giveKit(t, e, g.id))}
                      />
                    ))
                )
              ) : member !== undefined ? (
                <Add
                  disabled={readOnly}
                  label={`for ${member.name}`}
                  onClick={() => add(`${e.name} for ${member.name}`, (t) => giveEach(t, e, [member.id]))}
                />
              ) : (
                <>
                  <Add
                    disabled={readOnly}
                    label="for the group"
                    onClick={() => add(`${e.name} for the group`, (t) => giveGroup(t, e))}
                  />
                  {e.use === 'each' && trip.members.length > 0 && (
                    <Add
                      disabled={readOnly}
                      label="for everybody"
                      onClick={() =>
                        add(`${e.name} for everybody`, (t) =>
                          giveEach(
                            t,
                            e,
                            t.members.map((m) => m.id),
                          ),
                        )
                      }
                    />
                  )}
                </>
              )}
            </Flex>
          </Flex>
        ))}
      </Box>
    </Box>
  );
}

function Add({ label, onClick, disabled }: { label: string; onClick: () => void; disabled: boolean }) {
  return (
    <Button size="2xs" variant="outline" onClick={onClick} disabled={disabled}>
      {label}
    </Button>
  );
}
