import { Box, Button, Checkbox, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import { mainOf, mainVolumeL } from '@graft/core/stow';
import {
  customPack,
  isNoPack,
  PACK_SIZES,
  OPENINGS,
  OPTIONAL_PARTS,
  packOf,
  packVolumeL,
  putPack,
  type MainCompartment,
  type Member,
  type Opening,
  type OptionalPart,
  type Pack,
  type Zone,
} from '@graft/core/trip';
import { formatMass, parseQuantity } from '@graft/core/units';
import type { Entry } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem, quantityColumn, textColumn, yesNoColumn } from '../shared/fields';
import { TextEntry } from '../shared/FieldEntry';
import { usePreferences } from '../shared/preferences';
import { PackSharing } from './PackSharing';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/TripProvider';
import { useLimitChange } from '../shared/useLimitChange';
import { useInUnits, useQuantities } from '../shared/useInUnits';

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

/** A member's pack: its figures, a pack built anew from volume and parts, and every zone in true size. */
export function PackPanel({ member }: { member: Member }) {
  const { trip } = useTrip();
  const change = useLimitChange();
  const { massUnit } = usePreferences();
  const inUnits = useInUnits();
  const pack = packOf(trip, member);
  const put = (next: Pack, label: string): Entry => {
    const error = checkItem('packs', next);
    if (error === undefined) change(`${member.name}: pack, ${label}`, (t) => putPack(t, next));
    return error;
  };
  const figure = (key: 'tareKg' | 'ratedLoadKg', label: string) => (
    <TextEntry
      label={label}
      w="8rem"
      value={formatMass(pack[key], massUnit)}
      take={(text) => {
        const parsed = parseQuantity(text, 'mass', massUnit);
        return parsed.ok ? put({ ...pack, [key]: parsed.value }, label.toLowerCase()) : parsed.error;
      }}
    />
  );
  const common = {
    check: (zone: Zone) => {
      const boxL = (zone.widthCm * zone.depthCm * zone.heightCm) / 1000;
      if (zone.volumeL > boxL * 1.05)
        return `expected at most ${boxL.toFixed(1)} L, the box of its dimensions, got ${zone.volumeL} L`;
      return checkItem('packs', { ...pack, zones: [zone] });
    },
    save: (zone: Zone, field: string) =>
      void put(
        { ...pack, zones: pack.zones.map((z) => (z.id === zone.id ? zone : z)) },
        `${zone.name.toLowerCase()} ${field}`,
      ),
  };
  const size = (id: 'widthCm' | 'depthCm' | 'heightCm', header: string) =>
    quantityColumn<Zone, typeof id>({ ...common, id, header, quantity: 'length', massUnit, width: '74' });
  return (
    <Flex gap="8" wrap="wrap" align="start">
      <Box w="23rem" maxW="100%">
        <Flex gap="3" wrap="wrap">
          <TextEntry
            label="Name"
            w="13rem"
            value={pack.name}
            take={(text) => put({ ...pack, name: text.trim() }, 'name')}
          />
          {figure('tareKg', 'Empty weight')}
          {figure('ratedLoadKg', 'Rated load')}
          <Box fontSize="xs" color="fg.muted" pt="5">
            {isNoPack(pack)
              ? 'Carries nothing on the back'
              : inUnits(`Holds ${packVolumeL(pack).toFixed(1)} L in ${pack.zones.length} zones`)}
          </Box>
        </Flex>
        <PackSharing pack={pack} put={put} />
        <BuildPack key={pack.id} pack={pack} onBuild={(next) => put(next, 'built anew')} />
        <MainCompartmentForm pack={pack} put={put} />
      </Box>
      <Box flex="1" minW="36rem">
        <EditableTable
          label="Zones"
          columns={[
            textColumn({ ...common, id: 'name', header: 'Zone' }),
            size('widthCm', 'Width'),
            size('depthCm', 'Depth'),
            size('heightCm', 'Height'),
            quantityColumn({
              ...common,
              id: 'volumeL',
              header: 'Holds',
              quantity: 'volume',
              massUnit,
              width: '74',
            }),
            quantityColumn({
              ...common,
              id: 'maxLoadKg',
              header: 'At most',
              quantity: 'mass',
              massUnit,
              optional: true,
              width: '86',
            }),
            yesNoColumn({
              ...common,
              id: 'openAbove',
              header: 'Open above',
              yes: 'open',
              no: 'closed',
              width: '82',
            }),
            {
              id: 'remove',
              header: '',
              width: '34',
              show: (zone: Zone) => (
                <RemoveButton
                  name={zone.name}
                  onClick={() =>
                    void put(
                      { ...pack, zones: pack.zones.filter((z) => z.id !== zone.id) },
                      `without ${zone.name}`,
                    )
                  }
                />
              ),
            },
          ]}
          sections={[{ key: 'all', rows: pack.zones }]}
          rowKey={(zone) => zone.id}
          rowName={(zone) => zone.name}
        />
      </Box>
    </Flex>
  );
}

/** Build the pack anew from what its owner knows of it. */
function BuildPack({ pack, onBuild }: { pack: Pack; onBuild: (pack: Pack) => Entry }) {
  const { read, show, unit } = useQuantities();
  const [volume, setVolume] = useState(show(packVolumeL(pack), 'volume', 0));
  const [parts, setParts] = useState<readonly OptionalPart[]>(
    OPTIONAL_PARTS.filter((part) => pack.zones.some((z) => z.kind === part)),
  );
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
      const name = `${Math.round(litres.value)} L pack, own make-up`;
      setError(onBuild(customPack(pack.id, { name, volumeL: litres.value, tareKg, ratedLoadKg, parts })));
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
      <Flex gap="3" align="end">
        <TextEntry
          label="Whole volume"
          w="14rem"
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
      {error !== undefined && (
        <Text role="alert" fontSize="xs" color="overload.fg" mt="1">
          {error}
        </Text>
      )}
    </Box>
  );
}

const OPENING_WORDS: Readonly<Record<Opening, string>> = {
  top: 'top',
  bottom: 'bottom zip',
  side: 'side zip',
  front: 'front panel',
};

function Tick(props: { label: string; on: boolean; disabled?: boolean; onChange: (on: boolean) => void }) {
  return (
    <label>
      <input
        type="checkbox"
        checked={props.on}
        disabled={props.disabled}
        onChange={(e) => props.onChange(e.target.checked)}
      />{' '}
      {props.label}
    </label>
  );
}

/** The main compartment in true size: what Packs loads. Until something of it is said, the box around the main zones. */
function MainCompartmentForm({ pack, put }: { pack: Pack; put: (next: Pack, label: string) => Entry }) {
  const inUnits = useInUnits();
  const { read, show } = useQuantities();
  const main = mainOf(pack);
  if (main === undefined) return null;
  const save = (next: Partial<MainCompartment>, label: string): Entry =>
    put({ ...pack, main: { ...main, ...next } }, label);
  const length = (cm: number): string => inUnits(`${cm.toFixed(1)} cm`);
  const field = (
    key: 'heightCm' | 'bottomWidthCm' | 'topWidthCm' | 'bottomDepthCm' | 'topDepthCm',
    label: string,
  ) => (
    <TextEntry
      label={label}
      w="6.6rem"
      value={length(main[key])}
      take={(text) => {
        const parsed = read(text, 'length');
        return parsed.ok ? save({ [key]: parsed.value }, label.toLowerCase()) : parsed.error;
      }}
    />
  );
  const toggle = (opening: Opening): void => {
    const on = main.openings.includes(opening);
    const openings = on ? main.openings.filter((o) => o !== opening) : [...main.openings, opening];
    if (openings.length === 0) return;
    const part = opening === 'bottom' && !on && main.bottomPartCm === undefined;
    save({ openings, ...(part ? { bottomPartCm: Math.round(main.heightCm / 4) } : {}) }, 'openings');
  };
  return (
    <Box mt="4" role="group" aria-label="Main compartment">
      <Text fontWeight="600">Main compartment, {show(mainVolumeL(main), 'volume')}</Text>
      <Flex gap="2" wrap="wrap" mt="1">
        {field('heightCm', 'Height')}
        {field('bottomWidthCm', 'Width, floor')}
        {field('topWidthCm', 'Width, top')}
        {field('bottomDepthCm', 'Depth, floor')}
        {field('topDepthCm', 'Depth, top')}
        <TextEntry
          label="Bottom part"
          w="6.6rem"
          value={main.bottomPartCm === undefined ? 'none' : length(main.bottomPartCm)}
          take={(text) => {
            if (/^\s*(none|0)?\s*$/i.test(text)) {
              const { bottomPartCm: _gone, ...rest } = main;
              const openings = rest.openings.filter((o) => o !== 'bottom');
              return put(
                {
                  ...pack,
                  main: { ...rest, divider: false, openings: openings.length > 0 ? openings : ['top'] },
                },
                'bottom part',
              );
            }
            const parsed = read(text, 'length');
            return parsed.ok ? save({ bottomPartCm: parsed.value }, 'bottom part') : parsed.error;
          }}
        />
      </Flex>
      <Flex gap="3" wrap="wrap" mt="2" fontSize="xs">
        <Text color="fg.muted">Opens at</Text>
        {OPENINGS.map((opening) => (
          <Tick
            key={opening}
            label={OPENING_WORDS[opening]}
            on={main.openings.includes(opening)}
            onChange={() => toggle(opening)}
          />
        ))}
        <Tick
          label="divider over the bottom part"
          on={main.divider}
          disabled={main.bottomPartCm === undefined}
          onChange={(divider) => void save({ divider }, 'divider')}
        />
        <Tick
          label="no frame"
          on={pack.frameless === true}
          onChange={(on) => {
            const { frameless: _was, ...rest } = pack;
            put(on ? { ...rest, frameless: true } : rest, 'frame');
          }}
        />
        {pack.zones.some((z) => z.kind === 'lid') && (
          <Tick
            label="lid pocket hangs under the cloth, out of the rain"
            on={pack.lidStyle === 'under'}
            onChange={(on) => {
              const { lidStyle: _was, ...rest } = pack;
              put(on ? { ...rest, lidStyle: 'under' } : rest, 'lid');
            }}
          />
        )}
      </Flex>
    </Box>
  );
}
