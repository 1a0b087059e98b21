import { isWithParty } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { Box, Flex, Grid, Text } from '../theme/chakra';
import { Comfort, Ratio, rolesOf, stepWords, type DayContext } from './dayColumns';
import { MemberButton } from './MemberButton';
import type { MemberSteps } from './RatioSteps';

/** A day's loads on a phone: a card a member, with what a row of the table tells. */
export function DayCards({ rows, context }: { rows: readonly MemberSteps[]; context: DayContext }) {
  const { walked, day, massUnit, frontId, onChoose } = context;
  return (
    <Box as="ul" aria-label={`Loads on day ${day}`} listStyleType="none">
      {rows.map((row) => {
        const { member } = row;
        const { morningKg, afterWaterKg, eveningKg } = row.moments[day - 1]!;
        const isHere = isWithParty(member, day);
        return (
          <Box as="li" key={member.id} px="4" py="2" borderBottomWidth="1px" borderColor="border.muted">
            <Flex align="center" gap="2">
              <MemberButton member={member} isChosen={member.id === frontId} onChoose={onChoose} />
              <Text flex="1" color="fg.muted" fontSize="xs">
                {rolesOf(walked, member, day)}
              </Text>
              {isHere && <Ratio row={row} context={context} />}
              <Text fontSize="xs" color="fg.muted">
                {isHere && 'of limit'}
              </Text>
            </Flex>
            {isHere && (
              <Grid templateColumns="1fr 1fr 1fr" gap="2" fontSize="xs" py="1">
                <Moment name="Sets off" kg={formatMass(morningKg, massUnit)} />
                <Moment name="After water" kg={formatMass(afterWaterKg, massUnit)} />
                <Moment name="Into camp" kg={formatMass(eveningKg, massUnit)} />
              </Grid>
            )}
            <Flex align="center" gap="2" fontSize="xs">
              <Text flex="1" color="fg.muted">
                {stepWords(row, context)}
              </Text>
              {isHere && <Text>Comfort</Text>}
              {isHere && <Comfort member={member} context={context} />}
            </Flex>
          </Box>
        );
      })}
    </Box>
  );
}

function Moment({ name, kg }: { name: string; kg: string }) {
  return (
    <Box>
      <Text color="fg.muted">{name}</Text>
      <Text fontSize="md" fontWeight="600">
        {kg}
      </Text>
    </Box>
  );
}
