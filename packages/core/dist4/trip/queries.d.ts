import type { HouseRules, Member, Pack, PartyGroup, PersonalThing, Piece, Thing, Trip, Zone } from './model.js';
import { type Carried } from './whoseThings.js';
export { isPersonal, mayOthersCarry, movableThings, nameAlone, type Carried } from './whoseThings.js';
/** Every group piece of the trip, in kit order. */
export declare function allPieces(trip: Trip): readonly Piece[];
/** Everything the party takes: group pieces in kit order, then personal things. */
export declare function allThings(trip: Trip): readonly (Piece | PersonalThing)[];
/** Everything that is a member's own, worn or stowed. */
export declare function ownThings(trip: Trip, memberId: string): readonly PersonalThing[];
export declare function memberById(trip: Trip, memberId: string): Member;
/** Who is in a tent or cook group. */
export declare function groupMembers(trip: Trip, group: PartyGroup): readonly Member[];
export declare function packOf(trip: Trip, member: Member): Pack;
/** A member's own things that ride in their own pack on a day: not worn, and taken over by nobody. */
export declare function ownInPack(trip: Trip, memberId: string, day: number): readonly PersonalThing[];
/** The member who carries a thing on a day, or undefined while nobody does (or it is worn). */
export declare function carrierOf(trip: Trip, thingId: string, day: number): string | undefined;
/** What a member carries for the group on a day: pieces in kit order, then own things of others. */
export declare function carriedPieces(trip: Trip, memberId: string, day: number): readonly Carried[];
/** Days from which somebody else carries something, rising; day 1 first. */
export declare function handoverDays(trip: Trip): readonly number[];
/** All that goes into a member's pack on a day. */
export declare function thingsInPack(trip: Trip, memberId: string, day: number): readonly Thing[];
/** All that goes into a member's pack on some day of the trip. */
export declare function thingsEverInPack(trip: Trip, memberId: string): readonly Thing[];
/** Whether a member walks with the party on a day. */
export declare function isWithParty(member: Member, day: number): boolean;
/** What a share deals out: all pieces, and own things that others may carry. */
export declare function sharedThings(trip: Trip): readonly Carried[];
/** Whether a member may carry a piece, by its own rule; what is somebody's own its owner, and whoever needs no help. */
export declare function mayCarry(member: Member, piece: Carried): boolean;
/** Members who may carry a piece. */
export declare function allowedCarriers(trip: Trip, piece: Carried): readonly Member[];
export declare function isTentPart(thing: Thing): boolean;
/** The house rules that hold for a member: the trip's, with the member's own choices; "by ground" is decided here. */
export declare function houseRulesOf(trip: Trip, member: Member): HouseRules;
/** Zones that count as the pack's volume: everything but lash points, which hold things outside. */
export declare function enclosedZones(pack: Pack): readonly Zone[];
/** The volume a pack holds, litres: the sum of its zones except lash points. */
export declare function packVolumeL(pack: Pack): number;
export declare function found<T>(list: readonly T[], test: (item: T) => boolean, what: string): T;
