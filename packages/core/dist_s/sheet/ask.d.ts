import type { Member, Trip } from '../trip/model.js';
/** What a member is asked, with what such a trip usually takes; a part of their sheet until the party leaves. */
export interface SheetAsk {
    /** Sizes of packs to choose from, L. */
    readonly packsL: readonly number[];
    readonly own: readonly {
        readonly id: string;
        readonly name: string;
        readonly kg: number;
    }[];
    readonly others: readonly {
        readonly id: string;
        readonly name: string;
    }[];
    /** A guardian fills it in. */
    readonly isMinor: boolean;
}
/** @returns undefined once the party has left */
export declare function sheetAsk(trip: Trip, member: Member): SheetAsk | undefined;
