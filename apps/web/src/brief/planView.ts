/** The way from above, on no map: its own lines, true to scale by a projection around its middle. */
import { geoPath, geoTransverseMercator, type GeoPath } from 'd3-geo';
import { EARTH_RADIUS_KM } from '@graft/core/formats';
import type { Track } from '@graft/core/trip';

export interface PlacePoint {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

export interface Plan {
  /** A line's path. */
  readonly path: (line: readonly PlacePoint[]) => string;
  readonly at: (place: PlacePoint) => readonly [x: number, y: number];
  /** Pixels of a kilometre. */
  readonly pxPerKm: number;
}

/** Degrees of a kilometre on a great circle. */
const DEG_PER_KM = 360 / (2 * Math.PI * EARTH_RADIUS_KM);

/**
 * A projection that puts all lines into a frame, north up.
 *
 * @param lines at least one point between them
 */
export function planOf(
  lines: readonly (readonly PlacePoint[])[],
  width: number,
  height: number,
  margin: number,
): Plan {
  const coordinates = lines.map((line) => line.map((p) => [p.longitudeDeg, p.latitudeDeg]));
  const all = { type: 'MultiLineString', coordinates } as const;
  const [lon, lat] = middle(lines.flat());
  const projection = geoTransverseMercator()
    .rotate([-lon, -lat])
    .fitExtent(
      [
        [margin, margin],
        [width - margin, height - margin],
      ],
      all,
    );
  const path: GeoPath = geoPath(projection);
  const at = (p: PlacePoint): readonly [number, number] =>
    projection([p.longitudeDeg, p.latitudeDeg]) ?? [0, 0];
  const [, north] = at({ latitudeDeg: lat + DEG_PER_KM / 2, longitudeDeg: lon });
  const [, south] = at({ latitudeDeg: lat - DEG_PER_KM / 2, longitudeDeg: lon });
  return {
    path: (line) =>
      path({ type: 'LineString', coordinates: line.map((p) => [p.longitudeDeg, p.latitudeDeg]) }) ?? '',
    at,
    pxPerKm: south - north,
  };
}

/** The middle of the points' extent; across the date line the way is drawn in one piece by the projection. */
function middle(points: readonly PlacePoint[]): readonly [lon: number, lat: number] {
  const first = points[0]!.longitudeDeg;
  // Longitudes as seen from the first point, so that a way over the date line has a middle on it.
  const lons = points.map((p) => first + ((p.longitudeDeg - first + 540) % 360) - 180);
  const lats = points.map((p) => p.latitudeDeg);
  const mid = (v: readonly number[]): number => (Math.min(...v) + Math.max(...v)) / 2;
  return [mid(lons), mid(lats)];
}

/** A track's parts as lines: apart at gaps. */
export function linesOf({
  latitudeDeg,
  longitudeDeg,
  gapsBefore = [],
}: Track): readonly (readonly PlacePoint[])[] {
  const points = latitudeDeg.map((lat, i) => ({ latitudeDeg: lat, longitudeDeg: longitudeDeg[i]! }));
  const starts = [0, ...gapsBefore];
  return starts.map((from, i) => points.slice(from, starts[i + 1] ?? points.length));
}

/** A round length for a scale bar that is at most so wide, in the unit whose pixels are given. */
export function roundLength(pxPerUnit: number, mostPx: number): number {
  const most = mostPx / pxPerUnit;
  const power = 10 ** Math.floor(Math.log10(most));
  return [5, 2, 1].map((n) => n * power).find((length) => length <= most) ?? power;
}
