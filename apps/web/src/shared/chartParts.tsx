/** What charts of loads have in common: lines at round values with their words, and the limit. */
import type { ScaleLinear } from 'd3-scale';
import { paint } from '../theme/system';

interface Span {
  readonly y: ScaleLinear<number, number>;
  /** Left and right end of the lines, px. */
  readonly from: number;
  readonly to: number;
}

export function TickLines({
  y,
  from,
  to,
  count,
  format,
}: Span & { readonly count: number; readonly format: (value: number) => string }) {
  return y.ticks(count).map((tick) => (
    <g key={tick}>
      <line x1={from} x2={to} y1={y(tick)} y2={y(tick)} stroke={paint('border.muted')} />
      <text x={from - 6} y={y(tick) + 4} textAnchor="end" style={{ fontSize: 11 }} fill={paint('fg.muted')}>
        {format(tick)}
      </text>
    </g>
  ));
}

export function LimitLine({ y, from, to }: Span) {
  return (
    <>
      <line x1={from} x2={to} y1={y(1)} y2={y(1)} stroke={paint('fg')} strokeWidth="2" />
      <text x={to + 6} y={y(1) + 4} style={{ fontSize: 11 }} fill={paint('fg')}>
        limit
      </text>
    </>
  );
}
