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
  const text = ({ firstDay, lastDay }: Member): string =>
    formatDaySpan({
      ...(firstDay === undefined ? {} : { fromDay: firstDay }),
      ...(lastDay === undefined ? {} : { toDay: lastDay }),
    });
  return {
    id: 'here',
    header: 'Days',
    width: '52',
    show: (member) => text(member) || 'all',
    edit: {
      text,
      take: (member, entry) => {
        const parsed = parseDaySpan(/^\s*all\s*$/i.test(entry) ? '' : entry);
        if (!parsed.ok) return parsed.error;
        const { fromDay, toDay } = parsed.span;
        const late = [fromDay, toDay].find((day) => day !== undefined && day > days);
        if (late !== undefined) return `expected a day of the trip, 1 to ${days}, got ${late}`;
        if (fromDay !== undefined && toDay !== undefined && toDay < fromDay)
          return `expected the last day after the first, got "${entry}"`;
        const { firstDay: _first, lastDay: _last, ...rest } = member;
        const next: Member = {
          ...rest,
          ...(fromDay === undefined ? {} : { firstDay: fromDay }),
          ...(toDay === undefined ? {} : { lastDay: toDay }),
        };
        const error = check(next);
        if (error === undefined) save(next, 'days');
        return error;
      },
    },
  };
}
