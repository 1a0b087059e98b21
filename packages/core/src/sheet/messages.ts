/** Messages to members: where they go, and what they say. */
import type { MemberSheet } from './memberSheet.js';
import { sheetChanges } from './sheetChanges.js';

export const MESSAGE_KINDS = ['link', 'changes', 'reminder'] as const;
export type MessageKind = (typeof MESSAGE_KINDS)[number];
export const MESSAGE_CHANNELS = ['mail', 'text'] as const;
export type MessageChannel = (typeof MESSAGE_CHANNELS)[number];
export const MESSAGE_STATES = ['sent', 'delivered', 'failed'] as const;
export type MessageState = (typeof MESSAGE_STATES)[number];

/** What a leader sees of a message; its words are kept by whoever carries it. */
export interface SentMessage {
  readonly id: string;
  readonly memberId: string;
  readonly kind: MessageKind;
  readonly channel: MessageChannel;
  /** Absent for leaders who may only look. */
  readonly address?: string;
  readonly sentAt: string;
  readonly state: MessageState;
  /** Why it failed. */
  readonly reason?: string;
}
export interface TripMessages {
  /** Who carries them. */
  readonly service: { readonly name: string; readonly simulated: boolean };
  /** Nothing for leaders who may only look. */
  readonly addresses: Readonly<Record<string, string>>;
  /** Latest first. */
  readonly messages: readonly SentMessage[];
}
/** What came of sending to some members, by person. */
export interface SendingAnswer {
  readonly sent: readonly string[];
  /** Members for whom nothing changed since their last message. */
  readonly unchanged: readonly string[];
  /** Members without an address, or without a link to tell changes for. */
  readonly without: readonly string[];
  /** Members who have their link: it stays theirs, and no other was made. */
  readonly kept: readonly string[];
  /** Members whose message did not get on its way, and why. */
  readonly failed: readonly { readonly memberId: string; readonly reason: string }[];
}

export const LONGEST_ADDRESS = 200;

/** How an address is reached: mail, or a text message to a telephone number; undefined when it is neither. */
export function channelOf(address: string): MessageChannel | undefined {
  if (/^[^\s@<>"]+@[^\s@<>"]+\.[^\s@<>".]+$/.test(address)) return 'mail';
  return /^\+?\d[\d ()-]{4,19}\d$/.test(address) ? 'text' : undefined;
}

export interface MessageText {
  readonly subject: string;
  readonly text: string;
}

export function linkMessage(sheet: MemberSheet, url: string): MessageText {
  return {
    subject: `${sheet.tripName}: your sheet`,
    text: [
      `${sheet.name}, this is your sheet for ${sheet.tripName}, from ${sheet.startDate}:`,
      url,
      'It shows what you carry and from whom you get it, where each thing goes, and who has the rest. Open it once while you have a network; then it works without. It is yours alone: whoever has the link sees it.',
    ].join('\n\n'),
  };
}

/** To somebody who has not said all of themselves yet; their link they have. */
export function reminderMessage(sheet: MemberSheet): MessageText {
  return {
    subject: `${sheet.tripName}: a few answers`,
    text: [
      `${sheet.name}, before ${sheet.tripName} (from ${sheet.startDate}) a few answers of yours are still missing: your pack, what you bring, what you can carry.`,
      'Open your sheet with the link that you have, and say them under “About you”. It takes a few minutes and works without a network.',
    ].join('\n\n'),
  };
}

/** Only what changed for this member; undefined when nothing did. */
export function changesMessage(before: MemberSheet, after: MemberSheet): MessageText | undefined {
  const changes = sheetChanges(before, after);
  if (changes.length === 0) return undefined;
  return {
    subject: `${after.tripName}: changed for you`,
    text: [
      `${after.name}, this changed for you:`,
      changes.map((c) => `- ${c}`).join('\n'),
      'Your sheet has it all: open it with the link that you have.',
    ].join('\n\n'),
  };
}
