import { Box, Flex } from '../theme/chakra';
import { DndContext, DragOverlay, pointerWithin } from '@dnd-kit/core';
import { useRef } from 'react';
import { formatMass } from '@graft/core/units';
import { FullStation } from '../shared/FullStation';
import { HeldChip } from '../shared/HeldChip';
import { usePreferences } from '../shared/preferences';
import { useDragSensors } from '../shared/useDragSensors';
import { BeamBoard } from './BeamBoard';
import { BoardHead } from './BoardHead';
import { DaySteps } from './DaySteps';
import { SharePanel } from './SharePanel';
import { ShareTable } from './ShareTable';
import { useBoardKeys } from './useBoardKeys';
import { useShareBoard, type ShareBoard } from './useShareBoard';
import { EmptyStation } from '../shared/EmptyStation';
import { useLimits } from '../shared/useLimits';

/** Who carries what: load beams, the days, and beside them what the share is worth and how it came about. */
export function SharesStation() {
  const board = useShareBoard();
  const element = useRef<HTMLDivElement>(null);
  const onKey = useBoardKeys(board, element);
  const sensors = useDragSensors();
  const { pieces, dispatch, figures, shown, rows, day, inHand } = board;
  if (shown.members.length === 0 || pieces.size === 0) {
    return (
      <EmptyStation
        title="Nothing to share out yet"
        first={shown.members.length === 0 ? [['people', 'Add people']] : [['kit', 'List the kit']]}
        later="beams"
      >
        {shown.members.length === 0
          ? 'Add the members at People first: their carry limits are what a share is measured by.'
          : 'Add the group kit at Kit first: its pieces are what is shared out here.'}
      </EmptyStation>
    );
  }
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragStart={(e) => dispatch({ type: 'pickUp', pieceId: String(e.active.id), byKey: false })}
      onDragOver={(e) =>
        dispatch({ type: 'holdOver', target: e.over === null ? undefined : String(e.over.id) })
      }
      onDragEnd={(e) => {
        const piece = pieces.get(String(e.active.id));
        if (piece !== undefined && e.over !== null) board.give(piece, String(e.over.id));
        dispatch({ type: 'letGo' });
      }}
      onDragCancel={() => dispatch({ type: 'letGo' })}
    >
      <FullStation ref={element} onKeyDown={onKey} direction={{ base: 'column', lg: 'row' }} align="stretch">
        <Flex direction="column" flex="1" minW="0">
          <BoardHead board={board} />
          {board.view === 'table' ? (
            <ShareTable trip={shown} figures={figures} rows={rows} />
          ) : (
            <BeamBoard
              trip={shown}
              figures={figures}
              day={day}
              rows={rows}
              chosenIds={board.chosenIds}
              heldIds={board.heldIds}
              targetId={inHand?.target}
              onChoose={board.choose}
              onHover={(memberId) => dispatch({ type: 'hover', memberId })}
            />
          )}
          <DaySteps
            trip={shown}
            figures={figures}
            day={day}
            onDay={(next) => dispatch({ type: 'show', what: { day: next } })}
            memberId={board.hoveredMember ?? board.receiver?.member.id}
          />
        </Flex>
        <SharePanel board={board} />
      </FullStation>
      <InHand board={board} />
    </DndContext>
  );
}

/** The piece in hand: under the pointer when dragged, in words when picked up by key. */
function InHand({ board }: { board: ShareBoard }) {
  const { massUnit } = usePreferences();
  const limits = useLimits();
  const { held, heldIds, inHand, pieces, receiver, shown, figures } = board;
  const what = heldIds.size > 1 ? `${heldIds.size} pieces` : (held?.name ?? '');
  return (
    <>
      <DragOverlay dropAnimation={null}>
        {held !== undefined && inHand?.byKey === false && (
          <HeldChip
            name={what}
            massKg={[...heldIds].reduce((sum, id) => sum + (pieces.get(id)?.massKg ?? 0), 0)}
          />
        )}
      </DragOverlay>
      <Box srOnly role="status" aria-live="assertive">
        {held !== undefined && inHand?.byKey === true
          ? `${what} in hand, ${receiver === undefined ? 'over nobody' : `over ${receiver.member.name}: ${formatMass(receiver.heaviest.totalKg, massUnit)}, ${limits.percent(receiver.heaviest.ratio)}`}; largest ratio ${limits.measure(shown.fairness, figures.largestRatio)}. Up and down choose, Enter gives, Escape leaves.`
          : ''}
      </Box>
    </>
  );
}
