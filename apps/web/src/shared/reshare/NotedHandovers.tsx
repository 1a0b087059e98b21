import { Box, Flex, Text } from '../../theme/chakra';
import { legOfDay, massOnDayKg } from '@graft/core/load';
import { allPieces, giverOf, removeHandover } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../preferences';
import { RemoveButton } from '../RemoveButton';
import { useTrip } from '../tripContext';

/** What is noted to change hands, by day, each to be taken back. */
export function NotedHandovers() {
  const { walked, change } = useTrip();
  const { massUnit } = usePreferences();
  if (walked.handovers.length === 0) return null;
  return (
    <Box mt="3">
      <Text fontWeight="600">Handovers noted</Text>
      <Box as="ul" listStyleType="none" fontSize="xs" aria-label="Handovers noted">
        {[...walked.handovers]
          .sort((a, b) => a.day - b.day)
          .map((h) => {
            const piece = allPieces(walked).find((p) => p.id === h.pieceId);
            const name = (id: string | undefined): string =>
              walked.members.find((m) => m.id === id)?.name ?? 'nobody';
            const before = giverOf(walked, h);
            const kg = piece === undefined ? 0 : massOnDayKg(piece, h.day, legOfDay(walked, h.day));
            return (
              <Flex as="li" key={h.id} gap="2" py="0.5" justify="space-between" align="center">
                <span>
                  Day {h.day}: {piece?.name}, {formatMass(kg, massUnit)}, {name(before)} →{' '}
                  {name(h.toMemberId)} <span className="muted">({h.reason})</span>
                </span>
                <RemoveButton
                  name={`the handover of ${piece?.name ?? ''} on day ${h.day}`}
                  onClick={() =>
                    change(`take back a handover of day ${h.day}`, (t) => removeHandover(t, h.id))
                  }
                />
              </Flex>
            );
          })}
      </Box>
    </Box>
  );
}
