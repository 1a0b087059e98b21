import { whole } from '../shared/locale';
import { unitShown, type MassUnit } from '@graft/core/units';

/** A pack's size as it is sold: by litres, and where inches are read, by cubic inches as well. */
export function packSizeText(nominalL: number, massUnit: MassUnit): string {
  const { per, unit } = unitShown('volume', massUnit);
  const size = `${nominalL} L`;
  // Sizes are told to the ten, as on labels.
  return massUnit === 'kg' ? size : `${size}, ${whole(Math.round(nominalL / per / 10) * 10)} ${unit}`;
}
