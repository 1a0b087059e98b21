import 'reflect-metadata';
import { createServer } from 'node:http';
import { pino } from 'pino';
import { readConfig } from './config.js';
import { openDatabase } from './database/dataSource.js';
import { importDemo } from './demo.js';
import { makeApp } from './http/app.js';
import { TripStore } from './trips/tripStore.js';

const config = readConfig(process.env);
const logger = pino();

/** Tell the process that started us how far we are; started by hand, there is nobody to tell. */
function tell(message: { kind: 'progress'; text: string } | { kind: 'ready' }): void {
  process.send?.(message);
}

const source = await openDatabase(config.databaseUrl);
tell({ kind: 'progress', text: 'Tables: up to date' });
const store = new TripStore(source);
if (config.demoDir !== undefined && (await store.count()) === 0) {
  const names = await importDemo(store, config.demoDir);
  tell({ kind: 'progress', text: `Demo trips: ${names.join('; ')}` });
}
const server = createServer(makeApp({ store, logger, webDir: config.webDir }));
server.listen(config.port, '127.0.0.1', () => {
  logger.info({ port: config.port }, 'listening');
  tell({ kind: 'ready' });
});

async function shutDown(): Promise<void> {
  await new Promise((resolve) => {
    server.close(resolve);
    server.closeIdleConnections();
  });
  await source.destroy();
}
for (const signal of ['SIGTERM', 'SIGINT'] as const) {
  process.once(signal, () => {
    shutDown().then(
      () => process.exit(0),
      (error: unknown) => {
        logger.error({ err: error }, 'shutdown failed');
        process.exit(1);
      },
    );
  });
}
