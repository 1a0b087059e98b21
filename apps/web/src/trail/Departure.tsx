import { Box, Text, Button, Flex } from '../theme/chakra';
import { useTrip } from '../shared/tripContext';
import { RemoveButton } from '../shared/RemoveButton';
import { usePreferences } from '../shared/preferences';
import { formatMass, localMoment } from '@graft/core/units';
import { departureOf } from '@graft/core/trail';

/** Signing the departure: the plan of that moment is kept, for the debrief to compare the trip with. */
export function Departure({ who }: { who: string }) {
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const { departure } = trip;
  const weighed = trip.weighIns.length;
  const signed = trip.weighIns.filter((w) => w.signedBy !== undefined).length;
  return (
    <Box px="4" py="4" maxW="52rem">
      <Text fontWeight="600">Departure</Text>
      {departure === undefined ? (
        <>
          <Text fontSize="xs" color="fg.muted">
            {weighed} of {trip.members.length} weighed, {signed} ready. Signing keeps the plan of this moment:
            who carries what, loads and limits of every day. The debrief compares the trip with it.
          </Text>
          {!readOnly && (
            <Button
              size="sm"
              mt="2"
              onClick={() =>
                change('the departure', (t) => ({
                  ...t,
                  departure: departureOf(t, localMoment(new Date(), t.timeZone), who),
                }))
              }
            >
              {signed === trip.members.length
                ? 'Sign the departure'
                : `Sign the departure, ${trip.members.length - signed} not ready`}
            </Button>
          )}
        </>
      ) : (
        <Flex gap="3" align="center" role="status">
          <Text fontSize="sm">
            Signed by {departure.by}, {departure.at.replace('T', ' ')}: {departure.share.length} pieces,{' '}
            {formatMass(
              departure.loads.reduce((sum, l) => sum + (l.measuredKg ?? l.plannedKg[0]!), 0),
              massUnit,
            )}{' '}
            on {departure.loads.length} backs.
          </Text>
          <RemoveButton
            name="the departure"
            onClick={() =>
              change('take back the departure', (t) => {
                const { departure: _gone, ...rest } = t;
                return rest;
              })
            }
          />
        </Flex>
      )}
      <Text fontSize="xs" color="fg.muted" mt="3">
        Lift a heavy pack from a rock or with help. A hanging scale takes the pack by its haul loop; bottles
        filled as they will be carried.
      </Text>
    </Box>
  );
}
