/** Messages to members: where they go, and what they say. */
import type { MemberSheet } from './memberSheet.js';
export declare const MESSAGE_KINDS: readonly ['link', 'changes', 'reminder'];
export type MessageKind = (typeof MESSAGE_KINDS)[number];
export declare const MESSAGE_CHANNELS: readonly ['mail', 'text'];
export type MessageChannel = (typeof MESSAGE_CHANNELS)[number];
export declare const MESSAGE_STATES: readonly ['sent', 'delivered', 'failed'];
export type MessageState = (typeof MESSAGE_STATES)[number];
/** What a leader sees of a message; its words are kept by whoever carries it. */
export interface SentMessage {
    readonly id: string;
    readonly memberId: string;
    readonly kind: MessageKind;
    readonly channel: MessageChannel;
    readonly address: string;
    readonly sentAt: string;
    readonly state: MessageState;
    /** Why it failed. */
    readonly reason?: string;
}
export interface TripMessages {
    /** Who carries them. */
    readonly service: {
        readonly name: string;
        readonly simulated: boolean;
    };
    readonly addresses: Readonly<Record<string, string>>;
    /** Latest first. */
    readonly messages: readonly SentMessage[];
}
/** What came of sending to some members. */
export interface SendingAnswer {
    readonly sent: readonly string[];
    /** Members for whom nothing changed since their last message. */
    readonly unchanged: readonly string[];
    /** Members without an address, or without a link to tell changes for. */
    readonly without: readonly string[];
}
export declare const LONGEST_ADDRESS = 200;
/** How an address is reached: mail, or a text message to a telephone number; undefined when it is neither. */
export declare function channelOf(address: string): MessageChannel | undefined;
export interface MessageText {
    readonly subject: string;
    readonly text: string;
}
export declare function linkMessage(sheet: MemberSheet, url: string): MessageText;
/** To somebody who has not said all of themselves yet; their link they have. */
export declare function reminderMessage(sheet: MemberSheet): MessageText;
/** Only what changed for this member; undefined when nothing did. */
export declare function changesMessage(before: MemberSheet, after: MemberSheet): MessageText | undefined;
