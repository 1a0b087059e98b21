import { formatDaySpan, parseDaySpan, type Member } from '@graft/core/trip';
import type { Column } from '../shared/table/column';

/** Days on which a member walks with the party: who joins on the way, who leaves before the end. */
export function hereColumn(
  {
    check,
    save,
  }: { check: (member: Member) => string | undefined; save: (member: Member, field: string) => void },
  days: number,
): Column<Member> {
  const text = ({ firstDay, lastDay, joinsAt }: Member): string =>
    formatDaySpan({
      ...(firstDay === undefined ? {} : { fromDay: firstDay }),
      ...(lastDay === undefined ? {} : { toDay: lastDay }),
    }) + (joinsAt === undefined ? '' : ` at ${joinsAt}`);
  return {
    id: 'here',
    header: 'Days',
    width: '52',
    show: (member) => text(member).trim() || 'all',
    hint: text,
    edit: {
      text,
      take: (member, entry) => {
        // "from 2 at the ford": where they join goes after the days.
        const [, walks = '', joinsAt] = /^(.*?)(?:\s+at\s+(.+))?$/is.exec(entry.trim()) ?? [];
        const parsed = parseDaySpan(/^\s*all\s*$/i.test(walks) ? '' : walks);
        if (!parsed.ok) return parsed.error;
        const { fromDay, toDay } = parsed.span;
        const late = [fromDay, toDay].find((day) => day !== undefined && day > days);
        if (late !== undefined) return `expected a day of the trip, 1 to ${days}, got ${late}`;
        if (fromDay !== undefined && toDay !== undefined && toDay < fromDay)
          return `expected the last day after the first, got "${entry}"`;
        const { firstDay: _first, lastDay: _last, joinsAt: _at, ...rest } = member;
        const next: Member = {
          ...rest,
          ...(fromDay === undefined ? {} : { firstDay: fromDay }),
          ...(toDay === undefined ? {} : { lastDay: toDay }),
          ...(joinsAt === undefined ? {} : { joinsAt: joinsAt.trim() }),
        };
        const error = check(next);
        if (error === undefined) save(next, 'days');
        return error;
      },
    },
  };
}
