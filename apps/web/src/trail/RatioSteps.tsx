import { Box, Flex } from '../theme/chakra';
import { scaleLinear } from 'd3-scale';
import { curveStep, line } from 'd3-shape';
import type { DayMoments, LoadStep } from '@graft/core/trail';
import type { Member, Trip } from '@graft/core/trip';
import type { MassUnit } from '@graft/core/units';
import { LimitLine, TickLines } from '../shared/chartParts';
import { DayButton } from '../shared/DayButton';
import { dayDate } from '../shared/dates';
import { useWidth } from '../shared/useWidth';
import { paint } from '../theme/system';
import { partText } from './words';
import { useLimits, type Limits } from '../shared/useLimits';

const HEIGHT = 290;
const LEAST_WIDTH = 520;
const MARGIN = { top: 34, right: 78, bottom: 50, left: 46 };
/** Causes of a step that are written beside it, the largest first. */
const MOST_CAUSES = 3;
/** Pixels a letter takes in the small print, about. */
const LETTER_PX = 5.6;

/** A member's ratios by day, their moments, and what made each step. */
export interface MemberSteps {
  readonly member: Member;
  readonly ratios: readonly number[];
  /** What each day is drawn by: the ratio, or the load itself while limits are hidden. */
  readonly drawn: readonly number[];
  readonly moments: readonly DayMoments[];
  readonly steps: readonly LoadStep[];
}

interface Props {
  readonly trip: Trip;
  readonly members: readonly MemberSteps[];
  readonly frontId: string;
  readonly day: number;
  readonly onDay: (day: number) => void;
  readonly unit: MassUnit;
  /** What happened on a day, in few words. */
  readonly happened: (day: number) => string;
}

/** Every member's share of their own limit over the days; one of them in front, with what made each step. */
export function RatioSteps({ trip, members, frontId, day, onDay, unit, happened }: Props) {
  const [holder, width] = useWidth<HTMLDivElement>(LEAST_WIDTH);
  const days = trip.legs.map((_leg, i) => i + 1);
  const front = members.find((m) => m.member.id === frontId) ?? members[0]!;
  const limits = useLimits();
  const all = [
    ...members.flatMap((m) => m.drawn),
    ...front.moments.flatMap((m) => drawnOf(m, limits)),
  ].filter((r) => r > 0);
  const x = scaleLinear([0.5, days.length + 0.5], [MARGIN.left, width - MARGIN.right]);
  const y = scaleLinear(
    limits.hidden
      ? [0, Math.max(1, ...all) * 1.06]
      : [Math.max(0, Math.min(1, ...all) - 0.06), Math.max(1.04, Math.max(...all) + 0.04)],
    [HEIGHT - MARGIN.bottom, MARGIN.top],
  );
  // Where the word at the limit stands; nowhere while it is hidden.
  const limitY = limits.hidden ? -HEIGHT : y(1);
  const path = line<{ x: number; y: number }>()
    .x((p) => p.x)
    .y((p) => p.y)
    .curve(curveStep);
  const steps = (ratios: readonly number[]): string => {
    const points = ratios.map((r, i) => ({ x: x(i + 1), y: y(r) })).filter((_p, i) => ratios[i]! > 0);
    if (points.length === 0) return '';
    const [first, last] = [points[0]!, points[points.length - 1]!];
    const half = x(1) - x(0.5);
    return path([{ x: first.x - half, y: first.y }, ...points, { x: last.x + half, y: last.y }]) ?? '';
  };
  const dayPx = x(2) - x(1);
  const letters = Math.max(8, Math.floor((dayPx - 12) / LETTER_PX));
  const cut = (text: string): string => (text.length > letters ? `${text.slice(0, letters - 1)}…` : text);
  return (
    <Box>
      <Flex align="center" gap="1" wrap="wrap" role="radiogroup" aria-label="Day">
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
          {limits.hidden ? 'Load' : 'Share of own limit'}; {front.member.name} dashed: setting off, into camp;
          below, what made each step
        </Box>
      </Flex>
      <Box ref={holder} overflowX="auto">
        <svg
          viewBox={`0 0 ${width} ${HEIGHT}`}
          width="100%"
          height={HEIGHT}
          style={{ minWidth: LEAST_WIDTH, display: 'block' }}
          role="img"
          aria-label={`${limits.hidden ? 'Loads' : 'Load ratios'} by day; ${front.member.name}: ${front.drawn.map((v, i) => `day ${i + 1} ${limits.drawnText(v, 0)}`).join(', ')}`}
        >
          <rect
            x={x(day - 0.5)}
            width={dayPx}
            y="0"
            height={HEIGHT}
            fill={paint('bg.panel')}
            stroke={paint('border.muted')}
          />
          <TickLines
            y={y}
            from={MARGIN.left}
            to={width - MARGIN.right}
            count={5}
            format={(tick) => limits.drawnText(tick, 0)}
          />
          {!limits.hidden && <LimitLine y={y} from={MARGIN.left} to={width - MARGIN.right} />}
          {days.map((d) => (
            <text
              key={d}
              x={x(d)}
              y="13"
              textAnchor="middle"
              style={{ fontSize: 11 }}
              fontWeight="600"
              fill={paint('fg')}
            >
              <title>{happened(d)}</title>
              {cut(happened(d))}
            </text>
          ))}
          {members.map((m) => (
            <path
              key={m.member.id}
              d={steps(m.drawn)}
              fill="none"
              stroke={paint('beam.own')}
              strokeWidth="1.2"
            />
          ))}
          <path d={steps(front.drawn)} fill="none" stroke={paint('fg')} strokeWidth="2.5" />
          <FrontMember
            front={front}
            trip={trip}
            unit={unit}
            x={x}
            y={y}
            limitY={limitY}
            nameX={width - MARGIN.right + 6}
            cut={cut}
          />
          {days.map((d) => (
            <rect
              key={d}
              x={x(d - 0.5)}
              width={dayPx}
              y="0"
              height={HEIGHT}
              fill="transparent"
              style={{ cursor: 'pointer' }}
              onClick={() => onDay(d)}
            />
          ))}
        </svg>
      </Box>
    </Box>
  );
}

/** Beside its line, or under the word at the limit where the two would touch. */
function nameY(lineY: number, limitY: number): number {
  return Math.abs(lineY - limitY) < 12 ? limitY + 17 : lineY + 4;
}

function drawnOf(
  { morningKg, afterWaterKg, eveningKg, limitKg }: DayMoments,
  { drawn }: Limits,
): readonly [morning: number, afterWater: number, evening: number] {
  const of = (totalKg: number): number => drawn({ totalKg, limitKg });
  return [of(morningKg), of(afterWaterKg), of(eveningKg)];
}

interface FrontProps {
  readonly front: MemberSteps;
  readonly trip: Trip;
  readonly unit: MassUnit;
  readonly x: (day: number) => number;
  readonly y: (ratio: number) => number;
  readonly limitY: number;
  readonly nameX: number;
  /** A text as far as there is room for it. */
  readonly cut: (text: string) => string;
}

/** The member in front: their moments, their figures, and what made each step. */
function FrontMember({ front, trip, unit, x, y, limitY, nameX, cut }: FrontProps) {
  const limits = useLimits();
  const dayPx = x(2) - x(1);
  return (
    <>
      {front.moments.map((m) => {
        if (m.afterWaterKg === 0) return null;
        const [morning, water, evening] = drawnOf(m, limits);
        const at = (part: number): number => x(m.day - 0.5) + part * dayPx;
        const d = [
          `M${at(0.02)},${y(morning)}H${at(0.3)}`,
          `M${at(0.3)},${y(morning)}V${y(water)}`,
          `M${at(0.7)},${y(water)}V${y(evening)}H${at(0.98)}`,
        ].join('');
        return <path key={m.day} d={d} fill="none" stroke={paint('fg')} strokeDasharray="3 2" />;
      })}
      {front.ratios.map((ratio, i) =>
        ratio === 0 ? null : (
          <text
            key={i}
            x={x(i + 1)}
            y={y(front.drawn[i]!) - 5}
            textAnchor="middle"
            style={{ fontSize: 11 }}
            fontWeight="600"
            fill={ratio > 1 ? paint('overload.fg') : paint('fg')}
            stroke={paint('bg')}
            strokeWidth="3"
            paintOrder="stroke"
          >
            {ratio > 1 && '▲ '}
            {limits.drawnText(front.drawn[i]!, 0)}
          </text>
        ),
      )}
      {front.steps.map((step) =>
        step.parts.slice(0, MOST_CAUSES).map((part, k) => (
          <text
            key={`${step.day} ${k}`}
            x={x(step.day - 0.5) + 6}
            y={HEIGHT - MARGIN.bottom + 16 + k * 13}
            style={{ fontSize: 11 }}
            fill={paint('fg.muted')}
          >
            <title>{partText(part, trip.members, unit)}</title>
            {cut(partText(part, trip.members, unit))}
          </text>
        )),
      )}
      <text
        x={nameX}
        y={nameY(y(front.drawn.filter((r) => r > 0).at(-1) ?? 1), limitY)}
        style={{ fontSize: 11 }}
        fontWeight="600"
        fill={paint('fg')}
      >
        {front.member.name}
      </text>
    </>
  );
}
