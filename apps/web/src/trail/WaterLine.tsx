import { Box } from '../theme/chakra';
import { isShort, litres } from './waterText';
import { paint } from '../theme/system';
import { useWidth } from '../shared/useWidth';
import { TickLines } from '../shared/chartParts';
import { scaleLinear } from 'd3-scale';
import type { SourceAhead } from '@graft/core/trail';
import { useInUnits, useQuantities } from '../shared/useInUnits';

const HEIGHT = 150;
const LEAST_WIDTH = 420;
const MARGIN = { top: 14, right: 60, bottom: 34, left: 44 };

/** Litres over the way: where they run out, and where the sources are. */
export function WaterLine({
  ahead,
  atKm,
  leftL,
}: {
  ahead: readonly SourceAhead[];
  atKm: number;
  leftL: number;
}) {
  const inUnits = useInUnits();
  const { show } = useQuantities();
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
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width="100%"
        height={HEIGHT}
        style={{ minWidth: LEAST_WIDTH, display: 'block' }}
        role="img"
        aria-label={inUnits(
          `Water left over the way: ${ahead.map((s) => `${s.name} ${litres(s.leftL)}`).join(', ')}`,
        )}
      >
        <TickLines
          y={y}
          from={MARGIN.left}
          to={width - MARGIN.right}
          count={3}
          format={(tick) => show(tick, 'liquid')}
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
