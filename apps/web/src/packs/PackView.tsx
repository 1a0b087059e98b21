import {
  across,
  mainOf,
  roomFor,
  sectionOf,
  zoneBox,
  type PlacedThing,
  type Plane,
  type Section,
  type StowAssessment,
} from '@graft/core/stow';
import { isMainZone, type Pack } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { paint } from '../theme/system';
import { placeLabels } from './labels';
import { cornerCm, seen, type Frame } from './packFrame';
import { HeavyMark, MainOutline, Outline, shadeOf, Plumb } from './Outline';
import type { PointCm } from './useDragOver';
import { useDragOver } from './useDragOver';

interface DrawnThing {
  readonly placed: PlacedThing;
  readonly section: Section;
  readonly how: 'cut' | 'behind';
}

interface ViewProps {
  readonly pack: Pack;
  readonly stow: StowAssessment;
  readonly frame: Frame;
  readonly plane: Plane;
  /** Things that are drawn: those that are in at the step of the scrubber. */
  readonly loaded: ReadonlySet<string>;
  readonly chosenId: string | undefined;
  readonly onChoose: (thingId: string | undefined) => void;
  /** A thing is dragged over the drawing, or let go there; undefined while nothing may be moved. */
  readonly onDrag: ((thingId: string, at: PointCm, dropped: boolean) => void) | undefined;
  readonly onCancel: () => void;
}

/** Zones and things of one cut in their true outlines, the plumb line through the centre of gravity, names on top. */
export function PackView(props: ViewProps) {
  const { pack, stow, frame, plane, loaded, chosenId, onChoose, onDrag, onCancel } = props;
  const { massUnit } = usePreferences();
  const setHeld = useDragOver(frame, plane, onDrag, onCancel);
  const zones = pack.zones
    .filter((zone) => !isMainZone(zone.kind))
    .map((zone) => ({ zone, how: seen(zone, plane) }))
    .filter((z) => z.how !== 'away');
  const things = drawnThings(stow, plane, loaded);
  const main = mainOf(pack);
  const { centreOfGravityCm: cg } = stow;
  return (
    <g>
      {main !== undefined && <MainOutline main={main} frame={frame} plane={plane} />}
      {zones.map(({ zone, how }) => {
        const box = zoneBox(zone);
        const [h0, h1] = across(box, plane.axis);
        return (
          <rect
            key={zone.id}
            x={frame.h(h0)}
            width={frame.h(h1) - frame.h(h0)}
            y={frame.v(box.z1)}
            height={frame.v(box.z0) - frame.v(box.z1)}
            rx="3"
            fill="none"
            stroke={paint('border.emphasized')}
            strokeDasharray={how === 'behind' ? '4 3' : undefined}
          >
            <title>{zone.name}</title>
          </rect>
        );
      })}
      {things.map(({ placed, section, how }) => {
        const { id } = placed.thing;
        const chosen = id === chosenId;
        return (
          <g
            key={id}
            data-thing={id}
            style={{ cursor: onDrag === undefined ? 'pointer' : 'grab', touchAction: 'none' }}
            opacity={how === 'behind' ? 0.55 : 1}
            onClick={() => onChoose(id)}
            onPointerDown={(e) => {
              if (onDrag === undefined || e.button !== 0) return;
              onChoose(id);
              setHeld({ thingId: id, svg: e.currentTarget.ownerSVGElement! });
            }}
          >
            <Outline
              section={section}
              frame={frame}
              corner={cornerCm(placed.thing)}
              fill={shadeOf(placed).fill}
              stroke={chosen ? paint('fg') : paint('border.emphasized')}
              strokeWidth={chosen ? 3 : 1}
              dashed={how === 'behind'}
            />
            <title>{`${placed.thing.name}, ${formatMass(placed.wholeKg, massUnit)}`}</title>
          </g>
        );
      })}
      <Plumb frame={frame} at={plane.axis === 'x' ? cg.y : cg.x} z={cg.z} empty={stow.placed.length === 0} />
      <HeavyMark frame={frame} stow={stow} />
      {/* Names last: the plumb line never crosses them out. */}
      <ThingNames things={things} frame={frame} />
    </g>
  );
}

/** Things of a cut, those behind it first. */
function drawnThings(stow: StowAssessment, plane: Plane, loaded: ReadonlySet<string>): readonly DrawnThing[] {
  return stow.placed
    .filter((p) => loaded.has(p.thing.id))
    .flatMap((placed): readonly DrawnThing[] => {
      const cut = sectionOf(placed, plane);
      if (cut !== undefined) return [{ placed, section: cut, how: 'cut' }];
      // Pockets beside the cut show what is in them, fainter.
      if (isMainZone(placed.zone.kind) || placed.insideId !== undefined) return [];
      if (seen(placed.zone, plane) !== 'behind') return [];
      const [h0, h1] = across(placed.box, plane.axis);
      const { z0, z1 } = placed.box;
      return [{ placed, section: { kind: 'box', h0, h1, z0, z1, circle: false }, how: 'behind' }];
    })
    .sort((a, b) => (a.how === b.how ? 0 : a.how === 'behind' ? -1 : 1));
}

function ThingNames({ things, frame }: { things: readonly DrawnThing[]; frame: Frame }) {
  return (
    <>
      {placeLabels(
        things
          .filter((t) => t.how === 'cut')
          .map(({ placed, section }) => {
            const room = roomFor(section);
            return {
              placed,
              x: frame.h(room.h0),
              y: frame.v(room.z1),
              width: frame.h(room.h1) - frame.h(room.h0),
              height: frame.v(room.z0) - frame.v(room.z1),
            };
          }),
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
    </>
  );
}
