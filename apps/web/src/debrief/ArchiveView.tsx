import { Box, Text } from '../theme/chakra';
import { scaleLinear } from 'd3-scale';
import { plannedActual, type PlannedActualMember } from '@graft/core/debrief';
import { formatMass, massDigits } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import { counted } from '../shared/words';
import { paint } from '../theme/system';

/** The trip as it left against the trip as it was walked. */
export function ArchiveView() {
  const { trip } = useTrip();
  const { massUnit } = usePreferences();
  const { departure, members, handovers, events } = plannedActual(trip);
  const most = Math.max(1, ...members.flatMap((m) => [...m.plannedKg, ...m.walkedKg]));
  return (
    <Box flex="1" overflow="auto" px="4" py="3" fontSize="sm">
      <Text>
        {departure === undefined
          ? 'Nobody signed the departure at Trail: planned is the plan as it is now.'
          : `Planned is the plan as it left on ${departure.at.replace('T', ' ')}, signed by ${departure.by}.`}{' '}
        {counted(handovers, 'handover')} and {counted(events, 'event')} on the way.
      </Text>
      <table className="plain-table" style={{ width: '100%', marginTop: 10 }} aria-label="Planned and walked">
        <thead>
          <tr>
            <th>Member</th>
            <th>Load by day, {massUnit}: planned (outline) and walked (filled)</th>
            <th data-end>On the scale</th>
            <th data-end>Planned, kg·km</th>
            <th data-end>Walked, kg·km</th>
            <th data-end>Difference</th>
            <th style={{ paddingInlineStart: 16 }}>Handed over</th>
            <th>Comfort by day</th>
          </tr>
        </thead>
        <tbody>
          {members.map((m) => (
            <tr key={m.member.id}>
              <td>
                <b>{m.member.name}</b>
              </td>
              <td style={{ width: '30%' }}>
                <DayBars of={m} most={most} digits={(kg) => massDigits(kg, massUnit)} />
              </td>
              <td data-end>{m.measuredKg === undefined ? '–' : formatMass(m.measuredKg, massUnit)}</td>
              <td data-end>{Math.round(m.plannedKgKm)}</td>
              <td data-end>{Math.round(m.walkedKgKm)}</td>
              <td data-end>
                {Math.round(m.walkedKgKm - m.plannedKgKm) === 0
                  ? '0'
                  : `${m.walkedKgKm > m.plannedKgKm ? '+' : '−'}${Math.abs(Math.round(m.walkedKgKm - m.plannedKgKm))}`}
              </td>
              <td style={{ paddingInlineStart: 16 }}>
                {m.taken === 0 && m.given === 0 ? '–' : `${m.taken} taken, ${m.given} given`}
              </td>
              <td>{m.comfort.map((c) => (c === undefined ? '·' : String(Math.round(c)))).join(' ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Text fontSize="xs" color="fg.muted" mt="2">
        Loads are each day’s heaviest.
      </Text>
    </Box>
  );
}

const W = 300;
const H = 34;

function DayBars({
  of: { member, plannedKg, walkedKg },
  most,
  digits,
}: {
  of: PlannedActualMember;
  most: number;
  digits: (kg: number) => string;
}) {
  const y = scaleLinear([0, most], [0, H - 12]);
  const step = W / Math.max(1, walkedKg.length);
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      width="100%"
      role="img"
      aria-label={`${member.name}: ${walkedKg.map((kg, i) => `day ${i + 1} planned ${digits(plannedKg[i] ?? 0)}, walked ${digits(kg)}`).join('; ')}`}
    >
      {walkedKg.map((kg, i) => {
        const planned = plannedKg[i] ?? 0;
        return (
          <g key={i}>
            <rect
              x={i * step + 2}
              width={step - 6}
              y={H - y(kg)}
              height={y(kg)}
              fill={paint('pine.emphasized')}
            />
            <rect
              x={i * step + 2}
              width={step - 6}
              y={H - y(planned)}
              height={y(planned)}
              fill="none"
              stroke={paint('fg')}
            />
            <text
              x={i * step + step / 2 - 1}
              y={H - Math.max(y(kg), y(planned)) - 2}
              textAnchor="middle"
              style={{ fontSize: 11 }}
              fill={paint('fg')}
            >
              {kg === 0 ? '' : digits(kg)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
