import type { IncomingMessage } from 'node:http';
import getRawBody from 'raw-body';
import { ApiError } from './apiError.js';

/** The largest body of an API call other than a file import. */
export const LARGEST_BODY = '4mb';

/**
 * The JSON body of a request for which no parser has run: where many ask in one instant, Express' own takes longer than
 * all else that is done for them.
 *
 * @throws ApiError 400 for what is no JSON; an error of status 413 for a body of more than `LARGEST_BODY`
 */
export async function jsonBody(req: IncomingMessage): Promise<unknown> {
  const bytes = await getRawBody(req, { length: req.headers['content-length'], limit: LARGEST_BODY });
  try {
    return JSON.parse(bytes.toString()) as unknown;
  } catch {
    throw new ApiError(400, 'invalid', 'Expected a JSON body.');
  }
}
