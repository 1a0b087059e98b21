import type {
  HouseRules,
  Member,
  Pack,
  PartyGroup,
  PersonalThing,
  Piece,
  Purpose,
  Thing,
  Trip,
  Zone,
} from './model.js';

/**
 * A value made once for a list and kept as long as the list is: a trip's lists never change, a change makes new ones.
 * Loads ask the same of a trip for every member and day.
 */
function oncePer<L extends object, T>(make: (list: L) => T): (list: L) => T {
  const made = new WeakMap<L, T>();
  return (list) => {
    const known = made.get(list);
    if (known !== undefined) return known;
    const value = make(list);
    made.set(list, value);
    return value;
  };
}

const piecesOfKits = oncePer((kits: Trip['kits']): readonly Piece[] => kits.flatMap((kit) => kit.pieces));

/** Every group piece of the trip, in kit order. */
export function allPieces(trip: Trip): readonly Piece[] {
  return piecesOfKits(trip.kits);
}

const thingsOfKits = oncePer((kits: Trip['kits']) =>
  oncePer((things: Trip['personalThings']): readonly (Piece | PersonalThing)[] => [
    ...piecesOfKits(kits),
    ...things,
  ]),
);

/** Everything the party takes: group pieces in kit order, then personal things. */
export function allThings(trip: Trip): readonly (Piece | PersonalThing)[] {
  return thingsOfKits(trip.kits)(trip.personalThings);
}

/** Whether a thing is on a member's list, not in a kit of the group. */
export function isPersonal(thing: Thing): thing is PersonalThing {
  return 'memberId' in thing;
}

const allByMember = oncePer((things: Trip['personalThings']) => {
  const byMember = new Map<string, PersonalThing[]>();
  for (const thing of things) {
    const own = byMember.get(thing.memberId);
    if (own === undefined) byMember.set(thing.memberId, [thing]);
    else own.push(thing);
  }
  return byMember;
});

/** Everything that is a member's own, worn or stowed. */
export function ownThings(trip: Trip, memberId: string): readonly PersonalThing[] {
  return allByMember(trip.personalThings).get(memberId) ?? [];
}

const stowedByMember = oncePer((things: Trip['personalThings']) => {
  const byMember = new Map<string, PersonalThing[]>();
  for (const thing of things) {
    if (thing.worn) continue;
    const own = byMember.get(thing.memberId);
    if (own === undefined) byMember.set(thing.memberId, [thing]);
    else own.push(thing);
  }
  return byMember;
});
const sharedByMember = oncePer((share: Trip['share']) => {
  const byMember = new Map<string, Set<string>>();
  for (const { memberId, pieceId } of share) {
    const ids = byMember.get(memberId) ?? new Set();
    byMember.set(memberId, ids.add(pieceId));
  }
  return byMember;
});

export function memberById(trip: Trip, memberId: string): Member {
  return found(trip.members, (m) => m.id === memberId, `member ${memberId}`);
}

/** Who is in a tent or cook group. */
export function groupMembers(trip: Trip, group: PartyGroup): readonly Member[] {
  const key = group.kind === 'tent' ? 'tentGroupId' : 'cookGroupId';
  return trip.members.filter((m) => m[key] === group.id);
}

export function packOf(trip: Trip, member: Member): Pack {
  return found(trip.packs, (p) => p.id === member.packId, `pack ${member.packId}`);
}

/** Personal things that ride in the member's pack (worn ones do not). */
export function stowedPersonalThings(trip: Trip, memberId: string): readonly PersonalThing[] {
  return stowedByMember(trip.personalThings).get(memberId) ?? [];
}

/** The member who carries a piece, or undefined while it is unshared. */
export function carrierOf(trip: Trip, pieceId: string): string | undefined {
  return trip.share.find((a) => a.pieceId === pieceId)?.memberId;
}

/** Group pieces shared to a member, in kit order. */
export function carriedPieces(trip: Trip, memberId: string): readonly Piece[] {
  const ids = sharedByMember(trip.share).get(memberId);
  return ids === undefined ? [] : allPieces(trip).filter((p) => ids.has(p.id));
}

/** All that goes into a member's pack on some day of the trip. */
export function thingsInPack(trip: Trip, memberId: string): readonly Thing[] {
  return [...stowedPersonalThings(trip, memberId), ...carriedPieces(trip, memberId)];
}

/** Members who may carry a piece, by its own rule. */
export function allowedCarriers(trip: Trip, piece: Piece): readonly Member[] {
  return trip.members.filter((m) => {
    if (piece.onlyMemberIds !== undefined && !piece.onlyMemberIds.includes(m.id)) return false;
    if (piece.onlyGroupId === undefined) return true;
    return m.tentGroupId === piece.onlyGroupId || m.cookGroupId === piece.onlyGroupId;
  });
}

const TENT_PARTS: readonly Purpose[] = ['tentBody', 'tentFly', 'tentPoles', 'tentPegs', 'footprint'];
export function isTentPart(thing: Thing): boolean {
  return TENT_PARTS.includes(thing.purpose);
}

/** Grounds on which what hangs outside snags, hits rock or catches (common practice, no source). */
const ROUGH_GROUNDS: readonly string[] = ['moor', 'scramble', 'snow'];

/** The house rules that hold for a member: the trip's, with the member's own choices; "by ground" is decided here. */
export function houseRulesOf(trip: Trip, member: Member): HouseRules {
  const rules = { ...trip.houseRules, ...member.houseRules };
  if (rules.outside !== 'byGround') return rules;
  const rough = trip.legs.some((leg) => ROUGH_GROUNDS.includes(leg.ground));
  return { ...rules, outside: rough ? 'almostNothing' : 'freely' };
}

/** Zones that count as the pack's volume: everything but lash points, which hold things outside. */
export function enclosedZones(pack: Pack): readonly Zone[] {
  return pack.zones.filter((z) => z.kind !== 'lash');
}

/** The volume a pack holds, litres: the sum of its zones except lash points. */
export function packVolumeL(pack: Pack): number {
  return enclosedZones(pack).reduce((sum, z) => sum + z.volumeL, 0);
}

export function found<T>(list: readonly T[], test: (item: T) => boolean, what: string): T {
  const item = list.find(test);
  if (item === undefined) throw new Error(`Broken invariant: ${what} does not exist in this trip`);
  return item;
}
