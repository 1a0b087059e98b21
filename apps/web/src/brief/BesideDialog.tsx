import { Box, Button, Checkbox, Flex, Input, Text } from '../theme/chakra';
import { useState } from 'react';
import type { PlacesOfFile } from '@graft/core/formats';
import { WAYPOINT_WORDS } from '../shared/words';
import { counted } from '../shared/words';
import { useInUnits } from '../shared/useInUnits';

type Beside = PlacesOfFile['beside'][number];
/** So many are listed at once; the filter finds the others. */
const MOST_SHOWN = 200;

/** Places of a file that lie beside the way: those that are wanted are put where the way comes nearest to them. */
export function BesideDialog({
  places,
  most,
  onTake,
}: {
  readonly places: readonly Beside[];
  /** How many the trip still has room for. */
  readonly most: number;
  readonly onTake: (places: readonly Beside[]) => void;
}) {
  const inUnits = useInUnits();
  const [ids, setIds] = useState<ReadonlySet<string>>(new Set());
  const [filter, setFilter] = useState('');
  const found = places.filter((p) => p.name.toLowerCase().includes(filter.trim().toLowerCase()));
  const chosen = places.filter((p) => ids.has(p.id));
  return (
    <Box>
      <Text fontSize="sm">
        {counted(places.length, 'place')} of the file {places.length === 1 ? 'lies' : 'lie'} off the way, or
        are more than a trip holds. What you tick is put where the way comes nearest to it.
      </Text>
      <Input
        size="sm"
        my="2"
        aria-label="Filter places"
        placeholder="Filter by name"
        value={filter}
        onChange={(e) => setFilter(e.target.value)}
      />
      <Box as="ul" listStyleType="none" maxH="50dvh" overflow="auto" aria-label="Places beside the way">
        {found.slice(0, MOST_SHOWN).map((p) => (
          <Flex as="li" key={p.id} align="baseline" gap="3" py="0.5">
            <Checkbox.Root
              size="sm"
              checked={ids.has(p.id)}
              onCheckedChange={() => {
                const next = new Set(ids);
                if (!next.delete(p.id)) next.add(p.id);
                setIds(next);
              }}
            >
              <Checkbox.HiddenInput />
              <Checkbox.Control />
              <Checkbox.Label>{p.name}</Checkbox.Label>
            </Checkbox.Root>
            <Text flex="1" fontSize="xs" color="fg.muted">
              {WAYPOINT_WORDS[p.kind]}
            </Text>
            <Text fontSize="xs">
              {inUnits(
                `${p.awayKm < 10 ? p.awayKm.toFixed(1) : p.awayKm.toFixed(0)} km away, at km ${p.atKm.toFixed(1)}`,
              )}
            </Text>
          </Flex>
        ))}
      </Box>
      {found.length > MOST_SHOWN && (
        <Text fontSize="xs" color="fg.muted">
          and {found.length - MOST_SHOWN} more: filter by name
        </Text>
      )}
      <Button
        mt="3"
        size="sm"
        disabled={chosen.length === 0 || chosen.length > most}
        onClick={() => onTake(chosen)}
      >
        Add {counted(chosen.length, 'place')}
      </Button>
      {chosen.length > most && (
        <Text fontSize="xs" color="overload.fg" role="alert">
          The trip has room for {most} more.
        </Text>
      )}
    </Box>
  );
}
