import type { Treatment } from '../trip/larderModel.js';
import type { Member, Thing, Trip } from '../trip/model.js';
/** Independent water carriers each member should have (common practice, no source). */
export declare const CARRIERS_EACH = 2;
export interface MemberWater {
    readonly member: Member;
    /** The day on which they carry most. */
    readonly day: number;
    readonly needL: number;
    readonly capacityL: number;
    readonly containers: readonly Thing[];
}
/** The water that each member carries on the day when it is most, against the containers that they have then. */
export declare function waterByMember(trip: Trip): readonly MemberWater[];
/** What the party has to carry on a day against all that it can carry it in, bags of the group included, litres. */
export declare function partyWater(trip: Trip, day: number): {
    readonly needL: number;
    readonly capacityL: number;
};
export interface CampWater {
    readonly day: number;
    readonly groupId: string;
    readonly needL: number;
    /** Group containers that this cook group may use: its own and the party's. */
    readonly capacityL: number;
}
/** Cooking water at dry camps against the group's bags; the party's bags count for each group by its share of people. */
export declare function campWater(trip: Trip): readonly CampWater[];
export interface TreatmentFacts {
    readonly name: string;
    /** Minutes a litre; for tablets the wait, whatever the amount. */
    readonly minutesPerL: number;
    readonly waitMinutes: number;
    readonly note: string;
}
/** What treating water takes (Graft's own round numbers; the maker's instructions and the land manager's rules come first). */
export declare const TREATMENTS_FACTS: Readonly<Record<Treatment, TreatmentFacts>>;
export interface DayTreatment {
    readonly day: number;
    /** Drinking water of the whole party, litres. */
    readonly litres: number;
    readonly minutes: number;
}
/** What the party has to treat each day, and how long that takes with one device. */
export declare function treatmentByDay(trip: Trip): readonly DayTreatment[];
/** Whether water is treated with something that has to be carried for it. */
export declare function treatsByKit({ larder }: Trip): boolean;
/** Whether the party carries what its way of treating water needs. */
export declare function hasTreatment(trip: Trip): boolean;
