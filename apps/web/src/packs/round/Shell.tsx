import { useMemo } from 'react';
import { BufferAttribute, BufferGeometry, DoubleSide } from 'three';
import { mainOf, zoneBox } from '@graft/core/stow';
import { isMainZone, type MainCompartment, type Pack } from '@graft/core/trip';
import type { Colours } from './useColours';

/** A hull of eight corners: four below, four above, each round the same way. */
type Corners = readonly (readonly [x: number, y: number, z: number])[];
const SIDES = [
  [0, 1, 5, 4],
  [1, 2, 6, 5],
  [2, 3, 7, 6],
  [3, 0, 4, 7],
  [3, 2, 1, 0],
] as const;
const EDGES = [0, 1, 1, 2, 2, 3, 3, 0, 4, 5, 5, 6, 6, 7, 7, 4, 0, 4, 1, 5, 2, 6, 3, 7];

/** The pack as a clear shell: its main compartment, and every pocket that is used. */
export function Shell({ pack, used, colours }: { pack: Pack; used: ReadonlySet<string>; colours: Colours }) {
  const main = useMemo(() => mainOf(pack), [pack]);
  return (
    <>
      {main !== undefined && <Hull corners={mainCorners(main)} colours={colours} opacity={0.2} />}
      {pack.zones
        .filter((zone) => !isMainZone(zone.kind) && used.has(zone.id))
        .map((zone) => {
          const { x0, x1, y0, y1, z0, z1 } = zoneBox(zone);
          return (
            <Hull
              key={zone.id}
              corners={cornersOf([x0, x1, y0, y1, z0], [x0, x1, y0, y1, z1])}
              colours={colours}
              opacity={0.1}
            />
          );
        })}
    </>
  );
}

type Level = readonly [x0: number, x1: number, y0: number, y1: number, z: number];
function cornersOf(below: Level, above: Level): Corners {
  return [below, above].flatMap(([x0, x1, y0, y1, z]) => [
    [x0, y0, z] as const,
    [x1, y0, z] as const,
    [x1, y1, z] as const,
    [x0, y1, z] as const,
  ]);
}
function mainCorners({
  at,
  heightCm,
  bottomWidthCm,
  topWidthCm,
  bottomDepthCm,
  topDepthCm,
}: MainCompartment): Corners {
  const level = (widthCm: number, depthCm: number, z: number): Level => [
    at.x - widthCm / 2,
    at.x + widthCm / 2,
    at.y,
    at.y + depthCm,
    z,
  ];
  return cornersOf(level(bottomWidthCm, bottomDepthCm, at.z), level(topWidthCm, topDepthCm, at.z + heightCm));
}

function Hull({ corners, colours, opacity }: { corners: Corners; colours: Colours; opacity: number }) {
  const key = corners.flat().join();
  const { walls, lines } = useMemo(() => {
    const points = new BufferAttribute(new Float32Array(key.split(',').map(Number)), 3);
    const walled = new BufferGeometry().setAttribute('position', points);
    walled.setIndex(SIDES.flatMap(([a, b, c, d]) => [a, b, c, a, c, d]));
    const lined = new BufferGeometry().setAttribute('position', points).setIndex(EDGES);
    return { walls: walled, lines: lined };
  }, [key]);
  return (
    <>
      <mesh geometry={walls} renderOrder={2}>
        <meshBasicMaterial
          color={colours.shell}
          transparent
          opacity={opacity}
          side={DoubleSide}
          depthWrite={false}
        />
      </mesh>
      <lineSegments geometry={lines} renderOrder={2}>
        <lineBasicMaterial color={colours.line} />
      </lineSegments>
    </>
  );
}
