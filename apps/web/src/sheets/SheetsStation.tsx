import { Box, Button, Flex, Text } from '../theme/chakra';
import { lazy, Suspense, useMemo, useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import { answerProposals, sheetProgress, type MemberProgress, type SheetReport } from '@graft/core/sheet';
import { allThings, putThings, type Member, own } from '@graft/core/trip';
import { today } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { part } from '../shared/part';
import { PlainDialog } from '../shared/PlainDialog';
import { SidePanel } from '../shared/SidePanel';
import { usePreferences } from '../shared/preferences';
import { NobodyYet } from '../shared/NobodyYet';
import { useMedia } from '../shared/useMedia';
import { useTrip } from '../shared/tripContext';
import { useSheets } from '../shared/useSheets';
import { UnreachableLinks } from '../shared/UnreachableLinks';
import { AnswersPanel } from './AnswersPanel';
import { MessagesPanel } from './MessagesPanel';
import { ReportsPanel } from './ReportsPanel';
import { Sending } from './Sending';
import { EditableTable } from '../shared/table/EditableTable';
import type { SheetRow } from './sheetColumns';
import { sheetColumns } from './sheetColumns';
import { useSheetActions } from './useSheetActions';

const LinkList = part(() => import('./LinkList'), 'LinkList');
/** Only wide screens fetch it. */
const SheetLook = lazy(() => import('./SheetLook'));
/** Beside the table and the panel a sheet is as wide as on a phone. */
const ROOM_FOR_A_SHEET = '(min-width: 1600px)';
type Panel = 'answers' | 'told' | 'unconfirmed' | 'messages';

/** Each member's sheet: its link, how far they are, and what they told. */
export function SheetsStation() {
  const { id, trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const sheets = useSheets(id);
  const [panel, setPanel] = useState<Panel>(
    trip.departure === undefined && trip.stows.length === 0 ? 'answers' : 'told',
  );
  const actions = useSheetActions(id);
  const hasRoom = useMedia(ROOM_FOR_A_SHEET);
  const [lookedAtId, setLookedAtId] = useState<string | undefined>();
  const links = useMemo(() => new Map(sheets.data?.links.map((l) => [l.memberId, l])), [sheets.data]);
  const marks = sheets.data?.marks;
  const progress = useMemo(
    () => trip.members.map((m) => [m, sheetProgress(trip, m.id, own(marks ?? {}, m.id) ?? [])] as const),
    [trip, marks],
  );
  const proposed = useMemo(
    () =>
      progress.map(([member, { answers }]) => ({
        member,
        answers,
        proposals: answerProposals(trip, member.id, answers, massUnit),
      })),
    [progress, trip, massUnit],
  );
  const silent = useMemo(
    () => new Set(proposed.filter((p) => !p.answers.isDone).map((p) => p.member.id)),
    [proposed],
  );
  const open = proposed.reduce((sum, p) => sum + p.proposals.length, 0);
  const without = trip.members.filter((m) => !links.has(m.id));
  const reports = progress.reduce(
    (sum, [, p]) => sum + p.reports.length + (p.conflicts.length > 0 ? 1 : 0),
    0,
  );
  const error = sheets.error ?? actions.error;
  const lookedAt = hasRoom ? (trip.members.find((m) => m.id === lookedAtId) ?? trip.members[0]) : undefined;

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
    return (
      <NobodyYet
        what="Each member gets a sheet with what they carry, where it goes, and who has the rest."
        later="pack"
      />
    );
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} flex="1">
      <Box flex="1" minW="0" overflow="auto">
        <Links without={without} ready={sheets.data !== undefined} actions={actions} />
        <Sending />
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
        <EditableTable
          label="Sheets"
          wide
          columns={sheetColumns({
            readOnly,
            busy: actions.busy,
            onMake: (member) => actions.make.mutate([member]),
            onWithdraw: (memberId) => actions.withdraw.mutate(memberId),
          })}
          sections={[
            {
              key: 'members',
              rows: progress.map(([member, own]): SheetRow => ({
                member,
                progress: own,
                link: links.get(member.id),
              })),
            },
          ]}
          rowKey={(row) => row.member.id}
          rowName={(row) => row.member.name}
          onReach={(row) => setLookedAtId(row.member.id)}
          {...(lookedAt === undefined ? {} : { chosen: lookedAt.id })}
        />
        <Text px="4" py="3" fontSize="xs" color="fg.muted" maxW="60rem">
          A sheet shows its member what they carry and from whom they get it, where it goes, who has the rest,
          and no body weight but their own. It changes when you send. Links work until 14 days after the trip,
          on a phone without a network once they were opened there.
        </Text>
      </Box>
      {lookedAt !== undefined && (
        <Suspense>
          <SheetLook member={lookedAt} />
        </Suspense>
      )}
      <SidePanel<Panel>
        label="From and to members"
        w="380px"
        tabs={[
          ['answers', open === 0 ? 'Answers' : `Answers (${open})`],
          ['told', reports === 0 ? 'For you' : `For you (${reports})`],
          ['unconfirmed', 'Unconfirmed'],
          ['messages', 'Messages'],
        ]}
        value={panel}
        onChoose={setPanel}
      >
        {panel === 'answers' ? (
          <AnswersPanel
            members={proposed}
            links={links}
            readOnly={readOnly}
            onMessages={() => setPanel('messages')}
          />
        ) : panel === 'messages' ? (
          <MessagesPanel members={trip.members} links={links} readOnly={readOnly} silent={silent} />
        ) : panel === 'told' ? (
          <ReportsPanel
            members={progress}
            readOnly={readOnly}
            onWeight={takeWeight}
            onTell={(memberId, mark) => actions.tell.mutate({ memberId, ...mark })}
          />
        ) : (
          <Unconfirmed members={progress} />
        )}
      </SidePanel>
      <PlainDialog
        title={actions.made.length === 1 ? `Link for ${actions.made[0]!.name}` : 'Links'}
        open={actions.made.length > 0}
        onClose={actions.forgetMade}
        size="lg"
      >
        <LinkList links={actions.made} />
      </PlainDialog>
    </Flex>
  );
}

interface LinksProps {
  /** Members who have no link yet. */
  readonly without: readonly Member[];
  readonly ready: boolean;
  readonly actions: ReturnType<typeof useSheetActions>;
}

/** Links for all who have none, and all sheets on paper. */
function Links({ without, ready, actions: { make } }: LinksProps) {
  const { trip, readOnly } = useTrip();
  return (
    <Flex px="4" py="3" gap="3" align="center" wrap="wrap">
      {!readOnly && (
        <Button
          size="sm"
          loading={make.isPending}
          disabled={without.length === 0 || !ready}
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
  );
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
