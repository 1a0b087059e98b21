import { Canvas } from '@react-three/fiber';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { StowAssessment } from '@graft/core/stow';
import type { Pack } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../../shared/preferences';
import { useWindowHeight } from '../../shared/useWindowHeight';
import { Box, Flex, Text, VisuallyHidden } from '../../theme/chakra';
import { packSpans } from '../packFrame';
import { draggedBy, FROM_BEHIND, keyed, nearer, wheeledBy } from './orbit';
import { Eye, PlumbLine, VIEW_DEGREES, WearersBack, type Sight } from './Scene';
import { seenThings } from './seenThings';
import { Shell } from './Shell';
import { ThingBody } from './ThingBody';
import { useColours } from './useColours';

interface Props {
  readonly pack: Pack;
  readonly torsoCm: number;
  readonly stow: StowAssessment;
  readonly loaded: ReadonlySet<string>;
  readonly chosenId: string | undefined;
  readonly onChoose: (thingId: string | undefined) => void;
  /** Nothing moves by itself. */
  readonly still: boolean;
}

/** What stands above and below, px; it is never lower than this. */
const BESIDE_PX = 330;
const LEAST_HEIGHT = 320;
const MOST_PART = 0.7;
/** Pulled apart, all is seen from further away. */
const APART = 0.75;
const MOST_PULLED = 100;

/** The pack in the round: turned by hand or arrow keys, things in their true shapes, named when pointed at. */
export default function RoundView({ pack, torsoCm, stow, loaded, chosenId, onChoose, still }: Props) {
  const { massUnit } = usePreferences();
  const colours = useColours();
  // A finger on the pack turns it: beside it there is always some page to scroll by.
  const windowHeight = useWindowHeight();
  const height = Math.max(LEAST_HEIGHT, Math.min(windowHeight - BESIDE_PX, MOST_PART * windowHeight));
  const [orbit, setOrbit] = useState(FROM_BEHIND);
  const [pulled, setPulled] = useState(0);
  const [pointedId, setPointedId] = useState<string>();
  // Their bodies are made once a stow, not once a step of the loading.
  const all = useMemo(() => seenThings(stow), [stow]);
  const things = all.filter((t) => loaded.has(t.placed.thing.id));
  const used = useMemo(() => new Set(stow.placed.map((p) => p.zone.id)), [stow]);
  const sight = useMemo(() => sightOf(pack, stow, used, torsoCm), [pack, stow, used, torsoCm]);
  const named = things.find((t) => t.placed.thing.id === (pointedId ?? chosenId))?.placed;
  const words = (placed: (typeof things)[number]['placed']): string =>
    `${placed.thing.name}, ${formatMass(placed.wholeKg, massUnit)}, ${placed.zone.name}`;
  const [area, hand] = useHand(
    (dx, dy) => setOrbit((o) => draggedBy(o, dx, dy)),
    (ratio) => setOrbit((o) => nearer(o, ratio)),
  );
  useEffect(() => {
    const element = area.current;
    if (element === null) return undefined;
    const wheel = (e: WheelEvent): void => {
      // Only asked for: a page that is scrolled past the pack goes on.
      if (!e.ctrlKey && document.activeElement !== element) return;
      e.preventDefault();
      setOrbit((o) => wheeledBy(o, e.deltaY));
    };
    element.addEventListener('wheel', wheel, { passive: false });
    return () => element.removeEventListener('wheel', wheel);
  }, [area]);
  return (
    <Box mx="4" mb="2">
      <Box
        ref={area}
        role="group"
        aria-label="The pack in the round: arrow keys turn it, plus and minus bring it nearer"
        tabIndex={0}
        position="relative"
        h={`${height}px`}
        borderWidth="1px"
        borderRadius="l2"
        bg="bg.panel"
        touchAction="none"
        cursor="grab"
        onKeyDown={(e) => {
          const next = e.target === e.currentTarget ? keyed(orbit, e.key) : undefined;
          if (next === undefined) return;
          e.preventDefault();
          setOrbit(next);
        }}
        {...hand}
      >
        {colours !== undefined && (
          <Canvas
            aria-hidden
            frameloop="demand"
            dpr={[1, 2]}
            camera={{ fov: VIEW_DEGREES }}
            onPointerMissed={() => onChoose(undefined)}
          >
            <Eye orbit={orbit} sight={{ ...sight, radiusCm: sight.radiusCm * (1 + APART * pulled) }} />
            <WearersBack torsoCm={torsoCm} colours={colours} />
            <Shell pack={pack} used={used} colours={colours} />
            {things.map((seen) => {
              const { id } = seen.placed.thing;
              return (
                <ThingBody
                  key={id}
                  seen={seen}
                  colours={colours}
                  pulled={pulled}
                  marked={named?.thing.id === id}
                  still={still}
                  onMark={(on) => setPointedId((old) => (on ? id : old === id ? undefined : old))}
                  onChoose={() => onChoose(id)}
                />
              );
            })}
            {stow.placed.length > 0 && (
              <PlumbLine at={stow.centreOfGravityCm} downTo={sight.lowCm} colours={colours} />
            )}
          </Canvas>
        )}
        <Text
          position="absolute"
          left="3"
          bottom="2"
          fontSize="sm"
          fontWeight="600"
          pointerEvents="none"
          px="1.5"
          bg="bg.panel"
          borderRadius="l1"
        >
          {named === undefined ? '' : words(named)}
        </Text>
        {/* Where the eye cannot go: each thing by name, for keys and for those who listen. */}
        <VisuallyHidden>
          <ul aria-label="Things in the pack">
            {things.map(({ placed }) => (
              <li key={placed.thing.id}>
                <button
                  type="button"
                  aria-pressed={placed.thing.id === chosenId}
                  onFocus={() => setPointedId(placed.thing.id)}
                  onBlur={() => setPointedId(undefined)}
                  onClick={() => onChoose(placed.thing.id)}
                >
                  {words(placed)}
                </button>
              </li>
            ))}
          </ul>
        </VisuallyHidden>
      </Box>
      <Flex mt="1.5" gap="3" align="center" fontSize="xs" wrap="wrap">
        <label htmlFor="pull-apart">Pull apart</label>
        <input
          id="pull-apart"
          type="range"
          className="slider"
          style={{ width: 160 }}
          min={0}
          max={MOST_PULLED}
          value={Math.round(pulled * MOST_PULLED)}
          aria-valuetext={`${Math.round(pulled * MOST_PULLED)} %`}
          onChange={(e) => setPulled(Number(e.target.value) / MOST_PULLED)}
        />
        <Text color="fg.muted" fontSize="2xs">
          Drag<span data-for-keys>, or use the arrow keys,</span> to turn it. The bow is the wearer’s back;
          the ball with its line is the centre of gravity.
        </Text>
      </Flex>
    </Box>
  );
}

/** What all is seen from: the pack with what is used of it and what stands out of it, and the wearer's back. */
function sightOf(
  pack: Pack,
  stow: StowAssessment,
  used: ReadonlySet<string>,
  torsoCm: number,
): Sight & { readonly lowCm: number } {
  const { x, y, z } = packSpans(pack, used);
  const low = Math.min(z.low, -12, ...stow.placed.map((p) => p.box.z0));
  const high = Math.max(z.high, torsoCm, ...stow.placed.map((p) => p.box.z1));
  const half = [x.high - x.low, y.high - y.low, high - low].map((d) => d / 2);
  return {
    middle: [(x.low + x.high) / 2, (y.low + y.high) / 2, (low + high) / 2],
    radiusCm: Math.hypot(...half),
    lowCm: low,
  };
}

interface Touch {
  readonly x: number;
  readonly y: number;
}

/** A hand that draws over an element turns what is in it, two fingers bring it nearer; a click stays a click. */
function useHand(onDrag: (dx: number, dy: number) => void, onPinch: (ratio: number) => void) {
  const area = useRef<HTMLDivElement>(null);
  const touches = useRef(new Map<number, Touch>());
  const lift = (e: React.PointerEvent): void => void touches.current.delete(e.pointerId);
  const hand = {
    onPointerDown: (e: React.PointerEvent) => {
      if (e.button === 0) touches.current.set(e.pointerId, { x: e.clientX, y: e.clientY });
    },
    onPointerMove: (e: React.PointerEvent) => {
      const last = touches.current.get(e.pointerId);
      if (last === undefined || e.buttons === 0) return;
      const now = { x: e.clientX, y: e.clientY };
      touches.current.set(e.pointerId, now);
      const other = [...touches.current].find(([id]) => id !== e.pointerId)?.[1];
      if (other === undefined) onDrag(now.x - last.x, now.y - last.y);
      else onPinch(apart(last, other) / Math.max(1, apart(now, other)));
    },
    onPointerUp: lift,
    onPointerCancel: lift,
    onPointerLeave: lift,
  };
  return [area, hand] as const;
}
const apart = (a: Touch, b: Touch): number => Math.hypot(a.x - b.x, a.y - b.y);
