import { holdingOf } from '@graft/core/load';
import { movableThings, type Trip } from '@graft/core/trip';

/** What the columns tell of a row that does not stand in the row itself. */
export interface Places {
  /** Kits and members, by the key of their list. */
  readonly lists: readonly (readonly [key: string, name: string])[];
  /** By the id of a thing: its own name, the key and name of its list, and who carries it. */
  readonly things: Readonly<
    Record<
      string,
      {
        readonly name: string;
        readonly key: string;
        readonly list: string;
        readonly carrier: string | undefined;
        /** Own things that others may carry. */
        readonly movable: boolean;
        /** It holds other things. */
        readonly holds: boolean;
      }
    >
  >;
}

export function placesOf(trip: Trip): Places {
  const memberName = new Map(trip.members.map((m) => [m.id, m.name]));
  const carrier = new Map(trip.share.map((a) => [a.pieceId, memberName.get(a.memberId)]));
  const pieces = trip.kits.flatMap((k) =>
    k.pieces.map(
      (p) =>
        [
          p.id,
          {
            name: p.name,
            key: `kit ${k.id}`,
            list: k.name,
            carrier: carrier.get(p.id),
            movable: false,
            holds: holdingOf(p) !== undefined,
          },
        ] as const,
    ),
  );
  const movable = new Set(movableThings(trip).map((t) => t.id));
  const own = trip.personalThings.map((t) => {
    const list = memberName.get(t.memberId) ?? '';
    const place = { name: t.name, key: `member ${t.memberId}`, list, carrier: carrier.get(t.id) ?? list };
    return [t.id, { ...place, movable: movable.has(t.id), holds: holdingOf(t) !== undefined }] as const;
  });
  return {
    lists: [
      ...trip.kits.map((k) => [`kit ${k.id}`, k.name] as const),
      ...trip.members.map((m) => [`member ${m.id}`, m.name] as const),
    ],
    things: Object.fromEntries([...pieces, ...own]),
  };
}
