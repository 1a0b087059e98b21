/** Sending members their links and what changed for them, and what became of it. What a message says is not kept. */
import { randomUUID } from 'node:crypto';
import { MoreThan, type DataSource } from 'typeorm';
import {
  changesMessage,
  channelOf,
  linkMessage,
  reminderMessage,
  type MemberSheet,
  type MessageKind,
  type MessageText,
  type SendingAnswer,
  type SentMessage,
  type TripMessages,
} from '@graft/core/sheet';
import { MemberAddressRow, MessageRow, SheetLinkRow } from '../database/entities.js';
import { ApiError } from '../http/apiError.js';
import type { StoredState } from '../sheets/sentSheets.js';
import type { SheetStore } from '../sheets/sheetStore.js';
import { DAY_MS } from '../time.js';
import { access, requireMember } from '../trips/access.js';
import type { TripStore } from '../trips/tripStore.js';
import type { Messenger } from './messenger.js';

/** A message that was not delivered within a day is not asked about any more. */
const ASKED_FOR_MS = DAY_MS;
const MOST_SHOWN = 200;

/** What is to be sent, and to whom. */
export interface Sending {
  readonly kind: MessageKind;
  readonly memberIds: readonly string[];
  readonly anew?: boolean;
}

/** Whom a message is for, and what it is about. */
interface Recipient {
  readonly tripId: string;
  readonly memberId: string;
  readonly kind: MessageKind;
  readonly address: string;
  /** What they know of once they have it. */
  readonly sheet: MemberSheet;
}

export class MessageStore {
  constructor(
    private readonly source: DataSource,
    private readonly trips: TripStore,
    private readonly sheets: SheetStore,
    private readonly messenger: Messenger,
  ) {}

  async list(tripId: string, userId: string): Promise<TripMessages> {
    const { manager } = this.source;
    const { role } = await access(manager, tripId, userId, 'read');
    await this.askAgain(tripId);
    const service = await this.messenger.info();
    const { addresses, messages } = await this.kept(tripId);
    if (role !== 'read') return { service, addresses, messages };
    return { service, addresses: {}, messages: messages.map(({ address: _hidden, ...message }) => message) };
  }

  /** What is kept of a trip's messages, for whoever may see it; nobody outside is asked. */
  async kept(tripId: string): Promise<Pick<TripMessages, 'addresses' | 'messages'>> {
    const { manager } = this.source;
    const addresses = await manager.findBy(MemberAddressRow, { tripId });
    const rows = await manager.find(MessageRow, {
      where: { tripId },
      order: { sentAt: 'DESC', id: 'ASC' },
      take: MOST_SHOWN,
    });
    return {
      addresses: Object.fromEntries(addresses.map((a) => [a.memberId, a.address])),
      messages: rows.map(asMessage),
    };
  }

  /** @param address empty to forget it */
  async setAddress(tripId: string, userId: string, memberId: string, address: string): Promise<void> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'full');
    await requireMember(manager, tripId, memberId);
    if (address === '') {
      await manager.delete(MemberAddressRow, { tripId, memberId });
      return;
    }
    if (channelOf(address) === undefined)
      throw new ApiError(400, 'invalid', 'This is no address; nothing was saved.', [
        {
          path: 'address',
          message: `expected a mail address such as "ann@example.org" or a telephone number such as "+353 1 555 0123", got "${address}"`,
        },
      ]);
    await manager.upsert(MemberAddressRow, { tripId, memberId, address }, ['tripId', 'memberId']);
  }

  /**
   * Send some members their link, only what changed for them since their last message, or a reminder. Who has a link keeps
   * it: sending again goes to those who have none.
   *
   * @param anew links are made anew, and those from before end with that
   * @param origin where the application is for members, such as "https://graft.example.org"
   * @throws ApiError 502 where nobody's message got on its way because nobody carries messages
   */
  async send(
    tripId: string,
    userId: string,
    { kind, memberIds, anew = false }: Sending,
    origin: string,
  ): Promise<SendingAnswer> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'full');
    const stored = await this.trips.whole(tripId);
    const known = new Set(stored?.trip.members.map((m) => m.id));
    const odd = memberIds.find((id) => !known.has(id));
    if (stored === undefined || odd !== undefined)
      throw new ApiError(404, 'notFound', `There is no member with the id "${odd ?? ''}" in this trip.`);
    // Whether there is anybody to carry them, before any link is made anew.
    await this.messenger.info();
    const addresses = new Map(
      (await manager.findBy(MemberAddressRow, { tripId })).map((a) => [a.memberId, a.address]),
    );
    const answer = {
      sent: [] as string[],
      unchanged: [] as string[],
      without: [] as string[],
      kept: [] as string[],
      failed: [] as { memberId: string; reason: string }[],
    };
    const links = await this.linksFor(kind, tripId, stored);
    let cut: ApiError | undefined;
    for (const memberId of memberIds) {
      const address = addresses.get(memberId);
      const link = links.get(memberId);
      const isLink = kind === 'link';
      const spared = sparedAs(isLink, link, anew);
      if (address === undefined || spared !== undefined) {
        answer[address === undefined ? 'without' : spared!].push(memberId);
        continue;
      }
      const to = { tripId, memberId, kind, address, sheet: this.sheets.sent.now(tripId, stored, memberId) };
      const told = isLink ? undefined : wordsFor(to, link!.toldSheet);
      if (!isLink && told === undefined) {
        answer.unchanged.push(memberId);
        continue;
      }
      // Once nobody carries messages the others need not wait for that to be found out again.
      if (cut !== undefined) {
        await this.note(to, { state: 'failed', reason: cut.message });
        answer.failed.push({ memberId, reason: cut.message });
        continue;
      }
      try {
        const reason =
          told === undefined
            ? await this.sendLink(userId, to, link, origin)
            : await this.carry(userId, { ...to, ...told });
        if (reason === undefined) answer.sent.push(memberId);
        else answer.failed.push({ memberId, reason });
      } catch (error) {
        if (!(error instanceof ApiError)) throw error;
        cut = error;
        answer.failed.push({ memberId, reason: error.message });
      }
    }
    if (cut !== undefined && answer.sent.length === 0) throw cut;
    return answer;
  }

  /** The links that there are, by member. What a message of changes tells of stands on the sheet: it is sent first. */
  private async linksFor(
    kind: MessageKind,
    tripId: string,
    stored: StoredState,
  ): Promise<ReadonlyMap<string, SheetLinkRow>> {
    if (kind === 'changes') await this.sheets.sent.sendAsStored(tripId, stored);
    const links = await this.source.manager.findBy(SheetLinkRow, { tripId });
    return new Map(links.map((l) => [l.memberId, l]));
  }

  /** A link that does not get on its way takes the place of no other. @returns why it did not */
  private async sendLink(
    userId: string,
    to: Recipient,
    before: SheetLinkRow | undefined,
    origin: string,
  ): Promise<string | undefined> {
    const { manager } = this.source;
    const { tripId, memberId } = to;
    const { token, sheet } = await this.sheets.makeLink(tripId, userId, memberId);
    let reason: string | undefined = '';
    try {
      reason = await this.carry(userId, { ...to, sheet, words: linkMessage(sheet, `${origin}/s/#${token}`) });
      return reason;
    } finally {
      if (reason !== undefined && before === undefined)
        await manager.delete(SheetLinkRow, { tripId, memberId });
      else if (reason !== undefined) await manager.save(before!);
    }
  }

  /** @returns why it is not on its way; undefined when it is */
  private async carry(
    userId: string,
    message: Recipient & { readonly words: MessageText },
  ): Promise<string | undefined> {
    const { tripId, memberId, address, words, sheet } = message;
    const channel = channelOf(address)!;
    const carried = await this.messenger
      .send({ channel, to: address, ...words }, userId)
      .catch(async (error: unknown) => {
        if (error instanceof ApiError) await this.note(message, { state: 'failed', reason: error.message });
        throw error;
      });
    await this.note(message, carried);
    if (carried.state === 'failed') return carried.reason ?? 'refused';
    // What a message told needs not be told again.
    await this.source.manager.update(SheetLinkRow, { tripId, memberId }, { toldSheet: sheet });
    return undefined;
  }

  private async note(
    { tripId, memberId, kind, address }: Recipient,
    { state, reason, serviceId }: Awaited<ReturnType<Messenger['send']>>,
  ): Promise<void> {
    await this.source.manager.insert(MessageRow, {
      tripId,
      id: randomUUID(),
      memberId,
      kind,
      channel: channelOf(address)!,
      address,
      sentAt: new Date(),
      state,
      reason: reason ?? null,
      serviceId: serviceId ?? null,
    });
  }

  /** Ask what became of messages that are still on their way. */
  private async askAgain(tripId: string): Promise<void> {
    const { manager } = this.source;
    const open = await manager.findBy(MessageRow, {
      tripId,
      state: 'sent',
      sentAt: MoreThan(new Date(Date.now() - ASKED_FOR_MS)),
    });
    for (const { id, serviceId } of open) {
      if (serviceId === null) continue;
      const { state, reason } = await this.messenger.stateOf(serviceId);
      if (state !== 'sent')
        await manager.update(MessageRow, { tripId, id }, { state, reason: reason ?? null });
    }
  }
}

function asMessage({ id, memberId, kind, channel, address, sentAt, state, reason }: MessageRow): SentMessage {
  return {
    id,
    memberId,
    kind,
    channel,
    address,
    sentAt: sentAt.toISOString(),
    state,
    ...(reason === null ? {} : { reason }),
  };
}

/** Who is sent nothing, whatever their sheet says: who has their link, and who has none to tell changes for. */
function sparedAs(
  isLink: boolean,
  link: SheetLinkRow | undefined,
  anew: boolean,
): 'kept' | 'without' | undefined {
  if (!isLink) return link === undefined ? 'without' : undefined;
  return link === undefined || anew ? undefined : 'kept';
}

/** What a member is told, and what they know of once they have it; undefined where there is nothing to tell. */
function wordsFor(
  { kind, sheet }: Recipient,
  told: MemberSheet | null,
): { readonly words: MessageText; readonly sheet: MemberSheet } | undefined {
  if (told === null) return undefined;
  // A reminder tells nothing of what changed: that stays to be told.
  if (kind === 'reminder') return { words: reminderMessage(sheet), sheet: told };
  const words = changesMessage(told, sheet);
  return words === undefined ? undefined : { words, sheet };
}
