import { Box, NativeSelect } from '../theme/chakra';
import { carrierOf, movableThings, nameAlone } from '@graft/core/trip';
import { useTrip } from '../shared/tripContext';

interface Props {
  readonly chosenId: string | undefined;
  readonly onChoose: (pieceId: string) => void;
}

/** Every piece by kit, with its carrier: the way to blocks that are too narrow to hit. */
export function PieceFinder({ chosenId, onChoose }: Props) {
  const { walked } = useTrip();
  const movable = movableThings(walked);
  const carrier = (pieceId: string): string => {
    const memberId = carrierOf(walked, pieceId, 1);
    return walked.members.find((m) => m.id === memberId)?.name ?? 'nobody';
  };
  return (
    <Box px="4" pt="2">
      <NativeSelect.Root size="sm">
        <NativeSelect.Field
          data-find
          aria-label="Find a piece"
          value={chosenId ?? ''}
          onChange={(e) => onChoose(e.target.value)}
        >
          <option value="" disabled>
            or choose a piece from the list
          </option>
          {walked.kits.map((kit) => (
            <optgroup key={kit.id} label={kit.name}>
              {kit.pieces.map((piece) => (
                <option key={piece.id} value={piece.id}>
                  {piece.name} · {carrier(piece.id)}
                </option>
              ))}
            </optgroup>
          ))}
          {movable.length > 0 && (
            <optgroup label="Own things that others may carry">
              {movable.map((thing) => (
                <option key={thing.id} value={thing.id}>
                  {nameAlone(walked, thing)} · {carrier(thing.id)}
                </option>
              ))}
            </optgroup>
          )}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Box>
  );
}
