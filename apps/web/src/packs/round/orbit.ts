/** Looking at a pack from all about: where the eye is, and how hands and keys move it. */

/** Angles in radians; from right behind the wearer the azimuth is 0, and grows towards the wearer's right. */
export interface Orbit {
  readonly azimuth: number;
  readonly elevation: number;
  /** Distance as a part of the one at which the whole pack is seen. */
  readonly distance: number;
}

export const FROM_BEHIND: Orbit = { azimuth: 0.6, elevation: 0.25, distance: 1 };

const MOST_ELEVATION = 1.35;
const NEAREST = 0.35;
const FURTHEST = 1.8;
const PER_PX = 0.008;
const PER_KEY = Math.PI / 16;
const PER_ZOOM_KEY = 1.15;
const PER_WHEEL_PX = 0.0012;

const clamp = (low: number, x: number, high: number): number => Math.min(high, Math.max(low, x));

function turned(o: Orbit, azimuth: number, elevation: number): Orbit {
  return {
    ...o,
    azimuth: o.azimuth + azimuth,
    elevation: clamp(-MOST_ELEVATION, o.elevation + elevation, MOST_ELEVATION),
  };
}

/** @param factor below 1 to come nearer: how far two fingers were apart, to how far they are */
export function nearer(o: Orbit, factor: number): Orbit {
  return { ...o, distance: clamp(NEAREST, o.distance * factor, FURTHEST) };
}

/** The pack follows the hand. */
export function draggedBy(o: Orbit, dx: number, dy: number): Orbit {
  return turned(o, -dx * PER_PX, dy * PER_PX);
}

export function wheeledBy(o: Orbit, dy: number): Orbit {
  return nearer(o, Math.exp(dy * PER_WHEEL_PX));
}

/** What a key does; undefined for a key that does nothing here. */
export function keyed(o: Orbit, key: string): Orbit | undefined {
  switch (key) {
    case 'ArrowLeft':
      return turned(o, PER_KEY, 0);
    case 'ArrowRight':
      return turned(o, -PER_KEY, 0);
    case 'ArrowUp':
      return turned(o, 0, PER_KEY);
    case 'ArrowDown':
      return turned(o, 0, -PER_KEY);
    case '+':
    case '=':
      return nearer(o, 1 / PER_ZOOM_KEY);
    case '-':
      return nearer(o, PER_ZOOM_KEY);
    case 'Home':
      return FROM_BEHIND;
    default:
      return undefined;
  }
}

/** Where the eye is from what it looks at, for a distance of 1: y is out from the wearer's back, z up. */
export function eyeOf({ azimuth, elevation }: Orbit): readonly [x: number, y: number, z: number] {
  const out = Math.cos(elevation);
  return [out * Math.sin(azimuth), out * Math.cos(azimuth), Math.sin(elevation)];
}
