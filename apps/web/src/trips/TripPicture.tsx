import { useQuery } from '@tanstack/react-query';
import type { TripSummary } from '@graft/core/api';
import type { SheetView, TripGlance } from '@graft/core/sheet';
import { orKept } from '../device/answers';
import { api } from '../shared/api';
import { outlinePath, viewBoxOf } from '../shared/sheet/SheetPicture';
import { usePreferences } from '../shared/preferences';
import { Flex } from '../theme/chakra';
import { paint } from '../theme/system';

/** A trip at a glance; of a version, which does not change. */
export function useGlance(trip: TripSummary, wanted: boolean): TripGlance | undefined {
  return useQuery({
    queryKey: ['glance', trip.id, trip.version],
    queryFn: () => orKept(`glance ${trip.id}`, () => api.glance(trip.id), { tripId: trip.id }),
    staleTime: Infinity,
    enabled: wanted,
  }).data;
}

const BEAMS = { width: 132, height: 56 };
/** A bar is no higher, px, and the scale goes a little beyond the limit. */
const MOST_BAR_PX = 10;
const BEYOND = 1.15;
const PACK = { width: 44, height: 60 };
const ABOUT_CM = 1.5;

/** A trip's loads as small beams on each one's own limit, and a pack of it. */
export function TripPicture({ glance }: { glance: TripGlance | undefined }) {
  return (
    <Flex gap="3" w="190px" flexShrink={0} align="center">
      <SmallBeams ratios={glance?.ratios ?? []} />
      {glance?.pack === undefined ? (
        <svg width={PACK.width} height={PACK.height} aria-hidden />
      ) : (
        <SmallPack view={glance.pack} />
      )}
    </Flex>
  );
}

function SmallBeams({ ratios }: { ratios: readonly number[] }) {
  const { hideWeights } = usePreferences();
  const { width, height } = BEAMS;
  const shown = hideWeights ? [] : ratios;
  const row = height / Math.max(1, shown.length);
  const bar = Math.min(MOST_BAR_PX, row * 0.75);
  const x = (ratio: number): number => (width * ratio) / Math.max(BEYOND, ...shown);
  const top = (height - row * shown.length) / 2;
  return (
    <svg width={width} height={height} aria-hidden>
      {shown.map((ratio, i) => {
        const y = top + i * row + (row - bar) / 2;
        return (
          <g key={i}>
            <rect y={y} width={x(Math.min(1, ratio))} height={bar} fill={paint('beam.piece')} />
            {ratio > 1 && (
              <rect x={x(1)} y={y} width={x(ratio) - x(1)} height={bar} fill={paint('overload')} />
            )}
          </g>
        );
      })}
      <line x1={x(1)} x2={x(1)} y1="0" y2={height} stroke={paint('fg')} strokeWidth="1.5" />
    </svg>
  );
}

function SmallPack({ view }: { view: SheetView }) {
  // What hangs about the pack does not make it small.
  const viewBox = viewBoxOf(view, view.things.flatMap((t) => t.outlines).flat(), ABOUT_CM);
  const all = (list: readonly (readonly (readonly [number, number])[])[]): string =>
    list.map((outline) => outlinePath(view, outline)).join('');
  return (
    <svg {...PACK} viewBox={viewBox} aria-hidden>
      <path
        d={all(view.zones.map((z) => z.outline))}
        fill="none"
        stroke={paint('border.emphasized')}
        strokeWidth="0.6"
      />
      <path
        d={all(view.things.flatMap((t) => t.outlines))}
        fill={paint('density.3')}
        stroke={paint('bg')}
        strokeWidth="0.5"
      />
      <circle
        cx={view.centre[0] - view.h[0]}
        cy={view.z[1] - view.centre[1]}
        r="2.4"
        fill={paint('fg')}
        stroke={paint('bg')}
      />
    </svg>
  );
}
