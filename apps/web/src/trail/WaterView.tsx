import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { addEvent, waterTaken } from '@graft/core/debrief';
import { dayStretches } from '@graft/core/route';
import { dayAtKm, waterAhead, waterWay, type SourceAhead } from '@graft/core/trail';
import { TickLines } from '../shared/chartParts';
import { QuantityInput } from '../shared/QuantityInput';
import { SideBox } from '../shared/SideBox';
import { useTrip } from '../shared/TripProvider';
import { useWidth } from '../shared/useWidth';
import { RELIANCE_WORDS } from '../shared/words';
import { paint } from '../theme/system';

/** Less than is shown: neither too little nor left. */
const NOTHING_L = 0.05;
const litres = (l: number): string => `${l <= -NOTHING_L ? '−' : ''}${Math.abs(l).toFixed(1)} L`;
const isShort = (l: number): boolean => l <= -NOTHING_L;

/** Litres left against the way to the next sources, and what was taken on which day. */
export function WaterView({ day }: { day: number }) {
  const { trip, walked, change, readOnly } = useTrip();
  const stretches = dayStretches(walked);
  const endKm = stretches.at(-1)!.toKm;
  const [placed, setPlaced] = useState<{ readonly day: number; readonly km: number } | undefined>();
  const [leftL, setLeftL] = useState(1);
  const [own, setOwn] = useState({ km: 5, climbM: 200 });
  // A day's choice starts at its morning; a place chosen by hand stays as long as the day does.
  const atKm = placed?.day === day ? placed.km : stretches[day - 1]!.fromKm;
  const ahead = waterAhead(walked, atKm, leftL);
  const byHand = waterWay(leftL, own.km, own.climbM, walked.waterLPerH);
  const next = ahead.find((s) => s.reliance === 'sure');
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} flex="1" minH="0">
      <Box flex="1" minW="0" overflow="auto" px="4" py="3">
        <Flex gap="4" wrap="wrap" align="end">
          <Box>
            <Text fontSize="xs" color="fg.muted">
              Where you are, km from the start
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
                  label="Where you are, kilometres from the start"
                  value={atKm}
                  quantity="distance"
                  unit="km"
                  show={(km) => km.toFixed(1)}
                  low={0}
                  high={endKm}
                  readOnly={false}
                  onTake={(km) => setPlaced({ day, km: km ?? 0 })}
                />
              </Box>
              <Text fontSize="xs">
                km, day {dayAtKm(walked, atKm)}: {walked.legs[dayAtKm(walked, atKm) - 1]!.name}
              </Text>
            </Flex>
          </Box>
          <Box w="6rem">
            <Text fontSize="xs" color="fg.muted">
              Left, L each
            </Text>
            <QuantityInput
              label="Water left, litres each"
              value={leftL}
              quantity="volume"
              unit="L"
              show={(l) => l.toFixed(1)}
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
              ? `▲ ${litres(-next.leftL)} each too little to ${next.name}: it runs out after ${next.reachKm.toFixed(1)} of ${next.distanceKm.toFixed(1)} km.`
              : next.leftL < NOTHING_L
                ? `Just enough to ${next.name}: nothing is left there.`
                : `Enough to ${next.name}: ${litres(next.leftL)} each left there.`}
          </Text>
        )}
        <WaterLine ahead={ahead} atKm={atKm} leftL={leftL} />
        <table className="plain-table" style={{ width: '100%', marginTop: 12 }} aria-label="Water ahead">
          <thead>
            <tr>
              <th>Water ahead</th>
              <th>How sure</th>
              <th data-end>Distance, km</th>
              <th data-end>Climb, m</th>
              <th data-end>Walking, h</th>
              <th data-end>Needs, L each</th>
              <th data-end>Left there, L each</th>
            </tr>
          </thead>
          <tbody>
            {ahead.map((s) => (
              <tr key={`${s.name} ${s.atKm}`}>
                <td>{s.name}</td>
                <td>{RELIANCE_WORDS[s.reliance]}</td>
                <td data-end>{s.distanceKm.toFixed(1)}</td>
                <td data-end>{Math.round(s.climbM)}</td>
                <td data-end>{s.hours.toFixed(1)}</td>
                <td data-end>{s.needL.toFixed(1)}</td>
                <td data-end data-alarm={isShort(s.leftL) ? '' : undefined}>
                  {isShort(s.leftL) && '▲ '}
                  {litres(s.leftL)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <Text fontSize="xs" color="fg.muted" mt="2" maxW="56rem">
          Naismith’s time for distance and climb, at each day’s planned pace, times {walked.waterLPerH} L an
          hour (Brief), and a twentieth more for each degree of the forecast above 20 °C. Unsure places are
          told and not relied on. Treat water as the land manager says.
        </Text>
      </Box>
      <SideBox w="376px">
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
      </SideBox>
    </Flex>
  );
}

const HEIGHT = 150;
const LEAST_WIDTH = 420;
const MARGIN = { top: 14, right: 60, bottom: 34, left: 44 };

/** Litres over the way: where they run out, and where the sources are. */
function WaterLine({ ahead, atKm, leftL }: { ahead: readonly SourceAhead[]; atKm: number; leftL: number }) {
  const [holder, width] = useWidth<HTMLDivElement>(LEAST_WIDTH);
  const last = ahead.at(-1);
  if (last === undefined) return null;
  const x = scaleLinear([atKm, last.atKm], [MARGIN.left, width - MARGIN.right]);
  const y = scaleLinear([0, Math.max(0.5, leftL)], [HEIGHT - MARGIN.bottom, MARGIN.top]);
  const points = [{ km: atKm, l: leftL }, ...ahead.map((s) => ({ km: s.atKm, l: s.leftL }))];
  const dry = points.findIndex((p) => isShort(p.l));
  const shown = dry < 0 ? points : [...points.slice(0, dry), { km: atKm + ahead[dry - 1]!.reachKm, l: 0 }];
  return (
    <Box ref={holder} mt="3" overflowX="auto">
      <svg
        width="100%"
        height={HEIGHT}
        style={{ minWidth: LEAST_WIDTH, display: 'block' }}
        role="img"
        aria-label={`Water left over the way: ${ahead.map((s) => `${s.name} ${litres(s.leftL)}`).join(', ')}`}
      >
        <TickLines
          y={y}
          from={MARGIN.left}
          to={width - MARGIN.right}
          count={3}
          format={(tick) => `${tick} L`}
        />
        {ahead.map((s, i) => (
          <g key={`${s.name} ${s.atKm}`}>
            <line
              x1={x(s.atKm)}
              x2={x(s.atKm)}
              y1={MARGIN.top}
              y2={HEIGHT - MARGIN.bottom}
              stroke={paint('fg')}
              strokeDasharray={s.reliance === 'sure' ? undefined : '2 3'}
            />
            <text
              x={x(s.atKm)}
              y={HEIGHT - MARGIN.bottom + 13 + (i % 2) * 13}
              textAnchor={x(s.atKm) > width - 140 ? 'end' : 'middle'}
              style={{ fontSize: 11 }}
              fill={paint('fg')}
            >
              {s.name}
              {s.reliance === 'sure' ? '' : '?'}
            </text>
          </g>
        ))}
        <path
          d={`M${shown.map((p) => `${x(p.km)},${y(p.l)}`).join('L')}L${x(shown.at(-1)!.km)},${y(0)}L${x(atKm)},${y(0)}Z`}
          fill={paint('pine.muted')}
          fillOpacity="0.6"
        />
        <path
          d={`M${shown.map((p) => `${x(p.km)},${y(p.l)}`).join('L')}`}
          fill="none"
          stroke={paint('fg')}
          strokeWidth="2"
        />
        {dry >= 0 && (
          <text
            x={x(shown.at(-1)!.km)}
            y={y(0) - 6}
            style={{ fontSize: 11 }}
            fontWeight="600"
            fill={paint('overload.fg')}
          >
            ▲ runs out
          </text>
        )}
      </svg>
    </Box>
  );
}
