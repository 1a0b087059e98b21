import { Flex, type FlexProps } from '../theme/chakra';
import { useDraggable } from '@dnd-kit/core';
import type { Carried } from '@graft/core/trip';
import type { MouseEvent } from 'react';

interface Props extends FlexProps {
  readonly piece: Carried;
  readonly chosen: boolean;
  readonly held: boolean;
  /** The piece of its list that the Tab key reaches; arrows reach the others. */
  readonly tabStop: boolean;
  /** `add` when the piece joins or leaves the marked ones instead of being the only one chosen. */
  readonly onPiece: (pieceId: string, add: boolean) => void;
}

/** A piece as a button that can be chosen, dragged, and handled by the keys of the board around it. */
export function DraggablePiece({ piece, chosen, held, tabStop, onPiece, ...style }: Props) {
  const { setNodeRef, listeners } = useDraggable({ id: piece.id });
  return (
    <Flex
      as="button"
      ref={setNodeRef}
      {...listeners}
      data-piece={piece.id}
      tabIndex={tabStop ? 0 : -1}
      aria-pressed={chosen}
      onClick={(e: MouseEvent) => onPiece(piece.id, e.ctrlKey || e.metaKey || e.shiftKey)}
      w="100%"
      textAlign="start"
      cursor="grab"
      // A finger scrolls until it has pressed long enough to drag.
      touchAction="manipulation"
      opacity={held ? 0.75 : 1}
      {...style}
      {...(chosen ? { bg: 'beam.chosen', color: 'beam.chosenInk' } : {})}
    />
  );
}
