/** Scales and paths of the elevation profile. */
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { trackLengthKm } from '@graft/core/route';
import type { Track } from '@graft/core/trip';

export const PROFILE = { width: 940, height: 176, left: 46, right: 14, top: 30, bottom: 26 } as const;

export interface ProfileScale {
  readonly x: (km: number) => number;
  readonly y: (m: number) => number;
  readonly kmAt: (x: number) => number;
  readonly kmTicks: readonly number[];
  readonly mTicks: readonly number[];
  readonly hasElevation: boolean;
  readonly areaPath: string;
  readonly linePath: string;
}

export function profileScale(track: Track): ProfileScale {
  const { width, height, left, right, top, bottom } = PROFILE;
  const lengthKm = trackLengthKm(track);
  const elevations = track.elevationM ?? track.distanceKm.map(() => 0);
  const low = Math.min(...elevations);
  const high = Math.max(...elevations, low + 100);
  const x = scaleLinear([0, lengthKm], [left, width - right]);
  // Some air below the lowest point, so that the way never looks as if it touched the sea.
  const y = scaleLinear([low - (high - low) * 0.12, high], [height - bottom, top]);
  const points = track.distanceKm.map((km, i): [number, number] => [x(km), y(elevations[i]!)]);
  const starts = [0, ...(track.gapsBefore ?? [])];
  const parts = starts.map((from, i) => points.slice(from, starts[i + 1] ?? points.length));
  const base = height - bottom;
  return {
    x,
    y,
    kmAt: (px) => x.invert(px),
    kmTicks: x.ticks(10),
    mTicks: track.elevationM === undefined ? [] : y.ticks(4),
    hasElevation: track.elevationM !== undefined,
    areaPath: area<[number, number]>().y0(base)(points) ?? '',
    // Apart at gaps: nobody has walked what lies in one.
    linePath: parts.map((part) => line<[number, number]>()(part) ?? '').join(' '),
  };
}
