import { Box, Flex, Text } from '../theme/chakra';
import { mainOf, mainVolumeL } from '@graft/core/stow';
import {
  isNoPack,
  OPENINGS,
  packOf,
  packVolumeL,
  putPack,
  type MainCompartment,
  type Member,
  type Opening,
  type Pack,
  type Zone,
} from '@graft/core/trip';
import { formatMass, parseQuantity } from '@graft/core/units';
import type { Entry } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem, quantityColumn, textColumn, yesNoColumn } from '../shared/fields';
import { TextEntry } from '../shared/FieldEntry';
import { usePreferences } from '../shared/preferences';
import { BuildPack } from './BuildPack';
import { PackSharing } from './PackSharing';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/tripContext';
import { useLimitChange } from '../shared/useLimitChange';
import { useInUnits, useQuantities } from '../shared/useInUnits';

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
      <Box flex="1" minW={{ base: '100%', md: '36rem' }}>
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
