/**
 * The way from the side: height over distance, where each day ends, where there is water. Day marks are dragged or moved
 * by arrow keys; every figure they touch follows before they are let go.
 */
import { Box } from '../theme/chakra';
import type { RefObject } from 'react';
import { useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { dayStretches, elevationAt, waterByDay } from '@graft/core/route';
import type { Trip, Waypoint } from '@graft/core/trip';
import { paint } from '../theme/system';
import { dayDate } from '../shared/dates';
import { RELIANCE_WORDS, WAYPOINT_WORDS } from '../shared/words';
import type { ProfileScale } from './profileScale';
import { PROFILE, profileScale } from './profileScale';
import { useInUnits } from '../shared/useInUnits';
import { usePreferences } from '../shared/preferences';

/** Arrow keys move a mark by so much, with Shift by the larger, km. */
const KEY_STEP_KM = 0.1;
const KEY_STRIDE_KM = 1;
/** A stretch without sure water longer than this is drawn as dry, hours. */
const DRY_H = 2.5;

interface Props {
  readonly trip: Trip;
  /** Where a mark would be, while it is moved; `undefined` takes the preview away. */
  readonly onPreview: (day: number, km: number | undefined) => void;
  readonly onMove: (day: number, km: number) => void;
}

export function ElevationProfile({ trip, onPreview, onMove }: Props) {
  const inUnits = useInUnits();
  const { massUnit } = usePreferences();
  const svg = useRef<SVGSVGElement>(null);
  const { track, dayMarksKm: marks = [] } = trip;
  const scale = useMemo(
    () => (track === undefined ? undefined : profileScale(track, massUnit)),
    [track, massUnit],
  );
  const drag = useDayMarks(svg, marks, scale, onPreview, onMove);
  if (track === undefined || scale === undefined) return null;
  const { x, y } = scale;
  const { width, height, top, bottom } = PROFILE;
  const base = height - bottom;
  const stretches = dayStretches(trip);
  const dry = waterByDay(trip).filter((w) => w.hours > DRY_H);

  return (
    <Box flex="1" minW="0" px="4" overflowX="auto">
      <svg
        ref={svg}
        viewBox={`0 0 ${width} ${height}`}
        width="100%"
        style={{ display: 'block', minWidth: '760px', touchAction: 'pan-y' }}
        role="group"
        aria-label={`Elevation profile of ${track.name}, with the end of each day`}
      >
        <defs>
          <pattern id="dry" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2="5" stroke={paint('fg.muted')} strokeWidth="1.6" />
          </pattern>
        </defs>
        {scale.mTicks.map(({ m, text }) => (
          <g key={m}>
            <line x1={x(0)} x2={width - PROFILE.right} y1={y(m)} y2={y(m)} stroke={paint('border.muted')} />
            <text
              x={x(0) - 6}
              y={y(m) + 4}
              textAnchor="end"
              fill={paint('fg.muted')}
              style={{ fontSize: 11 }}
            >
              {text}
            </text>
          </g>
        ))}
        <path d={scale.areaPath} fill={paint('pine.muted')} fillOpacity="0.55" />
        <path d={scale.linePath} fill="none" stroke={paint('fg')} strokeWidth="1.4" />
        {scale.kmTicks.map(({ km, text }) => (
          <text
            key={km}
            x={x(km)}
            y={height - 3}
            textAnchor="middle"
            fill={paint('fg.muted')}
            style={{ fontSize: 11 }}
          >
            {text}
          </text>
        ))}
        {dry.map((w) => (
          <rect
            key={w.day}
            x={x(w.fromKm)}
            width={Math.max(0, x(Math.min(w.toKm, stretches[stretches.length - 1]!.toKm)) - x(w.fromKm))}
            y={base + 1}
            height="6"
            fill="url(#dry)"
          >
            <title>
              {inUnits(
                `Day ${w.day}: ${w.hours.toFixed(1)} h without sure water, from km ${w.fromKm.toFixed(1)} to ${w.toKm.toFixed(1)}`,
              )}
            </title>
          </rect>
        ))}
        <DayNames trip={trip} stretches={stretches} x={x} hasElevation={scale.hasElevation} />
        {trip.waypoints.map((w) => (
          <PlaceMark key={w.id} place={w} x={x(w.atKm)} y={y(elevationAt(track, w.atKm) ?? 0)} />
        ))}
        {marks.map((km, i) => {
          const day = i + 1;
          return (
            <g
              key={day}
              role="slider"
              tabIndex={0}
              aria-label={`End of day ${day}`}
              aria-valuemin={marks[i - 1] ?? 0}
              aria-valuemax={marks[i + 1] ?? stretches[stretches.length - 1]!.toKm}
              aria-valuenow={km}
              aria-valuetext={inUnits(
                `${km.toFixed(1)} km from the start; day ${day} has ${trip.legs[i]!.distanceKm.toFixed(1)} km`,
              )}
              style={{ cursor: 'ew-resize', touchAction: 'none' }}
              onPointerDown={(e) => drag.onPointerDown(e, day)}
              onPointerMove={drag.onPointerMove}
              onPointerUp={drag.onPointerUp}
              onKeyDown={(e) => drag.onKey(e, day)}
            >
              <rect x={x(km) - 9} y={top - 8} width="18" height={base - top + 12} fill="transparent" />
              <line x1={x(km)} x2={x(km)} y1={top - 2} y2={base} stroke={paint('fg')} strokeWidth="1.6" />
              <path
                d={`M${x(km)} ${y(elevationAt(track, km) ?? 0) - 15} l7 11 h-14 z`}
                fill={paint('fg')}
                stroke={paint('bg.panel')}
                strokeWidth="1"
              />
              <title>{inUnits(`End of day ${day}, km ${km.toFixed(1)}: drag, or arrow keys`)}</title>
            </g>
          );
        })}
      </svg>
    </Box>
  );
}

/** Day marks in hand: dragged or moved by arrow keys. */
function useDayMarks(
  svg: RefObject<SVGSVGElement | null>,
  marks: readonly number[],
  scale: ProfileScale | undefined,
  onPreview: Props['onPreview'],
  onMove: Props['onMove'],
) {
  const dragged = useRef<{ day: number; km: number } | undefined>(undefined);
  const kmAt = (event: PointerEvent): number => {
    const box = svg.current!.getBoundingClientRect();
    return scale!.kmAt(((event.clientX - box.left) / box.width) * PROFILE.width);
  };
  const onPointerDown = (event: PointerEvent, day: number): void => {
    event.currentTarget.setPointerCapture(event.pointerId);
    dragged.current = { day, km: marks[day - 1]! };
  };
  const onPointerMove = (event: PointerEvent): void => {
    if (dragged.current === undefined) return;
    dragged.current = { ...dragged.current, km: kmAt(event) };
    onPreview(dragged.current.day, dragged.current.km);
  };
  const onPointerUp = (): void => {
    const drop = dragged.current;
    dragged.current = undefined;
    if (drop !== undefined) onMove(drop.day, drop.km);
  };
  const onKey = (event: KeyboardEvent, day: number): void => {
    const sign = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (event.key === 'Escape' && dragged.current !== undefined) {
      dragged.current = undefined;
      onPreview(day, undefined);
    }
    if (sign === undefined) return;
    event.preventDefault();
    onMove(day, marks[day - 1]! + sign * (event.shiftKey ? KEY_STRIDE_KM : KEY_STEP_KM));
  };
  return { onPointerDown, onPointerMove, onPointerUp, onKey };
}

interface NamesProps {
  readonly trip: Trip;
  readonly stretches: ReturnType<typeof dayStretches>;
  readonly x: (km: number) => number;
  readonly hasElevation: boolean;
}

/** Number, date and figures of each day, as far as there is room. */
function DayNames({ trip, stretches, x, hasElevation }: NamesProps) {
  const inUnits = useInUnits();
  return (
    <>
      {stretches.map(({ fromKm, toKm }, i) => {
        const leg = trip.legs[i]!;
        const room = x(toKm) - x(fromKm);
        return (
          <text
            key={leg.id}
            x={(x(fromKm) + x(toKm)) / 2}
            y={12}
            textAnchor="middle"
            fill={paint('fg')}
            style={{ fontSize: 12, fontWeight: 600 }}
          >
            {room > 90 ? `${i + 1} ${dayDate(trip.startDate, i + 1)}` : i + 1}
            {room > 70 && (
              <tspan
                x={(x(fromKm) + x(toKm)) / 2}
                dy="13"
                fill={paint('fg.muted')}
                style={{ fontSize: 11, fontWeight: 400 }}
              >
                {inUnits(
                  `${leg.distanceKm.toFixed(1)} km` +
                    (room > 130 && hasElevation ? `, ↑${leg.climbM} m ↓${leg.descentM} m` : ''),
                )}
              </tspan>
            )}
          </text>
        );
      })}
    </>
  );
}

/** A place on the way; sure ones are filled, the others are outlines. */
function PlaceMark({ place, x, y }: { place: Waypoint; x: number; y: number }) {
  const inUnits = useInUnits();
  const shapes: Readonly<Record<Waypoint['kind'], string>> = {
    water: 'M0 -9 C4 -4 5 -2 5 1 A5 5 0 0 1 -5 1 C-5 -2 -4 -4 0 -9 z',
    resupply: 'M-5 -5 h10 v10 h-10 z',
    handIn: 'M-5 -5 h10 v10 h-10 z M-5 5 L5 -5',
    shelter: 'M-6 5 v-6 L0 -7 L6 -1 v6 z',
    hazard: 'M0 -6 L6 5 h-12 z M0 -2 v3',
    other: 'M0 -5 L5 0 L0 5 L-5 0 z',
  };
  const sure = place.reliance === 'sure';
  return (
    <path
      d={shapes[place.kind]}
      transform={`translate(${x} ${y + 12})`}
      fill={sure ? paint('pine.solid') : paint('bg.panel')}
      stroke={paint('fg')}
      strokeWidth="1.2"
      strokeDasharray={sure ? undefined : '2 1.5'}
    >
      <title>{`${place.name}: ${WAYPOINT_WORDS[place.kind]}, ${RELIANCE_WORDS[place.reliance]}, ${inUnits(`km ${place.atKm.toFixed(1)}`)}`}</title>
    </path>
  );
}
