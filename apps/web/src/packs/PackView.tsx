import { area, curveMonotoneX, line } from 'd3-shape';
import { useEffect, useEffectEvent, useState } from 'react';
import {
  across,
  isMainZone,
  mainOf,
  roomFor,
  sectionOf,
  zoneBox,
  type Column,
  type PlacedThing,
  type Plane,
  type Section,
  type StowAssessment,
} from '@graft/core/stow';
import type { MainCompartment, Pack } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { paint } from '../theme/system';
import { densityShade } from './density';
import { placeLabels } from './labels';
import { cornerCm, seen, type Frame } from './packFrame';

/** Where a thing in hand is, cm: one of x and y is the plane's. */
export interface Spot {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

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
  readonly onDrag: ((thingId: string, at: Spot, dropped: boolean) => void) | undefined;
  readonly onCancel: () => void;
}

/** Zones and things of one cut in their true outlines, the plumb line through the centre of gravity, names on top. */
export function PackView(props: ViewProps) {
  const { pack, stow, frame, plane, loaded, chosenId, onChoose, onDrag, onCancel } = props;
  const { massUnit } = usePreferences();
  // A drag is heard on the window: the thing in hand may leave this cut, and its outline with it.
  const drag = useEffectEvent((thingId: string, at: Spot, dropped: boolean) =>
    onDrag?.(thingId, at, dropped),
  );
  const cancel = useEffectEvent(onCancel);
  const [held, setHeld] = useState<{ readonly thingId: string; readonly svg: SVGSVGElement } | undefined>();
  const spotOf = useEffectEvent((svg: SVGSVGElement, event: { clientX: number; clientY: number }): Spot => {
    const box = svg.getBoundingClientRect();
    const h = frame.cmAcross(event.clientX - box.left);
    const z = frame.cmUp(event.clientY - box.top);
    return plane.axis === 'x' ? { x: plane.at, y: h, z } : { x: h, y: plane.at, z };
  });
  useEffect(() => {
    if (held === undefined) return;
    let moved = false;
    let frameId = 0;
    const move = (event: globalThis.PointerEvent): void => {
      moved = true;
      cancelAnimationFrame(frameId);
      // Once a frame is enough: each move loads the pack anew.
      frameId = requestAnimationFrame(() => drag(held.thingId, spotOf(held.svg, event), false));
    };
    const up = (event: globalThis.PointerEvent): void => {
      cancelAnimationFrame(frameId);
      setHeld(undefined);
      if (moved) drag(held.thingId, spotOf(held.svg, event), true);
    };
    const leave = (): void => {
      cancelAnimationFrame(frameId);
      setHeld(undefined);
      cancel();
    };
    const key = (event: globalThis.KeyboardEvent): void => {
      if (event.key === 'Escape') leave();
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', leave);
    window.addEventListener('keydown', key);
    return () => {
      cancelAnimationFrame(frameId);
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('pointercancel', leave);
      window.removeEventListener('keydown', key);
    };
  }, [held]);
  const zones = pack.zones
    .filter((zone) => !isMainZone(zone.kind))
    .map((zone) => ({ zone, how: seen(zone, plane) }))
    .filter((z) => z.how !== 'away');
  const things = stow.placed
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
            <title>{`${placed.thing.name}, ${formatMass(placed.massKg, massUnit)}`}</title>
          </g>
        );
      })}
      <Plumb
        frame={frame}
        at={plane.axis === 'x' ? cg.y : cg.x}
        z={cg.z}
        inBand={stow.inBand}
        empty={stow.placed.length === 0}
      />
      {/* Names last: the plumb line never crosses them out. */}
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
    </g>
  );
}

/** A cut thing as it is: a box, a circle, or the outline of something soft. */
function Outline({
  section,
  frame,
  corner,
  fill,
  stroke,
  strokeWidth,
  dashed,
}: {
  section: Section;
  frame: Frame;
  corner: number;
  fill: string;
  stroke: string;
  strokeWidth: number;
  dashed: boolean;
}) {
  const look = { fill, stroke, strokeWidth, ...(dashed ? { strokeDasharray: '4 3' } : {}) };
  if (section.kind === 'box') {
    const x = frame.h(section.h0);
    const y = frame.v(section.z1);
    const width = Math.max(1, frame.h(section.h1) - x - 1);
    const height = Math.max(1, frame.v(section.z0) - y - 1);
    const px = frame.h(1) - frame.h(0);
    return section.circle ? (
      <ellipse cx={x + width / 2} cy={y + height / 2} rx={width / 2} ry={height / 2} {...look} />
    ) : (
      <rect
        x={x + 0.5}
        y={y + 0.5}
        width={width}
        height={height}
        rx={Math.min(corner * px, width / 2, height / 2)}
        {...look}
      />
    );
  }
  return (
    <>
      {section.runs.map((run, i) => (
        <path key={i} d={softPath(run, section.cellCm, frame)} strokeLinejoin="round" {...look} />
      ))}
    </>
  );
}

/** The outline of a run of columns, from the middle of the first cell's edge to the last's, smoothed. */
function softPath(run: readonly Column[], cellCm: number, frame: Frame): string {
  const first = run[0]!;
  const last = run[run.length - 1]!;
  const ends = [{ ...first, h: first.h - cellCm / 2 }, ...run, { ...last, h: last.h + cellCm / 2 }];
  return (
    area<Column>()
      .x((c) => frame.h(c.h))
      .y0((c) => frame.v(c.low) - 0.5)
      .y1((c) => frame.v(c.high) + 0.5)
      .curve(curveMonotoneX)(ends) ?? ''
  );
}

/** The main compartment's walls where the plane cuts them, its bottom part, and its divider. */
function MainOutline({ main, frame, plane }: { main: MainCompartment; frame: Frame; plane: Plane }) {
  const { at, heightCm } = main;
  const [low, high] = [at.z, at.z + heightCm];
  const corners: readonly (readonly [number, number])[] =
    plane.axis === 'x'
      ? [
          [at.y, low],
          [at.y + main.bottomDepthCm, low],
          [at.y + main.topDepthCm, high],
          [at.y, high],
        ]
      : [
          [at.x - main.bottomWidthCm / 2, low],
          [at.x + main.bottomWidthCm / 2, low],
          [at.x + main.topWidthCm / 2, high],
          [at.x - main.topWidthCm / 2, high],
        ];
  const path = line<readonly [number, number]>(
    (c) => frame.h(c[0]),
    (c) => frame.v(c[1]),
  )([...corners, corners[0]!]);
  const part = main.bottomPartCm;
  return (
    <g fill="none" stroke={paint('fg.muted')} strokeWidth="1.5">
      <path d={path ?? ''} strokeLinejoin="round" />
      {part !== undefined && (
        <line
          x1={frame.h(Math.min(corners[0]![0], corners[3]![0]))}
          x2={frame.h(Math.max(corners[1]![0], corners[2]![0]))}
          y1={frame.v(low + part)}
          y2={frame.v(low + part)}
          strokeDasharray={main.divider ? undefined : '2 4'}
        >
          <title>
            {main.divider ? 'Divider over the bottom part' : 'Bottom part, with a zip of its own'}
          </title>
        </line>
      )}
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
