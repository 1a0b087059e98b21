import { Box, Flex, Text } from '../theme/chakra';
import { DndContext, DragOverlay, pointerWithin, useDroppable } from '@dnd-kit/core';
import { useState, type ReactNode } from 'react';
import { holdingOf } from '@graft/core/load';
import type { PlacedThing, StowAssessment, ZoneFill } from '@graft/core/stow';
import { isMainZone, type Pack, type Side, type Thing, type Zone } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { HeldChip } from '../shared/HeldChip';
import { usePreferences } from '../shared/preferences';
import { useDragSensors } from '../shared/useDragSensors';
import { useQuantities } from '../shared/useInUnits';
import { inId, ThingRow, type RowProps } from './ThingRow';

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
  /** What it would cost elsewhere; absent where that is not to be told. */
  readonly elsewhere?: (thingId: string) => ReactNode;
}

/** Everything in the pack by zone, top to bottom as it lies, each thing with its reason; drag it or choose its place. */
export function ZoneList(props: Props) {
  const { pack, stow, hoveredId, isFixed, onHover, onPlace, onPin, onRideIn, elsewhere } = props;
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
                elsewhere={elsewhere}
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

/** Whether a thing rides in another, at whatever depth. */
function isWithin(stow: StowAssessment, { insideId }: PlacedThing, thingId: string): boolean {
  const holder = stow.placed.find((p) => p.thing.id === insideId);
  return holder !== undefined && (holder.thing.id === thingId || isWithin(stow, holder, thingId));
}
