/** Scales and paths of the elevation profile. */
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { trackLengthKm } from '@graft/core/route';
import type { Track } from '@graft/core/trip';
import { unitShown, type MassUnit } from '@graft/core/units';

export const PROFILE = { width: 940, height: 176, left: 46, right: 14, top: 30, bottom: 26 } as const;

export interface ProfileScale {
  readonly x: (km: number) => number;
  readonly y: (m: number) => number;
  readonly kmAt: (x: number) => number;
  /** Round figures in the reader's unit, and where they are. */
  readonly kmTicks: readonly { readonly km: number; readonly text: string }[];
  readonly mTicks: readonly { readonly m: number; readonly text: string }[];
  readonly hasElevation: boolean;
  readonly areaPath: string;
  readonly linePath: string;
}

export function profileScale(track: Track, massUnit: MassUnit): ProfileScale {
  const { width, height, left, right, top, bottom } = PROFILE;
  const lengthKm = trackLengthKm(track);
  const elevations = track.elevationM ?? track.distanceKm.map(() => 0);
  const low = Math.min(...elevations);
  const high = Math.max(...elevations, low + 100);
  const x = scaleLinear([0, lengthKm], [left, width - right]);
  // Some air below the lowest point, so that the way never looks as if it touched the sea.
  const y = scaleLinear([low - (high - low) * 0.12, high], [height - bottom, top]);
  const way = unitShown('distance', massUnit);
  const up = unitShown('height', massUnit);
  const points = track.distanceKm.map((km, i): [number, number] => [x(km), y(elevations[i]!)]);
  const starts = [0, ...(track.gapsBefore ?? [])];
  const parts = starts.map((from, i) => points.slice(from, starts[i + 1] ?? points.length));
  const base = height - bottom;
  return {
    x,
    y,
    kmAt: (px) => x.invert(px),
    kmTicks: inUnit(x, way.per)
      .ticks(10)
      .map((n) => ({ km: n * way.per, text: `${n} ${way.unit}` })),
    mTicks:
      track.elevationM === undefined
        ? []
        : inUnit(y, up.per)
            .ticks(4)
            .map((n) => ({ m: n * up.per, text: `${n} ${up.unit}` })),
    hasElevation: track.elevationM !== undefined,
    areaPath: area<[number, number]>().y0(base)(points) ?? '',
    // Apart at gaps: nobody has walked what lies in one.
    linePath: parts.map((part) => line<[number, number]>()(part) ?? '').join(' '),
  };
}

/** The same scale over another unit of what it measures. */
const inUnit = (scale: ScaleLinear<number, number>, per: number): ScaleLinear<number, number> =>
  scale.copy().domain(scale.domain().map((value) => value / per));
