import { Box, Flex } from '../theme/chakra';
import { scaleLinear } from 'd3-scale';
import { curveStep, line } from 'd3-shape';
import type { DayMoments, LoadStep } from '@graft/core/trail';
import type { Member, Trip } from '@graft/core/trip';
import type { MassUnit } from '@graft/core/units';
import { LimitLine, TickLines } from '../shared/chartParts';
import { usePhone } from '../shared/usePhone';
import { useWidth } from '../shared/useWidth';
import { wrapped } from '../shared/wrapped';
import { paint } from '../theme/system';
import { Days } from './Days';
import { partText } from './words';
import { useLimits, type Limits } from '../shared/useLimits';

const PLOT_HEIGHT = 206;
const LEAST_WIDTH = 520;
const MARGIN = { top: 21, right: 78, bottom: 11, left: 46 };
/** Height of a line of the small print. */
const LINE_PX = 13;
/** Causes of a step that are written beside it, the largest first; their lines, if more than one is written. */
const MOST_CAUSES = 3;
const MOST_LINES = 5;
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
  const isPhone = usePhone();
  const letters = Math.max(
    12,
    Math.floor(((width - MARGIN.left - MARGIN.right) / days.length - 12) / LETTER_PX),
  );
  const above = days.map((d) => linesOf(happened(d), letters));
  const below = front.steps.map((step) => ({
    day: step.day,
    whole: step.parts.map((part) => partText(part, trip.members, unit)).join('\n'),
    lines: causeLines(
      step.parts.map((part) => partText(part, trip.members, unit)),
      letters,
    ),
  }));
  const top = MARGIN.top + LINE_PX * Math.max(1, ...above.map((lines) => lines.length));
  const bottom = MARGIN.bottom + LINE_PX * Math.max(3, ...below.map(({ lines }) => lines.length));
  const height = top + PLOT_HEIGHT + bottom;
  const all = [
    ...members.flatMap((m) => m.drawn),
    ...front.moments.flatMap((m) => drawnOf(m, limits)),
  ].filter((r) => r > 0);
  const x = scaleLinear([0.5, days.length + 0.5], [MARGIN.left, width - MARGIN.right]);
  const y = scaleLinear(
    limits.hidden
      ? [0, Math.max(1, ...all) * 1.06]
      : [Math.max(0, Math.min(1, ...all) - 0.06), Math.max(1.04, Math.max(...all) + 0.04)],
    [top + PLOT_HEIGHT, top],
  );
  // Where the word at the limit stands; nowhere while it is hidden.
  const limitY = limits.hidden ? -height : y(1);
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
  return (
    <Box>
      <Flex align="center" gap="1" wrap="wrap">
        {!isPhone && <Days trip={trip} day={day} onDay={onDay} />}
        <Box flex="1" />
        <Box fontSize="xs" color="fg.muted">
          {limits.hidden ? 'Load' : 'Share of own limit'}; {front.member.name} dashed: setting off, into camp;
          below, what made each step
        </Box>
      </Flex>
      <Box ref={holder} overflowX="auto" tabIndex={0} role="region" aria-label="Chart of the days">
        <svg
          viewBox={`0 0 ${width} ${height}`}
          width="100%"
          height={height}
          style={{ minWidth: LEAST_WIDTH, display: 'block' }}
          role="img"
          aria-label={`${limits.hidden ? 'Loads' : 'Load ratios'} by day; ${front.member.name}: ${front.drawn.map((v, i) => `day ${i + 1} ${limits.drawnText(v, 0)}`).join(', ')}`}
        >
          <rect
            x={x(day - 0.5)}
            width={dayPx}
            y="0"
            height={height}
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
            <SmallPrint key={d} x={x(d)} y={LINE_PX} lines={above[d - 1]!} isStrong />
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
          <FrontMember front={front} x={x} y={y} limitY={limitY} nameX={width - MARGIN.right + 6} />
          {below.map(({ day: d, whole, lines }) => (
            <SmallPrint
              key={d}
              x={x(d - 0.5) + 6}
              y={height - bottom + LINE_PX + 3}
              lines={lines}
              title={whole}
            />
          ))}
          {days.map((d) => (
            <rect
              key={d}
              x={x(d - 0.5)}
              width={dayPx}
              y="0"
              height={height}
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

/** A text in lines; a word that is longer than a line has one of its own. */
function linesOf(text: string, letters: number): readonly string[] {
  if (text === '') return [];
  return wrapped(text, Math.max(letters, ...text.split(' ').map((word) => word.length)))!;
}

/** The largest causes of a step, each whole; what follows the first only as far as there are lines for it. */
function causeLines(causes: readonly string[], letters: number): readonly string[] {
  const lines: string[] = [];
  for (const cause of causes.slice(0, MOST_CAUSES)) {
    const more = linesOf(cause, letters);
    if (lines.length > 0 && lines.length + more.length > MOST_LINES) break;
    lines.push(...more);
  }
  return lines;
}

interface SmallPrintProps {
  readonly x: number;
  /** Of the first line. */
  readonly y: number;
  readonly lines: readonly string[];
  readonly title?: string;
  readonly isStrong?: boolean;
}

function SmallPrint({ x, y, lines, title, isStrong = false }: SmallPrintProps) {
  return (
    <text
      textAnchor={isStrong ? 'middle' : 'start'}
      style={{ fontSize: 11 }}
      fontWeight={isStrong ? '600' : undefined}
      fill={paint(isStrong ? 'fg' : 'fg.muted')}
    >
      {title !== undefined && <title>{title}</title>}
      {lines.map((text, i) => (
        <tspan key={i} x={x} y={y + i * LINE_PX}>
          {text}
        </tspan>
      ))}
    </text>
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
  readonly x: (day: number) => number;
  readonly y: (ratio: number) => number;
  readonly limitY: number;
  readonly nameX: number;
}

/** The member in front: their moments and their figures. */
function FrontMember({ front, x, y, limitY, nameX }: FrontProps) {
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
