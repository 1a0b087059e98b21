import type { Member, Trip } from '../trip/model.js';
export interface PastedPerson {
    readonly name: string;
    readonly bodyMassKg?: number;
    readonly statureCm?: number;
    readonly ageYears?: number;
}
/**
 * @param massUnit what a bare figure is in
 * @returns whoever is named, in order; lines without a name are left out
 */
export declare function readPeople(text: string, massUnit: 'kg' | 'lb'): readonly PastedPerson[];
/** What is said of a person, on a member. */
export declare function withSaid(member: Member, { name, bodyMassKg, statureCm, ageYears }: PastedPerson): Member;
/**
 * People into the party: whoever is there already gets what is said of them, others are added.
 *
 * @param insteadOf a member that was added to be named: the first that is new takes their place
 */
export declare function takePeople(trip: Trip, people: readonly PastedPerson[], insteadOf?: string): Trip;
