/** Passwords as argon2id hashes, with the parameters that OWASP's password storage cheat sheet names (19 MiB, 2, 1). */
import { hash, verify, type Algorithm } from '@node-rs/argon2';

const OPTIONS = {
  algorithm: 2 as Algorithm.Argon2id,
  memoryCost: 19_456,
  timeCost: 2,
  parallelism: 1,
} as const;

export function hashPassword(password: string): Promise<string> {
  return hash(password, OPTIONS);
}

let nobodys: Promise<string> | undefined;

/**
 * Whether a password is the one that was hashed. Without a hash (no such account) it takes as long and says no, so that
 * the time of an answer does not tell which addresses have an account.
 */
export async function isPassword(passwordHash: string | null, password: string): Promise<boolean> {
  nobodys ??= hashPassword('nobody has this password');
  const matches = await verify(passwordHash ?? (await nobodys), password);
  return passwordHash !== null && matches;
}
