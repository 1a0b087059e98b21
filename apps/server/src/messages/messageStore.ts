/** Sending members their links and what changed for them, and what became of it. What a message says is not kept. */
import { randomUUID } from 'node:crypto';
import { MoreThan, type DataSource } from 'typeorm';
import {
  changesMessage,
  channelOf,
  linkMessage,
  reminderMessage,
  memberSheet,
  type MemberSheet,
  type MessageKind,
  type MessageText,
  type SendingAnswer,
  type SentMessage,
  type TripMessages,
} from '@graft/core/sheet';
import { MemberAddressRow, MessageRow, SheetLinkRow } from '../database/entities.js';
import { ApiError } from '../http/apiError.js';
import type { SheetStore } from '../sheets/sheetStore.js';
import { DAY_MS } from '../time.js';
import { access, requireMember } from '../trips/access.js';
import type { TripStore } from '../trips/tripStore.js';
import type { Messenger } from './messenger.js';

/** A message that was not delivered within a day is not asked about any more. */
const ASKED_FOR_MS = DAY_MS;
const MOST_SHOWN = 200;

export class MessageStore {
  constructor(
    private readonly source: DataSource,
    private readonly trips: TripStore,
    private readonly sheets: SheetStore,
    private readonly messenger: Messenger,
  ) {}

  async list(tripId: string, userId: string): Promise<TripMessages> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'read');
    await this.askAgain(tripId);
    return { service: await this.messenger.info(), ...(await this.kept(tripId)) };
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
   * Send some members their link, made anew, or only what changed for them since their last message.
   *
   * @param origin where the application is for members, such as "https://graft.example.org"
   */
  async send(
    tripId: string,
    userId: string,
    kind: MessageKind,
    memberIds: readonly string[],
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
    const answer = { sent: [] as string[], unchanged: [] as string[], without: [] as string[] };
    for (const memberId of memberIds) {
      const address = addresses.get(memberId);
      if (address === undefined) {
        answer.without.push(memberId);
        continue;
      }
      const sheet = memberSheet(stored.trip, memberId);
      if (kind === 'link') await this.sendLink(tripId, userId, { memberId, address, sheet }, origin);
      else {
        const link = await manager.findOneBy(SheetLinkRow, { tripId, memberId });
        const told = link?.toldSheet ?? null;
        const words =
          told === null
            ? undefined
            : kind === 'reminder'
              ? reminderMessage(sheet)
              : changesMessage(told, sheet);
        if (words === undefined) {
          answer[link === null ? 'without' : 'unchanged'].push(memberId);
          continue;
        }
        // A reminder tells nothing of what changed: that stays to be told.
        await this.carry(userId, {
          tripId,
          memberId,
          kind,
          address,
          words,
          sheet: kind === 'reminder' ? told! : sheet,
        });
      }
      answer.sent.push(memberId);
    }
    return answer;
  }

  /** A link that does not get on its way takes the place of no other. */
  private async sendLink(
    tripId: string,
    userId: string,
    to: { readonly memberId: string; readonly address: string; readonly sheet: MemberSheet },
    origin: string,
  ): Promise<void> {
    const { manager } = this.source;
    const { memberId, sheet } = to;
    const before = await manager.findOneBy(SheetLinkRow, { tripId, memberId });
    const token = await this.sheets.makeLink(tripId, userId, memberId);
    let isOnItsWay = false;
    try {
      const words = linkMessage(sheet, `${origin}/s/#${token}`);
      isOnItsWay = await this.carry(userId, { tripId, kind: 'link', words, ...to });
    } finally {
      if (!isOnItsWay && before === null) await manager.delete(SheetLinkRow, { tripId, memberId });
      else if (!isOnItsWay) await manager.save(before!);
    }
  }

  /** @returns whether it is on its way */
  private async carry(
    userId: string,
    message: {
      readonly tripId: string;
      readonly memberId: string;
      readonly kind: MessageKind;
      readonly address: string;
      readonly words: MessageText;
      readonly sheet: MemberSheet;
    },
  ): Promise<boolean> {
    const { tripId, memberId, kind, address, words, sheet } = message;
    const { manager } = this.source;
    const channel = channelOf(address)!;
    const { state, reason, serviceId } = await this.messenger.send(
      { channel, to: address, ...words },
      userId,
    );
    await manager.insert(MessageRow, {
      tripId,
      id: randomUUID(),
      memberId,
      kind,
      channel,
      address,
      sentAt: new Date(),
      state,
      reason: reason ?? null,
      serviceId: serviceId ?? null,
    });
    // What a message told needs not be told again.
    if (state !== 'failed') await manager.update(SheetLinkRow, { tripId, memberId }, { toldSheet: sheet });
    return state !== 'failed';
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
