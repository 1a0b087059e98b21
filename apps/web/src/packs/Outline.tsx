import type { Column } from '@graft/core/stow';
import type { Section, Plane, PlacedThing, StowAssessment } from '@graft/core/stow';
import type { MainCompartment } from '@graft/core/trip';

import { area, curveMonotoneX, line } from 'd3-shape';
import { paint } from '../theme/system';
import { densityShade } from './density';
import type { Frame } from './packFrame';

/** A cut thing as it is: a box, a circle, or the outline of something soft. */
export function Outline({
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
export function MainOutline({ main, frame, plane }: { main: MainCompartment; frame: Frame; plane: Plane }) {
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

export function shadeOf(placed: PlacedThing) {
  return densityShade(densityOf(placed));
}
/** kg/L of a thing as it lies, with what rides in it. */
export function densityOf(placed: PlacedThing): number {
  return placed.wholeKg / Math.max(placed.volumeL, 0.01);
}

/** The plumb line through the centre of gravity, with its bob. */
export function Plumb({ frame, at, z, empty }: { frame: Frame; at: number; z: number; empty: boolean }) {
  if (empty) return null;
  const x = frame.h(at);
  return (
    <g pointerEvents="none">
      <line x1={x} x2={x} y1="0" y2={frame.height} stroke={paint('bg.panel')} strokeWidth="4" opacity="0.7" />
      <line x1={x} x2={x} y1="0" y2={frame.height} stroke={paint('fg')} strokeWidth="1.5" />
      <circle cx={x} cy={frame.v(z)} r="7" fill={paint('fg')} stroke={paint('bg.panel')} strokeWidth="2.5" />
    </g>
  );
}

/** How high the heavy half rides: a wedge at the left edge; out of the band it is a diamond, so that colour is not alone. */
export function HeavyMark({ frame, stow }: { frame: Frame; stow: StowAssessment }) {
  const { heavyCm, inBand } = stow;
  if (heavyCm === undefined) return null;
  const y = frame.v(heavyCm);
  const colour = inBand ? paint('fg') : paint('overload');
  return (
    <g pointerEvents="none">
      <line
        x1="0"
        x2={frame.width}
        y1={y}
        y2={y}
        stroke={colour}
        strokeWidth="1"
        strokeDasharray="2 5"
        opacity="0.8"
      />
      <path
        d={
          inBand ? `M 1 ${y - 7} L 13 ${y} L 1 ${y + 7} Z` : `M 1 ${y} L 9 ${y - 8} L 17 ${y} L 9 ${y + 8} Z`
        }
        fill={colour}
        stroke={paint('bg.panel')}
        strokeWidth="1.5"
      >
        <title>Here the heavy things ride</title>
      </path>
    </g>
  );
}
