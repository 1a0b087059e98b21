import { Box, Button, Flex } from '@chakra-ui/react';
import { isNoPack, noPack, type Pack } from '@graft/core/trip';
import { parseQuantity } from '@graft/core/units';
import { TextEntry } from '../shared/FieldEntry';
import { usePreferences } from '../shared/preferences';
import type { Entry } from '../shared/table/column';

/** Whether anybody of the party may have the pack, whom its back fits, and walking without one. */
export function PackSharing({ pack, put }: { pack: Pack; put: (next: Pack, label: string) => Entry }) {
  const { massUnit } = usePreferences();
  const { shared, torso, ...rest } = pack;
  const torsoText = torso === undefined ? 'any' : `${torso.leastCm}–${torso.mostCm} cm`;
  const takeTorso = (text: string): Entry => {
    const kept = { ...rest, ...(shared === undefined ? {} : { shared }) };
    if (/^\s*(any)?\s*$/i.test(text)) return put(kept, 'torso');
    const [least, most] = text.split(/\s*(?:–|-|\bto\b)\s*/);
    const to = parseQuantity(most ?? '', 'length', massUnit);
    // "40–52 cm": the unit stands once, at the end.
    const unit = (most ?? '').replace(/[\d\s.,]/g, '');
    const from = parseQuantity(
      /[a-z]/i.test(least ?? '') ? least! : `${least ?? ''} ${unit}`,
      'length',
      massUnit,
    );
    if (!from.ok || !to.ok || to.value < from.value)
      return `expected torsos from and to, such as "42–52 cm", or "any", got "${text}"`;
    return put({ ...kept, torso: { leastCm: from.value, mostCm: to.value } }, 'torso');
  };
  return (
    <Flex gap="4" wrap="wrap" align="end" mt="3" fontSize="xs">
      <TextEntry label="Fits torsos of" w="9rem" value={torsoText} take={takeTorso} />
      <Box as="label" pb="2">
        <input
          type="checkbox"
          checked={shared === true}
          onChange={(e) => {
            const kept = { ...rest, ...(torso === undefined ? {} : { torso }) };
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
