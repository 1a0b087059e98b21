import { useInUnits } from '../shared/useInUnits';
import { Box, Flex } from '../theme/chakra';
import { paint } from '../theme/system';
import { densityShade, DENSITY_LEGEND } from './density';

/** What the shades of things mean. @param band the school whose band is drawn; undefined where none is */
export function DensityLegend({ band }: { band: string | undefined }) {
  const inUnits = useInUnits();
  return (
    <Flex mx="4" mt="1" columnGap="3" wrap="wrap" fontSize="2xs" color="fg.muted" align="center">
      {DENSITY_LEGEND.map(([from, words]) => (
        <Flex key={from} align="center" gap="1.5">
          <Box
            w="16px"
            h="11px"
            borderWidth="1px"
            borderColor="border.emphasized"
            style={{ background: densityShade(from).fill }}
          />
          {inUnits(words)}
        </Flex>
      ))}
      {band !== undefined && (
        <Flex align="center" gap="1.5">
          <Box
            w="16px"
            h="11px"
            borderYWidth="1px"
            borderColor="border.emphasized"
            style={{
              background: `repeating-linear-gradient(45deg, ${paint('border')} 0 2px, transparent 2px 5px)`,
            }}
          />{' '}
          band of “{band}”
        </Flex>
      )}
    </Flex>
  );
}
