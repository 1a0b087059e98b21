import {
  across,
  mainOf,
  roomFor,
  sectionOf,
  zoneBox,
  type Box,
  type PlacedThing,
  type Plane,
  type Section,
  type StowAssessment,
} from '@graft/core/stow';
import { isMainZone, type MainCompartment, type Pack } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { paint } from '../theme/system';
import { LABEL_PX, LINE_PX, placeLabels, type Rectangle } from './labels';
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
  /** Given where the wearer's back is drawn. */
  readonly torsoCm?: number;
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
  const { pack, stow, frame, plane, torsoCm, loaded, chosenId, onChoose, onDrag, onCancel } = props;
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
      <ThingNames
        things={things}
        frame={frame}
        main={main}
        at={{ h: plane.axis === 'x' ? cg.y : cg.x, z: cg.z }}
        axis={plane.axis}
        band={stow.band}
        torsoCm={torsoCm}
      />
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

interface NamesProps {
  readonly things: readonly DrawnThing[];
  readonly frame: Frame;
  /** Names beside the pack keep off it. */
  readonly main: MainCompartment | undefined;
  /** The centre of gravity. */
  readonly at: { readonly h: number; readonly z: number };
  readonly axis: Plane['axis'];
  readonly band: StowAssessment['band'];
  readonly torsoCm: number | undefined;
}

function ThingNames({ things, frame, main, at, axis, band, torsoCm }: NamesProps) {
  const box = main === undefined ? undefined : mainBox(main);
  const rectangle = (h0: number, h1: number, z0: number, z1: number): Rectangle => ({
    x: frame.h(h0),
    y: frame.v(z1),
    width: frame.h(h1) - frame.h(h0),
    height: frame.v(z0) - frame.v(z1),
  });
  const labels = placeLabels(
    things
      .filter((t) => t.how === 'cut')
      .map(({ placed, section }) => {
        const { h0, h1, z0, z1 } = roomFor(section);
        return { placed, ...rectangle(h0, h1, z0, z1) };
      }),
    {
      width: frame.width,
      height: frame.height,
      taken: [
        ...(box === undefined ? [] : [rectangle(...across(box, axis), box.z0, box.z1)]),
        ...band.map((z) => wordsAt(frame.width - WORDS_PX.band, frame.v(z), WORDS_PX.band)),
        // The wearer's back, and its words.
        ...(torsoCm === undefined
          ? []
          : [
              rectangle(-3, 1, -14, torsoCm),
              ...[0, torsoCm].map((z) => wordsAt(0, frame.v(z), WORDS_PX.back)),
            ]),
      ],
      marked: { x: frame.h(at.h) - BOB_PX, y: frame.v(at.z) - BOB_PX, width: 2 * BOB_PX, height: 2 * BOB_PX },
    },
  );
  return (
    <>
      {labels.map(({ placed, lines, x, y, upright, to }) => (
        <g key={placed.thing.id} pointerEvents="none">
          {to !== undefined && (
            <>
              <line x1={x} y1={y} x2={to.x} y2={to.y} stroke={paint('fg.muted')} strokeWidth="0.8" />
              <circle cx={to.x} cy={to.y} r="2" fill={paint('fg')} />
            </>
          )}
          <text
            textAnchor="middle"
            style={{ fontSize: LABEL_PX }}
            fill={to === undefined ? shadeOf(placed).ink : paint('fg')}
            {...(to === undefined ? {} : { stroke: paint('bg.panel'), strokeWidth: 3, paintOrder: 'stroke' })}
            transform={upright ? `rotate(-90 ${x} ${y})` : undefined}
          >
            {lines.map((line, i) => (
              <tspan key={line} x={x} y={y + 3.8 + (i - (lines.length - 1) / 2) * LINE_PX}>
                {line}
              </tspan>
            ))}
          </text>
        </g>
      ))}
    </>
  );
}
/** Half of the plumb's bob, with its rim. */
const BOB_PX = 9;
/** Room for "25 cm", and for "shoulder". */
const WORDS_PX = { band: 36, back: 56 };
const wordsAt = (x: number, y: number, width: number): Rectangle => ({ x, y: y - 16, width, height: 18 });

/** The main compartment as a box in the pack's frame. */
function mainBox(main: MainCompartment): Box {
  const half = Math.max(main.bottomWidthCm, main.topWidthCm) / 2;
  return {
    x0: main.at.x - half,
    x1: main.at.x + half,
    y0: main.at.y,
    y1: main.at.y + Math.max(main.bottomDepthCm, main.topDepthCm),
    z0: main.at.z,
    z1: main.at.z + main.heightCm,
  };
}
