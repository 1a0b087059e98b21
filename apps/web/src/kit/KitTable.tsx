import { Text } from '../theme/chakra';
import { memo, useCallback, useLayoutEffect, useMemo, useRef } from 'react';
import { massRange, type MassRange } from '@graft/core/lists';
import { isPersonal, putThings, removeThings, type Kit, type Member, type Trip } from '@graft/core/trip';
import { formatMass, massDigits } from '@graft/core/units';
import type { Column, Ticks } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { RemoveButton } from '../shared/RemoveButton';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import { useSame } from '../shared/useSame';
import { counted } from '../shared/words';
import { Why } from '../shared/Why';
import { kitColumns, type View } from './kitColumns';
import { placesOf } from './kitPlaces';
import { KitHead, MemberHead } from './SectionHeads';
import type { NewPlace } from './newThings';
import type { Adding } from '../shared/table/naming';
import type { LibraryEntry } from '@graft/core/library';
import type { Knowledge } from './useKnowledge';
import { checkRow, keptElsewhere, type KitRow } from './kitRows';
import { useQuantities } from '../shared/useInUnits';

interface Props {
  readonly rows: readonly KitRow[];
  /** Kits and members shown, in this order, each with its own rows under a head. */
  readonly kits: readonly Kit[];
  readonly members: readonly Member[];
  readonly view: View;
  readonly scroller: HTMLElement | null;
  readonly ticked: ReadonlySet<string>;
  readonly onTick: (keys: ReadonlySet<string>) => void;
  readonly onSay: (message: string) => void;
  readonly chosen: string | undefined;
  readonly onReach: (row: KitRow) => void;
  readonly onSaveKit: (kit: Kit) => void;
  readonly newRows: Adding<NewPlace>;
  readonly onPasted: (text: string) => boolean;
  readonly library: readonly LibraryEntry[];
  readonly knowledge: Knowledge;
  readonly filtered: boolean;
}

/** Everything the party takes in one table: kits open into pieces, members into their things. */
export const KitTable = memo(function KitTable({
  rows,
  kits,
  members,
  view,
  scroller,
  ticked,
  onTick,
  onSay,
  chosen,
  onReach,
  onSaveKit,
  newRows,
  onPasted,
  library,
  knowledge,
  filtered,
}: Props) {
  const { trip, change } = useTrip();
  const { massUnit } = usePreferences();
  const { digits } = useQuantities();
  const { act, save, together } = useMemo(() => batches(change), [change]);
  const days = trip.legs.length;
  const { groups } = trip;
  // A new mass changes the trip, but no name and no carrier: then no row but its own is drawn anew.
  const places = useSame(useMemo(() => placesOf(trip), [trip]));
  const columns = useMemo((): readonly Column<KitRow>[] => {
    const all = kitColumns(view, {
      places,
      groups,
      massUnit,
      library,
      knowledge,
      check: (row) => checkRow(row, days),
      save,
      act,
    });
    return [
      ...all,
      {
        id: 'remove',
        header: '',
        width: '36',
        show: (row) =>
          keptElsewhere(row) ? (
            <Why
              reason={
                row.madeBy === 'larder'
                  ? 'Made at Food: it changes there.'
                  : 'From the figure for own things at People: it changes there, and gets less with every thing on this list.'
              }
            >
              {row.madeBy === 'larder' ? 'L' : 'P'}
            </Why>
          ) : (
            <RemoveButton
              name={row.name}
              onClick={() => change(`remove ${row.name}`, (t) => removeThings(t, new Set([row.id])))}
            />
          ),
      },
    ];
  }, [places, groups, view, massUnit, library, knowledge, days, act, save, change]);

  const addNow = useRef(newRows.add);
  useLayoutEffect(() => {
    addNow.current = newRows.add;
  });
  // What adds rows is new with every change; heads must not be drawn anew for that.
  const add = useCallback((place: NewPlace) => addNow.current(place), []);
  const sections = useMemo(() => {
    const there = new Set(rows.map((r) => r.id));
    const byMember = new Map<string, KitRow[]>();
    for (const row of rows) {
      if (!isPersonal(row)) continue;
      const own = byMember.get(row.memberId);
      if (own === undefined) byMember.set(row.memberId, [row]);
      else own.push(row);
    }
    return [
      ...kits
        .map((kit) => ({
          key: `kit ${kit.id}`,
          head: <KitHead kit={kit} onSaveKit={onSaveKit} onAdd={add} />,
          rows: kit.pieces.filter((p) => there.has(p.id)),
        }))
        .filter((section) => !filtered || section.rows.length > 0),
      ...members
        .map((member) => {
          const own = byMember.get(member.id) ?? [];
          return {
            key: `member ${member.id}`,
            head: <MemberHead member={member} rows={own} onAdd={add} />,
            rows: own,
          };
        })
        .filter((section) => !filtered || section.rows.length > 0),
    ];
  }, [rows, kits, members, onSaveKit, add, filtered]);

  const ticks = useMemo(
    (): Ticks => ({
      keys: ticked,
      onTick,
      onRefused: onSay,
      together,
    }),
    [ticked, onTick, onSay, together],
  );
  const range = useMemo(() => massRange(rows), [rows]);
  const packedL = rows.reduce((sum, r) => sum + r.volumeL, 0);
  return (
    <EditableTable
      naming={newRows.naming}
      onPasted={onPasted}
      label="Kit"
      columns={columns}
      rowKey={rowKey}
      rowName={rowName}
      sections={sections}
      scroller={scroller}
      ticks={ticks}
      onReach={onReach}
      {...(chosen === undefined ? {} : { chosen })}
      foot={(column) =>
        ({
          name: () => counted(rows.length, 'thing'),
          list: () => range.estimates > 0 && <LikelyRange range={range} of={rows.length} />,
          massKg: () => massDigits(range.kg, massUnit),
          volumeL: () => digits(packedL, 'volume'),
        })[column.id as 'name']?.()
      }
    />
  );
});
type Step = (trip: Trip) => Trip;

/** Rows to be stored and other changes, until all of a batch are there. */
interface Batch {
  readonly rows: KitRow[];
  readonly steps: Step[];
}

/** Changes one by one, or several as one change of the trip. */
function batches(change: (label: string, step: Step) => void): {
  readonly act: (label: string, step: Step) => void;
  readonly save: (row: KitRow, field: string) => void;
  readonly together: (run: () => Promise<void>) => Promise<void>;
} {
  let batch: Batch | undefined;
  return {
    act: (label, step) => {
      if (batch === undefined) change(label, step);
      else batch.steps.push(step);
    },
    save: (row, field) => {
      if (batch === undefined) change(`${row.name}: ${field}`, (t) => putThings(t, [row]));
      else batch.rows.push(row);
    },
    together: async (run) => {
      const { rows, steps }: Batch = (batch = { rows: [], steps: [] });
      try {
        await run();
      } finally {
        batch = undefined;
      }
      const count = rows.length + steps.length;
      if (count > 0)
        change(`fill ${counted(count, 'row')}`, (t) =>
          steps.reduce((n, step) => step(n), putThings(t, rows)),
        );
    },
  };
}

const rowKey = (row: KitRow): string => row.id;
const rowName = (row: KitRow): string => row.name;

/** Between which two masses a total with estimates in it likely lies. */
function LikelyRange({ range, of }: { range: MassRange; of: number }) {
  const { massUnit } = usePreferences();
  return (
    <Text as="span" fontWeight="400" fontSize="xs" color="fg.muted">
      <Why
        reason={`${counted(range.estimates, 'mass')} of ${of} are estimates (≈), each taken to be off by 20 % either way: the total is likely between these two.`}
      >
        likely {massDigits(range.lowKg, massUnit)}–{formatMass(range.highKg, massUnit)}
      </Why>
    </Text>
  );
}
