import { Box } from '../theme/chakra';
import { Lock } from 'lucide-react';
import type { Carried } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { DraggablePiece } from './DraggablePiece';

/** A piece in its carrier's beam, as wide as its share of that carrier's limit. */
export function PieceBlock(props: {
  piece: Carried;
  /** Its name where it stands alone, and what of it fits into the block. */
  name: string;
  inside: string | undefined;
  /** The kit that it is a part of. */
  kitId: string | undefined;
  massKg: number;
  widthPercent: number;
  /** The piece of its row that the Tab key reaches; arrows reach the others. */
  tabStop: boolean;
  locked: boolean;
  chosen: boolean;
  held: boolean;
  carrier: string;
  onChoose: (pieceId: string, add: boolean) => void;
}) {
  const {
    piece,
    name,
    inside,
    kitId,
    massKg,
    widthPercent,
    tabStop,
    locked,
    chosen,
    held,
    carrier,
    onChoose,
  } = props;
  const { massUnit } = usePreferences();
  const eaten = piece.consumption !== undefined;
  return (
    <Box
      w={`${widthPercent}%`}
      flexShrink={0}
      h="100%"
      role="listitem"
      className="piece"
      data-of-piece={piece.id}
      data-of-kit={kitId}
      minW="0"
      borderLeftWidth="1px"
      borderColor="bg"
    >
      <DraggablePiece
        piece={piece}
        chosen={chosen}
        held={held}
        tabStop={tabStop}
        onPiece={onChoose}
        aria-label={`${name}, ${formatMass(massKg, massUnit)}, with ${carrier}${locked ? ', locked' : ''}`}
        title={`${name}, ${formatMass(massKg, massUnit)}`}
        h="100%"
        align="center"
        gap="1"
        // No padding here: it would widen a narrow block beyond its share, and the beam's edge would lie.
        px="0"
        overflow="hidden"
        fontSize="2xs"
        bg={eaten ? 'beam.eaten' : 'beam.piece'}
        color="beam.pieceInk"
        borderTopWidth={eaten ? '3px' : 0}
        borderColor="beam.piece"
        borderTopStyle="dashed"
      >
        {locked && <Lock size={11} aria-hidden style={{ flexShrink: 0 }} />}
        {inside !== undefined && (
          <Box as="span" minW="0" px="1" whiteSpace="normal" lineHeight="1.15">
            {inside}
          </Box>
        )}
      </DraggablePiece>
    </Box>
  );
}
