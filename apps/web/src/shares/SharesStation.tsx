import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { DndContext, DragOverlay, pointerWithin } from '@dnd-kit/core';
import { useEffect, useEffectEvent, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { formatMeasure } from '@graft/core/share';
import { allPieces, assignPiece, carrierOf, lockPiece, type Piece, type Trip } from '@graft/core/trip';
import { formatMass, formatPercent } from '@graft/core/units';
import { HeldChip } from '../shared/HeldChip';
import { PlainDialog } from '../shared/PlainDialog';
import { usePreferences } from '../shared/preferences';
import { Select } from '../shared/Select';
import { Tabs } from '../shared/Tabs';
import { useDragSensors } from '../shared/useDragSensors';
import { useRecentFigures, useShareFigures } from '../shared/usePlanFigures';
import { useTrip } from '../shared/TripProvider';
import { BeamBoard, type DayChoice } from './BeamBoard';
import { DaySteps } from './DaySteps';
import { PieceDetail } from './PieceDetail';
import { PieceFinder } from './PieceFinder';
import { RecordTab } from './RecordTab';
import { ReshareTab } from './ReshareTab';
import { boardRows, ORDERS, type Order } from './boardRows';
import { ShareTable } from './ShareTable';
import { ShareCsvTools } from './ShareCsvTools';
import { ShareFigurePanel } from './ShareFigurePanel';
import { SplitDialog } from './SplitDialog';
import { TRAY } from './tray';
import { UnsharedTray } from './UnsharedTray';
import { WhatIfTab } from './WhatIfTab';
import { WhoHasIt } from './WhoHasIt';

const VIEWS = { beams: 'Beams', table: 'Table' } as const;
type View = keyof typeof VIEWS;
const TABS = { share: 'Share', reshare: 'Re-share', whatIf: 'What if', record: 'Record' } as const;
type Tab = keyof typeof TABS;

export function SharesStation() {
  const { walked: trip, change } = useTrip();
  const { massUnit } = usePreferences();
  const [day, setDay] = useState<DayChoice>('heaviest');
  const [chosenId, setChosenId] = useState<string | undefined>();
  /** Pieces that move together; the chosen one among them, once there are several. */
  const [marked, setMarked] = useState<ReadonlySet<string>>(new Set());
  const [order, setOrder] = useState<Order>('listed');
  const [view, setView] = useState<View>('beams');
  const [hoveredMember, setHoveredMember] = useState<string | undefined>();
  /** A piece in hand, dragged or picked up by key, and where it would go. */
  const [inHand, setInHand] = useState<
    { pieceId: string; target: string | undefined; byKey: boolean } | undefined
  >();
  const [splitOpen, setSplitOpen] = useState(false);
  const [tab, setTab] = useState<Tab>('share');
  const board = useRef<HTMLDivElement>(null);
  const sensors = useDragSensors();

  const pieces = useMemo(() => new Map(allPieces(trip).map((p) => [p.id, p])), [trip]);
  /** The day on which a piece changes carrier: the day that is shown, or, where each row has its own, its carrier's. */
  const recent = useRecentFigures();
  const dayOf = (pieceId: string): number => {
    if (day !== 'heaviest') return day;
    const row = recent.share.members.find((m) => carrierOf(trip, pieceId, m.heaviest.day) === m.member.id);
    return row?.heaviest.day ?? 1;
  };
  /** What goes with a piece: all marked ones when it is one of them. */
  const withPiece = (pieceId: string): readonly string[] =>
    marked.has(pieceId) ? [...marked].filter((id) => pieces.has(id)) : [pieceId];
  const assignAll = (t: Trip, pieceId: string, to: string): Trip =>
    withPiece(pieceId).reduce((next, id) => assignPiece(next, id, memberOf(to), dayOf(id)), t);
  const target = inHand?.target;
  const shown = useMemo(
    () => (inHand === undefined || target === undefined ? trip : assignAll(trip, inHand.pieceId, target)),
    // What goes with the piece in hand is settled when it is picked up.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [trip, inHand?.pieceId, target],
  );
  const choose = (pieceId: string, add = false): void => {
    setChosenId(pieceId);
    if (!add) {
      setMarked(new Set());
      return;
    }
    const next = new Set(marked.size === 0 && chosenId !== undefined ? [chosenId] : marked);
    if (!next.delete(pieceId)) next.add(pieceId);
    setMarked(next);
  };
  const figures = useShareFigures(shown);
  const rows = boardRows(shown, figures, recent.share, order);
  const chosen = chosenId === undefined ? undefined : pieces.get(chosenId);

  const give = (piece: Piece, to: string): void => {
    const name = trip.members.find((m) => m.id === memberOf(to))?.name;
    const count = withPiece(piece.id).length;
    const what = count === 1 ? piece.name : `${count} pieces`;
    change(
      name === undefined
        ? `take ${what} from ${count === 1 ? 'its carrier' : 'their carriers'}`
        : `give ${what} to ${name}`,
      (t) => assignAll(t, piece.id, to),
    );
    setMarked(new Set());
  };
  const focusPiece = (pieceId: string): void => {
    // After the change is drawn: the block sits in another row then, or in none where the day shown knows it not.
    requestAnimationFrame(() => {
      const block = board.current?.querySelector<HTMLElement>(`[data-piece="${CSS.escape(pieceId)}"]`);
      (block ?? board.current?.querySelector<HTMLElement>('[data-find]'))?.focus();
    });
  };

  // The keys of a piece in hand are heard wherever the focus is: its block may vanish on a row whose day knows it not.
  const onHandKey = useEffectEvent((event: globalThis.KeyboardEvent): void => {
    if (inHand === undefined) return;
    const targets = [...rows.map((r) => r.figures.member.id), TRAY];
    const held = pieces.get(inHand.pieceId);
    switch (event.key) {
      case 'ArrowDown':
      case 'ArrowUp': {
        const at = targets.indexOf(inHand.target ?? TRAY);
        const next = (at + (event.key === 'ArrowDown' ? 1 : targets.length - 1)) % targets.length;
        setInHand({ ...inHand, target: targets[next] });
        break;
      }
      case 'Enter':
      case ' ':
        if (held !== undefined && inHand.target !== undefined) give(held, inHand.target);
        setInHand(undefined);
        break;
      case 'Escape':
        setInHand(undefined);
        break;
      default:
        return;
    }
    event.preventDefault();
    focusPiece(inHand.pieceId);
  });
  const byKey = inHand?.byKey === true;
  useEffect(() => {
    if (!byKey) return;
    window.addEventListener('keydown', onHandKey);
    return () => window.removeEventListener('keydown', onHandKey);
  }, [byKey]);

  const onKey = (event: KeyboardEvent): void => {
    const pieceId = (event.target as HTMLElement).closest<HTMLElement>('[data-piece]')?.dataset['piece'];
    const piece = pieceId === undefined ? undefined : pieces.get(pieceId);
    if (piece === undefined || inHand !== undefined) return;
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const assignment = trip.share.find((a) => a.pieceId === piece.id);
    const handled = (): void => {
      event.preventDefault();
      event.stopPropagation();
    };
    switch (event.key) {
      case 'm':
      case 'M':
        handled();
        if (!marked.has(piece.id)) choose(piece.id);
        setInHand({
          pieceId: piece.id,
          target: carrierOf(trip, piece.id, dayOf(piece.id)) ?? TRAY,
          byKey: true,
        });
        break;
      case 'x':
      case 'X':
        handled();
        choose(piece.id, true);
        break;
      case 'l':
      case 'L':
        handled();
        if (assignment !== undefined) {
          change(`${assignment.locked ? 'unlock' : 'lock'} ${piece.name}`, (t) =>
            lockPiece(t, piece.id, !assignment.locked),
          );
        }
        break;
      case 'Delete':
        handled();
        if (carrierOf(trip, piece.id, dayOf(piece.id)) !== undefined) give(piece, TRAY);
        break;
      case 'ArrowLeft':
      case 'ArrowRight':
      case 'ArrowUp':
      case 'ArrowDown':
        handled();
        moveFocus(board.current, event.target as HTMLElement, event.key);
        break;
      default:
    }
  };

  if (trip.members.length === 0 || pieces.size === 0) {
    return (
      <Text p="10" fontSize="md">
        {trip.members.length === 0
          ? 'Add the members at People first: their carry limits are what a share is measured by.'
          : 'Add the group kit at Kit first: its pieces are what is shared out here.'}
      </Text>
    );
  }

  const held = inHand === undefined ? undefined : pieces.get(inHand.pieceId);
  const receiver = figures.members.find((m) => m.member.id === target);
  const heldIds = new Set(inHand === undefined ? [] : withPiece(inHand.pieceId));
  const chosenIds = new Set([...marked, ...(chosenId === undefined ? [] : [chosenId])]);
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragStart={(e) => {
        if (!marked.has(String(e.active.id))) choose(String(e.active.id));
        setInHand({ pieceId: String(e.active.id), target: undefined, byKey: false });
      }}
      onDragOver={(e) =>
        setInHand({
          pieceId: String(e.active.id),
          target: e.over === null ? undefined : String(e.over.id),
          byKey: false,
        })
      }
      onDragEnd={(e) => {
        const piece = pieces.get(String(e.active.id));
        if (piece !== undefined && e.over !== null) give(piece, String(e.over.id));
        setInHand(undefined);
      }}
      onDragCancel={() => setInHand(undefined)}
    >
      <Flex
        ref={board}
        h={{ base: 'auto', lg: 'calc(100dvh - 96px)' }}
        onKeyDown={onKey}
        direction={{ base: 'column', lg: 'row' }}
        align="stretch"
      >
        <Flex direction="column" flex="1" minW="0">
          <Flex data-screen-only px="4" pt="2" gap="3" align="center" fontSize="xs" wrap="wrap">
            <Tabs
              label="How the shares are shown"
              tabs={Object.entries(VIEWS) as [View, string][]}
              value={view}
              onChoose={setView}
            />
            <Select
              label="Order of the members"
              w="9rem"
              value={order}
              options={Object.entries(ORDERS) as [Order, string][]}
              onChoose={setOrder}
            />
            {view === 'table' ? (
              <ShareCsvTools />
            ) : (
              <Box color="fg.muted">
                {marked.size > 1
                  ? `${marked.size} pieces marked: drag one, or press m, to move them all`
                  : 'Ctrl-click, or x, marks several'}
              </Box>
            )}
          </Flex>
          {view === 'table' ? (
            <ShareTable trip={shown} figures={figures} rows={rows} />
          ) : (
            <BeamBoard
              trip={shown}
              figures={figures}
              day={day}
              rows={rows}
              chosenIds={chosenIds}
              heldIds={heldIds}
              targetId={target}
              onChoose={choose}
              onHover={setHoveredMember}
            />
          )}
          <DaySteps
            trip={shown}
            figures={figures}
            day={day}
            onDay={setDay}
            memberId={hoveredMember ?? receiver?.member.id}
          />
        </Flex>
        <Box
          as="aside"
          aria-label="Share"
          w={{ base: '100%', lg: '344px' }}
          flexShrink={0}
          borderLeftWidth="1px"
          bg="bg.panel"
          overflowY="auto"
        >
          <Box px="4" pt="3" fontSize="xs">
            <Tabs
              label="What the panel shows"
              tabs={Object.entries(TABS) as [Tab, string][]}
              value={tab}
              onChoose={setTab}
            />
          </Box>
          {tab === 'reshare' && <ReshareTab day={day === 'heaviest' ? undefined : day} />}
          {tab === 'whatIf' && <WhatIfTab />}
          {tab === 'record' && <RecordTab />}
          {tab === 'share' && (
            <>
              <ShareFigurePanel figures={figures} shown={shown} previewing={inHand?.target !== undefined} />
              <UnsharedTray
                pieces={figures.unshared}
                chosenIds={chosenIds}
                heldIds={heldIds}
                onChoose={choose}
              />
              <WhoHasIt onChoose={choose} />
              <PieceFinder chosenId={chosenId} onChoose={choose} />
              <Box px="4" pt="2">
                <Button size="xs" variant="outline" onClick={() => setSplitOpen(true)}>
                  If the party splits
                </Button>
              </Box>
              {chosen === undefined ? (
                <Text px="4" py="2" fontSize="xs" color="fg.muted">
                  Choose a piece to see what holds it and what every other carrier would make of it.
                </Text>
              ) : (
                <PieceDetail
                  piece={chosen}
                  figures={figures}
                  shown={shown}
                  day={dayOf(chosen.id)}
                  onGive={give}
                />
              )}
            </>
          )}
        </Box>
      </Flex>
      <PlainDialog title="Sets and splits" open={splitOpen} onClose={() => setSplitOpen(false)} size="lg">
        <SplitDialog />
      </PlainDialog>
      <DragOverlay dropAnimation={null}>
        {held !== undefined && inHand?.byKey === false && (
          <HeldChip
            name={heldIds.size > 1 ? `${heldIds.size} pieces` : held.name}
            massKg={[...heldIds].reduce((sum, id) => sum + (pieces.get(id)?.massKg ?? 0), 0)}
          />
        )}
      </DragOverlay>
      <Box srOnly role="status" aria-live="assertive">
        {held !== undefined && inHand?.byKey === true
          ? `${heldIds.size > 1 ? `${heldIds.size} pieces` : held.name} in hand, ${receiver === undefined ? 'over nobody' : `over ${receiver.member.name}: ${formatMass(receiver.heaviest.totalKg, massUnit)}, ${formatPercent(receiver.heaviest.ratio)}`}; largest ratio ${formatMeasure(trip.fairness, figures.largestRatio, massUnit)}. Up and down choose, Enter gives, Escape leaves.`
          : ''}
      </Box>
    </DndContext>
  );
}

function memberOf(target: string): string | undefined {
  return target === TRAY ? undefined : target;
}

/** Move the focus among pieces: along a row, or to the piece nearest in the row above or below. */
function moveFocus(board: HTMLElement | null, from: HTMLElement, key: string): void {
  const all = [...(board?.querySelectorAll<HTMLElement>('[data-piece]') ?? [])];
  const here = from.closest<HTMLElement>('[data-piece]');
  if (here === null) return;
  if (key === 'ArrowLeft' || key === 'ArrowRight') {
    all[all.indexOf(here) + (key === 'ArrowRight' ? 1 : -1)]?.focus();
    return;
  }
  const box = here.getBoundingClientRect();
  const sign = key === 'ArrowDown' ? 1 : -1;
  const candidates = all
    .map((element) => ({ element, box: element.getBoundingClientRect() }))
    .filter((c) => sign * (c.box.top - box.top) > 8)
    .sort(
      (a, b) =>
        sign * (a.box.top - b.box.top) || Math.abs(a.box.left - box.left) - Math.abs(b.box.left - box.left),
    );
  candidates[0]?.element.focus();
}
