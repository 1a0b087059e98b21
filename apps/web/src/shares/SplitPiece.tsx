import { Box, Button, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import {
  dayParts,
  isPersonal,
  joinPieces,
  MOST_PARTS,
  partsOf,
  splitPiece,
  whyNotSplit,
  type Carried,
  type Piece,
} from '@graft/core/trip';
import { Select } from '../shared/Select';
import { useTrip } from '../shared/tripContext';

const COUNTS = Array.from({ length: MOST_PARTS - 1 }, (_v, i) => String(i + 2));

/** Takes a piece apart, so that several can carry it, or puts its parts together again. */
export function SplitPiece({ piece }: { piece: Carried }) {
  const { trip, change, readOnly } = useTrip();
  if (isPersonal(piece)) return null;
  const parts = partsOf(trip, piece.id);
  if (parts.length > 1)
    return (
      <Button
        mt="2"
        size="2xs"
        variant="outline"
        disabled={readOnly}
        onClick={() => change(`join the parts of ${piece.name}`, (t) => joinPieces(t, piece.id))}
      >
        Join its {parts.length} parts again
      </Button>
    );
  const refusal = whyNotSplit(piece);
  if (refusal !== undefined)
    return (
      <Text mt="2" fontSize="2xs" color="fg.muted">
        {refusal}
      </Text>
    );
  return <Ways piece={piece} />;
}

function Ways({ piece }: { piece: Piece }) {
  const { change, readOnly } = useTrip();
  const [count, setCount] = useState('2');
  const parts = Number(count);
  return (
    <Flex mt="2" gap="2" align="center" fontSize="xs" wrap="wrap">
      Split into
      <Box w="4.5rem">
        <Select
          label="Into how many parts"
          value={count}
          options={COUNTS.map((n) => [n, n] as const)}
          onChoose={setCount}
        />
      </Box>
      <Button
        size="2xs"
        variant="outline"
        disabled={readOnly}
        onClick={() => change(`split ${piece.name}`, (t) => splitPiece(t, piece.id, parts, 'equal'))}
      >
        equal parts
      </Button>
      {dayParts(piece) >= parts && (
        <Button
          size="2xs"
          variant="outline"
          disabled={readOnly}
          title="Each part is eaten on days of its own"
          onClick={() => change(`split ${piece.name} by days`, (t) => splitPiece(t, piece.id, parts, 'days'))}
        >
          by days
        </Button>
      )}
    </Flex>
  );
}
