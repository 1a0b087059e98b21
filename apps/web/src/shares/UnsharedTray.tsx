import { Box, Flex, Text } from '../theme/chakra';
import { useDroppable } from '@dnd-kit/core';
import { nameAlone, type Carried } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import { DraggablePiece } from './DraggablePiece';
import { TRAY } from './tray';

interface Props {
  readonly pieces: readonly Carried[];
  readonly chosenIds: ReadonlySet<string>;
  readonly heldIds: ReadonlySet<string>;
  readonly onChoose: (pieceId: string, add: boolean) => void;
}

/** Pieces that nobody carries yet. */
export function UnsharedTray({ pieces, chosenIds, heldIds, onChoose }: Props) {
  const { massUnit } = usePreferences();
  const { setNodeRef, isOver } = useDroppable({ id: TRAY });
  const kg = pieces.reduce((sum, p) => sum + p.massKg, 0);
  return (
    <Box ref={setNodeRef} p="4" borderBottomWidth="1px" bg={isOver ? 'pine.subtle' : undefined}>
      <Flex justify="space-between" mb="1">
        <Text fontWeight="600">Carried by nobody</Text>
        <Text color="fg.muted">
          {pieces.length === 0 ? 'nothing' : `${pieces.length}, ${formatMass(kg, massUnit)}`}
        </Text>
      </Flex>
      {pieces.length === 0 ? (
        <Text fontSize="xs" color="fg.muted">
          Drag a piece here<span data-for-keys>, or press Delete on it,</span> to take it from its carrier.
        </Text>
      ) : (
        <Box maxH="250px" overflowY="auto" role="list" aria-label="Carried by nobody">
          {pieces.map((piece, i) => (
            <TrayPiece
              key={piece.id}
              piece={piece}
              tabStop={i === 0}
              chosen={chosenIds.has(piece.id)}
              held={heldIds.has(piece.id)}
              onChoose={onChoose}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}

function TrayPiece({
  piece,
  tabStop,
  chosen,
  held,
  onChoose,
}: {
  piece: Carried;
  tabStop: boolean;
  chosen: boolean;
  held: boolean;
  onChoose: (id: string, add: boolean) => void;
}) {
  const { massUnit } = usePreferences();
  const { walked } = useTrip();
  return (
    <Box role="listitem">
      <DraggablePiece
        piece={piece}
        chosen={chosen}
        held={held}
        tabStop={tabStop}
        onPiece={onChoose}
        justify="space-between"
        gap="3"
        px="2"
        py="1"
        fontSize="xs"
        borderBottomWidth="1px"
        borderColor="border.muted"
      >
        <Box as="span" minW="0" truncate>
          {nameAlone(walked, piece)}
        </Box>
        <Box as="span" whiteSpace="nowrap">
          {formatMass(piece.massKg, massUnit)}
        </Box>
      </DraggablePiece>
    </Box>
  );
}
