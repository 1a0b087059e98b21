import { Box } from '../theme/chakra';
import { formatMass } from '@graft/core/units';
import { usePreferences } from './preferences';

/** What follows the pointer while a thing is dragged. */
export function HeldChip({ name, massKg }: { name: string; massKg: number }) {
  const { massUnit } = usePreferences();
  return (
    <Box
      bg="beam.chosen"
      color="beam.chosenInk"
      px="2"
      py="1"
      borderRadius="l1"
      fontSize="xs"
      width="max-content"
    >
      {name}, {formatMass(massKg, massUnit)}
    </Box>
  );
}
