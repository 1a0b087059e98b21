/** Five shades by density, kg/L, from down to metal; the classes are Graft's own. */
import { paint } from '../theme/system';

const LIMITS = [0.12, 0.25, 0.45, 0.8] as const;
/** Which shade, 1 to 5. */
export const densityClass = (kgPerL: number): 1 | 2 | 3 | 4 | 5 =>
  (1 + LIMITS.filter((limit) => kgPerL >= limit).length) as 1 | 2 | 3 | 4 | 5;

export interface Shade {
  readonly fill: string;
  readonly ink: string;
}

export function densityShade(kgPerL: number): Shade {
  const shade = densityClass(kgPerL);
  return { fill: paint(`density.${shade}`), ink: paint(`densityInk.${shade}`) };
}

/** The classes with their words, for the legend. */
export const DENSITY_LEGEND: readonly (readonly [number, string])[] = [
  [0, `below ${LIMITS[0]} kg/L`],
  [LIMITS[0], `${LIMITS[0]}–${LIMITS[1]} kg/L`],
  [LIMITS[1], `${LIMITS[1]}–${LIMITS[2]} kg/L`],
  [LIMITS[2], `${LIMITS[2]}–${LIMITS[3]} kg/L`],
  [LIMITS[3], `${LIMITS[3]} kg/L and up`],
];
