import { unitShown, type MassUnit } from '@graft/core/units';

/** Load times distance in the reader's units, without them. @param kgKm in kg·km */
export function workDigits(kgKm: number, massUnit: MassUnit): string {
  return (kgKm / unitShown('mass', massUnit).per / unitShown('distance', massUnit).per).toFixed(0);
}

export const workUnit = (massUnit: MassUnit): string =>
  `${unitShown('mass', massUnit).unit}·${unitShown('distance', massUnit).unit}`;

/** "310 kg·km". */
export const workText = (kgKm: number, massUnit: MassUnit): string =>
  `${workDigits(kgKm, massUnit)} ${workUnit(massUnit)}`;
