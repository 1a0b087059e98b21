import { Text, Flex, Box, Button } from '@chakra-ui/react';
import { waterWay } from '@graft/core/trail';
import { waterTaken, addEvent } from '@graft/core/debrief';
import { useState } from 'react';
import { isShort, litres } from './waterText';
import { useTrip } from '../shared/TripProvider';
import { QuantityInput } from '../shared/QuantityInput';

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
  const { trip, change, readOnly } = useTrip();
  return (
    <>
      <Text fontWeight="600" mt="5">
        Taken, against the plan
      </Text>
      <table className="plain-table" style={{ width: '100%' }}>
        <thead>
          <tr>
            <th>Day</th>
            <th data-end>Plan, L each</th>
            <th data-end>Taken, L each</th>
          </tr>
        </thead>
        <tbody>
          {waterTaken(trip).map((w) => (
            <tr key={w.day}>
              <td>
                {w.day} <span className="muted">{trip.legs[w.day - 1]!.name}</span>
              </td>
              <td data-end>{w.plannedL.toFixed(1)}</td>
              <td data-end>{w.takenL === undefined ? '–' : w.takenL.toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
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
