import type { Evening } from '../trail/eveningList.js';
/** What of an evening's list is one member's to do, in lines. */
export declare function eveningWords({ members, joins, leaves }: Evening, { id, name }: {
    readonly id: string;
    readonly name: string;
}): readonly string[];
