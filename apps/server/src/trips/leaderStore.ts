/** Who leads a trip, and invitations to join them by link. */
import { LessThan, MoreThan, type DataSource } from 'typeorm';
import {
  TRIP_ROLES,
  type InvitationOffer,
  type InvitedRole,
  type TripLeaders,
  type TripRole,
} from '@graft/core/api';
import { newToken, tokenHash } from '../accounts/tokens.js';
import { InvitationRow, TripLeaderRow, TripRow } from '../database/entities.js';
import { inTransaction } from '../database/transaction.js';
import { ApiError } from '../http/apiError.js';
import { DAY_MS } from '../time.js';
import { access } from './access.js';

/** An invitation that nobody took up for so long is void. */
const INVITATION_DAYS = 14;
/** An invitation is named by the start of its hash: enough to tell a trip's few apart, useless as a link. */
const ID_LENGTH = 16;

export class LeaderStore {
  constructor(private readonly source: DataSource) {}

  async leaders(tripId: string, userId: string): Promise<TripLeaders> {
    const { manager } = this.source;
    const mine = await access(manager, tripId, userId, 'read');
    const leaders = await manager.find(TripLeaderRow, { where: { tripId }, relations: { user: true } });
    const invitations = await manager.find(InvitationRow, {
      where: { tripId, expiresAt: MoreThan(new Date()) },
      order: { createdAt: 'ASC' },
    });
    const rank = (role: TripRole): number => TRIP_ROLES.indexOf(role);
    return {
      leaders: leaders
        .map(({ user, role }) => ({
          userId: user.id,
          name: user.name,
          // Whoever may only look sees no addresses but their own.
          ...(mine.role === 'read' && user.id !== userId ? {} : { email: user.email }),
          role,
        }))
        .sort((a, b) => rank(a.role) - rank(b.role) || a.name.localeCompare(b.name)),
      invitations: invitations.map(({ tokenHash: hash, role, expiresAt }) => ({
        id: hash.slice(0, ID_LENGTH),
        role,
        expiresAt: expiresAt.toISOString(),
      })),
    };
  }

  /** @returns the token of the link, which is not kept and cannot be shown again */
  async invite(tripId: string, userId: string, role: InvitedRole): Promise<string> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'owner');
    const token = newToken();
    const now = new Date();
    await manager.delete(InvitationRow, { expiresAt: LessThan(now) });
    await manager.insert(InvitationRow, {
      tokenHash: tokenHash(token),
      tripId,
      role,
      createdAt: now,
      expiresAt: new Date(now.getTime() + INVITATION_DAYS * DAY_MS),
    });
    return token;
  }

  async revoke(tripId: string, userId: string, invitationId: string): Promise<void> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'owner');
    const open = await manager.findBy(InvitationRow, { tripId });
    const meant = open.find((row) => row.tokenHash.startsWith(invitationId));
    if (meant === undefined || invitationId.length !== ID_LENGTH)
      throw new ApiError(404, 'notFound', 'There is no such invitation.');
    await manager.delete(InvitationRow, { tokenHash: meant.tokenHash });
  }

  async setRole(tripId: string, userId: string, leaderId: string, role: InvitedRole): Promise<void> {
    await this.othersRow(tripId, userId, leaderId);
    await this.source.manager.update(TripLeaderRow, { tripId, userId: leaderId }, { role });
  }

  /** Take a leader out; a co-leader may take themselves out. */
  async removeLeader(tripId: string, userId: string, leaderId: string): Promise<void> {
    if (userId === leaderId) {
      const { role } = await access(this.source.manager, tripId, userId, 'read');
      if (role === 'owner')
        throw new ApiError(400, 'invalid', 'The owner cannot leave a trip, only delete it.');
    } else await this.othersRow(tripId, userId, leaderId);
    await this.source.manager.delete(TripLeaderRow, { tripId, userId: leaderId });
  }

  /** What a link offers, for whoever holds it. */
  async offer(token: string): Promise<InvitationOffer> {
    const { tripId, role } = await this.openInvitation(token);
    const { manager } = this.source;
    const trip = await manager.findOneByOrFail(TripRow, { id: tripId });
    const owner = await manager.findOneOrFail(TripLeaderRow, {
      where: { tripId, role: 'owner' },
      relations: { user: true },
    });
    return { tripName: trip.name, owner: owner.user.name, role };
  }

  /** Take up an invitation; it is used up by that. @returns the trip's id */
  async accept(token: string, userId: string): Promise<string> {
    const { tripId, role, tokenHash: hash } = await this.openInvitation(token);
    return inTransaction(this.source, async (manager) => {
      const used = await manager.delete(InvitationRow, { tokenHash: hash });
      if (used.affected !== 1) throw goneInvitation();
      const known = await manager.findOneBy(TripLeaderRow, { tripId, userId });
      // Nobody loses by a link what they had before it.
      const better = known === null || TRIP_ROLES.indexOf(role) < TRIP_ROLES.indexOf(known.role);
      if (better) await manager.upsert(TripLeaderRow, { tripId, userId, role }, ['tripId', 'userId']);
      return tripId;
    });
  }

  private async openInvitation(token: string): Promise<InvitationRow> {
    const { manager } = this.source;
    const row = await manager.findOneBy(InvitationRow, {
      tokenHash: tokenHash(token),
      expiresAt: MoreThan(new Date()),
    });
    const trip = row === null ? null : await manager.findOneBy(TripRow, { id: row.tripId });
    if (row === null || trip === null || trip.deletedAt !== null) throw goneInvitation();
    return row;
  }

  private async othersRow(tripId: string, userId: string, leaderId: string): Promise<void> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'owner');
    const row = await manager.findOneBy(TripLeaderRow, { tripId, userId: leaderId });
    if (row === null) throw new ApiError(404, 'notFound', 'That account does not lead this trip.');
    if (row.role === 'owner') throw new ApiError(400, 'invalid', 'The owner’s part cannot be changed.');
  }
}

function goneInvitation(): ApiError {
  return new ApiError(
    404,
    'notFound',
    'This invitation is void: used, withdrawn or too old. Ask for a new one.',
  );
}
