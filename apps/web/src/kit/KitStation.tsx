import { Box, Button, Flex, HStack, Input, Text } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { memo, startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { entryOfKit, entryOfThing, type KitChecks, type KitFinding, type Target } from '@graft/core/lists';
import { allThings, removeThings, type Kit, type Member, type Trip } from '@graft/core/trip';
import { PlainDialog } from '../shared/PlainDialog';
import { SidePanel } from '../shared/SidePanel';
import { Tabs } from '../shared/Tabs';
import { useLibrary } from '../shared/useLibrary';
import { useTrip, useTripCommands } from '../shared/TripProvider';
import { counted, PURPOSE_WORDS } from '../shared/words';
import { Select } from '../shared/Select';
import { ArrangementsPanel } from './ArrangementsPanel';
import { ChecksPanel } from './ChecksPanel';
import { CsvDialog } from './CsvDialog';
import { KitTable } from './KitTable';
import { VIEWS, type View } from './kitColumns';
import type { KitRow } from './kitRows';
import { LibraryDialog } from './LibraryDialog';
import { addKit, addPersonal } from './newThings';
import { PasteDialog } from './PasteDialog';
import { ProposeDialog } from './ProposeDialog';
import { Provided } from './Provided';
import { useChecks } from './useChecks';
import { WeighPanel } from './WeighPanel';

/** What the table shows: all, the group's, everybody's own, or one member's. */
const SCOPES = { all: 'Everything', group: 'Group kit', personal: 'All personal things' } as const;
const ADDING = {
  propose: 'By template',
  library: 'From library',
  paste: 'Paste a list',
  csv: 'CSV',
} as const;
type Adding = keyof typeof ADDING;
type Panel = 'checks' | 'stay' | 'loans' | 'scale';

/** The group's kits in pieces and everybody's personal things, with the checks beside them. */
export function KitStation() {
  const { trip, change, readOnly } = useTrip();
  const library = useLibrary();
  const [scope, setScope] = useState('all');
  const [view, setView] = useState<View>('weights');
  const [filter, setFilter] = useState('');
  const [only, setOnly] = useState<ReadonlySet<string> | undefined>();
  const [marked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [adding, setAdding] = useState<Adding | undefined>();
  const [panel, setPanel] = useState<Panel>('checks');
  const [reached, setReached] = useState<string | undefined>();
  const [said, setSaid] = useState('');
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);

  const member = trip.members.find((m) => m.id === scope);
  const known = member !== undefined || scope in SCOPES ? scope : 'all';
  const kits = known === 'all' || known === 'group' ? trip.kits : NO_KITS;
  const members = useMemo(
    () => (known === 'all' || known === 'personal' ? trip.members : member === undefined ? [] : [member]),
    [known, member, trip.members],
  );
  const needle = filter.trim().toLowerCase();
  const rows = useMemo((): readonly KitRow[] => {
    const shown = new Set(members.map((m) => m.id));
    const all: readonly KitRow[] = [
      ...kits.flatMap((k) => k.pieces),
      ...trip.personalThings.filter((t) => shown.has(t.memberId)),
    ];
    if (only !== undefined) return all.filter((r) => only.has(r.id));
    if (needle === '') return all;
    return all.filter((r) =>
      `${r.name} ${r.owner ?? ''} ${PURPOSE_WORDS[r.purpose]}`.toLowerCase().includes(needle),
    );
  }, [kits, members, trip.personalThings, needle, only]);

  const checks = useChecks(trip, library.entries);
  const { stay, others } = useMemo(() => {
    const adviser = (f: KitFinding): boolean => f.kind === 'leaveBehind';
    const pick = (test: (f: KitFinding) => boolean): KitChecks | undefined =>
      checks && {
        open: checks.open.filter(test),
        dismissed: checks.dismissed.filter((d) => test(d.finding)),
      };
    return { stay: pick(adviser), others: pick((f) => !adviser(f)) };
  }, [checks]);
  const loans = trip.arrangements.filter((a) => !a.done).length;
  const focused = useMemo(() => allThings(trip).find((t) => t.id === reached), [trip, reached]);

  // A tick on a row that is gone or filtered away would act on what nobody sees.
  const ticked = useMemo(() => new Set(rows.map((r) => r.id).filter((id) => marked.has(id))), [rows, marked]);

  // Where the table is matters to the scale and to loans only: it follows when there is time.
  const onReach = useCallback((row: KitRow) => startTransition(() => setReached(row.id)), []);
  const { entries, edit } = library;
  const newest = useRef({ trip, entries });
  useEffect(() => {
    newest.current = { trip, entries };
  });
  const onSaveKit = useCallback(
    (kit: Kit) => {
      edit([{ kind: 'put', entry: entryOfKit(newest.current.trip, kit, newest.current.entries) }]);
      setSaid(`${kit.name} is in your library.`);
    },
    [edit],
  );
  const saveTicked = (): void => {
    const things = rows.filter((r) => ticked.has(r.id) && r.madeBy === undefined);
    let known = entries;
    const edits = things.map((thing) => {
      const entry = entryOfThing(thing, known);
      known = [...known.filter((e) => e.id !== entry.id), entry];
      return { kind: 'put', entry } as const;
    });
    if (edits.length > 0) edit(edits);
    setSaid(`${counted(edits.length, 'thing')} in your library.`);
    setTicked(new Set());
  };
  const removeTicked = (): void => {
    const gone = new Set(rows.filter((r) => ticked.has(r.id) && r.madeBy === undefined).map((r) => r.id));
    change(`remove ${counted(gone.size, 'thing')}`, (t) => removeThings(t, gone));
    setTicked(new Set());
  };
  const memberId = member?.id;
  const target = useMemo(
    (): Target => (memberId === undefined ? { kind: 'group' } : { kind: 'member', memberId }),
    [memberId],
  );
  const close = (): void => setAdding(undefined);
  const put = (label: string, step: (t: Trip) => Trip): void => {
    change(label, step);
    close();
  };

  return (
    <Flex h={{ base: 'auto', lg: 'calc(100dvh - 96px)' }} direction="column">
      <HStack px="4" py="2" gap="2" borderBottomWidth="1px" flexShrink={0} wrap="wrap">
        <Looking
          members={trip.members}
          scope={known}
          onScope={setScope}
          filter={filter}
          onFilter={setFilter}
          view={view}
          onView={setView}
        />
        {only !== undefined && (
          <Button size="xs" variant="outline" onClick={() => setOnly(undefined)}>
            Show all again
          </Button>
        )}
        <Box flex="1" />
        {ticked.size > 0 ? (
          <>
            <Text fontSize="xs" color="fg.muted">
              {ticked.size} ticked · Ctrl+D fills the cell’s value down
            </Text>
            <Button size="xs" variant="outline" onClick={saveTicked}>
              To library
            </Button>
            <Button size="xs" variant="outline" disabled={readOnly} onClick={removeTicked}>
              Remove
            </Button>
          </>
        ) : (
          <Adders member={member} onAdding={setAdding} />
        )}
      </HStack>
      {(said !== '' || library.problem !== undefined) && (
        <Flex px="4" py="1" borderBottomWidth="1px" fontSize="xs" role="status" align="center" gap="3">
          {library.problem === undefined ? said : `Kit library: ${library.problem}`}
          <Button size="2xs" variant="ghost" onClick={() => setSaid('')}>
            Close
          </Button>
        </Flex>
      )}
      <Flex flex="1" minH="0" direction={{ base: 'column', lg: 'row' }}>
        {/* On a narrow screen the page scrolls, but the table still in itself: it draws only what is in sight. */}
        <Box
          ref={setScroller}
          flex={{ base: 'none', lg: '1' }}
          h={{ base: '75dvh', lg: 'auto' }}
          minW="0"
          minH="0"
          overflow="auto"
          ps="3"
        >
          {member !== undefined && <Provided member={member} />}
          {rows.length === 0 && needle === '' && only === undefined && kits.length === 0 ? (
            <Text py="8" px="2" fontSize="md">
              {trip.members.length === 0
                ? 'Add members at People first; then a list by template fills in tents, cook sets and everybody’s own things.'
                : 'Start with a list by template, take things from your library, paste a list, or read a CSV file.'}
            </Text>
          ) : (
            <KitTable
              rows={rows}
              kits={kits}
              members={members}
              view={view}
              scroller={scroller}
              ticked={ticked}
              onTick={setTicked}
              onSay={setSaid}
              chosen={panel === 'scale' ? reached : undefined}
              onReach={onReach}
              onSaveKit={onSaveKit}
              filtered={needle !== '' || only !== undefined}
            />
          )}
        </Box>
        <SidePanel
          label="Beside the table"
          w="336px"
          tabs={[
            ['checks', `Checks ${others?.open.length ?? ''}`],
            ['stay', `Can stay ${stay?.open.length ?? ''}`],
            ['loans', `Loans ${loans}`],
            ['scale', 'Scale'],
          ]}
          value={panel}
          onChoose={setPanel}
        >
          {(panel === 'checks' || panel === 'stay') && (
            <ChecksPanel
              members={trip.members}
              forecast={trip.weather.length > 0}
              found={panel === 'stay' ? stay : others}
              onShow={setOnly}
              stay={panel === 'stay'}
            />
          )}
          {panel === 'loans' && <ArrangementsPanel member={member} focused={focused} />}
          {panel === 'scale' && <WeighPanel focused={focused} />}
        </SidePanel>
      </Flex>
      <PlainDialog title="A list by template" open={adding === 'propose'} onClose={close} size="lg">
        <ProposeDialog library={entries} onTake={put} />
      </PlainDialog>
      <PlainDialog title="From your kit library" open={adding === 'library'} onClose={close} size="lg">
        <LibraryDialog library={library} member={member} onTake={change} />
      </PlainDialog>
      <PlainDialog title="Paste a list" open={adding === 'paste'} onClose={close} size="lg">
        <PasteDialog library={entries} target={target} whose={member?.name ?? 'the group'} onTake={put} />
      </PlainDialog>
      <PlainDialog title="CSV in and out" open={adding === 'csv'} onClose={close} size="xl">
        <CsvDialog library={entries} target={target} whose={member?.name ?? 'the group'} onTake={put} />
      </PlainDialog>
    </Flex>
  );
}
const NO_KITS: readonly Kit[] = [];

interface LookingProps {
  readonly members: readonly Member[];
  readonly scope: string;
  readonly onScope: (scope: string) => void;
  readonly filter: string;
  readonly onFilter: (filter: string) => void;
  readonly view: View;
  readonly onView: (view: View) => void;
}

/** Whose things the table shows, which of them, and what of each. */
const Looking = memo(function Looking({
  members,
  scope,
  onScope,
  filter,
  onFilter,
  view,
  onView,
}: LookingProps) {
  return (
    <>
      <Select
        label="Whose things"
        size="sm"
        w="13rem"
        value={scope}
        options={[
          ...Object.entries(SCOPES),
          ...members.map((m) => [m.id, `Personal things of ${m.name}`] as const),
        ]}
        onChoose={onScope}
      />
      <Input
        size="sm"
        w="11rem"
        placeholder="Filter by name, owner, use"
        aria-label="Filter things"
        value={filter}
        onChange={(e) => onFilter(e.target.value)}
      />
      <Tabs label="Columns" tabs={Object.entries(VIEWS) as [View, string][]} value={view} onChoose={onView} />
    </>
  );
});

/** The ways in which things come into the lists. */
const Adders = memo(function Adders({
  member,
  onAdding,
}: {
  member: Member | undefined;
  onAdding: (way: Adding) => void;
}) {
  const { change, readOnly } = useTripCommands();
  return (
    <>
      {(Object.entries(ADDING) as [Adding, string][]).map(([way, label]) => (
        <Button key={way} size="xs" variant="outline" onClick={() => onAdding(way)}>
          {label}
        </Button>
      ))}
      {member === undefined ? (
        <Button
          size="xs"
          variant="outline"
          aria-label="Add a kit"
          disabled={readOnly}
          onClick={() => change('add a kit', addKit)}
        >
          <Plus size={13} /> Kit
        </Button>
      ) : (
        <Button
          size="xs"
          variant="outline"
          aria-label="Add a thing"
          disabled={readOnly}
          onClick={() => change(`add a thing of ${member.name}`, (t) => addPersonal(t, member.id))}
        >
          <Plus size={13} /> Thing
        </Button>
      )}
    </>
  );
});
