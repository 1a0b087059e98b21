import type { PersonalThing, Thing, Trip } from '../trip/model.js';
/** A thing as a row of a table tells it. */
export interface ReadRow {
    /** Line of the file, from 1. */
    readonly line: number;
    readonly id?: string;
    readonly list?: string;
    readonly count: number;
    readonly thing: Omit<Thing, 'id'>;
    readonly personal: Pick<PersonalThing, 'worn' | 'want' | 'othersMayCarry'>;
    readonly onlyFor?: string;
    readonly together?: string;
    /** A whole kit of the starter library: where it goes to the group it goes in its pieces. */
    readonly kitId?: string;
}
/** Where things go whose row does not say: to a member, or into a kit of the group (the loose one when undefined). */
export type Target = {
    readonly kind: 'member';
    readonly memberId: string;
} | {
    readonly kind: 'group';
    readonly kitId?: string;
};
export interface Taken {
    readonly trip: Trip;
    readonly added: number;
    readonly updated: number;
}
/**
 * Put rows onto the lists. A row with the id of a thing that is there changes it; any other adds things, to the member or
 * kit that its list names, a new kit of that name, or the target.
 */
export declare function takeRows(trip: Trip, rows: readonly ReadRow[], target: Target): Taken;
/**
 * What a trip's lists cannot hold, once rows were taken, in words; undefined when all fits.
 *
 * @param trip as it would be with the rows
 */
export declare function tooLong(trip: Trip): string | undefined;
