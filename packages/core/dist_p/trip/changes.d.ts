/**
 * Changes a leader makes, as pure functions from trip to trip that keep the trip's references whole: a piece that
 * moves leaves the old carrier's stow, a member who goes leaves share and stows.
 */
import type { Assignment, Kit, Member, PersonalThing, Piece, Placement, Stow, Thing, Trip, Variant, WhatIf } from './model.js';
/** The trip without placements of pieces in packs that hold them on no day. */
export declare function withTidyStows(trip: Trip): Trip;
/**
 * Give a piece to a member, or to nobody, where that is said for a day: in the handover that brought it there, or in
 * the share. Keeps a lock that stands on it.
 */
export declare function assignPiece(trip: Trip, pieceId: string, memberId: string | undefined, day?: number): Trip;
/**
 * Pieces change hands on a day. A handover of the same piece that was noted for that day gives way; one from the
 * departure on is a handover on day 1.
 */
export declare function handOver(trip: Trip, day: number, moves: readonly {
    readonly pieceId: string;
    readonly toMemberId?: string;
}[], reason: string): Trip;
/** Take a handover back: the piece stays where it was. */
export declare function removeHandover(trip: Trip, id: string): Trip;
export declare function lockPiece(trip: Trip, pieceId: string, locked: boolean): Trip;
/**
 * Take over a whole share from the departure on, dropping placements of pieces that changed carrier, and handovers:
 * the new share holds on all days. What names a piece or member that has gone since the share was computed is left out.
 */
export declare function replaceShare(trip: Trip, share: readonly Assignment[]): Trip;
/** Take over a planned stow, without what has left that pack, and zones the pack no longer has, since it was planned. */
export declare function adoptStow(trip: Trip, stow: Stow): Trip;
/** Put one thing of a member somewhere; placed by hand, it goes last within its zone. */
export declare function placeThing(trip: Trip, memberId: string, placement: Placement): Trip;
export declare function putMember(trip: Trip, member: Member): Trip;
/** Make two members each other's buddy, or end a member's pairing; whoever was paired before is free again. */
export declare function setBuddy(trip: Trip, memberId: string, buddyId: string | undefined): Trip;
/** Remove a member with their personal things and pack; their pieces become unshared. */
export declare function removeMember(trip: Trip, memberId: string): Trip;
/** What-ifs without some of what they suppose; one that supposes nothing any more goes. */
export declare function withoutSupposing(variants: readonly Variant[], gone: (change: WhatIf) => boolean): readonly Variant[];
export declare function putPiece(trip: Trip, kitId: string, piece: Piece): Trip;
export declare function putKit(trip: Trip, kit: Kit): Trip;
/** Remove a piece from its kit, from the share, from stows and from carrier rules (a rule needs two pieces). */
export declare function removePiece(trip: Trip, pieceId: string): Trip;
/** Remove several pieces at once. */
export declare function removePieces(trip: Trip, gone: ReadonlySet<string>): Trip;
export declare function removeKit(trip: Trip, kitId: string): Trip;
export declare function putPersonalThing(trip: Trip, thing: PersonalThing): Trip;
export declare function removePersonalThing(trip: Trip, thingId: string): Trip;
/** Remove several personal things at once. */
export declare function removePersonalThings(trip: Trip, gone: ReadonlySet<string>): Trip;
/** Remove things of either kind. */
export declare function removeThings(trip: Trip, gone: ReadonlySet<string>): Trip;
/** Several things changed at once, wherever each stands; ids that the trip does not have are passed over. */
export declare function putThings(trip: Trip, things: readonly Thing[]): Trip;
/** An id made from a name ("Tent body" → "tent-body"), with a number when it is taken. */
export declare function freshId(name: string, taken: Iterable<string>): string;
