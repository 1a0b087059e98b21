import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { type Box as Extent, type Pack, type StowAssessment } from '@graft/core';
import { paint } from '../theme/system';
import { densityShade, DENSITY_LEGEND } from './density';
import { Backdrop } from './Backdrop';
import { PackView } from './PackView';
import {
  CUT_ASIDE_CM,
  inLayer,
  inSideCut,
  makeFrame,
  packSpans,
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
          <Backdrop frame={frames.side} stow={stow} torsoCm={torsoCm} />
          <PackView
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
          <Backdrop frame={frames.back} stow={stow} />
          <line
            x1={frames.back.h(0)}
            x2={frames.back.h(0)}
            y1="0"
            y2={frames.back.height}
            stroke={paint('border')}
            strokeDasharray="2 4"
          />
          <PackView
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
