/** A member's load as one bar: pack and own things, water, then a block for each piece; names that fit into none below it. */
import { Box, Flex } from '../theme/chakra';
import type { DayLoad } from '@graft/core/load';
import type { Carried, Member } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { partName } from '../shared/partName';
import { useLimits } from '../shared/useLimits';
import { OVERLOAD_HATCH, WATER_HATCH } from './hatches';
import { PieceBlock } from './PieceBlock';

export type RowSize = 'tallest' | 'tall' | 'usual' | 'low';
/** Heights of beams at least, px. */
export const BEAM_PX: Readonly<Record<RowSize, number>> = { tallest: 96, tall: 44, usual: 20, low: 18 };
/** Room above and below a beam, px. */
const GAP_PX: Readonly<Record<RowSize, number>> = { tallest: 9, tall: 7, usual: 3, low: 3 };

/** A piece as its block shows it. */
interface Shown {
  readonly piece: Carried;
  readonly name: string;
  /** What of the name fits into the block. */
  readonly inside: string | undefined;
  readonly kitId: string | undefined;
  readonly massKg: number;
  readonly locked: boolean;
}

interface BeamProps {
  readonly member: Member;
  readonly load: DayLoad;
  readonly here: readonly Shown[];
  readonly ownKg: number;
  readonly x: (ratio: number) => number;
  /** Per cent of the scale. */
  readonly part: (kg: number) => number;
  readonly size: RowSize;
  readonly highPx: number;
  readonly named: boolean;
  readonly chosenIds: ReadonlySet<string>;
  readonly heldIds: ReadonlySet<string>;
  readonly onChoose: (pieceId: string, add: boolean) => void;
}

export function Beam({
  member,
  load,
  here,
  ownKg,
  x,
  part,
  size,
  highPx,
  named,
  chosenIds,
  heldIds,
  onChoose,
}: BeamProps) {
  const { massUnit } = usePreferences();
  const limits = useLimits();
  const width = (kg: number): string => `${part(kg)}%`;
  // What is in hand is not written below: rows would change their height under the pointer.
  const below = here.filter((p) => p.inside === undefined && !heldIds.has(p.piece.id));
  return (
    <Box gridArea="beam" position="relative" py={`${GAP_PX[size]}px`}>
      <Flex
        h={`${highPx}px`}
        role="list"
        aria-label={`${member.name}: ${here.length} pieces`}
        position="relative"
      >
        <Box
          w={width(ownKg)}
          bg="beam.own"
          flexShrink={0}
          title={`Pack and personal things: ${formatMass(ownKg, massUnit)}`}
        />
        <Box
          w={width(load.waterKg)}
          flexShrink={0}
          title={`Water on day ${load.day}: ${formatMass(load.waterKg, massUnit)}`}
          style={{ background: WATER_HATCH }}
        />
        {here.map(({ piece, name, massKg, kitId, inside, locked }) => (
          <PieceBlock
            key={piece.id}
            piece={piece}
            name={name}
            inside={inside}
            kitId={kitId}
            massKg={massKg}
            widthPercent={part(massKg)}
            tabStop={piece === here[0]?.piece}
            locked={locked}
            chosen={chosenIds.has(piece.id)}
            held={heldIds.has(piece.id)}
            carrier={member.name}
            onChoose={onChoose}
          />
        ))}
        {!limits.hidden && load.ratio > 1 && (
          <Box
            position="absolute"
            top="0"
            bottom="0"
            left={`${x(1)}%`}
            w={`${x(load.ratio) - x(1)}%`}
            pointerEvents="none"
            style={{ background: OVERLOAD_HATCH }}
          />
        )}
      </Flex>
      {named && below.length > 0 && (
        // The blocks say their names to who listens.
        <Flex
          aria-hidden
          wrap="wrap"
          columnGap="2.5"
          pt="0.5"
          pe="1.5"
          fontSize="2xs"
          lineHeight="1.2"
          // Up to the limit: its line crosses no name out.
          maxW={limits.hidden ? undefined : `${Math.min(100, x(1))}%`}
        >
          {below.map(({ piece, name, kitId }) => (
            <Box
              as="span"
              key={piece.id}
              className="piece-name"
              data-of-piece={piece.id}
              data-of-kit={kitId}
              onClick={() => onChoose(piece.id, false)}
            >
              {partName(name)}
            </Box>
          ))}
        </Flex>
      )}
      {/* One line through all rows: a fair share has a straight edge. */}
      {!limits.hidden && (
        <Box
          position="absolute"
          top="0"
          bottom="-1px"
          left={`${x(1)}%`}
          borderLeftWidth="2px"
          borderColor="fg"
          pointerEvents="none"
        />
      )}
    </Box>
  );
}
