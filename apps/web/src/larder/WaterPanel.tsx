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
import { formatVolume } from '@graft/core/units';
import { useTrip } from '../shared/TripProvider';
import { LarderChoice, LarderNumber } from './larderFields';

/** Litres each carries on each stretch, containers against them, treatment, cooking water of dry camps. */
export function WaterPanel() {
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
        For the longest stretch between sure sources: its hours × {trip.waterLPerH} L/h, more above 20 °C.
        Sources and litres are set at Brief.
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
                  {(d.toKm - d.fromKm).toFixed(1)} km, {d.hours.toFixed(1)} h{d.dryCamp && ', dry camp'}
                  {d.fromCachesL > 0 && `, cache ${formatVolume(d.fromCachesL)} each`}
                </td>
                <td>{wanted > 0 && d.fillAt}</td>
                <td data-end>{formatVolume(wanted)}</td>
                <td data-end data-alarm={carried < wanted - 0.01 ? '' : undefined}>
                  {carried < wanted - 0.01 && '▲ '}
                  {formatVolume(carried)}
                </td>
                <td data-end>
                  {formatVolume(treatment[i]!.litres)}
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
          {TREATMENTS_FACTS[trip.larder.treatment].note}
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
            unit="L"
            w="7rem"
            quantity={{ kind: 'volume', bare: 'l', perKept: 1 }}
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
          Day {c.day}, {groupName.get(c.groupId)}: {formatVolume(c.needL)} to cook with, bags for{' '}
          {formatVolume(c.capacityL)}
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
                  {formatVolume(w.capacityL)} for {formatVolume(w.needL)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Box>
    </Box>
  );
}
