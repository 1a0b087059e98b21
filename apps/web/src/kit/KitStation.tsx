import { Box, Button, Flex, HStack, Input, Text } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  allThings,
  entryOfKit,
  entryOfThing,
  kitChecks,
  removeThings,
  type Kit,
  type KitFinding,
  type Trip,
} from '@graft/core';
import { PlainDialog } from '../shared/PlainDialog';
import { SidePanel } from '../shared/SidePanel';
import { Tabs } from '../shared/Tabs';
import { useLibrary } from '../shared/useLibrary';
import { useTrip } from '../shared/TripProvider';
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
import { WeighPanel } from './WeighPanel';

/** What the table shows: all, the group's, everybody's own, or one member's. */
const SCOPES = { all: 'Everything', group: 'Group kit', personal: 'All personal things' } as const;
type Adding = 'library' | 'propose' | 'paste' | 'csv';
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

  const recent = useSettled(trip);
  const checks = useMemo(() => kitChecks(recent, library.entries), [recent, library.entries]);
  const { stay, others, stayAside, othersAside } = useMemo(() => {
    const adviser = (f: KitFinding): boolean => f.kind === 'leaveBehind';
    return {
      stay: checks.open.filter(adviser),
      others: checks.open.filter((f) => !adviser(f)),
      stayAside: checks.dismissed.filter((d) => adviser(d.finding)),
      othersAside: checks.dismissed.filter((d) => !adviser(d.finding)),
    };
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
  const target =
    member === undefined ? ({ kind: 'group' } as const) : ({ kind: 'member', memberId: member.id } as const);
  const close = (): void => setAdding(undefined);
  const put = (label: string, step: (t: Trip) => Trip): void => {
    change(label, step);
    close();
  };

  return (
    <Flex h={{ base: 'auto', lg: 'calc(100dvh - 96px)' }} direction="column">
      <HStack px="4" py="2" gap="2" borderBottomWidth="1px" flexShrink={0} wrap="wrap">
        <Select
          label="Whose things"
          size="sm"
          w="13rem"
          value={known}
          options={[
            ...Object.entries(SCOPES),
            ...trip.members.map((m) => [m.id, `Personal things of ${m.name}`] as const),
          ]}
          onChoose={setScope}
        />
        <Input
          size="sm"
          w="11rem"
          placeholder="Filter by name, owner, use"
          aria-label="Filter things"
          value={filter}
          onChange={(e) => setFilter(e.target.value)}
        />
        <Tabs
          label="Columns"
          tabs={Object.entries(VIEWS) as [View, string][]}
          value={view}
          onChoose={setView}
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
          <>
            {(
              [
                ['propose', 'By template'],
                ['library', 'From library'],
                ['paste', 'Paste a list'],
                ['csv', 'CSV'],
              ] as const
            ).map(([kind, label]) => (
              <Button key={kind} size="xs" variant="outline" onClick={() => setAdding(kind)}>
                {label}
              </Button>
            ))}
            {member === undefined ? (
              <Button
                size="xs"
                variant="outline"
                aria-label="Add a kit"
                onClick={() => change('add a kit', addKit)}
              >
                <Plus size={13} /> Kit
              </Button>
            ) : (
              <Button
                size="xs"
                variant="outline"
                aria-label="Add a thing"
                onClick={() => change(`add a thing of ${member.name}`, (t) => addPersonal(t, member.id))}
              >
                <Plus size={13} /> Thing
              </Button>
            )}
          </>
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
        <Box ref={setScroller} flex="1" minW="0" minH={{ base: '24rem', lg: '0' }} overflow="auto" ps="3">
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
            ['checks', `Checks ${others.length}`],
            ['stay', `Can stay ${stay.length}`],
            ['loans', `Loans ${loans}`],
            ['scale', 'Scale'],
          ]}
          value={panel}
          onChoose={setPanel}
        >
          {panel === 'checks' && (
            <ChecksPanel findings={others} dismissed={othersAside} onShow={setOnly} stay={false} />
          )}
          {panel === 'stay' && <ChecksPanel findings={stay} dismissed={stayAside} onShow={setOnly} stay />}
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

/** How long the lists must lie still before they are checked again. */
const SETTLED_MS = 250;

/** The trip as it was when it last lay still: a moment behind, in a task of its own, so that typing never waits for checks. */
function useSettled(trip: Trip): Trip {
  const [settled, setSettled] = useState(trip);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setSettled(trip)), SETTLED_MS);
    return () => clearTimeout(timer);
  }, [trip]);
  return settled;
}
