import type { IncomingMessage, ServerResponse } from 'node:http';
import type { Logger } from 'pino';

/**
 * One line for a request: method, path, status and time only, since bodies hold body weights, and cookies and invitation
 * links are keys. A request that was given up before its answer was out says so.
 */
export function logRequest(logger: Logger, { method, url }: IncomingMessage, res: ServerResponse): void {
  const started = performance.now();
  res.once('close', () => {
    const line = {
      method,
      url: withoutTokens(url ?? ''),
      status: res.statusCode,
      ms: Math.round(performance.now() - started),
    };
    if (res.writableFinished) logger.info(line, 'answered');
    else logger.warn(line, 'given up');
  });
}

/** An address as it may be logged. */
function withoutTokens(url: string): string {
  return url.replace(/(\/invitations\/)[A-Za-z0-9_-]{30,}/, '$1…');
}
