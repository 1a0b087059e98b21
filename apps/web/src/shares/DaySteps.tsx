import { Box, Flex } from '../theme/chakra';
import { scaleLinear } from 'd3-scale';
import { curveStep, line } from 'd3-shape';
import type { DayLoad } from '@graft/core/load';
import type { ShareFigures } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { LimitLine, TickLines } from '../shared/chartParts';
import { dayDate } from '../shared/dates';
import { DayButton } from '../shared/DayButton';
import { useWidth } from '../shared/useWidth';
import { paint } from '../theme/system';
import type { DayChoice } from './boardSession';
import { useLimits } from '../shared/useLimits';

const HEIGHT = 104;
const LEAST_WIDTH = 280;
const MARGIN = { top: 12, right: 76, bottom: 6, left: 46 };

interface Props {
  readonly trip: Trip;
  readonly figures: ShareFigures;
  readonly day: DayChoice;
  readonly onDay: (day: DayChoice) => void;
  /** The member to bring forward. */
  readonly memberId: string | undefined;
}

/** Every member's ratio over the days, and the choice of the day that the beams show. */
export function DaySteps({ trip, figures, day, onDay, memberId }: Props) {
  const [holder, width] = useWidth<HTMLDivElement>(LEAST_WIDTH);
  const days = trip.legs.map((_leg, i) => i + 1);
  const limits = useLimits();
  const drawn = figures.members.flatMap((m) => m.loads.map(limits.drawn));
  const top = limits.hidden ? Math.max(1, ...drawn) * 1.05 : Math.max(1.02, ...drawn) + 0.02;
  const low = limits.hidden ? 0 : Math.max(0, Math.min(...drawn) - 0.04);
  const x = scaleLinear([0.5, days.length + 0.5], [MARGIN.left, width - MARGIN.right]);
  const y = scaleLinear([low, top], [HEIGHT - MARGIN.bottom, MARGIN.top]);
  // Where the word at the limit stands; nowhere while it is hidden.
  const limitY = limits.hidden ? -HEIGHT : y(1);
  const front =
    figures.members.find((m) => m.member.id === memberId) ??
    figures.members.find((m) => m.member === figures.largestMember);
  const path = line<{ x: number; y: number }>()
    .x((p) => p.x)
    .y((p) => p.y)
    .curve(curveStep);
  const stepsOf = (loads: readonly DayLoad[]): string => {
    const points = loads.map((l) => ({ x: x(l.day), y: y(limits.drawn(l)) }));
    // Out to the ends of the first and last day.
    const first = points[0]!;
    const last = points[points.length - 1]!;
    return path([{ x: x(0.5), y: first.y }, ...points, { x: x(days.length + 0.5), y: last.y }]) ?? '';
  };
  const lastY = (loads: readonly DayLoad[]): number => y(limits.drawn(loads.at(-1)!));
  return (
    <Box borderTopWidth="1px" bg="bg.panel" flexShrink={0} px="4" pt="2" pb="1">
      <Flex
        align="center"
        gap="1"
        wrap="wrap"
        role="radiogroup"
        aria-label="Day shown in the beams"
        data-screen-only
      >
        <DayButton label="Heaviest day of each" on={day === 'heaviest'} onClick={() => onDay('heaviest')} />
        {days.map((d) => (
          <DayButton
            key={d}
            label={`Day ${d}`}
            title={`${dayDate(trip.startDate, d)}: ${trip.legs[d - 1]!.name}`}
            on={day === d}
            onClick={() => onDay(d)}
          />
        ))}
        <Box flex="1" />
        <Box fontSize="xs" color="fg.muted">
          {limits.hidden ? 'Load by day' : 'Share of own limit by day'}
        </Box>
      </Flex>
      <div ref={holder}>
        <svg
          viewBox={`0 0 ${width} ${HEIGHT}`}
          width="100%"
          height={HEIGHT}
          role="img"
          aria-label={
            limits.hidden
              ? `Loads by day; largest on day ${figures.largestDay}`
              : `Load ratios by day; largest ${limits.percent(figures.largestRatio)} on day ${figures.largestDay}`
          }
        >
          {typeof day === 'number' && (
            <rect
              x={x(day - 0.5)}
              width={x(day + 0.5) - x(day - 0.5)}
              y={MARGIN.top - 6}
              height={HEIGHT - MARGIN.top - MARGIN.bottom + 6}
              fill={paint('bg.muted')}
            />
          )}
          <TickLines
            y={y}
            from={MARGIN.left}
            to={width - MARGIN.right}
            count={4}
            format={(tick) => limits.drawnText(tick, 0)}
          />
          {!limits.hidden && <LimitLine y={y} from={MARGIN.left} to={width - MARGIN.right} />}
          {figures.members.map((m) => (
            <path
              key={m.member.id}
              d={stepsOf(m.loads)}
              fill="none"
              stroke={paint('beam.own')}
              strokeWidth="1"
            />
          ))}
          {front !== undefined && (
            <g>
              <path d={stepsOf(front.loads)} fill="none" stroke={paint('fg')} strokeWidth="2.5" />
              {front.loads.map((l) => (
                <text
                  key={l.day}
                  x={x(l.day)}
                  y={labelY(y(limits.drawn(l)), limitY)}
                  textAnchor="middle"
                  style={{ fontSize: 11 }}
                  fill={l.ratio > 1 ? paint('overload.fg') : paint('fg')}
                >
                  {limits.drawnText(limits.drawn(l), 0)}
                </text>
              ))}
              <text
                x={width - MARGIN.right + 6}
                y={Math.max(
                  MARGIN.top + 4,
                  Math.abs(lastY(front.loads) - limitY) < 12 ? limitY + 17 : lastY(front.loads) + 4,
                )}
                style={{ fontSize: 11 }}
                fontWeight="600"
                fill={paint('fg')}
              >
                {front.member.name}
              </text>
            </g>
          )}
          {days.map((d) => (
            <rect
              key={d}
              x={x(d - 0.5)}
              width={x(d + 0.5) - x(d - 0.5)}
              y="0"
              height={HEIGHT}
              fill="transparent"
              style={{ cursor: 'pointer' }}
              onClick={() => onDay(d)}
            />
          ))}
        </svg>
      </div>
    </Box>
  );
}

/** A figure stands on its step, or under it where it would touch the limit line. */
function labelY(stepY: number, limitY: number): number {
  const above = stepY - 4;
  return above > limitY - 2 && above - 10 < limitY + 2 ? stepY + 13 : above;
}
