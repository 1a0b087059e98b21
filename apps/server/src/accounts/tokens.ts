/** Secrets that travel in a cookie or a link, and what the database keeps of them. */
import { createHash, randomBytes } from 'node:crypto';

/** 256 random bits, safe in a URL. */
export function newToken(): string {
  return randomBytes(32).toString('base64url');
}

/** A token of 256 random bits needs no slow hash. */
export function tokenHash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
