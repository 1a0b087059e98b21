import { Box, Flex, Text } from '@chakra-ui/react';
import { useId, useMemo, useState } from 'react';
import {
  formatMass,
  type Box as Extent,
  type Pack,
  type PlacedThing,
  type StowAssessment,
} from '@graft/core';
import { usePreferences } from '../shared/preferences';
import { paint } from '../theme/system';
import { densityShade, DENSITY_LEGEND } from './density';
import { placeLabels } from './labels';
import {
  cornerCm,
  CUT_ASIDE_CM,
  inLayer,
  inSideCut,
  makeFrame,
  packSpans,
  zoneBox,
  type Frame,
  type Layer,
  type Side,
} from './packFrame';

const DRAWING_HEIGHT = 440;
const PAD_CM = 3;

interface Props {
  readonly pack: Pack;
  readonly torsoCm: number;
  readonly stow: StowAssessment;
  readonly hoveredId: string | undefined;
  readonly onHover: (thingId: string | undefined) => void;
}

/** Side cut and back view at one scale: things shaded by density, the centre of gravity on its plumb line, the band. */
export function SectionDrawing({ pack, torsoCm, stow, hoveredId, onHover }: Props) {
  const [side, setSide] = useState<Side>('right');
  const [layer, setLayer] = useState<Layer>('core');
  const frames = useMemo(() => {
    const spans = packSpans(pack);
    const things = stow.placed.map((p) => p.box.z1);
    const vertical = {
      low: spans.z.low - PAD_CM,
      high: Math.max(spans.z.high, torsoCm + 4, ...things) + PAD_CM,
    };
    const pxPerCm = DRAWING_HEIGHT / (vertical.high - vertical.low);
    return {
      pxPerCm,
      side: makeFrame(
        { low: Math.min(-8, spans.y.low) - PAD_CM, high: spans.y.high + PAD_CM },
        vertical,
        pxPerCm,
      ),
      back: makeFrame({ low: spans.x.low - PAD_CM, high: spans.x.high + PAD_CM }, vertical, pxPerCm),
    };
  }, [pack, stow, torsoCm]);
  const cg = stow.centreOfGravityCm;
  const show = { pack, stow, hoveredId, onHover };

  return (
    <Flex px="4" gap="6" align="start" wrap="wrap">
      <Box>
        <Toggle
          label="Side cut"
          value={side}
          onChange={setSide}
          options={[
            ['left', `${CUT_ASIDE_CM} cm left of the middle`],
            ['right', `${CUT_ASIDE_CM} cm right`],
          ]}
        />
        <Drawing
          frame={frames.side}
          label={`Side cut of the pack; centre of gravity ${cg.y.toFixed(1)} cm out from the back, ${cg.z.toFixed(1)} cm above the hip belt`}
        >
          <Band frame={frames.side} stow={stow} />
          <Back frame={frames.side} torsoCm={torsoCm} />
          <View
            {...show}
            frame={frames.side}
            horizontal={sideways}
            shown={(_zone, box) => inSideCut(box, side)}
            plumb={{ at: cg.y, z: cg.z }}
          />
        </Drawing>
        <Text fontSize="2xs" color="fg.muted">
          the wearer’s back is at the left; dashed: pockets beside the cut
        </Text>
      </Box>
      <Box>
        <Toggle
          label="Back view"
          value={layer}
          onChange={setLayer}
          options={[
            ['core', 'against the back'],
            ['outer', 'outer layer'],
          ]}
        />
        <Drawing
          frame={frames.back}
          label={`Back view of the pack; centre of gravity ${Math.abs(cg.x).toFixed(1)} cm to the ${cg.x < 0 ? 'left' : 'right'}`}
        >
          <Band frame={frames.back} stow={stow} />
          <line
            x1={frames.back.h(0)}
            x2={frames.back.h(0)}
            y1="0"
            y2={frames.back.height}
            stroke={paint('border')}
            strokeDasharray="2 4"
          />
          <View
            {...show}
            frame={frames.back}
            horizontal={across}
            shown={(zone) => (inLayer(zone, layer) ? 'cut' : 'away')}
            plumb={{ at: cg.x, z: cg.z }}
          />
        </Drawing>
        <Text fontSize="2xs" color="fg.muted">
          left is the wearer’s left; {frames.pxPerCm.toFixed(1)} px to the centimetre in both
        </Text>
      </Box>
      <Flex gap="3" wrap="wrap" fontSize="2xs" color="fg.muted" align="center" w="100%">
        {DENSITY_LEGEND.map(([from, words]) => (
          <Flex key={from} align="center" gap="1.5">
            <Box
              w="16px"
              h="11px"
              borderWidth="1px"
              borderColor="border.emphasized"
              style={{ background: densityShade(from).fill }}
            />
            {words}
          </Flex>
        ))}
        <Flex align="center" gap="1.5">
          <Box
            w="16px"
            h="11px"
            borderYWidth="1px"
            borderColor="border.emphasized"
            style={{
              background: `repeating-linear-gradient(45deg, ${paint('border')} 0 2px, transparent 2px 5px)`,
            }}
          />{' '}
          band of “{stow.school.name}”
        </Flex>
      </Flex>
    </Flex>
  );
}

const sideways = (box: Extent): readonly [number, number] => [box.y0, box.y1];
const across = (box: Extent): readonly [number, number] => [box.x0, box.x1];

function Toggle<T extends string>(props: {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
}) {
  return (
    <Flex align="center" gap="2" fontSize="xs" mb="1" role="radiogroup" aria-label={props.label}>
      <Text fontWeight="600">{props.label}</Text>
      {props.options.map(([value, words]) => (
        <Box
          as="button"
          key={value}
          role="radio"
          aria-checked={value === props.value}
          color={value === props.value ? 'fg' : 'fg.muted'}
          borderBottomWidth="2px"
          borderColor={value === props.value ? 'fg' : 'transparent'}
          onClick={() => props.onChange(value)}
        >
          {words}
        </Box>
      ))}
    </Flex>
  );
}

function Drawing({ frame, label, children }: { frame: Frame; label: string; children: React.ReactNode }) {
  return (
    <svg
      width={frame.width}
      height={frame.height}
      role="img"
      aria-label={label}
      style={{ display: 'block', background: paint('bg.panel') }}
    >
      {children}
    </svg>
  );
}

/** The school's band of heights: hatched in stone, so that it is not taken for a density. */
function Band({ frame, stow }: { frame: Frame; stow: StowAssessment }) {
  const [low, high] = stow.band;
  const hatch = useId();
  return (
    <g>
      <defs>
        <pattern id={hatch} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" stroke={paint('border')} strokeWidth="3" />
        </pattern>
      </defs>
      <rect
        x="0"
        width={frame.width}
        y={frame.v(high)}
        height={frame.v(low) - frame.v(high)}
        fill={`url(#${hatch})`}
      />
      {[low, high].map((z) => (
        <g key={z}>
          <line x1="0" x2={frame.width} y1={frame.v(z)} y2={frame.v(z)} stroke={paint('border.emphasized')} />
          <text
            x={frame.width - 3}
            y={frame.v(z) - 3}
            textAnchor="end"
            style={{ fontSize: 10.5 }}
            fill={paint('fg.muted')}
          >
            {z.toFixed(0)} cm
          </text>
        </g>
      ))}
    </g>
  );
}

/** The wearer's back from hip belt to shoulder, as a line to hang the pack on. */
function Back({ frame, torsoCm }: { frame: Frame; torsoCm: number }) {
  const x = frame.h(-0.6);
  return (
    <g>
      <path
        d={`M ${frame.h(-2.5)} ${frame.v(-12)} Q ${frame.h(0.4)} ${frame.v(2)} ${frame.h(-1.2)} ${frame.v(torsoCm * 0.35)} T ${frame.h(-2.6)} ${frame.v(torsoCm)}`}
        fill="none"
        stroke={paint('fg')}
        strokeWidth="3"
        strokeLinecap="round"
      />
      {[
        [0, 'hip belt'],
        [torsoCm, 'shoulder'],
      ].map(([z, words]) => (
        <g key={words}>
          <line
            x1={0}
            x2={x}
            y1={frame.v(Number(z))}
            y2={frame.v(Number(z))}
            stroke={paint('border.emphasized')}
            strokeDasharray="3 3"
          />
          <text x="2" y={frame.v(Number(z)) - 4} style={{ fontSize: 10.5 }} fill={paint('fg.muted')}>
            {words}
          </text>
        </g>
      ))}
    </g>
  );
}

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

function View({ pack, stow, frame, hoveredId, onHover, horizontal, shown, plumb }: ViewProps) {
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
