import { Box, Flex, IconButton, NativeSelect, Text } from '../theme/chakra';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { Pin, PinOff } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { holdingOf } from '@graft/core/load';
import type { PlacedThing } from '@graft/core/stow';
import { isMainZone, type Pack, type Side, type Thing, type Zone } from '@graft/core/trip';
import { formatMass, formatVolume } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useInUnits } from '../shared/useInUnits';

export interface RowProps {
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
  readonly elsewhere?: ((thingId: string) => ReactNode) | undefined;
  readonly into: {
    readonly holders: readonly PlacedThing[];
    readonly onPut: (holder: Thing) => void;
  };
}

/** As a place to choose or to drop on: in a thing. */
export const inId = (thingId: string): string => `in/${thingId}`;

const LEVEL_MARK = { good: '', fair: '', poor: '△ ', never: '▲ ' } as const;

/** A thing of the pack: its place to choose, why it is there, and what another would cost. */
export function ThingRow(props: RowProps) {
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
    elsewhere,
  } = props;
  const [isAsked, setAsked] = useState(false);
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
          lineHeight="1.25"
          cursor={isFixed ? undefined : 'grab'}
          touchAction="none"
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
      {placed !== undefined && (
        <Reason placed={placed} nameOf={nameOf}>
          {elsewhere !== undefined && insideId === undefined && (
            <button
              type="button"
              className="link-button"
              aria-expanded={isAsked}
              aria-label={`Why not elsewhere: ${thing.name}`}
              onClick={() => setAsked(!isAsked)}
            >
              why not elsewhere?
            </button>
          )}
        </Reason>
      )}
      {isAsked && elsewhere?.(thing.id)}
    </Box>
  );
}

/** Why a thing is where it is, and how far a hand has to go for it. */
function Reason({
  placed,
  nameOf,
  children,
}: {
  placed: PlacedThing;
  nameOf: RowProps['nameOf'];
  children: ReactNode;
}) {
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
          {placed.reach.count > 0 ? `; ${outFirst(placed.reach.count)}` : ''}
        </>
      )}
      {placed.thing.holds?.mark === undefined ? '' : `; marked ${placed.thing.holds.mark}`}
      {placed.wholeKg > placed.massKg + 0.0005
        ? `; ${formatMass(placed.wholeKg, massUnit)} with what is in it`
        : ''}
      {placed.waterL > 0 ? inUnits(`; holds ${formatVolume(placed.waterL)} of water`) : ''} {children}
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

function outFirst(count: number): string {
  return count === 1 ? 'one thing comes out first' : `${count} things come out first`;
}

/** Why a thing of this pack weighs nothing on a day. */
function absence(thing: Thing, day: number): string {
  if (thing.fromDay !== undefined && day < thing.fromDay) return `from day ${thing.fromDay}`;
  return thing.consumption !== undefined && day > thing.consumption.toDay ? 'used up' : 'gone';
}
