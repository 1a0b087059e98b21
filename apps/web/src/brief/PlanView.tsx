import { useMemo } from 'react';
import { dayStretches, positionAt } from '@graft/core/route';
import type { Trip } from '@graft/core/trip';
import { unitShown } from '@graft/core/units';
import { paint } from '../theme/system';
import { WAYPOINT_WORDS } from '../shared/words';
import { linesOf, planOf, roundLength } from './planView';
import { useInUnits } from '../shared/useInUnits';
import { usePreferences } from '../shared/preferences';

const WIDTH = 300;
const HEIGHT = 176;
const MARGIN = 18;
const SCALE_PX = 80;

/** The way from above, north up, with camps and places; no map lies under it. */
export function PlanView({ trip }: { trip: Trip }) {
  const inUnits = useInUnits();
  const { massUnit } = usePreferences();
  const { track } = trip;
  const plan = useMemo(() => {
    if (track === undefined) return undefined;
    const lines = linesOf(track);
    return { lines, ...planOf(lines, WIDTH, HEIGHT, MARGIN) };
  }, [track]);
  if (track === undefined || plan === undefined) return null;
  const ends = dayStretches(trip).slice(0, -1);
  const { unit, per } = unitShown('distance', massUnit);
  const bar = roundLength(plan.pxPerKm * per, SCALE_PX);
  const barPx = bar * plan.pxPerKm * per;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width={WIDTH}
      height={HEIGHT}
      style={{ display: 'block', flexShrink: 0 }}
      role="img"
      aria-label={`${track.name} from above, north up, with ${ends.length} camps and ${trip.waypoints.length} places`}
    >
      {plan.lines.map((line, i) => (
        <path key={i} d={plan.path(line)} fill="none" stroke={paint('fg')} strokeWidth="1.6" />
      ))}
      {plan.lines.slice(1).map((line, i) => (
        <path
          key={i}
          d={plan.path([plan.lines[i]!.at(-1)!, line[0]!])}
          fill="none"
          stroke={paint('fg.muted')}
          strokeDasharray="3 3"
        >
          <title>A gap in the track: not walked in the plan</title>
        </path>
      ))}
      <Start at={plan.at(plan.lines[0]![0]!)} />
      {trip.waypoints.map((w) => {
        const [x, y] = plan.at(positionAt(track, w.atKm));
        return (
          <circle
            key={w.id}
            cx={x}
            cy={y}
            r="3"
            fill={w.kind === 'water' ? paint('pine.solid') : paint('bg.panel')}
            stroke={paint('fg')}
            strokeWidth="1"
          >
            <title>{`${WAYPOINT_WORDS[w.kind]}: ${w.name}, ${inUnits(`km ${w.atKm.toFixed(1)}`)}`}</title>
          </circle>
        );
      })}
      {ends.map(({ toKm }, i) => {
        const [x, y] = plan.at(positionAt(track, toKm));
        return (
          <g key={i}>
            <path
              d={`M${x} ${y - 6} l6 10 h-12 z`}
              fill={paint('fg')}
              stroke={paint('bg.panel')}
              strokeWidth="1"
            />
            <text x={x + 8} y={y + 3} fill={paint('fg')} style={{ fontSize: 11 }}>
              {i + 1}
            </text>
            <title>{inUnits(`Camp of day ${i + 1}, km ${toKm.toFixed(1)}`)}</title>
          </g>
        );
      })}
      <g stroke={paint('fg.muted')} fill={paint('fg.muted')} style={{ fontSize: 11 }}>
        <path d={`M8 ${HEIGHT - 10} v4 h${barPx} v-4`} fill="none" />
        <text x={12 + barPx} y={HEIGHT - 4} stroke="none">
          {bar} {unit}
        </text>
        <path d={`M${WIDTH - 10} 26 v-16 l-3 5 m3 -5 l3 5`} fill="none" />
        <text x={WIDTH - 14} y="38" stroke="none">
          N
        </text>
      </g>
    </svg>
  );
}

function Start({ at: [x, y] }: { at: readonly [number, number] }) {
  return (
    <rect
      x={x - 3.5}
      y={y - 3.5}
      width="7"
      height="7"
      fill={paint('bg.panel')}
      stroke={paint('fg')}
      strokeWidth="1.6"
    >
      <title>Start</title>
    </rect>
  );
}
