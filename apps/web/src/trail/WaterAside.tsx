import { Text, Flex, Box, Button } from '../theme/chakra';
import { waterWay } from '@graft/core/trail';
import { addEvent } from '@graft/core/debrief';
import { useState } from 'react';
import { isShort, litres } from './waterText';
import { useTrip } from '../shared/TripProvider';
import { QuantityInput } from '../shared/QuantityInput';
import { WaterTaken } from '../shared/WaterTaken';

/** Whether the water lasts on a way that no track knows. */
export function OwnWay({ leftL }: { leftL: number }) {
  const { walked } = useTrip();
  const [own, setOwn] = useState({ km: 5, climbM: 200 });
  const byHand = waterWay(leftL, own.km, own.climbM, walked.waterLPerH);
  return (
    <>
      <Text fontWeight="600">A way of your own</Text>
      <Flex gap="2" mt="1" align="center">
        <Box w="5rem">
          <QuantityInput
            label="Distance to the water, kilometres"
            value={own.km}
            quantity="distance"
            unit="km"
            show={(km) => km.toFixed(1)}
            low={0.1}
            high={60}
            readOnly={false}
            onTake={(km) => setOwn((o) => ({ ...o, km: km ?? 5 }))}
          />
        </Box>
        km and
        <Box w="5rem">
          <QuantityInput
            label="Climb to the water, metres"
            value={own.climbM}
            quantity="height"
            unit="m"
            show={(m) => m.toFixed(0)}
            low={0}
            high={3000}
            readOnly={false}
            onTake={(m) => setOwn((o) => ({ ...o, climbM: m ?? 0 }))}
          />
        </Box>
        m of climb
      </Flex>
      <Text fontSize="xs" mt="1">
        {byHand.hours.toFixed(1)} h, {byHand.needL.toFixed(1)} L each:{' '}
        {isShort(byHand.leftL)
          ? `▲ ${litres(-byHand.leftL)} too little; it lasts for ${byHand.reachKm.toFixed(1)} km`
          : `${litres(byHand.leftL)} left there`}
        .
      </Text>
    </>
  );
}

/** Water taken on each day, against the plan. */
export function Taken({ day, leftL }: { day: number; leftL: number }) {
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
          Note {leftL.toFixed(1)} L each for day {day}
        </Button>
      )}
    </>
  );
}
