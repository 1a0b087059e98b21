import { useThree } from '@react-three/fiber';
import { useEffect, useMemo } from 'react';
import {
  BufferAttribute,
  BufferGeometry,
  CatmullRomCurve3,
  PerspectiveCamera,
  TubeGeometry,
  Vector3,
} from 'three';
import type { PointCm } from '@graft/core/trip';
import { eyeOf, type Orbit } from './orbit';
import type { Colours } from './useColours';

/** The camera's angle of view, degrees. */
export const VIEW_DEGREES = 28;
/** What is looked at fills its round sight seldom. */
const ROOM = 0.97;

/** What the eye looks at: a middle, and how far from it anything is, cm. */
export interface Sight {
  readonly middle: readonly [x: number, y: number, z: number];
  readonly radiusCm: number;
}

/** The eye goes about the pack; the light comes with it, from over its left shoulder. */
export function Eye({ orbit, sight }: { orbit: Orbit; sight: Sight }) {
  const get = useThree((state) => state.get);
  const size = useThree((state) => state.size);
  const { middle, radiusCm } = sight;
  const eye = eyeOf(orbit);
  useEffect(() => {
    const { camera, invalidate } = get();
    const narrow = Math.min(1, size.width / size.height);
    const half = Math.atan(Math.tan((VIEW_DEGREES * Math.PI) / 360) * narrow);
    const far = (orbit.distance * ROOM * radiusCm) / Math.sin(half);
    camera.up.set(0, 0, 1);
    camera.position.set(middle[0] + far * eye[0], middle[1] + far * eye[1], middle[2] + far * eye[2]);
    camera.lookAt(...middle);
    if (camera instanceof PerspectiveCamera) {
      camera.near = Math.max(1, far - 4 * radiusCm);
      camera.far = far + 4 * radiusCm;
      camera.updateProjectionMatrix();
    }
    invalidate();
  });
  return (
    <>
      <ambientLight intensity={1.5} />
      <directionalLight
        intensity={1.9}
        position={[
          eye[0] * 3 + Math.cos(orbit.azimuth),
          eye[1] * 3 - Math.sin(orbit.azimuth),
          eye[2] * 3 + 2.2,
        ]}
      />
    </>
  );
}

/** The wearer's back from hip belt to shoulder: which way round the pack is. */
export function WearersBack({ torsoCm, colours }: { torsoCm: number; colours: Colours }) {
  const spine = useMemo(() => {
    const points = [
      [-3, -12],
      [-1.2, 0],
      [-1.6, torsoCm * 0.35],
      [-1.4, torsoCm * 0.7],
      [-3, torsoCm],
    ].map(([y, z]) => new Vector3(0, y, z));
    return new TubeGeometry(new CatmullRomCurve3(points), 40, 0.7, 10);
  }, [torsoCm]);
  useEffect(() => () => spine.dispose(), [spine]);
  return (
    <mesh geometry={spine}>
      <meshLambertMaterial color={colours.ink} />
    </mesh>
  );
}

/** The centre of gravity with its plumb line, seen through whatever is before it. */
export function PlumbLine({ at, downTo, colours }: { at: PointCm; downTo: number; colours: Colours }) {
  const line = useMemo(
    () =>
      new BufferGeometry().setAttribute(
        'position',
        new BufferAttribute(new Float32Array([at.x, at.y, at.z, at.x, at.y, downTo]), 3),
      ),
    [at, downTo],
  );
  useEffect(() => () => line.dispose(), [line]);
  return (
    <>
      <mesh position={[at.x, at.y, at.z]} renderOrder={4}>
        <sphereGeometry args={[1.3, 20, 14]} />
        <meshBasicMaterial color={colours.ink} depthTest={false} transparent />
      </mesh>
      <lineSegments geometry={line} renderOrder={4}>
        <lineBasicMaterial color={colours.ink} depthTest={false} transparent />
      </lineSegments>
    </>
  );
}
