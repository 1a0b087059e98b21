/** Mail addresses as they are compared, kept and sent to. */
import { domainToASCII } from 'node:url';

/** An address whose domain is in the form that mail servers know, whatever letters it was written in. */
export function mailable(address: string): string {
  const at = address.lastIndexOf('@');
  const domain = domainToASCII(address.slice(at + 1));
  return at < 1 || domain === '' ? address : `${address.slice(0, at)}@${domain}`;
}

/** The same in lower case: both ways of writing an address are one account. */
export function plainEmail(text: unknown): string {
  return typeof text === 'string' ? mailable(text.trim().toLowerCase()) : '';
}
