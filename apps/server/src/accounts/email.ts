/** Mail addresses as they are compared and kept. */
import { domainToASCII } from 'node:url';

/**
 * Lower case, and a domain that is not in Latin letters in the form that mail servers know, so that both ways of writing
 * it are one address.
 */
export function plainEmail(text: unknown): string {
  const email = typeof text === 'string' ? text.trim().toLowerCase() : '';
  const at = email.lastIndexOf('@');
  const domain = domainToASCII(email.slice(at + 1));
  return at < 1 || domain === '' ? email : `${email.slice(0, at)}@${domain}`;
}
