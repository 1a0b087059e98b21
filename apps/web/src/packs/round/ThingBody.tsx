import { useFrame, useThree } from '@react-three/fiber';
import { useEffect, useMemo, useRef, useState } from 'react';
import { BackSide, BoxGeometry, BufferAttribute, BufferGeometry, CylinderGeometry, type Group } from 'three';
import type { Body } from '@graft/core/stow';
import { densityClass } from '../density';
import { densityOf } from '../Outline';
import type { SeenThing } from './seenThings';
import type { Colours } from './useColours';

interface Props {
  readonly seen: SeenThing;
  readonly colours: Colours;
  /** 0: in its place, 1: pulled apart. */
  readonly pulled: number;
  /** Named and outlined. */
  readonly marked: boolean;
  /** It falls into its place when it comes, unless things are to keep still. */
  readonly still: boolean;
  readonly onMark: (marked: boolean) => void;
  readonly onChoose: () => void;
}

/** Where a thing comes from when it is loaded, cm above its place. */
const FROM_ABOVE_CM = 28;
/** Part of the rest of the way that is gone in a second; and when it is there, cm. */
const PACE = 7;
const THERE_CM = 0.05;
/** The outline of what is marked stands out by so much. */
const RIM = 1.05;
/** A click whose hand moved further is none, px. */
const STILL_PX = 3;
const ROUND_PARTS = 28;

/** One thing in its true shape, shaded by density. */
export function ThingBody({ seen, colours, pulled, marked, still, onMark, onChoose }: Props) {
  const falling = useRef<Group>(null);
  const [fromCm] = useState(still ? 0 : FROM_ABOVE_CM);
  const restCm = useRef(fromCm);
  const invalidate = useThree((state) => state.invalidate);
  const geometry = useMemo(() => geometryOf(seen.body), [seen.body]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  useEffect(invalidate, [invalidate, pulled, marked, colours, geometry]);
  const [x, y, z] = seen.apart;
  useFrame((_state, seconds) => {
    if (restCm.current === 0) return;
    // The first frame after a rest would be a long one.
    restCm.current *= Math.exp(-PACE * Math.min(seconds, 0.05));
    if (restCm.current < THERE_CM) restCm.current = 0;
    falling.current?.position.setZ(restCm.current);
    invalidate();
  });
  const { centre } = seen.placed;
  const shade = colours[`density${densityClass(densityOf(seen.placed))}`];
  return (
    <group position={[x * pulled, y * pulled, z * pulled]}>
      <group ref={falling} position={[0, 0, fromCm]}>
        <mesh
          geometry={geometry}
          onPointerOver={(e) => {
            e.stopPropagation();
            onMark(true);
          }}
          onPointerOut={() => onMark(false)}
          onClick={(e) => {
            e.stopPropagation();
            // A hand that turned the pack lets go over something.
            if (e.delta <= STILL_PX) onChoose();
          }}
        >
          <meshLambertMaterial color={shade} />
        </mesh>
        {marked && (
          <group position={[centre.x, centre.y, centre.z]} scale={RIM}>
            <mesh geometry={geometry} position={[-centre.x, -centre.y, -centre.z]} raycast={() => null}>
              <meshBasicMaterial color={colours.ink} side={BackSide} />
            </mesh>
          </group>
        )}
      </group>
    </group>
  );
}

/** Triangles in the pack's frame. */
function geometryOf(body: Body): BufferGeometry {
  if (body.kind === 'skin') {
    const { positions, triangles } = body.skin;
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(positions, 3));
    geometry.setIndex(new BufferAttribute(triangles, 1));
    geometry.computeVertexNormals();
    return geometry;
  }
  const { centre } = body;
  if (body.kind === 'cylinder') {
    const geometry = new CylinderGeometry(body.radiusCm, body.radiusCm, body.lengthCm, ROUND_PARTS);
    if (body.axis === 'x') geometry.rotateZ(Math.PI / 2);
    if (body.axis === 'z') geometry.rotateX(Math.PI / 2);
    return geometry.translate(centre.x, centre.y, centre.z);
  }
  const { x, y, z } = body.sizeCm;
  return new BoxGeometry(x, y, z).translate(centre.x, centre.y, centre.z);
}
