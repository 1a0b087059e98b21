import 'reflect-metadata';
import { createServer } from 'node:http';
import { AccountMail } from './accounts/accountMail.js';
import { AccountStore } from './accounts/accountStore.js';
import type { EnterParts } from './accounts/enterRoutes.js';
import { newToken } from './accounts/tokens.js';
import { readConfig, type Config } from './config.js';
import { openDatabase } from './database/dataSource.js';
import { DatabaseWatch } from './database/databaseWatch.js';
import { demoCopy, ensureDemo } from './demo.js';
import { makeApp } from './http/app.js';
import { Brakes } from './http/brakes.js';
import { logTo } from './http/logger.js';
import { IncidentStore } from './incidents/incidentStore.js';
import { LibraryStore } from './library/libraryStore.js';
import { MessageStore } from './messages/messageStore.js';
import { messengerOf } from './messages/messenger.js';
import { NewsFollower } from './sheets/newsFollower.js';
import { SheetNewsroom } from './sheets/sheetNewsroom.js';
import { SheetStore } from './sheets/sheetStore.js';
import { HOUR_MS } from './time.js';
import { LeaderStore } from './trips/leaderStore.js';
import { TripStore } from './trips/tripStore.js';

/** How long what is under way may take when the server stops. */
const LAST_ANSWERS_MS = 2500;
const LAST_QUERIES_MS = 2500;

const logger = logTo(1);

/** Tell the process that started us how far we are; started by hand, there is nobody to tell. */
function tell(message: { kind: 'progress' | 'failed'; text: string } | { kind: 'ready' }): Promise<void> {
  return new Promise((resolve) => {
    if (process.send === undefined) resolve();
    else process.send(message, () => resolve());
  });
}

/** A start that failed is logged whole, told in one line, and ends the process. */
async function giveUp(what: string, error: unknown): Promise<never> {
  logger.error({ err: error }, what);
  const { code, message } = error as { code?: string; message?: string };
  await tell({
    kind: 'failed',
    text: `${what}: ${message === undefined || message === '' ? String(code) : message}`,
  });
  process.exit(1);
}

/** Who a visitor of the demo is: the account that all share, or one of their own. */
function demoOf(accounts: AccountStore, { demoDir, demoCopies }: Config): EnterParts['demo'] {
  if (demoDir === undefined) return undefined;
  return demoCopies
    ? () => demoCopy(accounts, demoDir)
    : async () => (await ensureDemo(accounts, demoDir)).account;
}

async function start(): Promise<void> {
  const config = readConfig(process.env);
  const source = await openDatabase(config.databaseUrl).catch((error: unknown) =>
    giveUp('The database that GRAFT_DATABASE_URL names does not answer as it should', error),
  );
  await tell({ kind: 'progress', text: 'Tables: up to date' });
  const trips = new TripStore(source);
  const accounts = new AccountStore(source);
  const brakes = new Brakes(source);
  if (config.demoDir !== undefined && !config.demoCopies) {
    const { imported } = await ensureDemo(accounts, config.demoDir);
    if (imported.length > 0) await tell({ kind: 'progress', text: `Demo trips: ${imported.join('; ')}` });
  }
  const sweep = async (): Promise<void> => {
    await trips.purge();
    await accounts.sweepDemos();
    await brakes.sweep();
  };
  await sweep();
  const sweeping = setInterval(() => {
    sweep().catch((error: unknown) => logger.error({ err: error }, 'what is over could not be swept'));
  }, HOUR_MS);
  const news = new SheetNewsroom();
  const follower = new NewsFollower(source, news, logger);
  const sheets = new SheetStore(source, trips, news);
  const standInKey = newToken();
  const keyFor = (simulated: boolean): string | undefined => (simulated ? standInKey : undefined);
  const messenger = messengerOf(config.messagesUrl, config.mailFrom, keyFor(config.simulated.messages));
  const server = createServer(
    makeApp({
      accounts,
      trips,
      brakes,
      mail:
        config.publicUrl === undefined || config.simulated.messages
          ? undefined
          : new AccountMail(source, messenger, config.publicUrl, logger),
      demo: demoOf(accounts, config),
      leaders: new LeaderStore(source),
      library: new LibraryStore(source),
      sheets,
      news,
      follower,
      messages: new MessageStore(source, trips, sheets, messenger),
      incidents: new IncidentStore(source),
      publicUrl: config.publicUrl,
      trustProxy: config.trustProxy,
      forecastUrl: config.forecastUrl,
      scaleUrl: config.scaleUrl,
      scaleKey: keyFor(config.simulated.scale),
      standInKey,
      watch: new DatabaseWatch(config.databaseUrl),
      logger,
      webDir: config.webDir,
    }),
  );
  server.listen(config.port, config.host, () => {
    logger.info({ host: config.host, port: config.port }, 'listening');
    void tell({ kind: 'ready' });
  });

  const shutDown = async (): Promise<void> => {
    clearInterval(sweeping);
    follower.close();
    news.close();
    await new Promise((resolve) => {
      server.close(resolve);
      server.closeIdleConnections();
      // A stream that a page has open would end with the page only.
      setTimeout(() => server.closeAllConnections(), LAST_ANSWERS_MS);
    });
    // A database that does not answer keeps nobody from ending.
    await Promise.race([source.destroy(), new Promise((resolve) => setTimeout(resolve, LAST_QUERIES_MS))]);
  };
  for (const signal of ['SIGTERM', 'SIGINT'] as const) {
    process.once(signal, () => {
      shutDown().then(
        () => process.exit(0),
        (error: unknown) => giveUp('The server could not stop cleanly', error),
      );
    });
  }
}

start().catch((error: unknown) => giveUp('The server could not start', error));
