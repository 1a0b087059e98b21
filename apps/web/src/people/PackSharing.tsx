import { Box, Button, Flex } from '../theme/chakra';
import { isNoPack, noPack, type Pack } from '@graft/core/trip';
import { TextEntry } from '../shared/FieldEntry';
import { usePreferences } from '../shared/preferences';
import type { Entry } from '../shared/table/column';
import { torsoText, withTorso } from './torso';

/** Whether anybody of the party may have the pack, whom its back fits, and walking without one. */
export function PackSharing({ pack, put }: { pack: Pack; put: (next: Pack, label: string) => Entry }) {
  const { massUnit } = usePreferences();
  return (
    <Flex gap="4" wrap="wrap" align="end" mt="3" fontSize="xs">
      <TextEntry
        label="Fits torsos of"
        w="9rem"
        value={torsoText(pack, massUnit)}
        take={(text) => {
          const next = withTorso(pack, text, massUnit);
          return typeof next === 'string' ? next : put(next, 'torso');
        }}
      />
      <Box as="label" pb="2">
        <input
          type="checkbox"
          checked={pack.shared === true}
          onChange={(e) => {
            const { shared: _before, ...kept } = pack;
            put(e.target.checked ? { ...kept, shared: true } : kept, 'who may have it');
          }}
        />{' '}
        borrowed or the club’s: anybody may have it
      </Box>
      {!isNoPack(pack) && (
        <Button size="2xs" variant="outline" mb="2" onClick={() => put(noPack(pack.id), 'none')}>
          Walks without a pack
        </Button>
      )}
    </Flex>
  );
}
