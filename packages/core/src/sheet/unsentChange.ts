import { sameContent } from '../trip/edits.js';
import type { MemberSheet } from './memberSheet.js';
import { sheetChanges } from './sheetChanges.js';

/**
 * What a member would find changed if their sheet were sent now.
 *
 * @param sent as they have it
 * @returns in words, none where only what others have or do is different; undefined where all is the same
 */
export function unsentChange(sent: MemberSheet, now: MemberSheet): readonly string[] | undefined {
  // As what was stored comes back: without what is undefined.
  const plain = (sheet: MemberSheet): unknown => JSON.parse(JSON.stringify(sheet));
  if (sameContent(plain(sent), plain(now))) return undefined;
  return sheetChanges(sent, now);
}
