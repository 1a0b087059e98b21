import type { Pack, PartyGroup, Role, Trip, Waypoint } from './model.js';
export declare function putGroup(trip: Trip, group: PartyGroup): Trip;
/** Members leave the group; pieces that were only for it may be carried by anybody. */
export declare function removeGroup(trip: Trip, groupId: string): Trip;
/** Replace a pack of the same id; a zone that goes takes its wearer's placements in it along. */
export declare function putPack(trip: Trip, pack: Pack): Trip;
/**
 * Give a day's role to a member, or to nobody.
 *
 * @param among who has the turn between them: a cook group's members, or everybody
 */
export declare function setRole(trip: Trip, role: Role, day: number, among: readonly string[], memberId: string | undefined): Trip;
/** Add or change a place; places stand in the order of the way. */
export declare function putWaypoint(trip: Trip, place: Waypoint): Trip;
/** Add the places of a file; one whose name is known already is not taken twice. */
export declare function addWaypoints(trip: Trip, places: readonly Waypoint[]): Trip;
/** Somebody new, with a pack of a usual size. */
export declare function addMember(trip: Trip, name: string): Trip;
