import type { Unsent } from './useUnsent';
import { counted } from './words';

/** How many members a sending concerns; those for whom nothing changes but what others have are not counted. */
export const concerned = ({ members }: Pick<Unsent, 'members'>): number =>
  (members ?? []).filter((m) => m.changes.length > 0).length;

/** "Changed for 3 members since they were sent, 27 Nov, 16:55.". @param time how a time is written */
export function unsentWords(unsent: Pick<Unsent, 'members' | 'at'>, time: (iso: string) => string): string {
  const { members, at } = unsent;
  const since = at === undefined ? '' : time(at);
  if (members === undefined) return `Sent ${since}.`;
  const count = concerned(unsent);
  if (count > 0) return `Changed for ${counted(count, 'member')} since they were sent, ${since}.`;
  return members.length === 0
    ? `Sent ${since}: the sheets show the plan as it stands.`
    : `Sent ${since}. Since then only what others carry or do has changed.`;
}
