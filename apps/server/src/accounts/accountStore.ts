/** Accounts and their sessions in the database. */
import { randomUUID } from 'node:crypto';
import { LessThan, Not, type DataSource, type EntityManager } from 'typeorm';
import type { Account } from '@graft/core/api';
import { SessionRow, TripLeaderRow, TripRow, UserRow } from '../database/entities.js';
import { databaseCode, inTransaction } from '../database/transaction.js';
import { ApiError } from '../http/apiError.js';
import { DAY_MS } from '../time.js';
import { hashPassword, isPassword } from './passwords.js';
import { newToken, tokenHash } from './tokens.js';

/** A session that is not used for this long has ended. */
export const SESSION_DAYS = 30;
/** How often a session in use is written down as seen. */
const SEEN_EVERY_MS = 3_600_000;
const DEMO_EMAIL = 'demo@graft.invalid';

export interface NewAccount {
  readonly email: string;
  readonly name: string;
  readonly password: string;
}

const asAccount = ({ id, email, name, demo }: UserRow): Account => ({ id, email, name, demo: Boolean(demo) });

export class AccountStore {
  constructor(private readonly source: DataSource) {}

  /** Make an account. The first one takes over trips from before there were accounts. */
  async add({ email, name, password }: NewAccount): Promise<Account> {
    const passwordHash = await hashPassword(password);
    const user = { id: randomUUID(), email, name, passwordHash, demo: false, createdAt: new Date() };
    await inTransaction(this.source, async (manager) => {
      const first = (await manager.countBy(UserRow, { demo: false })) === 0;
      await insertUser(manager, user);
      if (first) await adoptOwnerless(manager, user.id);
    });
    return asAccount(user);
  }

  /**
   * The demo account, made where there is none; nobody signs in to it by password.
   *
   * @param fill gives a new one what it begins with; without that there is no account either
   */
  async demoAccount(
    fill: (manager: EntityManager, userId: string) => Promise<void> = () => Promise.resolve(),
  ): Promise<Account> {
    const known = await this.source.manager.findOneBy(UserRow, { demo: true });
    if (known !== null) return asAccount(known);
    const user = {
      id: randomUUID(),
      email: DEMO_EMAIL,
      name: 'Demo leader',
      passwordHash: null,
      demo: true,
      createdAt: new Date(),
    };
    try {
      await inTransaction(this.source, async (manager) => {
        await insertUser(manager, user);
        await fill(manager, user.id);
      });
    } catch (error) {
      // Another server was making it, and has made it.
      const made = await this.source.manager.findOneBy(UserRow, { demo: true });
      if (!(error instanceof ApiError) || made === null) throw error;
      return asAccount(made);
    }
    return asAccount(user);
  }

  /** The account of an address and password, or undefined. */
  async byPassword(email: string, password: string): Promise<Account | undefined> {
    const user = await this.source.manager.findOneBy(UserRow, { email, demo: false });
    return (await isPassword(user?.passwordHash ?? null, password)) ? asAccount(user!) : undefined;
  }

  async setPassword(userId: string, password: string): Promise<void> {
    await this.source.manager.update(UserRow, { id: userId }, { passwordHash: await hashPassword(password) });
  }

  /** Delete an account with its sessions, the trips it owns and its part in others. */
  async remove(userId: string): Promise<void> {
    await inTransaction(this.source, async (manager) => {
      const owned = await manager.findBy(TripLeaderRow, { userId, role: 'owner' });
      for (const { tripId } of owned) await manager.delete(TripRow, { id: tripId });
      await manager.delete(UserRow, { id: userId });
    });
  }

  /** Start a session; the token is known to the caller only. */
  async openSession(userId: string): Promise<string> {
    const token = newToken();
    const now = new Date();
    await this.source.manager.delete(SessionRow, { expiresAt: LessThan(now) });
    await this.source.manager.insert(SessionRow, {
      tokenHash: tokenHash(token),
      userId,
      createdAt: now,
      seenAt: now,
      expiresAt: new Date(now.getTime() + SESSION_DAYS * DAY_MS),
    });
    return token;
  }

  /** The account of a session that has not ended. Asked on every request: one plain query. */
  async bySession(token: string): Promise<Account | undefined> {
    const hash = tokenHash(token);
    const [found] = await this.source.manager.query<
      { seenAt: Date; expiresAt: Date; id: string; email: string; name: string; demo: number }[]
    >(
      `SELECT s.seen_at AS seenAt, s.expires_at AS expiresAt, u.id, u.email, u.name, u.demo
       FROM sessions s JOIN users u ON u.id = s.user_id WHERE s.token_hash = ?`,
      [hash],
    );
    const now = Date.now();
    if (found === undefined || found.expiresAt.getTime() <= now) return undefined;
    if (now - found.seenAt.getTime() > SEEN_EVERY_MS) {
      await this.source.manager.update(
        SessionRow,
        { tokenHash: hash },
        { seenAt: new Date(now), expiresAt: new Date(now + SESSION_DAYS * DAY_MS) },
      );
    }
    const { id, email, name, demo } = found;
    return { id, email, name, demo: demo === 1 };
  }

  async closeSession(token: string): Promise<void> {
    await this.source.manager.delete(SessionRow, { tokenHash: tokenHash(token) });
  }

  /** End every session of an account, or all but one. */
  async closeSessions(userId: string, exceptToken?: string): Promise<void> {
    await this.source.manager.delete(SessionRow, {
      userId,
      ...(exceptToken === undefined ? {} : { tokenHash: Not(tokenHash(exceptToken)) }),
    });
  }

  /** What is kept of an account's sessions, for its owner. */
  async sessions(userId: string): Promise<readonly { readonly createdAt: Date; readonly seenAt: Date }[]> {
    const rows = await this.source.manager.find(SessionRow, {
      where: { userId },
      order: { createdAt: 'ASC' },
    });
    return rows.map(({ createdAt, seenAt }) => ({ createdAt, seenAt }));
  }
}

async function insertUser(manager: EntityManager, user: Omit<UserRow, never>): Promise<void> {
  try {
    await manager.insert(UserRow, user);
  } catch (error) {
    const duplicate = databaseCode(error) === 'ER_DUP_ENTRY';
    if (!duplicate) throw error;
    throw new ApiError(400, 'invalid', 'There is an account with this address already.', [
      { path: 'email', message: `expected an address without an account, got "${user.email}"` },
    ]);
  }
}

async function adoptOwnerless(manager: EntityManager, userId: string): Promise<void> {
  const ownerless = await manager
    .createQueryBuilder(TripRow, 'trip')
    .leftJoin(TripLeaderRow, 'leader', 'leader.tripId = trip.id')
    .where({})
    .andWhere('leader.userId IS NULL')
    .getMany();
  for (const { id } of ownerless) await manager.insert(TripLeaderRow, { tripId: id, userId, role: 'owner' });
}
