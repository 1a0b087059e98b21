import { Box, Flex, Text } from '../theme/chakra';
import { useMemo, useState } from 'react';
import { mainOf, meets, type Plane, type StowAssessment } from '@graft/core/stow';
import type { Pack } from '@graft/core/trip';
import { paint } from '../theme/system';
import { Backdrop } from './Backdrop';
import { PackView } from './PackView';
import type { PointCm } from './useDragOver';
import { makeFrame, packSpans, type Frame } from './packFrame';
import { useInUnits } from '../shared/useInUnits';
import { useWidth } from '../shared/useWidth';
import { useWindowHeight } from '../shared/useWindowHeight';

/** Pixels to the centimetre: as many as there is room for, within these. */
const LEAST_PX = 3;
const MOST_PX = 14;
/** Where the width allows it, so many however tall the pack is: on a wide screen twice as many. */
const READABLE_PX = { usual: 6, wide: 12 };
const WIDE = 1200;
/** What stands above and below the drawings, px; they are never lower than this. */
const BESIDE_PX = 200;
const LEAST_HEIGHT = 380;
const GAP_PX = 20;
const PAD_CM = 1;

interface Props {
  readonly pack: Pack;
  readonly torsoCm: number;
  readonly stow: StowAssessment;
  /** The stow without a thing in hand: the scale does not change under the pointer. */
  readonly rested: StowAssessment;
  readonly loaded: ReadonlySet<string>;
  readonly chosenId: string | undefined;
  readonly onChoose: (thingId: string | undefined) => void;
  readonly onDrag: ((thingId: string, at: PointCm, dropped: boolean) => void) | undefined;
  readonly onCancel: () => void;
}

/** Side cut and back view at one scale: things in true outline shaded by density, the plumb line, the school's band. */
export function SectionDrawing({
  pack,
  torsoCm,
  stow,
  rested,
  loaded,
  chosenId,
  onChoose,
  onDrag,
  onCancel,
}: Props) {
  const inUnits = useInUnits();
  const [holder, width] = useWidth<HTMLDivElement>(LEAST_WIDTH);
  const windowHeight = useWindowHeight();
  const spans = useMemo(() => packSpans(pack, new Set(rested.placed.map((p) => p.zone.id))), [pack, rested]);
  const main = useMemo(() => mainOf(pack), [pack]);
  const half = Math.floor((main?.topWidthCm ?? 20) / 2) - 1;
  const back = main?.at.y ?? 0;
  const deep = Math.floor(back + (main?.topDepthCm ?? 20)) - 1;
  const [sideAt, setSideAt] = useState(Math.round(half / 3));
  const [backAt, setBackAt] = useState(Math.round(back + 5));
  // What stands out of open pockets belongs into the picture.
  const tallest = Math.max(0, ...rested.placed.filter((p) => p.zone.openAbove).map((p) => p.box.z1));
  const frames = useMemo(() => {
    const vertical = {
      low: spans.z.low - PAD_CM,
      high: Math.max(spans.z.high, torsoCm + 8, tallest) + PAD_CM,
    };
    const out = { low: Math.min(-8, spans.y.low) - PAD_CM, high: spans.y.high + PAD_CM };
    const across = { low: spans.x.low - PAD_CM, high: spans.x.high + PAD_CM };
    const [outCm, acrossCm] = [out.high - out.low, across.high - across.low];
    // Beside each other; on a narrow page one below the other.
    const byWidth =
      width > 2 * LEAST_WIDTH + GAP_PX
        ? (width - GAP_PX) / (outCm + acrossCm)
        : width / Math.max(outCm, acrossCm);
    const byHeight = Math.max(LEAST_HEIGHT, windowHeight - BESIDE_PX) / (vertical.high - vertical.low);
    const readable = width >= WIDE ? READABLE_PX.wide : READABLE_PX.usual;
    const pxPerCm = Math.min(MOST_PX, Math.max(LEAST_PX, Math.min(byWidth, Math.max(readable, byHeight))));
    return { side: makeFrame(out, vertical, pxPerCm), back: makeFrame(across, vertical, pxPerCm) };
  }, [spans, torsoCm, tallest, width, windowHeight]);
  const cg = stow.centreOfGravityCm;
  const chosen = stow.placed.find((p) => p.thing.id === chosenId);
  /** The plane that was chosen, or, where it passes the chosen thing, one through the middle of that. */
  const planeOf = (axis: Plane['axis'], at: number): Plane => {
    const plane = { axis, at: at + 0.5 };
    if (chosen === undefined || meets(chosen.box, plane)) return plane;
    return { axis, at: Math.floor(axis === 'x' ? chosen.centre.x : chosen.centre.y) + 0.5 };
  };
  const side = planeOf('x', sideAt);
  const behind = planeOf('y', backAt);
  const show = { pack, stow, loaded, chosenId, onChoose, onDrag, onCancel };
  return (
    <Flex ref={holder} mx="4" gap={`${GAP_PX}px`} rowGap="3" align="start" wrap="wrap">
      <Box maxW={{ base: `${Math.max(LEAST_WIDTH, frames.side.width)}px`, _print: '48%' }}>
        <CutSlider
          label="Side cut"
          unit={(at) => (at === 0 ? 'middle' : inUnits(`${Math.abs(at)} cm ${at < 0 ? 'left' : 'right'}`))}
          words={(at) =>
            at === 0
              ? 'through the middle'
              : inUnits(`${Math.abs(at)} cm ${at < 0 ? 'left' : 'right'} of the middle`)
          }
          low={-half}
          high={half}
          value={Math.floor(side.at)}
          onChange={(at) => {
            onChoose(undefined);
            setSideAt(at);
          }}
        />
        <Drawing
          frame={frames.side}
          label={inUnits(
            `Side cut of the pack; centre of gravity ${cg.y.toFixed(1)} cm out from the back, ${cg.z.toFixed(1)} cm above the hip belt`,
          )}
        >
          <Backdrop frame={frames.side} stow={stow} torsoCm={torsoCm} />
          <PackView {...show} frame={frames.side} plane={side} torsoCm={torsoCm} />
        </Drawing>
        <Text fontSize="2xs" color="fg.muted">
          the wearer’s back is at the left; dashed: pockets beside the cut
        </Text>
      </Box>
      <Box maxW={{ base: `${Math.max(LEAST_WIDTH, frames.back.width)}px`, _print: '48%' }}>
        <CutSlider
          label="Back view"
          unit={(at) => inUnits(`${(at - back).toFixed(0)} cm out`)}
          words={(at) => inUnits(`${(at - back).toFixed(0)} cm from the back panel`)}
          low={Math.ceil(back)}
          high={deep}
          value={Math.floor(behind.at)}
          onChange={(at) => {
            onChoose(undefined);
            setBackAt(at);
          }}
        />
        <Drawing
          frame={frames.back}
          label={inUnits(
            `Back view of the pack; centre of gravity ${Math.abs(cg.x).toFixed(1)} cm to the ${cg.x < 0 ? 'left' : 'right'}`,
          )}
        >
          <Backdrop frame={frames.back} stow={stow} />
          <line
            x1={frames.back.h(0)}
            x2={frames.back.h(0)}
            y1="0"
            y2={frames.back.height}
            stroke={paint('border')}
            strokeDasharray="2 4"
          />
          <PackView {...show} frame={frames.back} plane={behind} />
        </Drawing>
        <Text fontSize="2xs" color="fg.muted">
          left is the wearer’s left
        </Text>
      </Box>
    </Flex>
  );
}

/** Room for a slider and its words, px. */
const LEAST_WIDTH = 240;

/** Where a view cuts, moved through the pack. */
function CutSlider(props: {
  label: string;
  unit: (at: number) => string;
  /** The same at length. */
  words: (at: number) => string;
  low: number;
  high: number;
  value: number;
  onChange: (at: number) => void;
}) {
  return (
    <Flex align="center" gap="2" fontSize="xs" mb="1">
      <Text fontWeight="600" flexShrink={0}>
        {props.label}
      </Text>
      <input
        type="range"
        className="slider"
        aria-label={`${props.label}, where it cuts`}
        aria-valuetext={props.words(props.value)}
        title={props.words(props.value)}
        data-screen-only
        style={{ flex: 1, minWidth: 0 }}
        min={props.low}
        max={props.high}
        value={props.value}
        onChange={(e) => props.onChange(Number(e.target.value))}
      />
      <Text color="fg.muted" flexShrink={0} minW="4.5em">
        {props.unit(props.value)}
      </Text>
    </Flex>
  );
}

function Drawing({ frame, label, children }: { frame: Frame; label: string; children: React.ReactNode }) {
  return (
    <svg
      viewBox={`0 0 ${frame.width} ${frame.height}`}
      width={frame.width}
      height={frame.height}
      role="img"
      aria-label={label}
      style={{ display: 'block', background: paint('bg.panel'), userSelect: 'none' }}
    >
      {children}
    </svg>
  );
}
