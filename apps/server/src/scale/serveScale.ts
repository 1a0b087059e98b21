/** The simulated scale as a server of its own, on this machine only. */
import { once } from 'node:events';
import { createServer, type Server } from 'node:http';
import express from 'express';
import { pino } from 'pino';
import { errorHandler } from '../http/app.js';
import { scaleService } from './scaleService.js';

/** @returns the listening server; its service is under /scale */
export async function serveScale(port: number): Promise<Server> {
  const app = express()
    .disable('x-powered-by')
    .use('/scale', scaleService())
    .use(errorHandler(pino({ level: 'silent' })));
  const server = createServer(app).listen(port, '127.0.0.1');
  await once(server, 'listening');
  return server;
}
