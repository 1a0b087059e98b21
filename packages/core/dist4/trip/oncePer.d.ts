/**
 * A value made once for a trip or one of its lists, and kept as long as that is: neither ever changes, a change makes new
 * ones. Loads ask the same of a trip for every member and day.
 */
export declare function oncePer<L extends object, T>(make: (list: L) => T): (list: L) => T;
