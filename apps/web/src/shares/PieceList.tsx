import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { Box, Button, Text } from '../theme/chakra';
import { counted } from '../shared/words';

interface Props {
  readonly carrier: string;
  readonly pieces: readonly { readonly id: string; readonly name: string; readonly massKg: number }[];
  readonly onChoose: (pieceId: string, add: boolean) => void;
}

/** On a phone: what somebody carries of the party's things, by name, each to be opened with a thumb. */
export function PieceList({ carrier, pieces, onChoose }: Props) {
  const { massUnit } = usePreferences();
  if (pieces.length === 0)
    return (
      <Text gridArea="pieces" fontSize="xs" color="fg.muted" pb="2">
        Carries nothing of the party’s yet.
      </Text>
    );
  return (
    <Box as="details" gridArea="pieces" minW="0">
      <summary className="fold">{counted(pieces.length, 'piece')}</summary>
      <Box as="ul" listStyleType="none" aria-label={`Pieces of ${carrier}`} pb="2">
        {pieces.map(({ id, name, massKg }) => (
          <li key={id}>
            <Button
              variant="ghost"
              w="100%"
              h="auto"
              px="0"
              justifyContent="space-between"
              fontWeight="400"
              whiteSpace="normal"
              textAlign="start"
              onClick={() => onChoose(id, false)}
            >
              <span>{name}</span>
              <Text as="span" color="fg.muted" whiteSpace="nowrap">
                {formatMass(massKg, massUnit)}
              </Text>
            </Button>
          </li>
        ))}
      </Box>
    </Box>
  );
}
