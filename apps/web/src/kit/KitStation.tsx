import { Box, Button, Flex, HStack, NativeSelect, Text } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import {
  allPieces,
  carrierOf,
  formatMass,
  formatVolume,
  freshId,
  putKit,
  putPersonalThing,
  putPiece,
  removeKit,
  removePersonalThing,
  removePiece,
  thingErrors,
  type Kit,
  type PersonalThing,
  type Piece,
  type Thing,
  type Trip,
} from '@graft/core';
import { EditableTable, type Column } from '../shared/EditableTable';
import { checkItem, choiceColumn, quantityColumn, textColumn, yesNoColumn } from '../shared/fields';
import { InlineName } from '../shared/InlineName';
import { RemoveButton } from '../shared/RemoveButton';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/TripProvider';
import { counted } from '../shared/words';
import { thingColumns } from './thingColumns';

const GROUP_KIT = '';

/** The group's kits in pieces, and each member's personal things. */
export function KitStation() {
  const { trip, change } = useTrip();
  const { massUnit } = usePreferences();
  const [whose, setWhose] = useState(GROUP_KIT);
  const member = trip.members.find((m) => m.id === whose);
  const pieces = allPieces(trip);
  const groupKg = pieces.reduce((sum, p) => sum + p.massKg, 0);
  const groupL = pieces.reduce((sum, p) => sum + p.volumeL, 0);
  const own = trip.personalThings.filter((t) => t.memberId === member?.id);
  return (
    <Flex h={{ base: 'auto', lg: 'calc(100dvh - 96px)' }} direction="column">
      <HStack px="4" py="2" gap="4" borderBottomWidth="1px" flexShrink={0}>
        <NativeSelect.Root size="sm" w="17rem">
          <NativeSelect.Field
            value={member?.id ?? GROUP_KIT}
            aria-label="Whose things"
            onChange={(e) => setWhose(e.target.value)}
          >
            <option value={GROUP_KIT}>Group kit</option>
            {trip.members.map((m) => (
              <option key={m.id} value={m.id}>
                Personal things of {m.name}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        {member === undefined ? (
          <>
            <Text color="fg.muted">
              {counted(trip.kits.length, 'kit')}, {counted(pieces.length, 'piece')},{' '}
              {formatMass(groupKg, massUnit)}, {formatVolume(groupL)}
              {pieces.some((p) => p.massEstimated) &&
                `; ${pieces.filter((p) => p.massEstimated).length} masses are estimates (≈)`}
            </Text>
            <Box flex="1" />
            <Button size="xs" variant="outline" onClick={() => change('add a kit', addKit)}>
              <Plus size={13} /> Add a kit
            </Button>
          </>
        ) : (
          <>
            <Text color="fg.muted">
              {counted(own.length, 'thing')},{' '}
              {formatMass(
                own.filter((t) => !t.worn).reduce((s, t) => s + t.massKg, 0),
                massUnit,
              )}{' '}
              in the pack,{' '}
              {formatMass(
                own.filter((t) => t.worn).reduce((s, t) => s + t.massKg, 0),
                massUnit,
              )}{' '}
              worn or in hand
            </Text>
            <Box flex="1" />
            <Button
              size="xs"
              variant="outline"
              onClick={() => change(`add a thing of ${member.name}`, (t) => addPersonal(t, member.id))}
            >
              <Plus size={13} /> Add a thing
            </Button>
          </>
        )}
      </HStack>
      <Box flex="1" minH="0" overflow="auto" px="4" pb="6">
        {member === undefined ? <GroupKit /> : <PersonalKit things={own} />}
      </Box>
    </Flex>
  );
}

function GroupKit() {
  const { trip, change } = useTrip();
  const { massUnit } = usePreferences();
  const columns = useMemo((): readonly Column<Piece>[] => {
    const common = {
      check: (piece: Piece) => checkPiece(piece) ?? thingErrors(piece, trip.legs.length)[0]?.message,
      save: (piece: Piece, field: string) =>
        change(`${piece.name}: ${field}`, (t) =>
          putPiece(t, t.kits.find((k) => k.pieces.some((p) => p.id === piece.id))?.id ?? '', piece),
        ),
    };
    return [
      textColumn({ ...common, id: 'name', header: 'Piece', width: '196' }),
      ...thingColumns<Piece>(common, massUnit),
      choiceColumn({
        ...common,
        id: 'onlyGroupId',
        header: 'Only for',
        none: 'anybody',
        options: trip.groups.map((g) => [g.id, g.name] as const),
        width: '104',
      }),
      {
        id: 'carrier',
        header: 'Carried by',
        width: '76',
        show: (piece) => {
          const carrier = carrierOf(trip, piece.id);
          return (
            trip.members.find((m) => m.id === carrier)?.name ?? (
              <Text as="span" color="fg.muted">
                nobody
              </Text>
            )
          );
        },
      },
      removeColumn((piece) => change(`remove ${piece.name}`, (t) => removePiece(t, piece.id))),
    ];
  }, [trip, change, massUnit]);
  if (trip.kits.length === 0) {
    return (
      <Text py="8" fontSize="md">
        Add a kit (a tent, a cook set, the first aid) and split it into the smallest parts that one person
        carries.
      </Text>
    );
  }
  return (
    <EditableTable
      label="Group kit"
      columns={columns}
      rowKey={(p) => p.id}
      rowName={(p) => p.name}
      sections={trip.kits.map((kit) => ({ key: kit.id, rows: kit.pieces, head: <KitHead kit={kit} /> }))}
    />
  );
}

function KitHead({ kit }: { kit: Kit }) {
  const { change } = useTrip();
  const { massUnit } = usePreferences();
  const kg = kit.pieces.reduce((sum, p) => sum + p.massKg, 0);
  return (
    <Flex align="center" gap="3">
      <InlineName
        name={kit.name}
        label="Kit name"
        check={(name) => checkItem('kits', { ...kit, name })}
        onName={(name) => change(`rename ${kit.name}`, (t) => putKit(t, { ...kit, name }))}
      />
      <Text fontSize="xs" color="fg.muted">
        {counted(kit.pieces.length, 'piece')}, {formatMass(kg, massUnit)}
      </Text>
      <Button
        size="2xs"
        variant="ghost"
        onClick={() => change(`add a piece to ${kit.name}`, (t) => addPiece(t, kit.id))}
      >
        <Plus size={12} /> Piece
      </Button>
      <Button
        size="2xs"
        variant="ghost"
        onClick={() => change(`remove ${kit.name}`, (t) => removeKit(t, kit.id))}
        title="Undo brings it back"
      >
        Remove kit
      </Button>
    </Flex>
  );
}

function PersonalKit({ things }: { things: readonly PersonalThing[] }) {
  const { trip, change } = useTrip();
  const days = trip.legs.length;
  const { massUnit } = usePreferences();
  const columns = useMemo((): readonly Column<PersonalThing>[] => {
    const common = {
      check: (thing: PersonalThing) =>
        checkItem('personalThings', thing) ?? thingErrors(thing, days)[0]?.message,
      save: (thing: PersonalThing, field: string) =>
        change(`${thing.name}: ${field}`, (t) => putPersonalThing(t, thing)),
    };
    return [
      textColumn({ ...common, id: 'name', header: 'Thing', width: '190' }),
      ...thingColumns<PersonalThing>(common, massUnit),
      quantityColumn({
        ...common,
        id: 'waterCapacityL',
        header: 'Water',
        quantity: 'volume',
        massUnit,
        optional: true,
        width: '66',
      }),
      yesNoColumn({
        ...common,
        id: 'worn',
        header: 'Worn',
        yes: 'worn or in hand',
        no: 'in the pack',
        width: '104',
      }),
      removeColumn((thing) => change(`remove ${thing.name}`, (t) => removePersonalThing(t, thing.id))),
    ];
  }, [change, massUnit, days]);
  if (things.length === 0) {
    return (
      <Text py="8" fontSize="md">
        Add what this member carries for themselves: bag, mat, layers, bottle, snacks.
      </Text>
    );
  }
  return (
    <EditableTable
      label="Personal things"
      columns={columns}
      rowKey={(t) => t.id}
      rowName={(t) => t.name}
      sections={[{ key: 'things', rows: things }]}
    />
  );
}

function removeColumn<Row extends Thing>(remove: (row: Row) => void): Column<Row> {
  return {
    id: 'remove',
    header: '',
    width: '40',
    show: (row) => <RemoveButton name={row.name} onClick={() => remove(row)} />,
  };
}

/** A piece is checked as part of a kit: its schema stands inside the kit's. */
function checkPiece(piece: Piece): string | undefined {
  return checkItem('kits', { id: 'kit', name: 'kit', pieces: [piece] });
}

const NEW_THING: Omit<Thing, 'id' | 'name'> = {
  massKg: 0.5,
  massEstimated: true,
  volumeL: 1,
  shape: { kind: 'pouch' },
  flags: [],
  needed: 'camp',
  purpose: 'other',
};

function thingIds(trip: Trip): readonly string[] {
  return [...allPieces(trip).map((p) => p.id), ...trip.personalThings.map((t) => t.id)];
}

function addKit(trip: Trip): Trip {
  const id = freshId(
    `kit-${trip.kits.length + 1}`,
    trip.kits.map((k) => k.id),
  );
  return addPiece(putKit(trip, { id, name: `Kit ${trip.kits.length + 1}`, pieces: [] }), id);
}

function addPiece(trip: Trip, kitId: string): Trip {
  return putPiece(trip, kitId, {
    ...NEW_THING,
    id: freshId(`${kitId}-piece`, thingIds(trip)),
    name: 'New piece',
  });
}

function addPersonal(trip: Trip, memberId: string): Trip {
  const id = freshId(`${memberId}-thing`, thingIds(trip));
  return putPersonalThing(trip, { ...NEW_THING, id, name: 'New thing', memberId, worn: false });
}
