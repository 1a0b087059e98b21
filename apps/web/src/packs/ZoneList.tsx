import { Box, Flex, IconButton, NativeSelect, Text } from '../theme/chakra';
import { DndContext, DragOverlay, pointerWithin, useDraggable, useDroppable } from '@dnd-kit/core';
import { Pin, PinOff } from 'lucide-react';
import { useState } from 'react';
import { holdingOf } from '@graft/core/load';
import { isMainZone, type PlacedThing, type StowAssessment, type ZoneFill } from '@graft/core/stow';
import type { Pack, Side, Thing, Zone } from '@graft/core/trip';
import { formatMass, formatVolume } from '@graft/core/units';
import { HeldChip } from '../shared/HeldChip';
import { usePreferences } from '../shared/preferences';
import { useDragSensors } from '../shared/useDragSensors';
import { useInUnits, useQuantities } from '../shared/useInUnits';

interface Props {
  readonly pack: Pack;
  readonly stow: StowAssessment;
  readonly hoveredId: string | undefined;
  /** Looked at only: nothing can be moved. */
  readonly isFixed: boolean;
  readonly onHover: (thingId: string | undefined) => void;
  readonly onPlace: (thing: Thing, zone: Zone, side: Side) => void;
  readonly onPin: (thing: Thing, pinned: boolean) => void;
  /** Put a thing into another of this pack; absent where that is settled. */
  readonly onRideIn: ((thing: Thing, holder: Thing) => void) | undefined;
}

/** Everything in the pack by zone, top to bottom as it lies, each thing with its reason; drag it or choose its place. */
export function ZoneList({ pack, stow, hoveredId, isFixed, onHover, onPlace, onPin, onRideIn }: Props) {
  const [heldId, setHeldId] = useState<string | undefined>();
  const sensors = useDragSensors();
  const thingOf = (id: string): Thing | undefined =>
    stow.placed.find((p) => p.thing.id === id)?.thing ?? stow.unplaced.find((t) => t.id === id);
  const nameOf = (id: string): string => thingOf(id)?.name ?? id;
  const held = heldId === undefined ? undefined : thingOf(heldId);
  const holders = onRideIn === undefined ? [] : stow.placed.filter((p) => holdingOf(p.thing) !== undefined);
  const into = (thing: Thing): RowProps['into'] => ({
    holders: holders.filter((p) => p.thing.id !== thing.id && !isWithin(stow, p, thing.id)),
    onPut: (holder) => onRideIn?.(thing, holder),
  });
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragStart={(e) => setHeldId(String(e.active.id))}
      onDragCancel={() => setHeldId(undefined)}
      onDragEnd={(e) => {
        setHeldId(undefined);
        const thing = thingOf(String(e.active.id));
        const zone = pack.zones.find((z) => z.id === e.over?.id);
        const holder = holders.find((p) => inId(p.thing.id) === e.over?.id)?.thing;
        if (thing !== undefined && holder !== undefined && holder.id !== thing.id) onRideIn?.(thing, holder);
        if (thing !== undefined && zone !== undefined) onPlace(thing, zone, zone.side);
      }}
    >
      <Box role="group" aria-label="Things by zone">
        {stow.unplaced.length > 0 && (
          <Box borderBottomWidth="1px" p="3" aria-label="Without a place" role="group">
            <Text fontWeight="600">Without a place yet: {stow.unplaced.length}</Text>
            {stow.unplaced.map((thing) => (
              <ThingRow
                key={thing.id}
                thing={thing}
                pack={pack}
                zoneId=""
                side="centre"
                massKg={thing.massKg}
                day={stow.day}
                hovered={thing.id === hoveredId}
                isFixed={isFixed}
                onHover={onHover}
                nameOf={nameOf}
                into={into(thing)}
                onPlace={(zone, side) => onPlace(thing, zone, side)}
              />
            ))}
          </Box>
        )}
        {fromTop(stow.zones).map((fill) => (
          <ZoneGroup key={fill.zone.id} fill={fill}>
            {withContents(
              stow,
              stow.placed.filter((p) => p.zone === fill.zone && p.insideId === undefined).reverse(),
            ).map((p) => (
              <ThingRow
                key={p.thing.id}
                thing={p.thing}
                placed={p}
                pack={pack}
                zoneId={p.zone.id}
                side={p.side}
                massKg={p.massKg}
                day={stow.day}
                hovered={p.thing.id === hoveredId}
                isFixed={isFixed}
                onHover={onHover}
                nameOf={nameOf}
                into={into(p.thing)}
                onPlace={(zone, side) => onPlace(p.thing, zone, side)}
                onPin={(pinned) => onPin(p.thing, pinned)}
              />
            ))}
          </ZoneGroup>
        ))}
      </Box>
      <DragOverlay dropAnimation={null}>
        {held !== undefined && <HeldChip name={held.name} massKg={held.massKg} />}
      </DragOverlay>
    </DndContext>
  );
}

/** Things, each followed by what rides in it, as it comes out. */
function withContents(stow: StowAssessment, things: readonly PlacedThing[]): readonly PlacedThing[] {
  return things.flatMap((p) => [
    p,
    ...withContents(stow, stow.placed.filter((q) => q.insideId === p.thing.id).reverse()),
  ]);
}

/** Zones from the top of the pack down, outside pockets after the main compartment. */
function fromTop(zones: readonly ZoneFill[]): readonly ZoneFill[] {
  const rank = (z: ZoneFill): number =>
    ['lid', 'top', 'core', 'outer', 'sleeve', 'bottom', 'front', 'side', 'hipBelt', 'strap', 'lash'].indexOf(
      z.zone.kind,
    );
  return [...zones].sort((a, b) => rank(a) - rank(b));
}

function ZoneGroup({ fill, children }: { fill: ZoneFill; children: React.ReactNode }) {
  const { digits, show } = useQuantities();
  const { massUnit } = usePreferences();
  const { setNodeRef, isOver } = useDroppable({ id: fill.zone.id });
  const { zone } = fill;
  const over = !isMainZone(zone.kind) && fill.fullestL > zone.volumeL + 0.005;
  const tooHeavy = zone.maxLoadKg !== undefined && fill.massKg > zone.maxLoadKg;
  return (
    <Box
      ref={setNodeRef}
      borderBottomWidth="1px"
      bg={isOver ? 'pine.subtle' : undefined}
      role="group"
      aria-label={zone.name}
      data-zone={zone.id}
    >
      <Flex px="3" py="1.5" justify="space-between" align="baseline" gap="2">
        <Text fontWeight="600" fontSize="xs">
          {zone.name}
        </Text>
        <Text fontSize="2xs" color={over || tooHeavy ? 'overload.fg' : 'fg.muted'} whiteSpace="nowrap">
          {(over || tooHeavy) && '▲ '}
          {/* Parts of the main compartment have no walls between them: only all of it has a volume. */}
          {isMainZone(zone.kind)
            ? show(fill.volumeL, 'volume')
            : `${digits(fill.volumeL, 'volume')} of ${show(zone.volumeL, 'volume')}`}
          {fill.massKg > 0 && `, ${formatMass(fill.massKg, massUnit)}`}
        </Text>
      </Flex>
      {children}
    </Box>
  );
}

interface RowProps {
  readonly thing: Thing;
  readonly placed?: PlacedThing;
  readonly pack: Pack;
  readonly zoneId: string;
  readonly side: Side;
  readonly massKg: number;
  readonly day: number;
  readonly hovered: boolean;
  readonly isFixed: boolean;
  readonly onHover: (thingId: string | undefined) => void;
  readonly onPlace: (zone: Zone, side: Side) => void;
  readonly onPin?: (pinned: boolean) => void;
  /** The name of a thing of this pack. */
  readonly nameOf: (thingId: string) => string;
  /** What it could ride in. */
  readonly into: {
    readonly holders: readonly PlacedThing[];
    readonly onPut: (holder: Thing) => void;
  };
}

/** As a place to choose or to drop on: in a thing. */
const inId = (thingId: string): string => `in/${thingId}`;

/** Whether a thing rides in another, at whatever depth. */
function isWithin(stow: StowAssessment, { insideId }: PlacedThing, thingId: string): boolean {
  const holder = stow.placed.find((p) => p.thing.id === insideId);
  return holder !== undefined && (holder.thing.id === thingId || isWithin(stow, holder, thingId));
}

const LEVEL_MARK = { good: '', fair: '', poor: '△ ', never: '▲ ' } as const;

function ThingRow(props: RowProps) {
  const {
    thing,
    placed,
    pack,
    zoneId,
    side,
    massKg,
    day,
    hovered,
    isFixed,
    onHover,
    onPlace,
    onPin,
    nameOf,
    into,
  } = props;
  const { massUnit } = usePreferences();
  const { setNodeRef, listeners } = useDraggable({ id: thing.id, disabled: isFixed });
  const { setNodeRef: setHolderRef, isOver } = useDroppable({
    id: inId(thing.id),
    disabled: placed === undefined || holdingOf(thing) === undefined,
  });
  const insideId = placed?.insideId;
  return (
    <Box
      ref={setHolderRef}
      px="3"
      ps={insideId === undefined ? undefined : '6'}
      py="1"
      data-thing={thing.id}
      bg={isOver ? 'pine.subtle' : hovered ? 'bg.muted' : undefined}
      onPointerEnter={() => onHover(thing.id)}
      onPointerLeave={() => onHover(undefined)}
    >
      <Flex align="center" gap="2">
        <Box
          ref={setNodeRef}
          {...listeners}
          flex="1"
          minW="0"
          truncate
          cursor={isFixed ? undefined : 'grab'}
          touchAction="none"
          title={thing.name}
        >
          {thing.name}
        </Box>
        <Text fontSize="xs" whiteSpace="nowrap">
          {massKg > 0 ? formatMass(massKg, massUnit) : absence(thing, day)}
        </Text>
        <NativeSelect.Root size="xs" w="124px" disabled={isFixed}>
          <NativeSelect.Field
            aria-label={`Place of ${thing.name}`}
            value={insideId !== undefined ? inId(insideId) : zoneId === '' ? '' : `${zoneId}/${side}`}
            onFocus={() => onHover(thing.id)}
            onBlur={() => onHover(undefined)}
            onChange={(e) => {
              const [id, chosenSide] = e.target.value.split('/');
              const holder = into.holders.find((p) => inId(p.thing.id) === e.target.value);
              if (holder !== undefined) into.onPut(holder.thing);
              const zone = pack.zones.find((z) => z.id === id);
              if (zone !== undefined) onPlace(zone, chosenSide as Side);
            }}
          >
            {zoneId === '' && <option value="">choose …</option>}
            {insideId !== undefined && !into.holders.some((p) => p.thing.id === insideId) && (
              <option value={inId(insideId)}>in {nameOf(insideId)}</option>
            )}
            {into.holders.map((p) => (
              <option key={p.thing.id} value={inId(p.thing.id)}>
                in {p.thing.name}
              </option>
            ))}
            {pack.zones.flatMap((zone) =>
              isMainZone(zone.kind)
                ? (['left', 'centre', 'right'] as const).map((s) => (
                    <option key={`${zone.id}/${s}`} value={`${zone.id}/${s}`}>
                      {zone.name}
                      {s === 'centre' ? '' : `, ${s}`}
                    </option>
                  ))
                : [
                    <option key={zone.id} value={`${zone.id}/${zoneId === zone.id ? side : zone.side}`}>
                      {zone.name}
                    </option>,
                  ],
            )}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        {onPin !== undefined && (
          <PinButton name={thing.name} pinned={placed?.pinned === true} isFixed={isFixed} onPin={onPin} />
        )}
      </Flex>
      {placed !== undefined && <Reason placed={placed} nameOf={nameOf} />}
    </Box>
  );
}

/** Why a thing is where it is, and how far a hand has to go for it. */
function Reason({ placed, nameOf }: { placed: PlacedThing; nameOf: RowProps['nameOf'] }) {
  const inUnits = useInUnits();
  const { massUnit } = usePreferences();
  const { level } = placed.verdict;
  return (
    <Text fontSize="2xs" color={level === 'never' ? 'overload.fg' : 'fg.muted'} lineHeight="1.3">
      {placed.insideId !== undefined ? (
        `rides in ${nameOf(placed.insideId)}`
      ) : (
        <>
          {LEVEL_MARK[level]}
          {placed.side !== 'centre' && isMainZone(placed.zone.kind) ? `${placed.side}; ` : ''}
          {inUnits(placed.reason)}
          {placed.reach.count > 0 ? `; reach ${placed.reach.count}` : ''}
        </>
      )}
      {placed.thing.holds?.mark === undefined ? '' : `; marked ${placed.thing.holds.mark}`}
      {placed.wholeKg > placed.massKg + 0.0005
        ? `; ${formatMass(placed.wholeKg, massUnit)} with what is in it`
        : ''}
      {placed.waterL > 0 ? inUnits(`; holds ${formatVolume(placed.waterL)} of water`) : ''}
    </Text>
  );
}

interface PinProps {
  readonly name: string;
  readonly pinned: boolean;
  readonly isFixed: boolean;
  readonly onPin: (pinned: boolean) => void;
}

function PinButton({ name, pinned, isFixed, onPin }: PinProps) {
  return (
    <IconButton
      size="2xs"
      variant="ghost"
      disabled={isFixed}
      aria-pressed={pinned}
      aria-label={`Pin ${name} here`}
      title={pinned ? 'Pinned: the planner leaves it here' : 'Pin: the planner will leave it here'}
      onClick={() => onPin(!pinned)}
    >
      {pinned ? <Pin size={12} /> : <PinOff size={12} opacity={0.45} />}
    </IconButton>
  );
}

/** Why a thing of this pack weighs nothing on a day. */
function absence(thing: Thing, day: number): string {
  if (thing.fromDay !== undefined && day < thing.fromDay) return `from day ${thing.fromDay}`;
  return thing.consumption !== undefined && day > thing.consumption.toDay ? 'used up' : 'gone';
}
