export interface PastedThing {
    /** Line of the text, from 1. */
    readonly line: number;
    readonly name: string;
    readonly count: number;
    readonly massKg?: number;
    readonly volumeL?: number;
    /** Whose it is, by the last head: a member's name, the group's word, or a kit. */
    readonly list?: string;
}
export interface PastedList {
    readonly things: readonly PastedThing[];
    readonly errors: readonly {
        readonly line: number;
        readonly message: string;
    }[];
}
export interface PasteOptions {
    /** The unit of a mass written as a number alone at the end of a line ("tent 1900"); without, it is part of the name. */
    readonly bareUnit?: 'g' | 'kg' | 'oz' | 'lb';
    /** Names of those on the trip, whose heads are theirs. */
    readonly members?: readonly string[];
    /** Other heads are parts of one member's list and name no kit of the group. */
    readonly isOneMembers?: boolean;
}
export declare function parseList(text: string, { bareUnit, members, isOneMembers }?: PasteOptions): PastedList;
