/**
 * Whether tents and pots are enough: sleepers against capacity, people against litres of pot, and the kit each group
 * needs. People per pot is common practice, no source: about four to a pot of 3 L.
 */
import type { GroupKind, Member, PartyGroup, Trip } from '../trip/model.js';
/** Litres of pot a person needs: a 3 L pot feeds about four. */
export declare const POT_L_PER_PERSON = 0.75;
export interface GroupNeed {
    readonly group: PartyGroup;
    readonly members: readonly Member[];
    /** How the group stands, in words with numbers. */
    readonly state: 'right' | 'missing' | 'surplus' | 'unknown';
    readonly findings: readonly string[];
}
export interface PartyNeeds {
    readonly groups: readonly GroupNeed[];
    /** Members in no group of a kind, where there are groups of it. */
    readonly without: Readonly<Record<GroupKind, readonly Member[]>>;
    /** Places or litres over the whole party against what is needed. */
    readonly sum: Readonly<Record<GroupKind, string>>;
}
/** How tents and cook groups stand. */
export declare function partyNeeds(trip: Trip): PartyNeeds;
