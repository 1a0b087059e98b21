import { Box, Button, Flex, HStack, Text } from '../theme/chakra';
import { useState } from 'react';
import { packProposal, sparePacks, withPacks, type PackChange, type PackProposal } from '@graft/core/share';
import {
  cataloguePack,
  freshId,
  isNoPack,
  packVolumeL,
  PACK_SIZES,
  putPack,
  type Pack,
  type Trip,
} from '@graft/core/trip';
import { formatPercent, digitsShown, formatVolume, unitShown } from '@graft/core/units';
import { ChoiceEntry } from '../shared/FieldEntry';
import { checkItem, quantityColumn, textColumn } from '../shared/fields';
import { usePreferences } from '../shared/preferences';
import { RemoveButton } from '../shared/RemoveButton';
import type { Column } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { useTrip } from '../shared/tripContext';
import { useLimitChange } from '../shared/useLimitChange';
import { torsoText, withTorso } from './torso';
import { useInUnits } from '../shared/useInUnits';
import { packSizeText } from './packSize';

/** All packs that there are, worn and spare, and which of them would suit whom. */
export function PartyPacks() {
  const { trip, readOnly } = useTrip();
  const change = useLimitChange();
  const { massUnit } = usePreferences();
  const wearer = new Map(trip.members.map((m) => [m.packId, m.name]));
  const put = (next: Pack, label: string) => {
    const error = checkItem('packs', next);
    if (error === undefined) change(`${next.name}: ${label}`, (t) => putPack(t, next));
    return error;
  };
  const common = {
    check: (pack: Pack) => checkItem('packs', pack),
    save: (pack: Pack, field: string) => void put(pack, field),
  };
  const columns: readonly Column<Pack>[] = [
    textColumn({ ...common, id: 'name', header: 'Pack', width: '150' }),
    {
      id: 'holds',
      header: `Holds, ${unitShown('volume', massUnit).unit}`,
      numeric: true,
      width: '70',
      show: (p) => digitsShown(packVolumeL(p), 'volume', massUnit, 0),
    },
    quantityColumn({ ...common, id: 'tareKg', header: 'Empty', quantity: 'mass', massUnit, width: '82' }),
    quantityColumn({
      ...common,
      id: 'ratedLoadKg',
      header: 'Rated for',
      quantity: 'mass',
      massUnit,
      width: '96',
    }),
    {
      id: 'torso',
      header: 'Fits torsos of',
      width: '104',
      show: (p) => torsoText(p, massUnit),
      edit: {
        text: (p) => torsoText(p, massUnit),
        take: (pack, text) => {
          const next = withTorso(pack, text, massUnit);
          return typeof next === 'string' ? next : put(next, 'torso');
        },
      },
    },
    {
      id: 'wearer',
      header: 'Who has it',
      width: '110',
      show: (p) => wearer.get(p.id) ?? (p.shared === true ? 'spare' : 'left at home'),
    },
    {
      id: 'shared',
      header: 'Who may have it',
      width: '128',
      show: (p) => (p.shared === true ? 'anybody' : 'its owner'),
      edit: {
        text: (p) => (p.shared === true ? 'yes' : 'no'),
        options: [
          ['no', 'its owner'],
          ['yes', 'anybody'],
        ],
        take: ({ shared: _before, ...kept }, entry) =>
          put(entry === 'yes' ? { ...kept, shared: true } : kept, 'who may have it'),
      },
    },
    {
      id: 'remove',
      header: '',
      width: '34',
      show: (p) =>
        wearer.has(p.id) || readOnly ? null : (
          <RemoveButton
            name={p.name}
            onClick={() =>
              change(`remove ${p.name}`, (t) => ({ ...t, packs: t.packs.filter((o) => o.id !== p.id) }))
            }
          />
        ),
    },
  ];
  return (
    <Flex gap="10" wrap="wrap" align="start">
      <Box w="52rem" maxW="100%">
        <EditableTable
          label="Packs of the party"
          columns={columns}
          sections={[{ key: 'packs', rows: trip.packs.filter((p) => !isNoPack(p)) }]}
          rowKey={(p) => p.id}
          rowName={(p) => p.name}
        />
        {!readOnly && <AddSpare />}
      </Box>
      <Box flex="1" minW="18rem">
        <Proposal />
      </Box>
    </Flex>
  );
}

/** A pack that is borrowed or the club's, worn by nobody yet. */
function AddSpare() {
  const change = useLimitChange();
  const { massUnit } = usePreferences();
  const [size, setSize] = useState('50');
  const add = (t: Trip): Trip => {
    const chosen = PACK_SIZES.find((s) => String(s.nominalL) === size)!;
    const id = freshId(
      `spare-${size}`,
      t.packs.map((p) => p.id),
    );
    return { ...t, packs: [...t.packs, { ...cataloguePack(id, chosen), shared: true }] };
  };
  return (
    <HStack mt="2" gap="2" align="end">
      <ChoiceEntry
        w="9rem"
        label="Size of a spare pack"
        value={size}
        options={PACK_SIZES.map((s) => [String(s.nominalL), packSizeText(s.nominalL, massUnit)])}
        onChoose={setSize}
      />
      <Button size="xs" variant="outline" onClick={() => change('add a spare pack', add)}>
        Add a spare pack
      </Button>
    </HStack>
  );
}

const percent = (ratio: number): string => formatPercent(ratio, 0);

function changeWords({ member, from, to, before, after }: PackChange, hideWeights: boolean): string {
  const why = [
    before.wantingL > 0
      ? after.wantingL > 0
        ? `${formatVolume(before.wantingL)} found no room, now ${formatVolume(after.wantingL)}`
        : `${formatVolume(before.wantingL)} found no room, now all does`
      : after.wantingL > 0
        ? `${formatVolume(after.wantingL)} would find no room`
        : '',
    before.misfit && !after.misfit
      ? 'its back fits'
      : !before.misfit && after.misfit
        ? 'its back does not fit'
        : '',
    hideWeights ? '' : `${percent(before.ratio)} → ${percent(after.ratio)} of the limit`,
  ];
  const said = why.filter((w) => w !== '').join('; ');
  return `${member.name} takes ${to.name} instead of ${from.name}${said === '' ? '' : `: ${said}`}.`;
}

/** The best dealing out of the packs that are free for it, with what it would do. */
function Proposal() {
  const inUnits = useInUnits();
  const { hideWeights } = usePreferences();
  const { trip, readOnly } = useTrip();
  const change = useLimitChange();
  const [found, setFound] = useState<{ of: Trip; proposal: PackProposal | undefined } | undefined>();
  const free = trip.packs.some((p) => p.shared === true);
  const proposal = found?.of === trip ? found.proposal : undefined;
  return (
    <Box fontSize="xs">
      <Text fontWeight="600" fontSize="sm">
        Which pack suits whom
      </Text>
      <Text color="fg.muted" mb="2">
        {free
          ? `Dealt out by room, limits, backs and weight: ${sparePacks(trip).length} spare, and those that anybody may have. Own packs stay with their owner.`
          : 'Nothing to deal out yet: add a spare pack, or say of a pack that anybody may have it.'}
      </Text>
      {free && (
        <Button
          size="xs"
          variant="outline"
          onClick={() => setFound({ of: trip, proposal: packProposal(trip) })}
        >
          Find who should have which
        </Button>
      )}
      <Box role="status" mt="2">
        {found?.of === trip && proposal === undefined && 'The packs suit best as they are.'}
        {proposal !== undefined && (
          <>
            <Box as="ul" listStyleType="none" aria-label="Packs that change hands">
              {proposal.changes.map((c) => (
                <li key={c.member.id}>{inUnits(changeWords(c, hideWeights))}</li>
              ))}
            </Box>
            {!hideWeights && (
              <Text mt="1" fontWeight="600">
                Heaviest load: {percent(proposal.worstBefore)}
                {percent(proposal.worstAfter) === percent(proposal.worstBefore)
                  ? ' of the limit, as it is.'
                  : ` → ${percent(proposal.worstAfter)} of the limit.`}
              </Text>
            )}
          </>
        )}
      </Box>
      {proposal !== undefined && !readOnly && (
        <Button
          size="xs"
          mt="2"
          onClick={() =>
            change('packs change hands', (t) =>
              withPacks(t, new Map(proposal.changes.map((c) => [c.member.id, c.to.id]))),
            )
          }
        >
          Do it:{' '}
          {proposal.changes.length === 1 ? 'one pack changes' : `${proposal.changes.length} packs change`}
        </Button>
      )}
    </Box>
  );
}
