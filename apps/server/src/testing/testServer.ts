/** The real application on a real MariaDB for tests, each test file in a database of its own. */
import 'reflect-metadata';
import { randomBytes } from 'node:crypto';
import { once } from 'node:events';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import express, { type Express } from 'express';
import { pino } from 'pino';
import { DatabaseWatch } from '../database/databaseWatch.js';
import { Brakes } from '../http/brakes.js';
import { makeLogger } from '../http/logger.js';
import type { DataSource } from 'typeorm';
import { makeDataSource, openDatabase } from '../database/dataSource.js';
import request from 'supertest';
import { AccountMail } from '../accounts/accountMail.js';
import { AccountStore } from '../accounts/accountStore.js';
import { forecastService } from '../forecast/forecastService.js';
import { IncidentStore } from '../incidents/incidentStore.js';
import { LibraryStore } from '../library/libraryStore.js';
import { scaleService } from '../scale/scaleService.js';
import { errorHandler, makeApp } from '../http/app.js';
import { OWN_PAGE_HEADER } from '../http/ownPage.js';
import { MessageStore } from '../messages/messageStore.js';
import { messageService } from '../messages/messageService.js';
import { messengerOf, type Messenger } from '../messages/messenger.js';
import { NewsFollower } from '../sheets/newsFollower.js';
import { SheetNewsroom } from '../sheets/sheetNewsroom.js';
import { SheetStore } from '../sheets/sheetStore.js';
import { LeaderStore } from '../trips/leaderStore.js';
import { TripStore } from '../trips/tripStore.js';

export type Visitor = ReturnType<typeof request.agent>;

export interface TestServer {
  readonly app: Express;
  readonly trips: TripStore;
  readonly accounts: AccountStore;
  readonly sheets: SheetStore;
  readonly news: SheetNewsroom;
  readonly messages: MessageStore;
  readonly incidents: IncidentStore;
  /** A browser that nobody is signed in to. */
  readonly visitor: () => Visitor;
  /** A browser with a new account of that name signed in. */
  readonly signUp: (name: string) => Promise<Visitor & { readonly userId: string }>;
  readonly source: DataSource;
  /** What was logged, line by line. */
  readonly log: readonly string[];
  readonly close: () => Promise<void>;
}

const silent = pino({ level: 'silent' });

interface TestOptions {
  /** Carries messages; the simulated service when not given. */
  readonly messenger?: Messenger;
  /** Whose word on where requests come from counts. */
  readonly trustProxy?: readonly string[];
  /** Whether accounts are made by mail, by that messenger. */
  readonly mails?: boolean;
  /** How long what was tried too often waits. */
  readonly spacingMs?: number;
}

export async function startTestServer({
  messenger,
  trustProxy = [],
  mails = false,
  spacingMs = 50,
}: TestOptions = {}): Promise<TestServer> {
  const url = process.env['GRAFT_TEST_DATABASE_URL'];
  if (url === undefined) {
    throw new Error(
      'GRAFT_TEST_DATABASE_URL is not set: run the server tests through npm test, which starts a throwaway database',
    );
  }
  const name = `graft_test_${randomBytes(6).toString('hex')}`;
  const admin = await (await makeDataSource(url)).initialize();
  await admin.query(`CREATE DATABASE \`${name}\``);
  const own = new URL(url);
  own.pathname = `/${name}`;
  const source = await openDatabase(own.href).catch(async (error: unknown) => {
    await admin.destroy();
    throw error;
  });
  const trips = new TripStore(source);
  const accounts = new AccountStore(source);
  const standIns = createServer(
    express()
      .use('/forecast', forecastService())
      .use('/scale', scaleService())
      .use('/messages', messageService())
      .use(errorHandler(silent)),
  ).listen(0, '127.0.0.1');
  await once(standIns, 'listening');
  const log: string[] = [];
  const logger = makeLogger({ write: (line: string) => void log.push(line) });
  const news = new SheetNewsroom();
  const follower = new NewsFollower(source, news, logger);
  const incidents = new IncidentStore(source);
  const sheets = new SheetStore(source, trips, news);
  const carrier = messenger ?? messengerOf(`${address(standIns)}/messages`, '');
  const messages = new MessageStore(source, trips, sheets, carrier);
  const app = makeApp({
    accounts,
    trips,
    brakes: new Brakes(source, spacingMs),
    mail: mails ? new AccountMail(source, carrier, 'https://graft.example.org', logger) : undefined,
    demo: () => accounts.demoAccount(),
    leaders: new LeaderStore(source),
    library: new LibraryStore(source),
    sheets,
    news,
    follower,
    messages,
    incidents,
    publicUrl: undefined,
    trustProxy,
    forecastUrl: `${address(standIns)}/forecast`,
    scaleUrl: `${address(standIns)}/scale`,
    scaleKey: undefined,
    standInKey: 'the key of the tests',
    // A machine that runs tests may be busy for seconds: that is no database that is away.
    watch: new DatabaseWatch(own.href, 60_000),
    logger,
    webDir: undefined,
  });
  const visitor = (): Visitor => request.agent(app).set(OWN_PAGE_HEADER, '1');
  return {
    app,
    trips,
    accounts,
    sheets,
    news,
    messages,
    incidents,
    visitor,
    signUp: async (name) => {
      const browser = visitor();
      const answer = await browser
        .post('/api/account/sign-up')
        .send({ email: `${name.toLowerCase()}@example.org`, name, password: PASSWORD })
        .expect(200);
      const { account } = answer.body as { account: { id: string } };
      return Object.assign(browser, { userId: account.id });
    },
    source,
    log,
    close: async () => {
      follower.close();
      news.close();
      await new Promise((resolve) => standIns.close(resolve));
      await source.destroy();
      await admin.query(`DROP DATABASE \`${name}\``);
      await admin.destroy();
    },
  };
}

/** A server for the tests of a file, and somebody who leads trips there; both are there once the tests run. */
export function serverWithLeader(options?: TestOptions): {
  readonly server: TestServer;
  readonly leader: Awaited<ReturnType<TestServer['signUp']>>;
} {
  const here = {} as { server: TestServer; leader: Awaited<ReturnType<TestServer['signUp']>> };
  beforeAll(async () => {
    here.server = await startTestServer(options);
    here.leader = await here.server.signUp('Leader');
  });
  afterAll(() => here.server.close());
  return here;
}

/** The password of every test account. */
export const PASSWORD = 'stone ground, dark pine';

/** Where a listening server is. */
export function address(server: Server): string {
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
}
