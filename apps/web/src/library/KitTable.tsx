import { Button, Flex, Text } from '../theme/chakra';
import { Plus } from 'lucide-react';
import { useMemo } from 'react';
import { STOVES } from '@graft/core/larder';
import type { KitEntry, LibraryPiece } from '@graft/core/library';
import { UNKNOWN_FACTS } from '@graft/core/lists';
import { freshId, GROUP_KINDS, STOVE_KINDS, type GroupKind } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { SplitSelect } from '../shared/SplitSelect';
import { EditableTable } from '../shared/table/EditableTable';
import { InlineName } from '../shared/InlineName';
import { usePreferences } from '../shared/preferences';
import { Select } from '../shared/Select';
import { counted } from '../shared/words';
import { pieceColumns, type PieceRow, type Save } from './libraryColumns';
import { useQuantities } from '../shared/useInUnits';

const FOR_WORDS: Readonly<Record<GroupKind, string>> = { tent: 'a tent', cook: 'a cook group' };
/** A piece of a kit of which nothing is decided yet. */
export function newPiece(others: readonly LibraryPiece[] = []): LibraryPiece {
  const id = freshId(
    'piece',
    others.map((p) => p.id),
  );
  return { id, name: 'New piece', thing: UNKNOWN_FACTS };
}

const SLEEPERS = ['1', '2', '3', '4', '5', '6', '8', '10'];

/** The library's kits, each with its pieces under it; everything about both is changed where it stands. */
export function KitTable({
  kits,
  save,
  scroller,
  onReach,
}: {
  kits: readonly KitEntry[];
  save: Save;
  scroller: HTMLElement | null;
  onReach: (id: string) => void;
}) {
  const { massUnit } = usePreferences();
  const columns = useMemo(() => pieceColumns(save, massUnit), [save, massUnit]);
  const sections = useMemo(
    () =>
      kits.map((kit) => ({
        key: kit.id,
        head: <KitHead kit={kit} save={save} onReach={onReach} />,
        rows: kit.pieces.map((piece): PieceRow => ({ kit, piece })),
      })),
    [kits, save, onReach],
  );
  return (
    <EditableTable
      label="Library kits"
      columns={columns}
      rowKey={rowKey}
      rowName={rowName}
      sections={sections}
      scroller={scroller}
      wide
      onReach={(row) => onReach(row.kit.id)}
    />
  );
}
const rowKey = ({ kit, piece }: PieceRow): string => `${kit.id}/${piece.id}`;
const rowName = ({ piece }: PieceRow): string => piece.name;

function KitHead({ kit, save, onReach }: { kit: KitEntry; save: Save; onReach: (id: string) => void }) {
  const { exact, read, unit } = useQuantities();
  const { massUnit } = usePreferences();
  const { groupKind, sleeps = 2, potL, stove, splitWays } = kit;
  const addPiece = (): void => save.put({ ...kit, pieces: [...kit.pieces, newPiece(kit.pieces)] });
  return (
    <Flex align="center" gap="3" whiteSpace="nowrap" onFocus={() => onReach(kit.id)}>
      <InlineName
        name={kit.name}
        label="Kit name"
        check={(name) => save.check({ ...kit, name })}
        onName={(name) => save.put({ ...kit, name })}
      />
      <Text fontSize="xs" color="fg.muted">
        {counted(kit.pieces.length, 'piece')},{' '}
        {formatMass(
          kit.pieces.reduce((sum, p) => sum + p.thing.massKg, 0),
          massUnit,
        )}
      </Text>
      <Flex align="center" gap="1" fontSize="xs" color="fg.muted">
        for
        <Select
          label={`${kit.name} is for`}
          w="6.6rem"
          value={groupKind ?? ''}
          options={[['', 'the party'], ...GROUP_KINDS.map((k) => [k, FOR_WORDS[k]] as const)]}
          onChoose={(kind) => {
            // What only the other kind of group has is dropped.
            const { groupKind: _kind, sleeps: _sleeps, potL: _pot, stove: _stove, ...plain } = kit;
            if (kind === '') save.put(plain);
            else if (kind === 'tent') save.put({ ...plain, groupKind: kind, sleeps });
            else
              save.put({
                ...plain,
                groupKind: kind,
                potL: potL ?? 2,
              });
          }}
        />
      </Flex>
      {groupKind === 'tent' && (
        <Flex align="center" gap="1" fontSize="xs" color="fg.muted">
          sleeps
          <Select
            label={`${kit.name} sleeps`}
            w="3.6rem"
            value={String(sleeps)}
            options={[...new Set([...SLEEPERS, String(sleeps)])].map((n) => [n, n] as const)}
            onChoose={(n) => save.put({ ...kit, sleeps: Number(n) })}
          />
        </Flex>
      )}
      {groupKind === 'cook' && (
        <>
          <Flex align="center" gap="1" fontSize="xs" color="fg.muted">
            pot
            <InlineName
              name={potL === undefined ? `— ${unit('liquid')}` : `${exact(potL, 'liquid')} ${unit('liquid')}`}
              label={`Pot of ${kit.name}`}
              check={(text) => {
                const parsed = read(text, 'liquid');
                return parsed.ok ? save.check({ ...kit, potL: parsed.value }) : parsed.error;
              }}
              onName={(text) => {
                const parsed = read(text, 'liquid');
                if (parsed.ok) save.put({ ...kit, potL: parsed.value });
              }}
              w="5rem"
            />
          </Flex>
          <Select
            label={`Stove of ${kit.name}`}
            w="9rem"
            value={stove ?? ''}
            options={[['', 'no stove said'], ...STOVE_KINDS.map((k) => [k, STOVES[k].name] as const)]}
            onChoose={(kind) => {
              const { stove: _old, ...rest } = kit;
              save.put(kind === '' ? rest : { ...rest, stove: kind });
            }}
          />
        </>
      )}
      {kit.pieces.length > 1 && (
        <Flex align="center" gap="1" fontSize="xs" color="fg.muted">
          split
          <SplitSelect
            name={kit.name}
            pieces={kit.pieces.length}
            value={splitWays}
            onChoose={(ways) => {
              const { splitWays: _old, ...rest } = kit;
              save.put(ways === undefined ? rest : { ...rest, splitWays: ways });
            }}
          />
        </Flex>
      )}
      <Button size="2xs" variant="ghost" onClick={addPiece} aria-label={`Add a piece to ${kit.name}`}>
        <Plus size={12} /> Piece
      </Button>
      <Button size="2xs" variant="ghost" onClick={() => onReach(kit.id)} aria-label={`Record of ${kit.name}`}>
        Record
      </Button>
      <Button size="2xs" variant="ghost" onClick={() => save.remove(kit)} aria-label={`Remove ${kit.name}`}>
        Remove
      </Button>
    </Flex>
  );
}
