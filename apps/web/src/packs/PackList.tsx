import { Flex, Box, Button, Text } from '../theme/chakra';
import { stowState, type StowAssessment } from '@graft/core/stow';
import { isNoPack, type Trip, type Member, packOf } from '@graft/core/trip';
import { RunProgress } from '../shared/RunProgress';
import { useTrip } from '../shared/tripContext';
import { usePackFigures } from '../shared/usePackFigures';
import { useShareFigures } from '../shared/usePlanFigures';
import { PackThumbnail } from './PackThumbnail';
import type { PlanPacks } from './usePlanPacks';
import { useLimits } from '../shared/useLimits';

interface Props {
  readonly walked: Trip;
  /** The member whose pack is open. */
  readonly member: Member;
  readonly planning: PlanPacks;
  readonly onOpen: (memberId: string) => void;
}

/** All packs: each with a small drawing, how heavy it is and whether it is stowed. */
export function PackList({ walked, member, planning, onOpen }: Props) {
  const { readOnly } = useTrip();
  const packFigures = usePackFigures(walked);
  const shares = useShareFigures(walked);
  const { running } = planning.run;
  const isWithout = (m: Member): boolean => isNoPack(packOf(walked, m));
  const without = walked.members.filter(isWithout).map((m) => m.name);
  return (
    <Flex
      as="nav"
      aria-label="Packs"
      direction="column"
      w={{ base: '100%', lg: '160px' }}
      flexShrink={0}
      borderRightWidth="1px"
      bg="bg.panel"
    >
      <Box p="3" borderBottomWidth="1px">
        {!running ? (
          <Button
            size="sm"
            w="100%"
            disabled={readOnly}
            onClick={() =>
              planning.plan(
                walked.members.filter((m) => !isWithout(m)).map((m) => m.id),
                'plan all packs',
              )
            }
          >
            Plan all packs
          </Button>
        ) : (
          <RunProgress label="Planning packs" run={planning.run} />
        )}
      </Box>
      {/* On a narrow screen side by side: what matters is the one that is open. */}
      <Flex flex="1" direction={{ base: 'row', lg: 'column' }} overflow="auto" minH="0">
        {walked.members.map((m, i) =>
          isWithout(m) ? null : (
            <PackEntry
              key={m.id}
              walked={walked}
              member={m}
              stow={packFigures[i]!.stow}
              ratio={shares.members[i]!.heaviest.ratio}
              isOpen={m === member}
              onOpen={() => onOpen(m.id)}
            />
          ),
        )}
        {without.length > 0 && (
          <Text px="3" py="2" fontSize="2xs" color="fg.muted">
            Without a pack: {without.join(', ')}
          </Text>
        )}
      </Flex>
    </Flex>
  );
}

interface EntryProps {
  readonly walked: Trip;
  readonly member: Member;
  readonly stow: StowAssessment;
  /** The heaviest day's load by the member's limit. */
  readonly ratio: number;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
}

function PackEntry({ walked, member: m, stow, ratio, isOpen, onOpen }: EntryProps) {
  const limits = useLimits();
  return (
    <Flex
      as="button"
      w={{ base: 'auto', lg: '100%' }}
      flexShrink={0}
      align="center"
      gap="2"
      px="3"
      py="1.5"
      textAlign="start"
      bg={isOpen ? 'bg.muted' : undefined}
      borderLeftWidth={{ base: '0', lg: '3px' }}
      borderBottomWidth={{ base: '3px', lg: '0' }}
      borderColor={isOpen ? 'fg' : 'transparent'}
      aria-current={isOpen}
      onClick={onOpen}
    >
      <PackThumbnail pack={packOf(walked, m)} stow={stow} />
      <Box minW="0">
        <Text fontWeight="600" truncate>
          {m.name}
        </Text>
        <Text fontSize="2xs" color={ratio > 1 ? 'overload.fg' : 'fg.muted'}>
          {limits.hidden
            ? ratio > 1
              ? '▲ above the limit'
              : 'within the limit'
            : `${limits.percent(ratio, 0)} of limit`}
        </Text>
        <Text fontSize="2xs" color="fg.muted">
          {stowState(stow)}
        </Text>
      </Box>
    </Flex>
  );
}
