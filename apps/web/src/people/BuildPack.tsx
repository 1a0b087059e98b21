import { Box, Button, Checkbox, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import {
  customPack,
  isNoPack,
  OPTIONAL_PARTS,
  PACK_KIND_TEXTS,
  PACK_KINDS,
  PACK_SIZES,
  packVolumeL,
  type OptionalPart,
  type Pack,
  type PackKind,
} from '@graft/core/trip';
import type { Entry } from '../shared/table/column';
import { ChoiceEntry, TextEntry } from '../shared/FieldEntry';
import { useQuantities } from '../shared/useInUnits';
import { typeInstead } from '../shared/typeInstead';

/** The catalogue's pack that is nearest in size; a small one weighs and carries less in proportion. */
function usualPack(volumeL: number): { tareKg: number; ratedLoadKg: number } {
  const size = PACK_SIZES.find((s) => s.nominalL >= volumeL) ?? PACK_SIZES.at(-1)!;
  const part = Math.min(1, volumeL / size.nominalL);
  return { tareKg: size.tareKg * part, ratedLoadKg: Math.max(1, size.ratedLoadKg * part) };
}

const PART_WORDS: Readonly<Record<OptionalPart, string>> = {
  sleeve: 'reservoir sleeve',
  lid: 'lid',
  front: 'front pocket',
  side: 'side pockets',
  hipBelt: 'hip-belt pockets',
  strap: 'strap pockets',
  lash: 'lash points',
};

/** Build the pack anew from what its owner knows of it. */
export function BuildPack({ pack, onBuild }: { pack: Pack; onBuild: (pack: Pack) => Entry }) {
  const { read, show, unit } = useQuantities();
  const [volume, setVolume] = useState(show(packVolumeL(pack), 'volume', 0));
  const [parts, setParts] = useState<readonly OptionalPart[]>(
    OPTIONAL_PARTS.filter((part) => pack.zones.some((z) => z.kind === part)),
  );
  const [kind, setKind] = useState<PackKind>('usual');
  const [error, setError] = useState<Entry>();
  const build = (): void => {
    const litres = read(volume, 'volume');
    if (!litres.ok) {
      setError(litres.error);
      return;
    }
    if (litres.value < 10 || litres.value > 120) {
      setError(`expected a pack of 10 to 120 L, got ${litres.value.toFixed(1)} L`);
      return;
    }
    try {
      // After no pack at all, weights as usual for one of that size.
      const { tareKg, ratedLoadKg } = isNoPack(pack) ? usualPack(litres.value) : pack;
      const name = `${Math.round(litres.value)} L ${PACK_KIND_TEXTS[kind].name}, custom`;
      const spec = { name, volumeL: litres.value, tareKg, ratedLoadKg, parts, kind };
      setError(onBuild(customPack(pack.id, spec)));
    } catch (problem) {
      if (!(problem instanceof RangeError)) throw problem;
      setError(problem.message);
    }
  };
  return (
    <Box mt="4" borderTopWidth="1px" borderColor="border.muted" pt="2">
      <Text fontWeight="600">Build it anew</Text>
      <Text fontSize="xs" color="fg.muted" mb="1">
        From its whole volume and its parts, in plausible dimensions; then mend each zone in the table.
        Weights stay. Any unit: {unit('volume') === 'L' ? '“65 L”, “3400 cu in”' : '“3,400 cu in”, “65 L”'}.
      </Text>
      <Flex wrap="wrap" columnGap="4" rowGap="1" mb="2">
        {OPTIONAL_PARTS.map((part) => (
          <Checkbox.Root
            key={part}
            size="sm"
            checked={parts.includes(part)}
            onCheckedChange={(e) =>
              setParts(OPTIONAL_PARTS.filter((p) => (p === part ? e.checked === true : parts.includes(p))))
            }
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control />
            <Checkbox.Label fontSize="xs">{PART_WORDS[part]}</Checkbox.Label>
          </Checkbox.Root>
        ))}
      </Flex>
      <Flex gap="3" align="end" wrap="wrap">
        <ChoiceEntry
          w="14rem"
          label="Kind of pack"
          value={kind}
          options={PACK_KINDS.map((k) => [k, PACK_KIND_TEXTS[k].label])}
          onChoose={(k) => setKind(k as PackKind)}
        />
        <TextEntry
          label="Whole volume"
          w="8rem"
          value={volume}
          take={(text) => {
            setVolume(text);
            return undefined;
          }}
        />
        <Button size="xs" variant="outline" onClick={build}>
          Build
        </Button>
      </Flex>
      <Text fontSize="xs" color="fg.muted" mt="1">
        {PACK_KIND_TEXTS[kind].about}
      </Text>
      {error !== undefined && (
        <Text role="alert" fontSize="xs" color="overload.fg" mt="1">
          {typeInstead(error)}
        </Text>
      )}
    </Box>
  );
}
