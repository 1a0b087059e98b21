import { scaleLinear, scalePoint } from 'd3-scale';
import { line } from 'd3-shape';
import type { StowDay } from '@graft/core/stow';
import { useQuantities } from '../shared/useInUnits';
import { paint } from '../theme/system';

const WIDTH = 396;
const HEIGHT = 150;
const MARGIN = { left: 34, right: 84, top: 10, bottom: 20 };

interface Props {
  readonly days: readonly StowDay[];
  readonly band: readonly [number, number];
  readonly chosen: number;
  readonly onChoose: (day: number) => void;
}

/** Heights above the belt over the days: the heavy things against their band, and the centre of gravity. */
export function HeightByDay({ days, band, chosen, onChoose }: Props) {
  const { digits, unit } = useQuantities();
  const heavy = days.flatMap(({ day, stow }) =>
    stow.heavyCm === undefined ? [] : [{ day, cm: stow.heavyCm, inBand: stow.inBand }],
  );
  const centre = days.map(({ day, stow }) => ({ day, cm: stow.centreOfGravityCm.z }));
  const all = [...band, ...heavy.map((p) => p.cm), ...centre.map((p) => p.cm)];
  const v = scaleLinear([Math.min(...all) - 3, Math.max(...all) + 3], [HEIGHT - MARGIN.bottom, MARGIN.top]);
  const h = scalePoint(
    days.map((d) => d.day),
    [MARGIN.left + 8, WIDTH - MARGIN.right],
  );
  const at = (day: number): number => h(day) ?? MARGIN.left;
  const path = line<{ readonly day: number; readonly cm: number }>(
    (p) => at(p.day),
    (p) => v(p.cm),
  );
  const last = (points: readonly { readonly cm: number }[]): number => v(points.at(-1)?.cm ?? 0);
  // Two names at the end of two lines that meet are set apart.
  const [heavyAt, centreAt] = apart(last(heavy), last(centre));
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={`Heights above the belt by day, ${unit('length')}: heavy things ${heavy.map((p) => `day ${p.day} ${digits(p.cm, 'length')}`).join(', ')}; centre of gravity ${centre.map((p) => `day ${p.day} ${digits(p.cm, 'length')}`).join(', ')}`}
    >
      <rect
        x={MARGIN.left}
        width={WIDTH - MARGIN.left - MARGIN.right + 8}
        y={v(band[1])}
        height={Math.max(0, v(band[0]) - v(band[1]))}
        fill={paint('border')}
        opacity="0.6"
      />
      {band.map((cm) => (
        <text
          key={cm}
          x={MARGIN.left - 4}
          y={v(cm) + 4}
          textAnchor="end"
          style={{ fontSize: 11 }}
          fill={paint('fg.muted')}
        >
          {digits(cm, 'length')}
        </text>
      ))}
      <text x={2} y={MARGIN.top + 2} style={{ fontSize: 11 }} fill={paint('fg.muted')}>
        {unit('length')}
      </text>
      {days.map(({ day }) => (
        <g key={day} style={{ cursor: 'pointer' }} onClick={() => onChoose(day)}>
          {day === chosen && (
            <line
              x1={at(day)}
              x2={at(day)}
              y1={MARGIN.top}
              y2={HEIGHT - MARGIN.bottom}
              stroke={paint('border.emphasized')}
              strokeDasharray="2 3"
            />
          )}
          <text
            x={at(day)}
            y={HEIGHT - 5}
            textAnchor="middle"
            style={{ fontSize: 11, fontWeight: day === chosen ? 700 : 400 }}
            fill={paint('fg')}
          >
            {day}
          </text>
        </g>
      ))}
      <path d={path(heavy) ?? ''} fill="none" stroke={paint('fg')} strokeWidth="2" />
      <path
        d={path(centre) ?? ''}
        fill="none"
        stroke={paint('fg.muted')}
        strokeWidth="1.5"
        strokeDasharray="5 3"
      />
      {centre.map((p) => (
        <circle key={p.day} cx={at(p.day)} cy={v(p.cm)} r="3" fill={paint('fg.muted')} />
      ))}
      {heavy.map((p) => (
        <Mark key={p.day} x={at(p.day)} y={v(p.cm)} inBand={p.inBand} />
      ))}
      <g style={{ fontSize: 11 }} fill={paint('fg')}>
        <text x={WIDTH - MARGIN.right + 10} y={heavyAt + 4}>
          heavy things
        </text>
        <text x={WIDTH - MARGIN.right + 10} y={centreAt + 4} fill={paint('fg.muted')}>
          whole pack
        </text>
      </g>
    </svg>
  );
}

const LEAST_APART = 13;
function apart(a: number, b: number): readonly [number, number] {
  const missing = LEAST_APART - Math.abs(a - b);
  if (missing <= 0) return [a, b];
  const up = a <= b ? -missing / 2 : missing / 2;
  return [a + up, b - up];
}

/** Out of the band it is a diamond, so that colour is not alone. */
function Mark({ x, y, inBand }: { x: number; y: number; inBand: boolean }) {
  return inBand ? (
    <rect x={x - 3.5} y={y - 3.5} width="7" height="7" fill={paint('fg')} />
  ) : (
    <path d={`M ${x} ${y - 6} L ${x + 6} ${y} L ${x} ${y + 6} L ${x - 6} ${y} Z`} fill={paint('overload')} />
  );
}
