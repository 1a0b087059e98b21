import { Plus } from 'lucide-react';
import { memo, useMemo } from 'react';
import { isPersonal, kitParts, putKit, removeKit, type Kit, type Member } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { checkItem } from '../shared/fields';
import { InlineName } from '../shared/InlineName';
import { usePreferences } from '../shared/preferences';
import { SplitSelect } from '../shared/SplitSelect';
import { useTripCommands } from '../shared/tripContext';
import { useQuantities } from '../shared/useInUnits';
import { Why } from '../shared/Why';
import { counted } from '../shared/words';
import { Button, Flex, Text } from '../theme/chakra';
import type { KitRow } from './kitRows';
import type { NewPlace } from './newThings';

/** A kit: its name, what it weighs, in how many parts it goes, and what is done with it as a whole. */
export const KitHead = memo(function KitHead({
  kit,
  onSaveKit,
  onAdd,
}: {
  kit: Kit;
  onSaveKit: (kit: Kit) => void;
  onAdd: (place: NewPlace) => void;
}) {
  const { change, readOnly } = useTripCommands();
  const { massUnit } = usePreferences();
  const kg = kit.pieces.reduce((sum, p) => sum + p.massKg, 0);
  const made = kit.pieces.some((p) => p.madeBy !== undefined);
  const parts = useMemo(() => kitParts(kit), [kit]);
  const heaviestKg = Math.max(0, ...parts.map((part) => part.reduce((sum, p) => sum + p.massKg, 0)));
  return (
    <Flex align="center" gap="3" wrap="nowrap">
      <InlineName
        name={kit.name}
        label="Kit name"
        check={(name) => checkItem('kits', { ...kit, name })}
        onName={(name) => change(`rename ${kit.name}`, (t) => putKit(t, { ...kit, name }))}
      />
      <Text fontSize="xs" color="fg.muted" whiteSpace="nowrap">
        {counted(kit.pieces.length, 'piece')}, {formatMass(kg, massUnit)}
        {made && ', from Food'}
      </Text>
      {!made && kit.pieces.length > 1 && (
        <Flex align="center" gap="1" fontSize="xs" color="fg.muted" whiteSpace="nowrap">
          <Why
            reason={`In ${counted(parts.length, 'part')}, the heaviest ${formatMass(heaviestKg, massUnit)}: ${parts.map((part) => part.map((p) => p.name).join(' + ')).join('; ')}. Each part goes to one carrier at Shares; "stays with" joins pieces.`}
          >
            split
          </Why>
          <SplitSelect
            name={kit.name}
            pieces={kit.pieces.length}
            value={kit.splitWays}
            onChoose={(splitWays) => {
              const { splitWays: _old, ...rest } = kit;
              change(`split ${kit.name}`, (t) =>
                putKit(t, splitWays === undefined ? rest : { ...rest, splitWays }),
              );
            }}
          />
        </Flex>
      )}
      {!made && (
        <>
          <Button
            size="2xs"
            variant="ghost"
            disabled={readOnly}
            onClick={() => onAdd({ kind: 'kit', kitId: kit.id })}
          >
            <Plus size={12} /> Piece
          </Button>
          <Button
            size="2xs"
            variant="ghost"
            onClick={() => onSaveKit(kit)}
            title="Keep this kit in your library"
          >
            To library
          </Button>
          <Button
            size="2xs"
            variant="ghost"
            disabled={readOnly}
            onClick={() => change(`remove ${kit.name}`, (t) => removeKit(t, kit.id))}
            title="Undo brings it back"
          >
            Remove kit
          </Button>
        </>
      )}
    </Flex>
  );
});

/** A member: how much of theirs is in the pack, and how much is worn. */
export function MemberHead({
  member,
  rows,
  onAdd,
}: {
  member: Member;
  rows: readonly KitRow[];
  onAdd: (place: NewPlace) => void;
}) {
  const { show } = useQuantities();
  const { readOnly } = useTripCommands();
  const { massUnit } = usePreferences();
  const stowed = rows.filter((r) => isPersonal(r) && !r.worn);
  const sum = (list: readonly KitRow[], of: (r: KitRow) => number): number =>
    list.reduce((total, r) => total + of(r), 0);
  const wornKg = sum(rows, (r) => r.massKg) - sum(stowed, (r) => r.massKg);
  return (
    <Flex align="baseline" gap="3">
      <Text fontWeight="600">{member.name}</Text>
      <Text fontSize="xs" color="fg.muted">
        {counted(rows.length, 'thing')},{' '}
        {formatMass(
          sum(stowed, (r) => r.massKg),
          massUnit,
        )}{' '}
        and{' '}
        {show(
          sum(stowed, (r) => r.volumeL),
          'volume',
        )}{' '}
        in the pack, {formatMass(wornKg, massUnit)} worn or in hand
      </Text>
      <Button
        size="2xs"
        variant="ghost"
        disabled={readOnly}
        aria-label={`Add a thing of ${member.name}`}
        onClick={() => onAdd({ kind: 'member', memberId: member.id })}
      >
        <Plus size={12} /> Thing
      </Button>
    </Flex>
  );
}
