import { RouterLink } from '../shared/RouterLink';
import { HStack, Button } from '../theme/chakra';
import { shortTime } from '../shared/shortTime';
import type { Column } from '../shared/table/column';
import type { Member } from '@graft/core/trip';
import type { MemberProgress } from '@graft/core/sheet';
import type { SheetLink } from '@graft/core/api';

/** A member's sheet: how far they are, and the link they open it by. */
export interface SheetRow {
  readonly member: Member;
  readonly progress: MemberProgress;
  readonly link: SheetLink | undefined;
}

interface Context {
  readonly readOnly: boolean;
  /** A link is being made or withdrawn. */
  readonly busy: boolean;
  readonly onMake: (member: Member) => void;
  readonly onWithdraw: (memberId: string) => void;
}

export function sheetColumns(context: Context): readonly Column<SheetRow>[] {
  return [
    { id: 'member', header: 'Member', width: '110', show: ({ member }) => <b>{member.name}</b> },
    {
      id: 'link',
      header: 'Link',
      width: '158',
      show: ({ link }) => (link === undefined ? <span className="muted">none</span> : linkText(link)),
    },
    {
      id: 'answers',
      header: 'Answers',
      width: '84',
      show: ({ progress: { answers } }) =>
        answers.isDone ? (
          'all said'
        ) : (
          <span className="muted">{answers.count === 0 ? 'not yet' : `${answers.count} so far`}</span>
        ),
    },
    {
      id: 'packed',
      header: 'Packed',
      width: '70',
      numeric: true,
      show: ({ progress }) => `${progress.packed} / ${progress.things}`,
    },
    {
      id: 'received',
      header: 'Received',
      width: '78',
      numeric: true,
      show: ({ progress }) => (progress.due === 0 ? '–' : `${progress.received} / ${progress.due}`),
    },
    {
      id: 'safety',
      header: 'Safety read',
      width: '84',
      show: ({ progress }) => (progress.knowsSafety ? 'yes' : 'not yet'),
    },
    {
      id: 'actions',
      header: '',
      width: '206',
      control: true,
      show: (row) => <Actions row={row} context={context} />,
    },
  ];
}

function Actions({ row: { member, link }, context }: { row: SheetRow; context: Context }) {
  const { readOnly, busy, onMake, onWithdraw } = context;
  return (
    <HStack gap="1" justify="end" pe="2">
      <Button size="2xs" variant="ghost" asChild>
        <RouterLink to={`print?member=${member.id}`} aria-label={`Look at the sheet of ${member.name}`}>
          Look
        </RouterLink>
      </Button>
      {!readOnly && (
        <Button
          size="2xs"
          variant="outline"
          disabled={busy}
          aria-label={link === undefined ? `Make a link for ${member.name}` : `New link for ${member.name}`}
          onClick={() => onMake(member)}
        >
          {link === undefined ? 'Make a link' : 'New link'}
        </Button>
      )}
      {!readOnly && link !== undefined && (
        <Button
          size="2xs"
          variant="ghost"
          disabled={busy}
          aria-label={`Withdraw the link of ${member.name}`}
          onClick={() => onWithdraw(member.id)}
        >
          Withdraw
        </Button>
      )}
    </HStack>
  );
}

/** What a leader wants to know of a link: was it opened, and when last. */
function linkText({ createdAt, seenAt, openedAt }: SheetLink): string {
  return openedAt === undefined
    ? `not opened, made ${shortTime(createdAt)}`
    : `seen ${shortTime(seenAt ?? openedAt)}`;
}
