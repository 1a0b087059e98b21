import { Box } from '../theme/chakra';
import { scaleBand, scaleLinear } from 'd3-scale';
import { energyByDay } from '@graft/core/larder';
import type { Member } from '@graft/core/trip';
import { useTrip } from '../shared/tripContext';
import { paint } from '../theme/system';

const [WIDTH, HEIGHT] = [392, 150];
const MARGIN = { top: 14, right: 4, bottom: 18, left: 40 };

/** Is the food enough? What a member carries for each day as bars, what the day takes as a line across each. */
export function EnergyChart({ member }: { member: Member }) {
  const { trip } = useTrip();
  const days = energyByDay(trip, member);
  const most = Math.max(1, ...days.flatMap((d) => [d.needKcal, d.carriedKcal]));
  const x = scaleBand(
    days.map((d) => d.day),
    [MARGIN.left, WIDTH - MARGIN.right],
  ).padding(0.25);
  const y = scaleLinear([0, most], [HEIGHT - MARGIN.bottom, MARGIN.top]).nice(4);
  const text = { fontSize: '11px', fill: paint('fg.muted') };
  const parts = (d: (typeof days)[number]): readonly (readonly [string, number])[] => [
    ['beam.own', d.mealsKcal.breakfast + d.mealsKcal.lunch + d.mealsKcal.dinner],
    ['beam.eaten', d.snacksKcal],
  ];
  return (
    <Box pt="2">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        width="100%"
        role="img"
        aria-label={`Energy of ${member.name} by day: ${days.map((d) => `day ${d.day} carries ${Math.round(d.carriedKcal)} of ${Math.round(d.needKcal)} kcal`).join('; ')}`}
      >
        {y.ticks(4).map((tick) => (
          <g key={tick}>
            <line
              x1={MARGIN.left}
              x2={WIDTH - MARGIN.right}
              y1={y(tick)}
              y2={y(tick)}
              stroke={paint('border.muted')}
            />
            <text x={MARGIN.left - 5} y={y(tick)} dy="0.35em" textAnchor="end" style={text}>
              {tick}
            </text>
          </g>
        ))}
        {days.map((d) => {
          const left = x(d.day)!;
          let base = 0;
          return (
            <g key={d.day}>
              {parts(d).map(([token, kcal]) => {
                const from = base;
                base += kcal;
                return (
                  <rect
                    key={token}
                    x={left}
                    width={x.bandwidth()}
                    y={y(base)}
                    height={y(from) - y(base)}
                    fill={paint(token)}
                    stroke={paint('bg.panel')}
                  />
                );
              })}
              <line
                x1={left - 4}
                x2={left + x.bandwidth() + 4}
                y1={y(d.needKcal)}
                y2={y(d.needKcal)}
                stroke={paint('fg')}
                strokeWidth={2}
              />
              <text x={left + x.bandwidth() / 2} y={HEIGHT - 5} textAnchor="middle" style={text}>
                {d.day}
              </text>
            </g>
          );
        })}
        <text x={MARGIN.left} y={9} style={text}>
          {member.name}, kcal by day: meals, snacks on top, line what the day takes
        </text>
      </svg>
    </Box>
  );
}
