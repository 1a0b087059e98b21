import { Box, Button, Flex, Text } from '../../theme/chakra';
import { useState } from 'react';
import {
  handoverSets,
  largestRatioFrom,
  namesTogether,
  proposedHandovers,
  withHandovers,
  type HandoverSet,
  type ProposedHandover,
} from '@graft/core/share';
import { formatMass, type MassUnit } from '@graft/core/units';
import { ErrorList } from '../ErrorList';
import { usePreferences } from '../preferences';
import type { FoundReshare } from './useReshare';
import { useLimits } from '../useLimits';
import { useQuantities } from '../useInUnits';

/**
 * The handovers of a re-share, each to be taken or not, with what they do.
 *
 * @param acceptWithout what accepting does when nothing is to be handed over; without it there is nothing to accept then
 */
export function Proposal({
  found,
  onAccept,
  acceptWithout,
  busy = false,
  readOnly,
}: {
  found: FoundReshare;
  onAccept: (chosen: readonly ProposedHandover[]) => void;
  acceptWithout?: string;
  busy?: boolean;
  readOnly: boolean;
}) {
  const { massUnit } = usePreferences();
  const limits = useLimits();
  const [dropped, setDropped] = useState<ReadonlySet<string>>(new Set());
  const { after, day, memberId, result, moves, proof, reason } = found;
  if (result.kind === 'contradiction') {
    return (
      <Box mt="3">
        <ErrorList
          title="No share from that day on keeps these rules together:"
          errors={result.reasons.map((message) => ({ path: '', message }))}
        />
      </Box>
    );
  }
  const handovers = proposedHandovers(after, day, moves);
  const sets = handoverSets(handovers);
  const taken = sets.filter((set) => !dropped.has(set.id));
  const chosen = taken.flatMap((set) => set.handovers);
  const done = withHandovers(after, day, chosen, reason);
  const touched = after.members.filter(
    (m) => memberId === m.id || handovers.some((h) => h.to.id === m.id || h.from?.id === m.id),
  );
  const onDrop = (id: string): void => {
    const next = new Set(dropped);
    if (!next.delete(id)) next.add(id);
    setDropped(next);
  };
  const overKg = result.best.overloadKg;
  return (
    <Box mt="4" aria-label="Proposed handovers" role="region">
      <Text fontWeight="600" data-testid="handover-count">
        {sets.length === 0
          ? 'Nothing needs to change hands.'
          : `${sets.length} ${sets.length === 1 ? 'handover' : 'handovers'}`}
        {handovers.length > 0 && proof === 'proven' && ': no fewer will do'}
      </Text>
      {proof === 'proving' && (
        <Text fontSize="xs" color="fg.muted">
          At least {result.atLeast} are needed; proving whether fewer will do …
        </Text>
      )}
      {proof === 'open' && handovers.length > 0 && (
        <Text fontSize="xs" color="fg.muted">
          At least {result.atLeast} are needed; fewer than {sets.length} were not found.
        </Text>
      )}
      {overKg > 0.005 && (
        <Text fontSize="xs" color="overload.fg">
          ▲ No share brings all within their limits: {limits.kg(overKg)} stay above, over members and days.
          Leave something, or rest a day.
        </Text>
      )}
      <Box as="ul" listStyleType="none" fontSize={{ base: 'md', md: 'xs' }} aria-label="Handovers">
        {sets.map((set) => (
          <Box as="li" key={set.id} py="1" borderBottomWidth="1px" borderColor="border.muted">
            <label>
              <input type="checkbox" checked={!dropped.has(set.id)} onChange={() => onDrop(set.id)} />{' '}
              <b>{set.from?.name ?? 'nobody'}</b> gives <b>{set.to.name}</b>{' '}
              {namesTogether(set.handovers.map((h) => h.name))}
            </label>
            <SetFacts set={set} day={day} massUnit={massUnit} />
          </Box>
        ))}
      </Box>
      {touched.length > 0 && (
        <Box mt="2" role="list" aria-label="Before and after, largest ratio from that day on">
          {touched.map((m) => {
            const before = largestRatioFrom(
              after,
              after.members.find((x) => x.id === m.id)!,
              day,
            );
            const then = largestRatioFrom(
              done,
              done.members.find((x) => x.id === m.id)!,
              day,
            );
            return <BeforeAfter key={m.id} name={m.name} before={before} after={then} />;
          })}
        </Box>
      )}
      <Button
        mt="3"
        size="sm"
        w="100%"
        loading={busy}
        disabled={readOnly || (chosen.length === 0 && acceptWithout === undefined)}
        onClick={() => onAccept(chosen)}
      >
        {taken.length === sets.length && sets.length > 0
          ? 'Accept all'
          : taken.length > 0
            ? `Accept ${taken.length} of ${sets.length}`
            : (acceptWithout ?? 'Nothing to accept')}
      </Button>
    </Box>
  );
}

/** What one handover weighs and takes, when it can be made, and whether the two are together anyway. */
function SetFacts({ set, day, massUnit }: { set: HandoverSet; day: number; massUnit: MassUnit }) {
  const { show } = useQuantities();
  const sum = (of: (h: ProposedHandover) => number): number => set.handovers.reduce((s, h) => s + of(h), 0);
  const late = set.handovers.filter((h) => h.day > day);
  return (
    <Text color="fg.muted" pl="5">
      {formatMass(
        sum((h) => h.massKg),
        massUnit,
      )}
      ,{' '}
      {show(
        sum((h) => h.volumeL),
        'volume',
      )}
      {late.length > 0 && `; it joins on day ${late[0]!.day}`}
      {set.handovers[0]!.near && '; they sleep or cook together'}
    </Text>
  );
}

/** A member's largest ratio from the day on, before and after, on one scale with the limit marked. */
function BeforeAfter({ name, before, after }: { name: string; before: number; after: number }) {
  const { hidden, percent } = useLimits();
  if (hidden) {
    return (
      <Text role="listitem" fontSize="xs" py="0.5">
        {name}: {withinWords(before)}, then {withinWords(after)}
      </Text>
    );
  }
  const at = (ratio: number): string => `${Math.min(100, (ratio / 1.4) * 100)}%`;
  return (
    <Flex
      role="listitem"
      align="center"
      gap="2"
      fontSize="xs"
      py="0.5"
      aria-label={`${name}: ${percent(before)} before, ${percent(after)} after`}
    >
      <Box w="4.5rem" truncate>
        {name}
      </Box>
      <Box flex="1" position="relative" h="18px" bg="bg.muted" aria-hidden>
        <Box position="absolute" top="1px" h="7px" left="0" w={at(before)} bg="beam.own" />
        <Box
          position="absolute"
          bottom="1px"
          h="7px"
          left="0"
          w={at(after)}
          bg={after > 1 ? 'overload' : 'pine.solid'}
        />
        <Box position="absolute" top="0" bottom="0" left={at(1)} borderLeftWidth="2px" borderColor="fg" />
      </Box>
      <Box w="7.2rem" textAlign="end" whiteSpace="nowrap">
        {before > 1 && '▲ '}
        {percent(before, 0)} → {after > 1 && '▲ '}
        {percent(after, 0)}
      </Box>
    </Flex>
  );
}

const withinWords = (ratio: number): string => (ratio > 1 ? '▲ above the limit' : 'within the limit');
