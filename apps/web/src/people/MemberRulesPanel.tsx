import { Box } from '../theme/chakra';
import { PACKING_SCHOOLS } from '@graft/core/carriage';
import { PACKING_SCHOOL_IDS, putMember, type HouseRules, type Member } from '@graft/core/trip';
import { ChoiceEntry } from '../shared/FieldEntry';
import { HouseRuleChoices } from '../shared/HouseRuleChoices';
import { useTrip } from '../shared/tripContext';

/** A member's own choices where they differ from the trip's house rules. */
export function MemberRulesPanel({ member }: { member: Member }) {
  const { trip, change } = useTrip();
  return (
    <Box>
      <ChoiceEntry
        label="Weight in the pack"
        w="22rem"
        value={member.packingSchool ?? ''}
        options={[
          ['', `as the trip: ${PACKING_SCHOOLS[trip.packingSchool].name}`],
          ...PACKING_SCHOOL_IDS.map((id) => [id, PACKING_SCHOOLS[id].name] as const),
        ]}
        onChoose={(value) => {
          const { packingSchool: _old, ...rest } = member;
          const school = PACKING_SCHOOL_IDS.find((id) => id === value);
          change(`${member.name}: packing school`, (t) =>
            putMember(t, school === undefined ? rest : { ...rest, packingSchool: school }),
          );
        }}
      />
      <Box mt="2" columnGap="10" css={{ columnCount: { base: 1, lg: 2 } }}>
        <HouseRuleChoices
          rules={member.houseRules ?? {}}
          fallback={trip.houseRules}
          onChoose={(rule, choice) => {
            const { houseRules: _old, ...rest } = member;
            const { [rule]: _replaced, ...others } = member.houseRules ?? {};
            const houseRules = {
              ...others,
              ...(choice === undefined ? {} : { [rule]: choice }),
            } as Partial<HouseRules>;
            change(`${member.name}: house rule ${rule}`, (t) =>
              putMember(t, Object.keys(houseRules).length === 0 ? rest : { ...rest, houseRules }),
            );
          }}
        />
      </Box>
    </Box>
  );
}
