import {
  cataloguePack,
  freshId,
  PACK_SIZES,
  packOf,
  packVolumeL,
  putMember,
  type Member,
  type PackSize,
  type Trip,
} from '@graft/core/trip';
import { sparePacks, withPacks } from '@graft/core/share';
import { formatMass, type MassUnit } from '@graft/core/units';
import type { Column } from '../shared/table/column';
import { Why } from '../shared/Why';
import { packSizeText } from './packSize';

const SPARE = 'spare:';

/** The pack is chosen from the catalogue by size; a pack from a trip file keeps its own zones until another is chosen. */
export function packColumn(
  trip: Trip,
  change: (label: string, change: (trip: Trip) => Trip) => void,
  massUnit: MassUnit,
): Column<Member> {
  const sizeOf = (m: Member): PackSize | undefined => {
    const pack = packOf(trip, m);
    return PACK_SIZES.find((s) => pack.name === `${s.nominalL} L pack`);
  };
  return {
    id: 'packId',
    header: 'Pack',
    width: '92',
    show: (m) => {
      const pack = packOf(trip, m);
      return (
        <Why
          reason={`${pack.name}: holds ${packVolumeL(pack).toFixed(0)} L in ${pack.zones.length} zones, weighs ${formatMass(pack.tareKg)} empty, rated for ${formatMass(pack.ratedLoadKg)}.`}
        >
          {pack.name}
        </Why>
      );
    },
    edit: {
      text: (m) => String(sizeOf(m)?.nominalL ?? ''),
      options: [
        ['', 'custom'],
        ...PACK_SIZES.map((s) => [String(s.nominalL), `${packSizeText(s.nominalL, massUnit)} pack`] as const),
        ...sparePacks(trip).map((p) => [`${SPARE}${p.id}`, `spare: ${p.name}`] as const),
      ],
      take: (m, entry) => {
        if (entry.startsWith(SPARE))
          change(`${m.name}: pack`, (t) => withPacks(t, new Map([[m.id, entry.slice(SPARE.length)]])));
        const size = PACK_SIZES.find((s) => String(s.nominalL) === entry);
        if (size !== undefined) change(`${m.name}: pack`, (t) => withPack(t, m, size));
        return undefined;
      },
    },
  };
}

function withPack(trip: Trip, member: Member, size: PackSize): Trip {
  const id = freshId(
    `pack-${member.id}-${size.nominalL}`,
    trip.packs.map((p) => p.id),
  );
  const withNew = {
    ...trip,
    // The club's pack that they had is there for others.
    packs: [
      ...trip.packs.filter((p) => p.id !== member.packId || p.shared === true),
      cataloguePack(id, size),
    ],
  };
  return putMember(withNew, { ...member, packId: id });
}
