import { Box, Flex } from '../theme/chakra';
import { OVERLOAD_HATCH, WATER_HATCH } from './hatches';
import { useLimits } from '../shared/useLimits';

/** What the parts of a beam are. */
export function BeamLegend() {
  const { hidden } = useLimits();
  const item = (swatch: object, text: string) => (
    <Flex align="center" gap="1.5">
      <Box w="16px" h="11px" {...swatch} />
      {text}
    </Flex>
  );
  return (
    <Flex gap="5" px="4" py="2" fontSize="2xs" color="fg.muted" wrap="wrap">
      {item({ bg: 'beam.own' }, 'pack and personal things')}
      {item(
        {
          style: { background: WATER_HATCH },
        },
        'water',
      )}
      {item({ bg: 'beam.piece' }, 'group piece, or somebody else’s thing')}
      {item(
        { bg: 'beam.eaten', borderTopWidth: '3px', borderTopStyle: 'dashed', borderColor: 'beam.piece' },
        'group piece that is eaten or burnt',
      )}
      {!hidden &&
        item(
          {
            style: { background: OVERLOAD_HATCH },
          },
          'above the limit',
        )}
    </Flex>
  );
}
