import { Flex, Text, Button, Box } from '../theme/chakra';
import { useTrip } from '../shared/tripContext';
import { Tabs } from '../shared/Tabs';
import { canDrawInTheRound } from './PackPicture';
import { VIEWS, type View } from './packSession';
import type { PackSession } from './usePackSession';
import type { PlanPacks } from './usePlanPacks';

/** Whose pack, planning it alone, and the day whose weights count. */
export function PackHead({ session, planning }: { session: PackSession; planning: PlanPacks }) {
  const { readOnly } = useTrip();
  const { walked, member, day, planned } = session;
  return (
    <Flex px="4" pt="2" pb="1" align="center" gap="3" wrap="wrap">
      <Text fontFamily="heading" fontSize="lg" fontWeight="600">
        {session.practice !== undefined ? `Practice: ${member.name}’s load` : member.name}
      </Text>
      {session.practice === undefined && (
        <Button
          data-screen-only
          size="xs"
          variant="outline"
          disabled={planning.run.running || readOnly}
          onClick={() => planning.plan([member.id], `plan ${member.name}'s pack`)}
        >
          Plan this pack
        </Button>
      )}
      {canDrawInTheRound() && (
        <Box data-screen-only fontSize="xs">
          <Tabs
            label="How the pack is drawn"
            tabs={Object.entries(VIEWS) as [View, string][]}
            value={session.view}
            onChoose={session.setView}
          />
        </Box>
      )}
      {session.previewing && (
        <Text fontSize="xs" color="fg.muted">
          as it would be, if dropped here
        </Text>
      )}
      <Box flex="1" />
      <Text data-print-only>weights of day {day}</Text>
      <Flex
        data-screen-only
        role="radiogroup"
        aria-label="Day of the weights"
        gap="0.5"
        align="center"
        fontSize="xs"
        color="fg.muted"
      >
        Day
        {walked.legs.map((leg, i) => (
          <Button
            key={leg.id}
            size="2xs"
            role="radio"
            aria-checked={day === i + 1}
            variant={day === i + 1 ? 'solid' : 'ghost'}
            title={`${leg.name}${i + 1 === planned ? '; heaviest for this member, the day the stow is planned for' : ''}`}
            onClick={() => session.setDay(i + 1)}
          >
            {i + 1}
            {i + 1 === planned && '*'}
          </Button>
        ))}
        <Text as="span" fontSize="2xs" ml="1">
          * planned for
        </Text>
      </Flex>
    </Flex>
  );
}
