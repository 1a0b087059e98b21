import type { Trip } from '../trip/model.js';
import { type BodyPlace } from '../trip/recordModel.js';
import { type KeptMark, type SheetMark, type Standing } from './marks.js';
/** What a mark about a day names in place of a thing. */
export declare function dayMark(day: number): string;
export interface ToldDay {
    readonly memberId: string;
    readonly day: number;
    readonly comfort: number;
    readonly hurts: readonly BodyPlace[];
}
/** What stands of a member's word on a day; undefined while they gave no mark. */
export declare function toldDay(state: ReadonlyMap<string, Standing<SheetMark>>, day: number): Pick<ToldDay, 'comfort' | 'hurts'> | undefined;
/** All that members told and the record does not say yet. */
export declare function toldComfort(trip: Trip, marks: Readonly<Record<string, readonly KeptMark[]>>): readonly ToldDay[];
/** The record with what members told; words that stand beside a mark stay. */
export declare function takeToldComfort(trip: Trip, told: readonly ToldDay[]): Trip;
