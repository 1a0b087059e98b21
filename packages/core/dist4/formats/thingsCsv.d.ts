/** Things of a trip written as a table. */
import type { Trip } from '../trip/model.js';
/** "mustStayDry" as "must stay dry". */
export declare function spaced(id: string): string;
/** The fields that are there. */
export declare const defined: <T extends object>(fields: T) => Partial<T>;
/** A trip's things as CSV: every group piece and personal thing that was entered by hand, numbers exact, kg and L. */
export declare function thingsCsv(trip: Trip): string;
