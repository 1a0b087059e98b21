import { Text, Flex, Box, Button } from '../theme/chakra';
import { waterWay } from '@graft/core/trail';
import { addEvent } from '@graft/core/debrief';
import { useState } from 'react';
import { isShort, litres } from './waterText';
import { useTrip } from '../shared/tripContext';
import { QuantityInput } from '../shared/QuantityInput';
import { WaterTaken } from '../shared/WaterTaken';
import { useInUnits, useQuantities } from '../shared/useInUnits';

/** Whether the water lasts on a way that no track knows. */
export function OwnWay({ leftL }: { leftL: number }) {
  const inUnits = useInUnits();
  const { unit } = useQuantities();
  const { walked } = useTrip();
  const [own, setOwn] = useState({ km: 5, climbM: 200 });
  const byHand = waterWay(leftL, own.km, own.climbM, walked.waterLPerH);
  return (
    <>
      <Text fontWeight="600">A way of your own</Text>
      <Flex gap="2" mt="1" align="center">
        <Box w="5rem">
          <QuantityInput
            label={`Distance to the water, ${unit('distance')}`}
            value={own.km}
            quantity="distance"
            low={0.1}
            high={60}
            readOnly={false}
            onTake={(km) => setOwn((o) => ({ ...o, km: km ?? 5 }))}
          />
        </Box>
        {unit('distance')} and
        <Box w="5rem">
          <QuantityInput
            label={`Climb to the water, ${unit('height')}`}
            value={own.climbM}
            quantity="height"
            low={0}
            high={3000}
            readOnly={false}
            onTake={(m) => setOwn((o) => ({ ...o, climbM: m ?? 0 }))}
          />
        </Box>
        {unit('height')} of climb
      </Flex>
      <Text fontSize="xs" mt="1">
        {inUnits(
          `${byHand.hours.toFixed(1)} h, ${byHand.needL.toFixed(1)} L each: ${
            isShort(byHand.leftL)
              ? `▲ ${litres(-byHand.leftL)} too little; it lasts for ${byHand.reachKm.toFixed(1)} km`
              : `${litres(byHand.leftL)} left there`
          }.`,
        )}
      </Text>
    </>
  );
}

/** Water taken on each day, against the plan. */
export function Taken({ day, leftL }: { day: number; leftL: number }) {
  const { show } = useQuantities();
  const { change, readOnly } = useTrip();
  return (
    <>
      <Text fontWeight="600" mt="5">
        Taken, against the plan
      </Text>
      <WaterTaken />
      {!readOnly && (
        <Button
          size="xs"
          variant="outline"
          mt="2"
          onClick={() =>
            change(`day ${day}: water taken`, (t) =>
              addEvent(t, { day, moment: 'morning', kind: 'water', litres: Math.round(leftL * 10) / 10 }),
            )
          }
        >
          Note {show(leftL, 'liquid')} each for day {day}
        </Button>
      )}
    </>
  );
}
