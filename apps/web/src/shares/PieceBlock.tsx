import { Box } from '../theme/chakra';
import { Lock } from 'lucide-react';
import type { Carried } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { DraggablePiece } from './DraggablePiece';

/** Narrower blocks carry no name: three letters tell nothing. A lock takes room from the name. */
const LEAST_NAMED_PX = 36;
const LOCK_PX = 16;
export type RowSize = 'tall' | 'usual' | 'low';
const LINES: Readonly<Record<RowSize, number>> = { tall: 3, usual: 2, low: 1 };

/** A piece in its carrier's beam, as wide as its share of that carrier's limit. */
export function PieceBlock(props: {
  piece: Carried;
  /** Its name where it stands alone. */
  name: string;
  massKg: number;
  widthPercent: number;
  size: RowSize;
  /** The piece of its row that the Tab key reaches; arrows reach the others. */
  tabStop: boolean;
  locked: boolean;
  chosen: boolean;
  held: boolean;
  carrier: string;
  onChoose: (pieceId: string, add: boolean) => void;
}) {
  const { piece, name, massKg, widthPercent, size, tabStop, locked, chosen, held, carrier, onChoose } = props;
  const { massUnit } = usePreferences();
  const eaten = piece.consumption !== undefined;
  return (
    <Box
      w={`${widthPercent}%`}
      flexShrink={0}
      css={{ containerType: 'inline-size' }}
      h="100%"
      role="listitem"
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
        <Box
          as="span"
          minW="0"
          px="1"
          whiteSpace="normal"
          overflowWrap="normal"
          lineHeight="1.15"
          lineClamp={LINES[size]}
          css={{
            [`@container (max-width: ${LEAST_NAMED_PX + (locked ? LOCK_PX : 0)}px)`]: { display: 'none' },
          }}
        >
          {blockName(name)}
        </Box>
      </DraggablePiece>
    </Box>
  );
}

/** The part first, then its kit: "tent body" says more in 50 pixels than "Heron (2 people)". */
function blockName(name: string): string {
  const [kit, part] = name.split(': ');
  return part === undefined ? name : `${part}, ${kit ?? ''}`;
}
