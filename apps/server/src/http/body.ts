/**
 * Bodies of requests, read by who may be heard and no further than what they may bring: each route says how much, and a
 * compressed body counts by what it holds.
 */
import type { IncomingMessage } from 'node:http';
import { pipeline, type Readable } from 'node:stream';
import { createBrotliDecompress, createGunzip, createInflate } from 'node:zlib';
import type { RequestHandler } from 'express';
import getRawBody from 'raw-body';
import { readJson } from '@graft/core/formats';
import { InvalidInputError } from '@graft/core/schema';
import { ApiError } from './apiError.js';

/** Most bytes that a body may hold, by what it brings. */
export const LARGEST = {
  /** A form: an account, a role, an address. */
  form: 16_000,
  /** What a member tells from a sheet. */
  marks: 64_000,
  /** Changes of a trip or a kit library. */
  edits: 1_000_000,
  /** A trip file; the demo class of 28 has half a megabyte. */
  file: 8_000_000,
} as const;

/** A body as it is. */
const PLAIN = 'identity';
const INFLATE: Readonly<Record<string, () => NodeJS.ReadWriteStream>> = {
  gzip: createGunzip,
  deflate: createInflate,
  br: createBrotliDecompress,
};

/**
 * The text of a body.
 *
 * @throws ApiError 413 for one that holds more than `most` bytes, 415 for an unknown compression, 400 for a broken one
 */
export async function bodyText(req: IncomingMessage, most: number): Promise<string> {
  const encoding = (req.headers['content-encoding'] ?? PLAIN).toLowerCase();
  const inflate = Object.hasOwn(INFLATE, encoding) ? INFLATE[encoding] : undefined;
  if (inflate === undefined && encoding !== PLAIN)
    throw new ApiError(415, 'invalid', 'Expected a body as it is, or compressed by gzip, deflate or br.');
  const length = Number(req.headers['content-length'] ?? 0);
  if (length > most) throw tooLarge(most);
  const stream =
    inflate === undefined
      ? req
      : // Its errors come out of the stream that is read.
        (pipeline(req, inflate(), () => undefined) as unknown as Readable);
  try {
    return (await getRawBody(stream, { limit: most })).toString();
  } catch (error) {
    const { type } = error as { type?: string };
    if (type === 'entity.too.large') throw tooLarge(most);
    throw new ApiError(400, 'invalid', 'The body of the request broke off or is damaged.');
  }
}

/**
 * @returns undefined for an empty body
 * @throws ApiError 400 for what is no JSON, or nests too deep; as `bodyText`
 */
export async function jsonBody(req: IncomingMessage, most: number): Promise<unknown> {
  const text = await bodyText(req, most);
  try {
    return text === '' ? undefined : readJson(text);
  } catch (error) {
    if (!(error instanceof InvalidInputError)) throw error;
    throw new ApiError(400, 'invalid', 'Expected a JSON body.', error.errors);
  }
}

/** Reads the body of a route; stands behind what decides who may ask. */
export function json<P>(most: number): RequestHandler<P> {
  return async (req, _res, next) => {
    req.body = await jsonBody(req, most);
    next();
  };
}

function tooLarge(most: number): ApiError {
  return new ApiError(413, 'tooLarge', `The request is larger than Graft reads here: ${most / 1000} kB.`);
}
