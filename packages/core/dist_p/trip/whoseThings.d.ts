import type { Member, PersonalThing, Piece, Thing, Trip } from './model.js';
/** Something that one member carries: a piece of the group, or what is somebody's own. */
export type Carried = Piece | PersonalThing;
/** Whether a thing is on a member's list, not in a kit of the group. */
export declare function isPersonal(thing: Thing): thing is PersonalThing;
/** A liner lines the pack: it is no cargo, and all that is in the pack is in it. */
export declare function isLiner(thing: Thing): boolean;
/** Lighter things nobody takes over by themselves (Graft's own number). */
export declare const TRIFLE_KG = 0.05;
/** Whether others carry for a member on the trip: a child, or somebody whose limit a condition lowers much. */
export declare function isHelped(member: Member): boolean;
/** Whether a condition lowers a member's limit much on a day or later. */
export declare function isHurtFrom(member: Member, day: number): boolean;
/**
 * Whether a thing is wanted at hand by its owner. What is put on or taken out on the way and is nothing else is the gear
 * that one walks with: crampons, axe, harness, helmet, snow shoes.
 */
export declare function isAtHand({ needed, purpose }: PersonalThing): boolean;
/**
 * Whether somebody else may carry what is a member's own: by the leader's word, or since they are helped and do not need
 * it at hand. What is worn nobody carries, and a liner lines its owner's pack.
 */
export declare function mayOthersCarry(owner: Member, thing: PersonalThing): boolean;
/** Own things that a share deals out: those that others may carry, and those that somebody was given by hand. */
export declare const movableThings: (list: Trip) => readonly PersonalThing[];
/** What a thing is called away from its kit or its owner's list: "Ilse: sleeping bag", "Tent A: fly". */
export declare function nameAlone(trip: Pick<Trip, 'members' | 'groups' | 'kits'>, thing: Thing): string;
