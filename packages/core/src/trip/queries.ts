import type {
  HouseRules,
  Kit,
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
import { oncePer } from './oncePer.js';
import { isHelped, isPersonal, movableThings, type Carried } from './whoseThings.js';

export { isPersonal, mayOthersCarry, movableThings, nameAlone, type Carried } from './whoseThings.js';

const piecesOfKits = oncePer((kits: Trip['kits']): readonly Piece[] => kits.flatMap((kit) => kit.pieces));

/** The kit that a piece is part of; undefined when it is none of this trip's. */
export function kitOf(trip: Trip, pieceId: string): Kit | undefined {
  return trip.kits.find((k) => k.pieces.some((p) => p.id === pieceId));
}

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

/** Who carries what in one stretch of days without a handover. */
interface Stretch {
  readonly fromDay: number;
  readonly carrierOf: ReadonlyMap<string, string>;
  /** Group pieces, and own things of others, by who carries them. */
  readonly forOthers: ReadonlyMap<string, readonly Carried[]>;
  /** Own things that are with their owner, by owner. */
  readonly own: ReadonlyMap<string, readonly PersonalThing[]>;
}

/** The stretches of days between handovers, latest first. */
const stretches = oncePer((kits: Trip['kits']) =>
  oncePer((things: Trip['personalThings']) =>
    oncePer((share: Trip['share']) =>
      oncePer((handovers: Trip['handovers']): readonly Stretch[] => {
        const stowed = things.filter((t) => !t.worn);
        const carrier = new Map([
          ...stowed.map((t) => [t.id, t.memberId] as const),
          ...share.map((a) => [a.pieceId, a.memberId] as const),
        ]);
        const stretchFrom = (fromDay: number): Stretch => {
          const forOthers = new Map<string, Carried[]>();
          const own = new Map<string, PersonalThing[]>();
          for (const piece of piecesOfKits(kits)) listed(forOthers, carrier.get(piece.id), piece);
          for (const thing of stowed) {
            const memberId = carrier.get(thing.id);
            if (memberId === thing.memberId) listed(own, memberId, thing);
            else listed<Carried>(forOthers, memberId, thing);
          }
          return { fromDay, carrierOf: new Map(carrier), forOthers, own };
        };
        const made = [stretchFrom(1)];
        for (const day of [...new Set(handovers.map((h) => h.day))].sort((a, b) => a - b)) {
          for (const handover of handovers.filter((h) => h.day === day)) {
            if (handover.toMemberId === undefined) carrier.delete(handover.pieceId);
            else carrier.set(handover.pieceId, handover.toMemberId);
          }
          made.push(stretchFrom(day));
        }
        return made.reverse();
      }),
    ),
  ),
);

function listed<T>(lists: Map<string, T[]>, key: string | undefined, item: T): void {
  if (key === undefined) return;
  const list = lists.get(key);
  if (list === undefined) lists.set(key, [item]);
  else list.push(item);
}

const stretchesOf = oncePer(({ kits, personalThings, share, handovers }: Trip) =>
  stretches(kits)(personalThings)(share)(handovers),
);

function stretchOf(trip: Trip, day: number): Stretch {
  // The last one starts on day 1.
  return stretchesOf(trip).find((s) => s.fromDay <= day)!;
}

export function memberById(trip: Trip, memberId: string): Member {
  return found(trip.members, (m) => m.id === memberId, `member ${memberId}`);
}

/** Who is in a tent or cook group. */
export function groupMembers(trip: Trip, group: PartyGroup): readonly Member[] {
  const key = group.kind === 'tent' ? 'tentGroupId' : 'cookGroupId';
  return trip.members.filter((m) => m[key] === group.id);
}

const packsById = oncePer((packs: Trip['packs']) => new Map(packs.map((p) => [p.id, p])));

export function packOf(trip: Trip, member: Member): Pack {
  const pack = packsById(trip.packs).get(member.packId);
  if (pack === undefined) throw brokenInvariant(`pack ${member.packId}`);
  return pack;
}

/** A member's own things that ride in their own pack on a day: not worn, and taken over by nobody. */
export function ownInPack(trip: Trip, memberId: string, day: number): readonly PersonalThing[] {
  return stretchOf(trip, day).own.get(memberId) ?? [];
}

/** The member who carries a thing on a day, or undefined while nobody does (or it is worn). */
export function carrierOf(trip: Trip, thingId: string, day: number): string | undefined {
  return stretchOf(trip, day).carrierOf.get(thingId);
}

/** What a member carries for the group on a day: pieces in kit order, then own things of others. */
export function carriedPieces(trip: Trip, memberId: string, day: number): readonly Carried[] {
  return stretchOf(trip, day).forOthers.get(memberId) ?? [];
}

/** Days from which somebody else carries something, rising; day 1 first. */
export function handoverDays(trip: Trip): readonly number[] {
  return [...new Set([1, ...trip.handovers.map((h) => h.day)])].sort((a, b) => a - b);
}

/** All that goes into a member's pack on a day. */
export function thingsInPack(trip: Trip, memberId: string, day: number): readonly Thing[] {
  return [...ownInPack(trip, memberId, day), ...carriedPieces(trip, memberId, day)];
}

/** All that goes into a member's pack on some day of the trip. */
export function thingsEverInPack(trip: Trip, memberId: string): readonly Thing[] {
  return [...new Set(handoverDays(trip).flatMap((day) => thingsInPack(trip, memberId, day)))];
}

/** Whether a member walks with the party on a day. */
export function isWithParty(member: Member, day: number): boolean {
  return (member.firstDay ?? 1) <= day && day <= (member.lastDay ?? Infinity);
}

/** What a share deals out: all pieces, and own things that others may carry. */
export function sharedThings(trip: Trip): readonly Carried[] {
  return [...allPieces(trip), ...movableThings(trip)];
}

/** Whether a member may carry a piece, by its own rule; what is somebody's own its owner, and whoever needs no help. */
export function mayCarry(member: Member, piece: Carried): boolean {
  if (isPersonal(piece)) return member.id === piece.memberId || !isHelped(member);
  if (piece.onlyMemberIds !== undefined && !piece.onlyMemberIds.includes(member.id)) return false;
  if (piece.onlyGroupId === undefined) return true;
  return member.tentGroupId === piece.onlyGroupId || member.cookGroupId === piece.onlyGroupId;
}

/** Members who may carry a piece. */
export function allowedCarriers(trip: Trip, piece: Carried): readonly Member[] {
  return trip.members.filter((m) => mayCarry(m, piece));
}

const TENT_PARTS: readonly Purpose[] = ['tentBody', 'tentFly', 'tentPoles', 'tentPegs', 'footprint'];
export function isTentPart(thing: Thing): boolean {
  return TENT_PARTS.includes(thing.purpose);
}

/** Grounds on which what hangs outside snags, hits rock or catches (common practice, no source). */
const ROUGH_GROUNDS: readonly string[] = ['moor', 'scramble', 'climbing', 'snow', 'glacier'];

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
  if (item === undefined) throw brokenInvariant(what);
  return item;
}

function brokenInvariant(what: string): Error {
  return new Error(`Broken invariant: ${what} does not exist in this trip`);
}
