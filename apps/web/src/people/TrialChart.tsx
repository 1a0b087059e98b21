/** Comfort and pace against load: the walks as points, the fitted curves, the floors and the limit they give. */
import { Box } from '../theme/chakra';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { PACE_FLOOR, trialSpeed, type CurvePoint, type TrialFit } from '@graft/core/limits';
import type { Member } from '@graft/core/trip';
import { formatMass, massDigits, type MassUnit } from '@graft/core/units';
import { paint } from '../theme/system';

const W = 430;
const H = 112;
const LEFT = 40;
const RIGHT = 12;
const GAP = 20;
/** Room for a chart's title above it. */
const TITLE = 18;

interface Props {
  readonly member: Member;
  readonly fit: TrialFit | undefined;
  readonly uncertainty: { readonly lowKg: number; readonly highKg: number } | undefined;
  readonly massUnit: MassUnit;
}

export function TrialChart({ member, fit, uncertainty, massUnit }: Props) {
  const trials = member.carryTrials;
  const heaviest = Math.max(...trials.map((t) => t.loadKg), fit?.limitKg ?? 0, uncertainty?.highKg ?? 0, 5);
  const x = scaleLinear([0, heaviest * 1.06], [LEFT, W - RIGHT]);
  const comfort = scaleLinear([1, 10], [H - 8, TITLE + 6]);
  const unloaded = trials.find((t) => t.loadKg < 0.03 * member.bodyMassKg && !t.interrupted);
  const speeds = unloaded === undefined ? [] : trials.filter((t) => !t.interrupted);
  const relative = (t: (typeof trials)[number]): number => trialSpeed(t) / trialSpeed(unloaded!);
  const slowest = Math.min(0.8, ...speeds.map(relative));
  const pace = scaleLinear([slowest, 1.02], [2 * H + GAP - 22, H + GAP + TITLE - 4]);
  const path = (points: readonly CurvePoint[], y: (v: number) => number): string =>
    line<CurvePoint>(
      (p) => x(p.loadKg),
      (p) => y(p.value),
    )([...points]) ?? '';
  const mark = (key: string, load: number, y: number, broken: boolean, title: string) => (
    <circle
      key={key}
      cx={x(load)}
      cy={y}
      r="4.5"
      fill={broken ? paint('bg.panel') : paint('fg')}
      stroke={paint('fg')}
      strokeDasharray={broken ? '2 1.5' : undefined}
    >
      <title>{title}</title>
    </circle>
  );
  const label = { fontSize: 11 };
  const summary =
    fit === undefined
      ? 'No limit can be read from the walks yet.'
      : `Limit ${formatMass(fit.limitKg, massUnit)}${uncertainty === undefined ? '' : `, likely ${formatMass(uncertainty.lowKg, massUnit)} to ${formatMass(uncertainty.highKg, massUnit)}`}.`;
  return (
    <Box w={`${W}px`} maxW="100%">
      <svg
        viewBox={`0 0 ${W} ${2 * H + GAP + 4}`}
        width="100%"
        role="img"
        aria-label={`Comfort and pace against load. ${summary}`}
      >
        {uncertainty !== undefined && (
          <rect
            x={x(uncertainty.lowKg)}
            width={Math.max(1, x(uncertainty.highKg) - x(uncertainty.lowKg))}
            y="4"
            height={2 * H + GAP - 24}
            fill={paint('pine.subtle')}
          />
        )}
        {fit !== undefined && (
          <line
            x1={x(fit.limitKg)}
            x2={x(fit.limitKg)}
            y1="4"
            y2={2 * H + GAP - 20}
            stroke={paint('fg')}
            strokeWidth="1.6"
          />
        )}
        {fit !== undefined && (
          <text x={x(fit.limitKg) - 5} y={12} textAnchor="end" fill={paint('fg')} style={label}>
            limit {formatMass(fit.limitKg, massUnit)}
          </text>
        )}
        {[2, 6, 10].map((c) => (
          <g key={c}>
            <line x1={LEFT} x2={W - RIGHT} y1={comfort(c)} y2={comfort(c)} stroke={paint('border.muted')} />
            <text x={LEFT - 6} y={comfort(c) + 4} textAnchor="end" fill={paint('fg.muted')} style={label}>
              {c}
            </text>
          </g>
        ))}
        <text x={LEFT} y={12} fill={paint('fg')} style={{ ...label, fontWeight: 600 }}>
          Comfort, 1 to 10
        </text>
        {fit !== undefined && (
          <>
            <line
              x1={LEFT}
              x2={W - RIGHT}
              y1={comfort(fit.floor)}
              y2={comfort(fit.floor)}
              stroke={paint('fg')}
              strokeDasharray="5 3"
            />
            <path d={path(fit.comfort, comfort)} fill="none" stroke={paint('pine.solid')} strokeWidth="2" />
          </>
        )}
        {trials.map((t) =>
          mark(
            `c-${t.id}`,
            t.loadKg,
            comfort(t.comfort),
            t.interrupted,
            `${t.date}: ${formatMass(t.loadKg, massUnit)}, comfort ${t.comfort}${t.fromTrip !== undefined ? `, ${t.fromTrip}` : t.interrupted ? ', broken off' : ''}`,
          ),
        )}
        {unloaded === undefined ? (
          <text x={LEFT} y={H + GAP + 30} fill={paint('fg.muted')} style={label}>
            Pace is judged once there is a walk without load.
          </text>
        ) : (
          <>
            {[1, PACE_FLOOR].map((p) => (
              <g key={p}>
                <line
                  x1={LEFT}
                  x2={W - RIGHT}
                  y1={pace(p)}
                  y2={pace(p)}
                  stroke={paint(p === 1 ? 'border.muted' : 'fg')}
                  strokeDasharray={p === 1 ? undefined : '5 3'}
                />
                <text x={LEFT - 6} y={pace(p) + 4} textAnchor="end" fill={paint('fg.muted')} style={label}>
                  {Math.round(p * 100)} %
                </text>
              </g>
            ))}
            <text x={LEFT} y={H + GAP + 4} fill={paint('fg')} style={{ ...label, fontWeight: 600 }}>
              Pace, of unloaded
            </text>
            <path d={path(fit?.pace ?? [], pace)} fill="none" stroke={paint('pine.solid')} strokeWidth="2" />
            {speeds.map((t) =>
              mark(
                `p-${t.id}`,
                t.loadKg,
                pace(relative(t)),
                false,
                `${t.date}: ${formatMass(t.loadKg, massUnit)}, pace ${Math.round(relative(t) * 100)} % of unloaded`,
              ),
            )}
          </>
        )}
        {x.ticks(5).map((kg) => (
          <text key={kg} x={x(kg)} y={2 * H + GAP} textAnchor="middle" fill={paint('fg.muted')} style={label}>
            {massDigits(kg, massUnit).replace(/\.0+$/, '')} {massUnit}
          </text>
        ))}
      </svg>
    </Box>
  );
}
