/**
 * Changes a leader makes, as pure functions from trip to trip that keep the trip's references whole: a piece that
 * moves leaves the old carrier's stow, a member who goes leaves share and stows.
 */
import type {
  Assignment,
  Handover,
  Kit,
  Member,
  PersonalThing,
  Piece,
  Placement,
  Stow,
  Thing,
  Trip,
  Variant,
  WhatIf,
} from './model.js';
import { allPieces, allThings, carrierOf, handoverDays, packOf, thingsEverInPack } from './queries.js';

function withoutPlacements(
  stows: readonly Stow[],
  gone: (memberId: string, thingId: string) => boolean,
): readonly Stow[] {
  return stows.map((stow) => {
    const placements = stow.placements.filter((p) => !gone(stow.memberId, p.thingId));
    return placements.length === stow.placements.length ? stow : { ...stow, placements };
  });
}

/** Drop where pieces stand in packs that no longer hold them on any day. */
function withoutStrays(trip: Trip, pieceIds: ReadonlySet<string>): Trip {
  const days = handoverDays(trip);
  const stows = withoutPlacements(
    trip.stows,
    (memberId, id) => pieceIds.has(id) && !days.some((day) => carrierOf(trip, id, day) === memberId),
  );
  return { ...trip, stows };
}

/** The trip without placements of pieces in packs that hold them on no day. */
export function withTidyStows(trip: Trip): Trip {
  return withoutStrays(trip, new Set(allThings(trip).map((p) => p.id)));
}

/** Whoever carries a stowed personal thing while nobody takes it over. */
function ownersOf(trip: Trip): readonly (readonly [string, string])[] {
  return trip.personalThings.filter((t) => !t.worn).map((t) => [t.id, t.memberId] as const);
}

/** Without words that own things are with their owner, which they are anyway; a lock says more. */
function withoutIdleAssignments(trip: Trip): Trip {
  const owner = new Map(ownersOf(trip));
  const idle = (a: Assignment): boolean => !a.locked && owner.get(a.pieceId) === a.memberId;
  return trip.share.some(idle) ? { ...trip, share: trip.share.filter((a) => !idle(a)) } : trip;
}

/** Without handovers to whoever has the piece already. */
function withoutIdleHandovers(trip: Trip): Trip {
  const carrier = new Map([...ownersOf(trip), ...trip.share.map((a) => [a.pieceId, a.memberId] as const)]);
  const idle = new Set<Handover>();
  for (const handover of [...trip.handovers].sort((a, b) => a.day - b.day)) {
    const { pieceId, toMemberId } = handover;
    if (carrier.get(pieceId) === toMemberId) idle.add(handover);
    else if (toMemberId === undefined) carrier.delete(pieceId);
    else carrier.set(pieceId, toMemberId);
  }
  return idle.size === 0 ? trip : { ...trip, handovers: trip.handovers.filter((h) => !idle.has(h)) };
}

/** The handover that says who has a piece on a day; undefined where the share still does. */
function lastHandover(trip: Trip, pieceId: string, day: number): Handover | undefined {
  return [...trip.handovers]
    .sort((a, b) => a.day - b.day)
    .filter((h) => h.pieceId === pieceId && h.day <= day)
    .at(-1);
}

/**
 * Give a piece to a member, or to nobody, where that is said for a day: in the handover that brought it there, or in
 * the share. Keeps a lock that stands on it.
 */
export function assignPiece(trip: Trip, pieceId: string, memberId: string | undefined, day = 1): Trip {
  if (carrierOf(trip, pieceId, day) === memberId) return trip;
  const handover = lastHandover(trip, pieceId, day);
  if (handover !== undefined) {
    const { toMemberId: _before, ...rest } = handover;
    const next = memberId === undefined ? rest : { ...rest, toMemberId: memberId };
    const handovers = trip.handovers.map((h) => (h === handover ? next : h));
    return withoutStrays(withoutIdleHandovers({ ...trip, handovers }), new Set([pieceId]));
  }
  const old = trip.share.find((a) => a.pieceId === pieceId);
  // What is somebody's own is never with nobody before the party leaves.
  const share =
    memberId === undefined
      ? trip.share.filter((a) => a.pieceId !== pieceId)
      : old === undefined
        ? [...trip.share, { pieceId, memberId, locked: false }]
        : trip.share.map((a) => (a === old ? { ...a, memberId } : a));
  return withoutStrays(withoutIdleHandovers(withoutIdleAssignments({ ...trip, share })), new Set([pieceId]));
}

/**
 * Pieces change hands on a day. A handover of the same piece that was noted for that day gives way; one from the
 * departure on is a handover on day 1.
 */
export function handOver(
  trip: Trip,
  day: number,
  moves: readonly { readonly pieceId: string; readonly toMemberId?: string }[],
  reason: string,
): Trip {
  const moved = new Set(moves.map((m) => m.pieceId));
  const kept = trip.handovers.filter((h) => h.day !== day || !moved.has(h.pieceId));
  const handovers = moves.reduce<readonly Handover[]>(
    (list, { pieceId, toMemberId }) => [
      ...list,
      {
        id: freshId(
          `handover-${pieceId}`.slice(0, 56),
          list.map((h) => h.id),
        ),
        pieceId,
        day,
        ...(toMemberId === undefined ? {} : { toMemberId }),
        reason,
      },
    ],
    kept,
  );
  return withoutStrays(withoutIdleHandovers({ ...trip, handovers }), moved);
}

/** Take a handover back: the piece stays where it was. */
export function removeHandover(trip: Trip, id: string): Trip {
  const gone = trip.handovers.find((h) => h.id === id);
  if (gone === undefined) return trip;
  const handovers = trip.handovers.filter((h) => h !== gone);
  return withoutStrays(withoutIdleHandovers({ ...trip, handovers }), new Set([gone.pieceId]));
}

/** Who gives a piece away in a handover: its carrier on that day without it; undefined where nobody carries it. */
export function giverOf(trip: Trip, { id, pieceId, day }: Handover): string | undefined {
  return carrierOf(removeHandover(trip, id), pieceId, day);
}

export function lockPiece(trip: Trip, pieceId: string, locked: boolean): Trip {
  return { ...trip, share: trip.share.map((a) => (a.pieceId === pieceId ? { ...a, locked } : a)) };
}

/**
 * Take over a whole share from the departure on, dropping placements of pieces that changed carrier, and handovers:
 * the new share holds on all days. What names a piece or member that has gone since the share was computed is left out.
 */
export function replaceShare(trip: Trip, share: readonly Assignment[]): Trip {
  const thingIds = new Set([...allPieces(trip).map((p) => p.id), ...ownersOf(trip).map(([id]) => id)]);
  const memberIds = new Set(trip.members.map((m) => m.id));
  const known = share.filter((a) => thingIds.has(a.pieceId) && memberIds.has(a.memberId));
  return withoutStrays(withoutIdleAssignments({ ...trip, share: known, handovers: [] }), thingIds);
}

/** Take over a planned stow, without what has left that pack, and zones the pack no longer has, since it was planned. */
export function adoptStow(trip: Trip, stow: Stow): Trip {
  const member = trip.members.find((m) => m.id === stow.memberId);
  if (member === undefined) return trip;
  const inPack = new Set(thingsEverInPack(trip, member.id).map((t) => t.id));
  const zones = new Set(packOf(trip, member).zones.map((z) => z.id));
  return replaceStow(trip, {
    ...stow,
    placements: stow.placements.filter((p) => inPack.has(p.thingId) && zones.has(p.zoneId)),
  });
}

function replaceStow(trip: Trip, stow: Stow): Trip {
  const known = trip.stows.some((s) => s.memberId === stow.memberId);
  return {
    ...trip,
    stows: known ? trip.stows.map((s) => (s.memberId === stow.memberId ? stow : s)) : [...trip.stows, stow],
  };
}

/** Put one thing of a member somewhere; placed by hand, it goes last within its zone. */
export function placeThing(trip: Trip, memberId: string, placement: Placement): Trip {
  const stow = trip.stows.find((s) => s.memberId === memberId) ?? { memberId, placements: [] };
  const at = stow.placements.findIndex((p) => p.thingId === placement.thingId);
  const placements =
    at < 0 ? [...stow.placements, placement] : stow.placements.map((p, i) => (i === at ? placement : p));
  return replaceStow(trip, { memberId, placements });
}

export function putMember(trip: Trip, member: Member): Trip {
  const old = trip.members.find((m) => m.id === member.id);
  if (old === undefined) return { ...trip, members: [...trip.members, member] };
  const members = trip.members.map((m) => (m === old ? member : m));
  // Another pack has other zones: what stood in the old one stands nowhere.
  const stows =
    old.packId === member.packId ? trip.stows : trip.stows.filter((s) => s.memberId !== member.id);
  return { ...trip, members, stows };
}

function withoutBuddy(member: Member): Member {
  const { buddyId: _gone, ...rest } = member;
  return rest;
}

/** Make two members each other's buddy, or end a member's pairing; whoever was paired before is free again. */
export function setBuddy(trip: Trip, memberId: string, buddyId: string | undefined): Trip {
  const pair = [memberId, ...(buddyId === undefined ? [] : [buddyId])];
  return {
    ...trip,
    members: trip.members.map((m) => {
      if (m.id === memberId) return buddyId === undefined ? withoutBuddy(m) : { ...m, buddyId };
      if (m.id === buddyId) return { ...m, buddyId: memberId };
      return m.buddyId !== undefined && pair.includes(m.buddyId) ? withoutBuddy(m) : m;
    }),
  };
}

/** Remove a member with their personal things and pack; their pieces become unshared. */
export function removeMember(trip: Trip, memberId: string): Trip {
  const member = trip.members.find((m) => m.id === memberId);
  const kits = trip.kits.map((kit) => ({
    ...kit,
    pieces: kit.pieces.map((piece) => {
      if (piece.onlyMemberIds?.includes(memberId) !== true) return piece;
      const left = piece.onlyMemberIds.filter((id) => id !== memberId);
      const { onlyMemberIds: _dropped, ...open } = piece;
      return left.length === 0 ? open : { ...open, onlyMemberIds: left };
    }),
  }));
  const own = new Set(trip.personalThings.filter((t) => t.memberId === memberId).map((t) => t.id));
  const without: Trip = {
    ...trip,
    members: trip.members
      .filter((m) => m.id !== memberId)
      .map((m) => (m.buddyId === memberId ? withoutBuddy(m) : m)),
    roles: trip.roles.filter((r) => r.memberId !== memberId),
    // The club's pack is still there when its wearer is not.
    packs: trip.packs.filter((p) => p.id !== member?.packId || p.shared === true),
    personalThings: trip.personalThings.filter((t) => t.memberId !== memberId),
    kits,
    share: trip.share.filter((a) => a.memberId !== memberId && !own.has(a.pieceId)),
    handovers: trip.handovers.filter((h) => h.toMemberId !== memberId && !own.has(h.pieceId)),
    variants: withoutSupposing(
      trip.variants.map((v) => ({
        ...v,
        share: v.share.filter((a) => a.memberId !== memberId && !own.has(a.pieceId)),
      })),
      (change) => 'memberId' in change && change.memberId === memberId,
    ),
    stows: withoutPlacements(
      trip.stows.filter((s) => s.memberId !== memberId),
      (_m, thingId) => own.has(thingId),
    ),
    practice: trip.practice.filter((p) => p.memberId !== memberId),
    weighIns: trip.weighIns.filter((w) => w.memberId !== memberId),
    events: trip.events.filter((e) => e.memberId !== memberId),
    comfort: trip.comfort.filter((c) => c.memberId !== memberId),
    contacts: trip.contacts.filter((c) => c.memberId !== memberId),
    missed: trip.missed.filter((m) => m.memberId !== memberId),
  };
  const tidy = withoutIdleHandovers(without);
  return forgetThings(withTidyStows(tidy), own);
}

/** What-ifs without some of what they suppose; one that supposes nothing any more goes. */
export function withoutSupposing(
  variants: readonly Variant[],
  gone: (change: WhatIf) => boolean,
): readonly Variant[] {
  return variants.flatMap((variant) => {
    const changes = variant.changes.filter((change) => !gone(change));
    return changes.length === 0 ? [] : [{ ...variant, changes }];
  });
}

export function putPiece(trip: Trip, kitId: string, piece: Piece): Trip {
  return {
    ...trip,
    kits: trip.kits.map((kit) => {
      if (kit.id !== kitId) return kit;
      const known = kit.pieces.some((p) => p.id === piece.id);
      return {
        ...kit,
        pieces: known ? kit.pieces.map((p) => (p.id === piece.id ? piece : p)) : [...kit.pieces, piece],
      };
    }),
  };
}

export function putKit(trip: Trip, kit: Kit): Trip {
  const known = trip.kits.some((k) => k.id === kit.id);
  return { ...trip, kits: known ? trip.kits.map((k) => (k.id === kit.id ? kit : k)) : [...trip.kits, kit] };
}

/** Leave no word of things that are gone: nobody nests in them, no loan, question or event is about them. */
function forgetThings(trip: Trip, gone: ReadonlySet<string>): Trip {
  const free = <T extends Thing>(thing: T): T => {
    if (thing.nestsIn === undefined || !gone.has(thing.nestsIn)) return thing;
    const { nestsIn: _host, ...rest } = thing;
    return rest as T;
  };
  const nested = (thing: Thing): boolean => thing.nestsIn !== undefined && gone.has(thing.nestsIn);
  const kits = allPieces(trip).some(nested)
    ? trip.kits.map((kit) => (kit.pieces.some(nested) ? { ...kit, pieces: kit.pieces.map(free) } : kit))
    : trip.kits;
  const personalThings = trip.personalThings.some(nested)
    ? trip.personalThings.map(free)
    : trip.personalThings;
  const kept = <T extends { readonly thingId?: string }>(items: readonly T[]): readonly T[] => {
    const about = (item: T): boolean => item.thingId !== undefined && gone.has(item.thingId);
    return items.some(about) ? items.filter((item) => !about(item)) : items;
  };
  return {
    ...trip,
    kits,
    personalThings,
    arrangements: kept(trip.arrangements),
    events: kept(trip.events),
    uses: kept(trip.uses),
  };
}

/** Remove a piece from its kit, from the share, from stows and from carrier rules (a rule needs two pieces). */
export function removePiece(trip: Trip, pieceId: string): Trip {
  return removePieces(trip, new Set([pieceId]));
}

/** Remove several pieces at once. */
export function removePieces(trip: Trip, gone: ReadonlySet<string>): Trip {
  if (gone.size === 0) return trip;
  const without = {
    ...trip,
    kits: trip.kits.map((kit) =>
      kit.pieces.some((p) => gone.has(p.id))
        ? { ...kit, pieces: kit.pieces.filter((p) => !gone.has(p.id)) }
        : kit,
    ),
    carrierRules: trip.carrierRules
      .map((rule) => ({ ...rule, pieceIds: rule.pieceIds.filter((id) => !gone.has(id)) }))
      .filter((rule) => rule.pieceIds.length >= 2),
    share: trip.share.filter((a) => !gone.has(a.pieceId)),
    handovers: trip.handovers.filter((h) => !gone.has(h.pieceId)),
    stows: withoutPlacements(trip.stows, (_m, t) => gone.has(t)),
  };
  return forgetThings(without, gone);
}

export function removeKit(trip: Trip, kitId: string): Trip {
  const kit = trip.kits.find((k) => k.id === kitId);
  const emptied = removePieces(trip, new Set((kit?.pieces ?? []).map((p) => p.id)));
  return { ...emptied, kits: emptied.kits.filter((k) => k.id !== kitId) };
}

export function putPersonalThing(trip: Trip, thing: PersonalThing): Trip {
  const known = trip.personalThings.some((t) => t.id === thing.id);
  const personalThings = known
    ? trip.personalThings.map((t) => (t.id === thing.id ? thing : t))
    : [...trip.personalThings, thing];
  return tidied({ ...trip, personalThings }, new Set([thing.id]));
}

/** After own things have changed: worn ones are carried by nobody, and none stands in a pack that does not hold it. */
function tidied(trip: Trip, thingIds: ReadonlySet<string>): Trip {
  const worn = new Set(trip.personalThings.filter((t) => t.worn && thingIds.has(t.id)).map((t) => t.id));
  const kept = <T extends { readonly pieceId: string }>(list: readonly T[]): readonly T[] =>
    list.some((a) => worn.has(a.pieceId)) ? list.filter((a) => !worn.has(a.pieceId)) : list;
  const without = { ...trip, share: kept(trip.share), handovers: kept(trip.handovers) };
  return withoutStrays(withoutIdleHandovers(withoutIdleAssignments(without)), thingIds);
}

export function removePersonalThing(trip: Trip, thingId: string): Trip {
  return removePersonalThings(trip, new Set([thingId]));
}

/** Remove several personal things at once. */
export function removePersonalThings(trip: Trip, gone: ReadonlySet<string>): Trip {
  if (gone.size === 0) return trip;
  const without = {
    ...trip,
    personalThings: trip.personalThings.filter((t) => !gone.has(t.id)),
    share: trip.share.filter((a) => !gone.has(a.pieceId)),
    handovers: trip.handovers.filter((h) => !gone.has(h.pieceId)),
    stows: withoutPlacements(trip.stows, (_m, t) => gone.has(t)),
  };
  return forgetThings(without, gone);
}

/** Remove things of either kind. */
export function removeThings(trip: Trip, gone: ReadonlySet<string>): Trip {
  return removePersonalThings(removePieces(trip, gone), gone);
}

/** Several things changed at once, wherever each stands; ids that the trip does not have are passed over. */
export function putThings(trip: Trip, things: readonly Thing[]): Trip {
  const byId = new Map(things.map((t) => [t.id, t]));
  const holds = (kit: Kit): boolean => kit.pieces.some((p) => byId.has(p.id));
  // What hangs on the kits alone stays known as long as they are the same.
  const kits = !trip.kits.some(holds)
    ? trip.kits
    : trip.kits.map((kit) =>
        holds(kit) ? { ...kit, pieces: kit.pieces.map((p) => byId.get(p.id) ?? p) } : kit,
      );
  const personal = new Map(
    trip.personalThings.flatMap((t) => {
      const next = byId.get(t.id) as PersonalThing | undefined;
      return next === undefined ? [] : [[t.id, next] as const];
    }),
  );
  if (personal.size === 0) return { ...trip, kits };
  const personalThings = trip.personalThings.map((t) => personal.get(t.id) ?? t);
  return tidied({ ...trip, kits, personalThings }, new Set(personal.keys()));
}

/** An id made from a name ("Tent body" → "tent-body"), with a number when it is taken. */
export function freshId(name: string, taken: Iterable<string>): string {
  const used: ReadonlySet<string> = taken instanceof Set ? (taken as Set<string>) : new Set(taken);
  const stem =
    name
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 50)
      .replace(/-+$/, '') || 'item';
  if (!used.has(stem)) return stem;
  for (let n = 2; ; n += 1) if (!used.has(`${stem}-${n}`)) return `${stem}-${n}`;
}
