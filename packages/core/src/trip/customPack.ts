/** A pack built from what its owner knows of it: volume, weights, compartments and pockets; then zone by zone. */
import type { Pack, Zone, ZoneKind } from './model.js';
import { cataloguePack, PACK_SIZES, type PackSize } from './packCatalogue.js';
import { ofKind, type PackKind } from './packKinds.js';
import { isMainZone } from './zoneKinds.js';

/** Parts that a pack may be without. */
export const OPTIONAL_PARTS = [
  'sleeve',
  'lid',
  'front',
  'side',
  'hipBelt',
  'strap',
  'lash',
] as const satisfies readonly ZoneKind[];
export type OptionalPart = (typeof OPTIONAL_PARTS)[number];

export interface CustomPackSpec {
  readonly name: string;
  /** All that it encloses, litres, from 10 to 120. */
  readonly volumeL: number;
  readonly tareKg: number;
  readonly ratedLoadKg: number;
  readonly parts: readonly OptionalPart[];
  /** The usual one when absent. */
  readonly kind?: PackKind;
}

/** Width and depth of a pack of any size, from the catalogue's neighbours; beyond its ends in the same shape. */
function sizeFor(volumeL: number): Pick<PackSize, 'widthCm' | 'depthCm'> {
  const [smallest, largest] = [PACK_SIZES[0]!, PACK_SIZES.at(-1)!];
  const end = volumeL < smallest.nominalL ? smallest : volumeL > largest.nominalL ? largest : undefined;
  if (end !== undefined) {
    const scale = Math.cbrt(volumeL / end.nominalL);
    return { widthCm: tenth(scale * end.widthCm), depthCm: tenth(scale * end.depthCm) };
  }
  const above = PACK_SIZES.findIndex((s) => s.nominalL >= volumeL);
  const b = PACK_SIZES[above]!;
  const a = PACK_SIZES[Math.max(0, PACK_SIZES.indexOf(b) - 1)]!;
  const t = a === b ? 0 : Math.min(1, Math.max(0, (volumeL - a.nominalL) / (b.nominalL - a.nominalL)));
  const between = (x: number, y: number): number => tenth(x + t * (y - x));
  return { widthCm: between(a.widthCm, b.widthCm), depthCm: between(a.depthCm, b.depthCm) };
}

const isEnclosed = (zone: Zone): boolean => zone.kind !== 'lash';
const sumL = (zones: readonly Zone[]): number =>
  zones.filter(isEnclosed).reduce((sum, z) => sum + z.volumeL, 0);

/**
 * A pack of that volume with those parts: pockets as in the catalogue, the main compartment as tall as it takes.
 *
 * @throws RangeError when the pockets alone hold more than the volume
 */
export function customPack(id: string, spec: CustomPackSpec): Pack {
  const base = cataloguePack(id, {
    nominalL: spec.volumeL,
    tareKg: spec.tareKg,
    ratedLoadKg: spec.ratedLoadKg,
    ...sizeFor(spec.volumeL),
  });
  const kept = base.zones.filter(
    (z) => isMainZone(z.kind) || (spec.parts as readonly ZoneKind[]).includes(z.kind),
  );
  const mainL = sumL(kept.filter((z) => isMainZone(z.kind)));
  const wantedL = spec.volumeL - (sumL(kept) - mainL);
  if (wantedL <= 0)
    throw new RangeError(
      `expected more than ${(sumL(kept) - mainL).toFixed(1)} L, what the pockets hold, got ${spec.volumeL} L`,
    );
  const factor = wantedL / mainL;
  const { main } = base;
  const made: Pack = {
    ...base,
    name: spec.name,
    zones: stretched(kept, factor),
    ...(main === undefined
      ? {}
      : {
          main: {
            ...main,
            heightCm: tenth(main.heightCm * factor),
            ...(main.bottomPartCm === undefined ? {} : { bottomPartCm: tenth(main.bottomPartCm * factor) }),
          },
        }),
  };
  return ofKind(made, spec.kind ?? 'usual');
}

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** Make the main compartment taller or lower, and set what stands on it where it belongs. */
function stretched(zones: readonly Zone[], factor: number): readonly Zone[] {
  const main = zones.filter((z) => isMainZone(z.kind));
  const floor = Math.min(...main.map((z) => z.at.z));
  const ceiling = Math.max(...main.map((z) => z.at.z + z.heightCm));
  const grown = (ceiling - floor) * (factor - 1);
  return zones.map((z): Zone => {
    if (isMainZone(z.kind)) {
      const heightCm = tenth(z.heightCm * factor);
      return {
        ...z,
        at: { ...z.at, z: tenth(floor + (z.at.z - floor) * factor) },
        heightCm,
        volumeL: Math.min(
          Math.floor(z.volumeL * factor * 100) / 100,
          Math.floor((z.widthCm * z.depthCm * heightCm) / 10) / 100,
        ),
      };
    }
    if (z.kind === 'lid') return { ...z, at: { ...z.at, z: tenth(z.at.z + grown) } };
    return z;
  });
}

/** Whoever walks without a pack: it weighs and holds nothing. */
export function noPack(id: string): Pack {
  return {
    id,
    name: 'No pack',
    tareKg: 0,
    ratedLoadKg: 1,
    centreOfGravityCm: { x: 0, y: 0, z: 0 },
    zones: [],
  };
}

export function isNoPack({ zones }: Pack): boolean {
  return zones.length === 0;
}
