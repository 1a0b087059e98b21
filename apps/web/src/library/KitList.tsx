import { Box, Button, Flex, Text } from '@chakra-ui/react';
import {
  COMPANION_WORDS,
  formatMass,
  formatShape,
  formatVolume,
  type KitEntry,
  type LibraryEntry,
} from '@graft/core';
import { InlineName } from '../shared/InlineName';
import { usePreferences } from '../shared/preferences';
import { counted } from '../shared/words';

/** The library's kits with their pieces; renamed and removed here, changed by saving them again from a trip. */
export function KitList({
  kits,
  put,
  check,
  remove,
  onReach,
}: {
  kits: readonly KitEntry[];
  put: (entry: LibraryEntry) => void;
  check: (entry: LibraryEntry) => string | undefined;
  remove: (id: string) => void;
  onReach: (id: string) => void;
}) {
  const { massUnit } = usePreferences();
  return (
    <Box>
      {kits.map((kit) => {
        const names = new Map(kit.pieces.map((p) => [p.id, p.name]));
        return (
          <Box key={kit.id} pt="3" onFocus={() => onReach(kit.id)}>
            <Flex align="baseline" gap="3">
              <InlineName
                name={kit.name}
                label="Kit name"
                check={(name) => check({ ...kit, name })}
                onName={(name) => put({ ...kit, name })}
              />
              <Text fontSize="xs" color="fg.muted">
                {counted(kit.pieces.length, 'piece')},{' '}
                {formatMass(
                  kit.pieces.reduce((sum, p) => sum + p.thing.massKg, 0),
                  massUnit,
                )}
                {kit.sleeps !== undefined && `, sleeps ${kit.sleeps}`}
                {kit.potL !== undefined && `, pot ${formatVolume(kit.potL)}`}
                {kit.splitWays !== undefined && `, split over ${counted(kit.splitWays, 'carrier')} at most`}
              </Text>
              <Button
                size="2xs"
                variant="ghost"
                onClick={() => remove(kit.id)}
                aria-label={`Remove ${kit.name}`}
              >
                Remove
              </Button>
              <Button size="2xs" variant="ghost" onClick={() => onReach(kit.id)}>
                Record
              </Button>
            </Flex>
            <Box as="table" className="plain-table" w="100%">
              <tbody>
                {kit.pieces.map((p) => (
                  <tr key={p.id}>
                    <td style={{ width: '16rem' }}>{p.name}</td>
                    <td data-end style={{ width: '5rem' }}>
                      {p.thing.massEstimated ? '≈ ' : ''}
                      {formatMass(p.thing.massKg, massUnit)}
                    </td>
                    <td data-end style={{ width: '4rem' }}>
                      {formatVolume(p.thing.volumeL)}
                    </td>
                    <td>{formatShape(p.thing.shape)}</td>
                    <td className="muted">
                      {[
                        p.nestsIn === undefined ? '' : `inside ${names.get(p.nestsIn)}`,
                        p.together === undefined ? '' : `stays with ${p.together}`,
                        (p.thing.needs ?? []).length === 0
                          ? ''
                          : `no use without ${p.thing.needs!.map((n) => COMPANION_WORDS[n]).join(', ')}`,
                      ]
                        .filter((w) => w !== '')
                        .join('; ')}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
