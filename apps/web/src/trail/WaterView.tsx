import { Box, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import { dayStretches } from '@graft/core/route';
import { dayAtKm, waterAhead, type SourceAhead } from '@graft/core/trail';
import { QuantityInput } from '../shared/QuantityInput';
import { SideBox } from '../shared/SideBox';
import { useTrip } from '../shared/tripContext';
import { RELIANCE_WORDS } from '../shared/words';
import { OwnWay, Taken } from './WaterAside';
import { WaterLine } from './WaterLine';
import { isShort, litres, NOTHING_L } from './waterText';
import { useInUnits, useQuantities } from '../shared/useInUnits';

/** Litres left against the way to the next sources, and what was taken on which day. */
export function WaterView({ day }: { day: number }) {
  const inUnits = useInUnits();
  const { unit } = useQuantities();
  const { walked } = useTrip();
  const stretches = dayStretches(walked);
  const endKm = stretches.at(-1)!.toKm;
  const [placed, setPlaced] = useState<{ readonly day: number; readonly km: number } | undefined>();
  const [leftL, setLeftL] = useState(1);
  // A day's choice starts at its morning; a place chosen by hand stays as long as the day does.
  const atKm = placed?.day === day ? placed.km : stretches[day - 1]!.fromKm;
  const ahead = waterAhead(walked, atKm, leftL);
  const next = ahead.find((s) => s.reliance === 'sure');
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} flex="1" minH="0">
      <Box flex="1" minW="0" overflow="auto" px="4" py="3">
        <Flex gap="4" wrap="wrap" align="end">
          <Box>
            <Text fontSize="xs" color="fg.muted">
              Where you are, {unit('distance')} from the start
            </Text>
            <Flex gap="2" align="center">
              <input
                type="range"
                className="slider"
                style={{ width: '16rem' }}
                aria-label="Where you are"
                min={0}
                max={Math.max(0.1, endKm - 0.1)}
                step={0.1}
                value={atKm}
                onChange={(e) => setPlaced({ day, km: Number(e.target.value) })}
              />
              <Box w="5rem">
                <QuantityInput
                  label={`Where you are, ${unit('distance')} from the start`}
                  value={atKm}
                  quantity="distance"
                  low={0}
                  high={endKm}
                  readOnly={false}
                  onTake={(km) => setPlaced({ day, km: km ?? 0 })}
                />
              </Box>
              <Text fontSize="xs">
                {unit('distance')}, day {dayAtKm(walked, atKm)}:{' '}
                {walked.legs[dayAtKm(walked, atKm) - 1]!.name}
              </Text>
            </Flex>
          </Box>
          <Box w="6rem">
            <Text fontSize="xs" color="fg.muted">
              Left, {unit('liquid')} each
            </Text>
            <QuantityInput
              label={`Water left, ${unit('liquid')} each`}
              value={leftL}
              quantity="liquid"
              low={0}
              high={20}
              readOnly={false}
              onTake={(l) => setLeftL(l ?? 0)}
            />
          </Box>
        </Flex>
        {next !== undefined && (
          <Text
            mt="3"
            fontSize="md"
            fontWeight="600"
            role="status"
            color={isShort(next.leftL) ? 'overload.fg' : undefined}
          >
            {isShort(next.leftL)
              ? inUnits(
                  `▲ ${litres(-next.leftL)} each too little to ${next.name}: it runs out after ${next.reachKm.toFixed(1)} of ${next.distanceKm.toFixed(1)} km.`,
                )
              : next.leftL < NOTHING_L
                ? `Just enough to ${next.name}: nothing is left there.`
                : inUnits(`Enough to ${next.name}: ${litres(next.leftL)} each left there.`)}
          </Text>
        )}
        <WaterLine ahead={ahead} atKm={atKm} leftL={leftL} />
        <SourceTable ahead={ahead} />
        <Text fontSize="xs" color="fg.muted" mt="2" maxW="56rem">
          {inUnits(
            `Naismith’s time for distance and climb, at each day’s planned pace, times ${walked.waterLPerH} L an hour (Trip); at 30 °C half as much again as at 20 °C, and in between in proportion. Unsure places are told and not relied on. Treat water as the land manager says.`,
          )}
        </Text>
      </Box>
      <SideBox w="376px">
        <OwnWay leftL={leftL} />
        <Taken day={day} leftL={leftL} />
      </SideBox>
    </Flex>
  );
}

function SourceTable({ ahead }: { ahead: readonly SourceAhead[] }) {
  const { digits, show, unit } = useQuantities();
  return (
    <table className="plain-table" style={{ width: '100%', marginTop: 12 }} aria-label="Water ahead">
      <thead>
        <tr>
          <th>Water ahead</th>
          <th>How sure</th>
          <th data-end>Distance, {unit('distance')}</th>
          <th data-end>Climb, {unit('height')}</th>
          <th data-end>Walking, h</th>
          <th data-end>Needs, {unit('liquid')} each</th>
          <th data-end>Left there, {unit('liquid')} each</th>
        </tr>
      </thead>
      <tbody>
        {ahead.map((s) => (
          <tr key={`${s.name} ${s.atKm}`}>
            <td>{s.name}</td>
            <td>
              {RELIANCE_WORDS[s.reliance]}
              {s.cacheL !== undefined && `, cache of ${show(s.cacheL, 'liquid')}`}
            </td>
            <td data-end>{digits(s.distanceKm, 'distance')}</td>
            <td data-end>{digits(s.climbM, 'height')}</td>
            <td data-end>{s.hours.toFixed(1)}</td>
            <td data-end>{digits(s.needL, 'liquid')}</td>
            <td data-end data-alarm={isShort(s.leftL) ? '' : undefined}>
              {isShort(s.leftL) && '▲ '}
              {digits(s.leftL, 'liquid')}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
