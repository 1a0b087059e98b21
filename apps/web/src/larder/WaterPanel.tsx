import { Box, Button, Flex, Text } from '../theme/chakra';
import {
  campWater,
  CARRIERS_EACH,
  hasTreatment,
  treatmentByDay,
  TREATMENTS_FACTS,
  waterByMember,
} from '@graft/core/larder';
import { daysShortOfWater, takeSuggestedWater, waterByDay } from '@graft/core/route';
import { useTrip } from '../shared/tripContext';
import { LarderChoice, LarderNumber } from './larderFields';
import { useInUnits, useQuantities } from '../shared/useInUnits';

/** Litres each carries on each stretch, containers against them, treatment, cooking water of dry camps. */
export function WaterPanel() {
  const inUnits = useInUnits();
  const { show } = useQuantities();
  const litres = (l: number): string => show(l, 'liquid');
  const { trip, change, readOnly } = useTrip();
  const days = waterByDay(trip);
  const short = daysShortOfWater(trip);
  const treatment = treatmentByDay(trip);
  const members = waterByMember(trip);
  const camps = campWater(trip);
  const groupName = new Map(trip.groups.map((g) => [g.id, g.name]));
  return (
    <Box pt="3">
      <Text fontWeight="600">Each member carries</Text>
      <Text fontSize="xs" color="fg.muted">
        {inUnits(
          `For the longest stretch between sure sources: its hours × ${trip.waterLPerH} L/h, more above 20 °C. Sources and water are set at Trip.`,
        )}
      </Text>
      <Box as="table" w="100%" mt="2" className="plain-table" aria-label="Water by day">
        <thead>
          <tr>
            <th>Day</th>
            <th>Driest stretch</th>
            <th>Full at</th>
            <th data-end>Asks for</th>
            <th data-end>Carried</th>
            <th data-end>To treat</th>
          </tr>
        </thead>
        <tbody>
          {days.map((d, i) => {
            const leg = trip.legs[i]!;
            const wanted = d.waterL + d.campWaterL;
            const carried = leg.waterL + leg.campWaterL;
            return (
              <tr key={d.day}>
                <td>{d.day}</td>
                <td>
                  {show(d.toKm - d.fromKm, 'distance')}, {d.hours.toFixed(1)} h{d.dryCamp && ', dry camp'}
                  {d.fromCachesL > 0 && `, cache ${litres(d.fromCachesL)} each`}
                </td>
                <td>{wanted > 0 && d.fillAt}</td>
                <td data-end>{litres(wanted)}</td>
                <td data-end data-alarm={carried < wanted - 0.01 ? '' : undefined}>
                  {carried < wanted - 0.01 && '▲ '}
                  {litres(carried)}
                </td>
                <td data-end>
                  {litres(treatment[i]!.litres)}
                  {treatment[i]!.minutes > 0 && `, ${Math.round(treatment[i]!.minutes)} min`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Box>
      {short.length > 0 && (
        <Button
          mt="2"
          size="xs"
          variant="outline"
          disabled={readOnly}
          onClick={() => change('take the suggested water', takeSuggestedWater)}
        >
          Carry what is asked for on {short.length === 1 ? `day ${short[0]}` : `days ${short.join(', ')}`}
        </Button>
      )}
      <Flex gap="2" pt="4" wrap="wrap" align="end">
        <LarderChoice
          field="treatment"
          label="Water is treated by"
          w="10rem"
          options={Object.entries(TREATMENTS_FACTS).map(
            ([id, t]) => [id as keyof typeof TREATMENTS_FACTS, t.name] as const,
          )}
        />
        <Text fontSize="xs" color="fg.muted" flex="1">
          {inUnits(TREATMENTS_FACTS[trip.larder.treatment].note)}
          {!hasTreatment(trip) && '; ▲ nobody has one at Kit'}. The land manager’s rules come first.
        </Text>
      </Flex>
      <Flex gap="2" pt="3" wrap="wrap">
        <LarderChoice
          field="cookWaterPieces"
          label="Cooking water of dry camps"
          w="13rem"
          options={[
            [false, 'with each one’s camp water'],
            [true, 'shared as pieces'],
          ]}
        />
        {trip.larder.cookWaterPieces && (
          <LarderNumber
            field="cookWaterL"
            label="At least, each"
            w="7rem"
            is={{ kind: 'liquid', perKept: 1 }}
          />
        )}
      </Flex>
      {camps.map((c) => (
        <Text
          key={`${c.day} ${c.groupId}`}
          fontSize="xs"
          pt="1"
          color={c.capacityL < c.needL - 0.05 ? 'overload.fg' : 'fg.muted'}
        >
          Day {c.day}, {groupName.get(c.groupId)}: {litres(c.needL)} to cook with, bags for{' '}
          {litres(c.capacityL)}
          {c.capacityL < c.needL - 0.05 && ' ▲ too little: a water bag at Kit'}
        </Text>
      ))}
      <Text fontWeight="600" pt="4">
        Containers
      </Text>
      <Text fontSize="xs" color="fg.muted">
        Two independent ones each: one leaks one day.
      </Text>
      <Box as="table" w="100%" mt="1" className="plain-table" aria-label="Water containers">
        <tbody>
          {members.map((w) => {
            const few = w.containers.length < CARRIERS_EACH;
            const small = w.capacityL < w.needL - 0.05;
            return (
              <tr key={w.member.id}>
                <td>{w.member.name}</td>
                <td className="muted">{w.containers.map((c) => c.name).join(', ') || 'none'}</td>
                <td data-end data-alarm={few || small ? '' : undefined}>
                  {(few || small) && '▲ '}
                  {litres(w.capacityL)} for {litres(w.needL)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Box>
    </Box>
  );
}
