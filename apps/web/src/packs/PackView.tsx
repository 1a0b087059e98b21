import {
  formatMass,
  type Box as Extent,
  type Pack,
  type PlacedThing,
  type StowAssessment,
} from '@graft/core';
import { usePreferences } from '../shared/preferences';
import { paint } from '../theme/system';
import { densityShade } from './density';
import { placeLabels } from './labels';
import { cornerCm, zoneBox, type Frame } from './packFrame';

interface ViewProps {
  readonly pack: Pack;
  readonly stow: StowAssessment;
  readonly frame: Frame;
  readonly hoveredId: string | undefined;
  readonly onHover: (thingId: string | undefined) => void;
  readonly horizontal: (box: Extent) => readonly [number, number];
  readonly shown: (zone: PlacedThing['zone'], box: Extent) => 'cut' | 'behind' | 'away';
  readonly plumb: { readonly at: number; readonly z: number };
}

/** Zones and things of one view, the plumb line through the centre of gravity, and the names on top. */
export function PackView({ pack, stow, frame, hoveredId, onHover, horizontal, shown, plumb }: ViewProps) {
  const { massUnit } = usePreferences();
  const place = (box: Extent) => {
    const [low, high] = horizontal(box);
    return {
      x: frame.h(low),
      y: frame.v(box.z1),
      width: frame.h(high) - frame.h(low),
      height: frame.v(box.z0) - frame.v(box.z1),
    };
  };
  const zones = pack.zones
    .map((zone) => ({ zone, box: zoneBox(zone), how: shown(zone, zoneBox(zone)) }))
    .filter((z) => z.how !== 'away');
  const things = stow.placed
    .map((placed) => ({ placed, how: shown(placed.zone, placed.box) }))
    .filter((t) => t.how !== 'away' && t.placed.volumeL > 0)
    // What lies behind the cut is drawn first.
    .sort((a, b) => (a.how === b.how ? 0 : a.how === 'behind' ? -1 : 1));
  return (
    <g>
      {zones.map(({ zone, box, how }) => (
        <rect
          key={zone.id}
          {...place(box)}
          rx="3"
          fill="none"
          stroke={paint('border.emphasized')}
          strokeWidth="1"
          strokeDasharray={how === 'behind' ? '4 3' : undefined}
        >
          <title>{zone.name}</title>
        </rect>
      ))}
      {things.map(({ placed, how }) => {
        const r = place(placed.box);
        const shade = shadeOf(placed);
        const hovered = placed.thing.id === hoveredId;
        const radius = Math.min(
          cornerCm(placed.thing) * (frame.h(1) - frame.h(0)),
          r.width / 2,
          r.height / 2,
        );
        return (
          <g
            key={placed.thing.id}
            onPointerEnter={() => onHover(placed.thing.id)}
            onPointerLeave={() => onHover(undefined)}
            opacity={how === 'behind' ? 0.55 : 1}
          >
            <rect
              x={r.x + 0.75}
              y={r.y + 0.75}
              width={Math.max(1, r.width - 1.5)}
              height={Math.max(1, r.height - 1.5)}
              rx={radius}
              fill={shade.fill}
              stroke={hovered ? paint('fg') : paint('border.emphasized')}
              strokeWidth={hovered ? 3 : 1}
              strokeDasharray={how === 'behind' ? '4 3' : undefined}
            >
              <title>{`${placed.thing.name}, ${formatMass(placed.massKg, massUnit)}`}</title>
            </rect>
          </g>
        );
      })}
      <Plumb frame={frame} at={plumb.at} z={plumb.z} inBand={stow.inBand} empty={stow.placed.length === 0} />
      {/* Names last: the plumb line never crosses them out. */}
      {placeLabels(
        things.filter((t) => t.how === 'cut').map(({ placed }) => ({ placed, ...place(placed.box) })),
      ).map(({ placed, ...label }) => (
        <text
          key={placed.thing.id}
          x={label.x}
          y={label.y + 3.5}
          textAnchor="middle"
          style={{ fontSize: 10.5 }}
          fill={shadeOf(placed).ink}
          pointerEvents="none"
          transform={label.upright ? `rotate(-90 ${label.x} ${label.y})` : undefined}
        >
          {label.text}
        </text>
      ))}
    </g>
  );
}

function shadeOf(placed: PlacedThing) {
  return densityShade(placed.massKg / Math.max(placed.volumeL, 0.01));
}

function Plumb({
  frame,
  at,
  z,
  inBand,
  empty,
}: {
  frame: Frame;
  at: number;
  z: number;
  inBand: boolean;
  empty: boolean;
}) {
  if (empty) return null;
  const x = frame.h(at);
  const y = frame.v(z);
  const colour = inBand ? paint('fg') : paint('overload');
  return (
    <g pointerEvents="none">
      <line x1={x} x2={x} y1="0" y2={frame.height} stroke={paint('bg.panel')} strokeWidth="4" opacity="0.7" />
      <line x1={x} x2={x} y1="0" y2={frame.height} stroke={colour} strokeWidth="1.5" />
      {/* A bob: out of the band it is a diamond, so that colour is not alone. */}
      {inBand ? (
        <circle cx={x} cy={y} r="7" fill={colour} stroke={paint('bg.panel')} strokeWidth="2.5" />
      ) : (
        <path
          d={`M ${x} ${y - 10} L ${x + 10} ${y} L ${x} ${y + 10} L ${x - 10} ${y} Z`}
          fill={colour}
          stroke={paint('bg.panel')}
          strokeWidth="2.5"
        />
      )}
    </g>
  );
}
