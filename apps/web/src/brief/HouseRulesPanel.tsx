import { Box, Text } from '../theme/chakra';
import { PACKING_SCHOOLS, topHeavyDays } from '@graft/core/carriage';
import { PACKING_SCHOOL_IDS } from '@graft/core/trip';
import { ChoiceEntry } from '../shared/FieldEntry';
import { HouseRuleChoices } from '../shared/HouseRuleChoices';
import { setField } from '../shared/tripFields';
import { useTrip } from '../shared/tripContext';

/** The trip's house rules. */
export function HouseRulesPanel() {
  const { trip, change } = useTrip();
  const steep = topHeavyDays(trip);
  return (
    <Box>
      <Text fontSize="xs" color="fg.muted" mb="2">
        Practitioners disagree on these; Graft takes no side. The first choice of each list is the default,
        for the weight the middle. A member’s own choices stand under People.
      </Text>
      <ChoiceEntry
        label="How high does the weight ride?"
        value={trip.packingSchool}
        options={PACKING_SCHOOL_IDS.map((id) => [id, PACKING_SCHOOLS[id].name] as const)}
        onChoose={(value) =>
          setField(
            change,
            'packingSchool',
            PACKING_SCHOOL_IDS.find((s) => s === value),
            'the packing school',
          )
        }
      />
      {PACKING_SCHOOL_IDS.map((id) => (
        <Text
          key={id}
          fontSize="xs"
          color={id === trip.packingSchool ? 'fg' : 'fg.muted'}
          fontWeight={id === trip.packingSchool ? '600' : undefined}
        >
          {PACKING_SCHOOLS[id].name}: {PACKING_SCHOOLS[id].why}; for {PACKING_SCHOOLS[id].preferredWhen}
        </Text>
      ))}
      {steep.length > 0 && (
        <Box
          role="status"
          mt="2"
          borderLeftWidth="4px"
          borderColor="overload"
          bg="overload.subtle"
          px="3"
          py="2"
        >
          <Text fontWeight="600" color="overload.fg">
            ▲ Steep ground on {steep.length === 1 ? 'day' : 'days'} {steep.join(', ')} with the weight high
          </Text>
          <Text fontSize="xs">
            A heavy top sways on scrambles and snow: falls were seen. Pack low or middle on such days.
          </Text>
        </Box>
      )}
      <Box mt="2" borderTopWidth="1px" borderColor="border.muted">
        <HouseRuleChoices
          rules={trip.houseRules}
          onChoose={(rule, choice) =>
            change(`house rule: ${rule}`, (t) => ({
              ...t,
              houseRules: { ...t.houseRules, [rule]: choice },
            }))
          }
        />
      </Box>
    </Box>
  );
}
