/** Accounts and their sessions in the database. */
import { randomUUID } from 'node:crypto';
import { LessThan, MoreThan, Not, type DataSource, type EntityManager } from 'typeorm';
import type { Account } from '@graft/core/api';
import {
  KnownBrowserRow,
  MailTokenRow,
  SessionRow,
  TripLeaderRow,
  TripRow,
  UserRow,
  type NewAccountRow,
} from '../database/entities.js';
import { databaseCode, inTransaction } from '../database/transaction.js';
import { ApiError } from '../http/apiError.js';
import { DAY_MS, HOUR_MS } from '../time.js';
import { hashPassword, isPassword } from './passwords.js';
import { newToken, tokenHash } from './tokens.js';

/** A session that is not used for this long has ended. */
export const SESSION_DAYS = 30;
/** How often a session in use is written down as seen. */
const SEEN_EVERY_MS = HOUR_MS;
/** A browser is known for so long after somebody signed in from it. */
export const KNOWN_BROWSER_DAYS = 180;
const DEMO_EMAIL = 'demo@graft.invalid';

/** Gives a new demo account what it begins with. */
type Fill = (manager: EntityManager, userId: string) => Promise<void>;

const asAccount = ({ id, email, name, demo }: UserRow): Account => ({ id, email, name, demo: Boolean(demo) });

export class AccountStore {
  constructor(private readonly source: DataSource) {}

  /** Make an account. The first one takes over trips from before there were accounts. */
  async add(newAccount: NewAccountRow): Promise<Account> {
    return inTransaction(this.source, (manager) => addAccount(manager, newAccount));
  }

  /**
   * The demo account that all share, made where there is none; nobody signs in to it by password.
   *
   * @param fill gives a new one what it begins with; without that there is no account either
   */
  async demoAccount(fill: Fill = () => Promise.resolve()): Promise<Account> {
    const known = await this.source.manager.findOneBy(UserRow, { email: DEMO_EMAIL });
    if (known !== null) return asAccount(known);
    try {
      return await this.addDemo(DEMO_EMAIL, fill);
    } catch (error) {
      // Another server was making it, and has made it.
      const made = await this.source.manager.findOneBy(UserRow, { email: DEMO_EMAIL });
      if (!(error instanceof ApiError) || made === null) throw error;
      return asAccount(made);
    }
  }

  /** A demo account for one visitor alone, which is swept after a day. */
  demoCopy(fill: Fill): Promise<Account> {
    return this.addDemo(`demo-${randomUUID()}@graft.invalid`, fill);
  }

  /** Delete demo copies that are a day old. */
  async sweepDemos(now = new Date()): Promise<void> {
    const old = await this.source.manager.findBy(UserRow, {
      demo: true,
      email: Not(DEMO_EMAIL),
      createdAt: LessThan(new Date(now.getTime() - DAY_MS)),
    });
    for (const { id } of old) await this.remove(id);
  }

  private async addDemo(email: string, fill: Fill): Promise<Account> {
    const user = {
      id: randomUUID(),
      email,
      name: 'Demo leader',
      passwordHash: null,
      demo: true,
      createdAt: new Date(),
    };
    await inTransaction(this.source, async (manager) => {
      await insertUser(manager, user);
      await fill(manager, user.id);
    });
    return asAccount(user);
  }

  async byEmail(email: string): Promise<Account | undefined> {
    const user = await this.source.manager.findOneBy(UserRow, { email, demo: false });
    return user === null ? undefined : asAccount(user);
  }

  /** What a link that went by mail is for; undefined for one that is void. */
  async mailToken(token: string): Promise<MailTokenRow | undefined> {
    const row = await this.source.manager.findOneBy(MailTokenRow, {
      tokenHash: tokenHash(token),
      expiresAt: MoreThan(new Date()),
    });
    return row ?? undefined;
  }

  /** Make an account by the link that went to its address; undefined where it has one by now. */
  async confirm({ tokenHash: hash, newAccount }: MailTokenRow): Promise<Account | undefined> {
    return inTransaction(this.source, async (manager) => {
      const { affected } = await manager.delete(MailTokenRow, { tokenHash: hash });
      if (affected !== 1 || newAccount === null) return undefined;
      const isThere = await manager.existsBy(UserRow, { email: newAccount.email });
      return isThere ? undefined : addAccount(manager, newAccount);
    });
  }

  /** Set a password by the link that went to its address: every session, and every other such link, ends. */
  async reset(row: MailTokenRow, password: string): Promise<Account | undefined> {
    const { userId } = row;
    const passwordHash = await hashPassword(password);
    return inTransaction(this.source, async (manager) => {
      const { affected } = await manager.delete(MailTokenRow, { tokenHash: row.tokenHash });
      if (affected !== 1 || userId === null) return undefined;
      await manager.update(UserRow, { id: userId }, { passwordHash });
      await manager.delete(MailTokenRow, { userId });
      await manager.delete(SessionRow, { userId });
      await manager.delete(KnownBrowserRow, { userId });
      const user = await manager.findOneBy(UserRow, { id: userId });
      return user === null ? undefined : asAccount(user);
    });
  }

  /** Remember that somebody signed in from a browser. @returns the token by which it is known again */
  async rememberBrowser(userId: string): Promise<string> {
    const token = newToken();
    const now = Date.now();
    await this.source.manager.delete(KnownBrowserRow, { expiresAt: LessThan(new Date(now)) });
    await this.source.manager.insert(KnownBrowserRow, {
      tokenHash: tokenHash(token),
      userId,
      expiresAt: new Date(now + KNOWN_BROWSER_DAYS * DAY_MS),
    });
    return token;
  }

  /** Whether the account of an address signed in from that browser before. */
  async isKnownBrowser(token: string, email: string): Promise<boolean> {
    const found = await this.source.manager.findOne(KnownBrowserRow, {
      where: { tokenHash: tokenHash(token), expiresAt: MoreThan(new Date()), user: { email } },
    });
    return found !== null;
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

async function addAccount(
  manager: EntityManager,
  { email, name, passwordHash }: NewAccountRow,
): Promise<Account> {
  const user = { id: randomUUID(), email, name, passwordHash, demo: false, createdAt: new Date() };
  const first = (await manager.countBy(UserRow, { demo: false })) === 0;
  await insertUser(manager, user);
  if (first) await adoptOwnerless(manager, user.id);
  return asAccount(user);
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
