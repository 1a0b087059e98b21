import type { Member, PersonalThing, Piece, Thing, Trip } from '../trip/model.js';
export declare function aThing(id: string, more?: Partial<Thing>): Thing;
export declare function aMember(id: string, more?: Partial<Member>): Member;
/** A trip of these members, each in a 60 L pack, with one kit of these pieces; no water is carried. */
export declare function aTrip(members: readonly Member[], pieces: readonly Piece[], personalThings?: readonly PersonalThing[], days?: number): Trip;
