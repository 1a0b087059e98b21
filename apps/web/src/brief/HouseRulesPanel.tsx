import { Box, Text } from '@chakra-ui/react';
import type { HouseRules } from '@graft/core';
import { HouseRuleChoices } from '../shared/HouseRuleChoices';
import { useTrip } from '../shared/TripProvider';

/** The trip's house rules. */
export function HouseRulesPanel() {
  const { trip, change } = useTrip();
  return (
    <Box>
      <Text fontSize="xs" color="fg.muted" mb="1">
        Practitioners disagree on these; Graft takes no side. The first choice of each list is the default. A
        member’s own choices stand under People.
      </Text>
      <HouseRuleChoices
        rules={trip.houseRules}
        onChoose={(rule, choice) =>
          change(`house rule: ${rule}`, (t) => ({
            ...t,
            houseRules: { ...t.houseRules, [rule]: choice } as HouseRules,
          }))
        }
      />
    </Box>
  );
}
