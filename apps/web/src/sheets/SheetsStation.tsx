import { Box, Button, Flex, HStack, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { SheetLink } from '@graft/core/api';
import {
  sheetProgress,
  type MarkKind,
  type MarkValue,
  type MemberProgress,
  type SheetReport,
} from '@graft/core/sheet';
import { allThings, putThings, type Member, own } from '@graft/core/trip';
import { api } from '../shared/api';
import { today } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { randomId } from '../shared/randomId';
import { SidePanel } from '../shared/SidePanel';
import { NobodyYet } from '../shared/NobodyYet';
import { useTrip } from '../shared/TripProvider';
import { useSheets } from '../shared/useSheets';
import { useAccountSession } from '../shared/AccountProvider';
import { UnreachableLinks } from '../shared/UnreachableLinks';
import { LinkDialog, type NewLink } from './LinkDialog';
import { MessagesPanel } from './MessagesPanel';
import { ReportsPanel } from './ReportsPanel';
import { shortTime } from './shortTime';
import { useSheetNews } from '../shared/useSheetNews';

type Panel = 'told' | 'unconfirmed' | 'messages';

/** Each member's sheet: its link, how far they are, and what they told. */
export function SheetsStation() {
  const { id, trip, change, readOnly } = useTrip();
  const { linkOrigin } = useAccountSession();
  const sheets = useSheets(id);
  useSheetNews(id);
  const queries = useQueryClient();
  const [made, setMade] = useState<readonly NewLink[]>([]);
  const [panel, setPanel] = useState<Panel>('told');
  const fresh = () => queries.invalidateQueries({ queryKey: ['sheets', id] });
  const make = useMutation({
    mutationFn: async (members: readonly Member[]) => {
      const links: NewLink[] = [];
      for (const { id: memberId, name } of members) {
        const { token } = await api.makeSheetLink(id, memberId);
        links.push({ memberId, name, url: `${linkOrigin}/s/#${token}` });
        // What is made is shown, even if the next one fails.
        setMade([...links]);
      }
    },
    onMutate: () => setMade([]),
    onSettled: fresh,
  });
  const withdraw = useMutation({
    mutationFn: (memberId: string) => api.withdrawSheetLink(id, memberId),
    onSettled: fresh,
  });
  const tell = useMutation({
    mutationFn: (to: {
      memberId: string;
      kind: MarkKind;
      value: MarkValue;
      thingId: string | undefined;
      replaces: readonly string[];
    }) =>
      api.tellMember(id, to.memberId, [
        {
          id: randomId(),
          kind: to.kind,
          ...(to.thingId === undefined ? {} : { thingId: to.thingId }),
          value: to.value,
          at: new Date().toISOString(),
          replaces: to.replaces,
        },
      ]),
    onSettled: fresh,
  });
  const links = useMemo(() => new Map(sheets.data?.links.map((l) => [l.memberId, l])), [sheets.data]);
  const marks = sheets.data?.marks;
  const progress = useMemo(
    () => trip.members.map((m) => [m, sheetProgress(trip, m.id, own(marks ?? {}, m.id) ?? [])] as const),
    [trip, marks],
  );
  const without = trip.members.filter((m) => !links.has(m.id));
  const reports = progress.reduce(
    (sum, [, p]) => sum + p.reports.length + (p.conflicts.length > 0 ? 1 : 0),
    0,
  );
  const error = sheets.error ?? make.error ?? withdraw.error ?? tell.error;

  const takeWeight = ({ thing, thingId, value }: SheetReport): void => {
    if (thing === undefined || typeof value !== 'number') return;
    change(`weight of ${thing.name} as measured`, (t) =>
      putThings(
        t,
        allThings(t)
          .filter((x) => x.id === thingId)
          .map((x) => ({ ...x, massKg: value, massEstimated: false, measuredOn: today() })),
      ),
    );
  };

  if (trip.members.length === 0)
    return <NobodyYet what="each gets a sheet with what they carry, where it goes, and who has the rest." />;
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} minH="calc(100dvh - 96px)">
      <Box flex="1" minW="0" overflow="auto">
        <Flex px="4" py="3" gap="3" align="center" wrap="wrap">
          {!readOnly && (
            <Button
              size="sm"
              loading={make.isPending}
              disabled={without.length === 0 || sheets.data === undefined}
              onClick={() => make.mutate(without)}
            >
              {without.length === trip.members.length
                ? 'Make a link for everybody'
                : without.length === 0
                  ? 'Everybody has a link'
                  : `Make links for the ${without.length} without one`}
            </Button>
          )}
          <Button size="sm" variant="outline" asChild>
            <RouterLink to="print">Print all sheets</RouterLink>
          </Button>
          <Button size="sm" variant="outline" asChild>
            <RouterLink to="print?party">Print the leader’s sheet</RouterLink>
          </Button>
        </Flex>
        {!readOnly && (
          <Box px="4">
            <UnreachableLinks />
          </Box>
        )}
        {error !== null && (
          <Box px="4" pb="2">
            <ErrorList title={error.message} errors={[]} />
          </Box>
        )}
        <table className="grid-table" aria-label="Sheets">
          <colgroup>
            <col style={{ width: '17%' }} />
            <col style={{ width: '30%' }} />
            <col style={{ width: '9%' }} />
            <col style={{ width: '9%' }} />
            <col style={{ width: '10%' }} />
            <col style={{ width: '25%' }} />
          </colgroup>
          <thead>
            <tr>
              <th style={{ paddingInlineStart: 16 }}>Member</th>
              <th>Link</th>
              <th data-numeric>Packed</th>
              <th data-numeric>Received</th>
              <th>Safety read</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {progress.map(([member, own]) => (
              <Row
                key={member.id}
                member={member}
                own={own}
                link={links.get(member.id)}
                readOnly={readOnly}
                busy={make.isPending || withdraw.isPending}
                onMake={() => make.mutate([member])}
                onWithdraw={() => withdraw.mutate(member.id)}
              />
            ))}
          </tbody>
        </table>
        <Text px="4" py="3" fontSize="xs" color="fg.muted" maxW="60rem">
          A sheet shows its member what they carry and from whom they get it, where it goes, who has the rest,
          and no body weight but their own. Links work until 14 days after the trip, on a phone without a
          network once they were opened there.
        </Text>
      </Box>
      <SidePanel<Panel>
        label="From and to members"
        w="380px"
        tabs={[
          ['told', reports === 0 ? 'For you' : `For you (${reports})`],
          ['unconfirmed', 'Unconfirmed'],
          ['messages', 'Messages'],
        ]}
        value={panel}
        onChoose={setPanel}
      >
        {panel === 'messages' ? (
          <MessagesPanel members={trip.members} links={links} readOnly={readOnly} />
        ) : panel === 'told' ? (
          <ReportsPanel
            members={progress}
            readOnly={readOnly}
            onWeight={takeWeight}
            onTell={(memberId, mark) => tell.mutate({ memberId, ...mark })}
          />
        ) : (
          <Unconfirmed members={progress} />
        )}
      </SidePanel>
      <LinkDialog links={made} onClose={() => setMade([])} />
    </Flex>
  );
}

function Row(props: {
  member: Member;
  own: MemberProgress;
  link: SheetLink | undefined;
  readOnly: boolean;
  busy: boolean;
  onMake: () => void;
  onWithdraw: () => void;
}) {
  const { member, own, link, readOnly, busy, onMake, onWithdraw } = props;
  return (
    <tr className="grid-row" data-member={member.id}>
      <td className="grid-cell" style={{ paddingInlineStart: 16, fontWeight: 600 }}>
        {member.name}
      </td>
      <td className="grid-cell">
        {link === undefined ? <span className="muted">none</span> : linkText(link)}
      </td>
      <td className="grid-cell" data-numeric>
        {own.packed} / {own.things}
      </td>
      <td className="grid-cell" data-numeric>
        {own.due === 0 ? '–' : `${own.received} / ${own.due}`}
      </td>
      <td className="grid-cell">{own.knowsSafety ? 'yes' : 'not yet'}</td>
      <td className="grid-cell" style={{ overflow: 'visible' }}>
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
              aria-label={
                link === undefined ? `Make a link for ${member.name}` : `New link for ${member.name}`
              }
              onClick={onMake}
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
              onClick={onWithdraw}
            >
              Withdraw
            </Button>
          )}
        </HStack>
      </td>
    </tr>
  );
}

/** What a leader wants to know of a link: was it opened, and when last. */
function linkText({ createdAt, seenAt, openedAt }: SheetLink): string {
  return openedAt === undefined
    ? `not opened, made ${shortTime(createdAt)}`
    : `seen ${shortTime(seenAt ?? openedAt)}`;
}

/** What nobody has said to have or to have packed, by member. */
function Unconfirmed({ members }: { members: readonly (readonly [Member, MemberProgress])[] }) {
  return (
    <Box pt="2" fontSize="sm">
      {members.map(([member, { unconfirmed, things }]) => (
        <Box key={member.id} py="2" borderBottomWidth="1px" borderColor="border.muted">
          <b>{member.name}</b>{' '}
          <Text as="span" color="fg.muted">
            {unconfirmed.length === 0
              ? 'has everything'
              : unconfirmed.length === things
                ? `nothing confirmed of ${things}`
                : unconfirmed.join(', ')}
          </Text>
        </Box>
      ))}
    </Box>
  );
}
