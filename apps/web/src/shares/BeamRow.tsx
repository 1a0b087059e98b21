/** A member's load as a beam: pack and own things, water, then every piece, named in its block or below the beam. */
import { Box, Grid } from '../theme/chakra';
import { useDroppable } from '@dnd-kit/core';
import { useMemo } from 'react';
import { legOfDay, massOnDayKg, type DayLoad } from '@graft/core/load';
import { usePhone } from '../shared/usePhone';
import { PieceList } from './PieceList';
import { fairnessSchool, formatMeasure, type MemberFigures } from '@graft/core/share';
import {
  carriedPieces,
  kitOf,
  movableThings,
  nameAlone,
  ownInPack,
  packOf,
  type Trip,
} from '@graft/core/trip';
import { formatMass, massDigits } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { Why } from '../shared/Why';
import { Beam, type RowSize } from './Beam';
import type { DayChoice } from './boardSession';
import { nameInside } from './pieceNames';
import { useQuantities } from '../shared/useInUnits';
import { useLimits } from '../shared/useLimits';

/** Who, the beam, figures; on a phone the beam has a line of its own below. */
export const GRID = {
  templateColumns: {
    base: 'minmax(0, 1fr) 44px 72px 82px',
    md: '132px minmax(0, 1fr) 50px 80px 86px',
  },
  templateAreas: {
    base: '"who kg ratio litres" "beam beam beam beam" "pieces pieces pieces pieces"',
    md: '"who beam kg ratio litres"',
  },
  columnGap: '3',
} as const;

/** The load that a row shows. */
export function loadOn(m: MemberFigures, day: DayChoice): DayLoad {
  return day === 'heaviest' ? m.heaviest : (m.loads[day - 1] ?? m.heaviest);
}

export function BeamRow(props: {
  trip: Trip;
  figures: MemberFigures;
  load: DayLoad;
  x: (ratio: number) => number;
  size: RowSize;
  /** Height of the beam. */
  highPx: number;
  /** Width of the whole scale. */
  beamPx: number;
  /** What has no room for its name in its block has it below. */
  named: boolean;
  isTarget: boolean;
  chosenIds: ReadonlySet<string>;
  heldIds: ReadonlySet<string>;
  onChoose: (pieceId: string, add: boolean) => void;
  onHover: (memberId: string | undefined) => void;
}) {
  const {
    trip,
    figures,
    load,
    x,
    size,
    highPx,
    beamPx,
    named,
    isTarget,
    chosenIds,
    heldIds,
    onChoose,
    onHover,
  } = props;
  const { massUnit } = usePreferences();
  const { digits } = useQuantities();
  const limits = useLimits();
  const { member } = figures;
  const isPhone = usePhone();
  const { setNodeRef } = useDroppable({ id: member.id });
  const leg = legOfDay(trip, load.day);
  const pieces = useMemo(() => {
    // Own things that others may carry are blocks too, so that they can be given.
    const movable = new Set(movableThings(trip));
    const own = ownInPack(trip, member.id, load.day).filter((t) => movable.has(t));
    return [...carriedPieces(trip, member.id, load.day), ...own].map((piece) => ({
      piece,
      name: nameAlone(trip, piece),
      massKg: massOnDayKg(piece, load.day, leg),
      kitId: kitOf(trip, piece.id)?.id,
    }));
  }, [trip, member.id, load.day, leg]);
  const part = (kg: number): number => x(limits.drawn({ totalKg: kg, limitKg: load.limitKg }));
  const here = pieces
    .filter((p) => p.massKg > 0)
    .map((p) => {
      const locked = trip.share.some((a) => a.pieceId === p.piece.id && a.locked);
      return {
        ...p,
        locked,
        inside: nameInside(p.name, (part(p.massKg) / 100) * beamPx, highPx, locked),
      };
    });
  const elsewhere = pieces.length - here.length;
  // What is fixed: the whole load without the blocks.
  const ownKg = load.totalKg - load.waterKg - here.reduce((sum, p) => sum + p.massKg, 0);
  const over = load.ratio > 1;
  const overfull = figures.fullestL > figures.packVolumeL + 0.005;
  return (
    <Grid
      ref={setNodeRef}
      {...GRID}
      px="4"
      alignItems="center"
      bg={isTarget ? 'pine.subtle' : undefined}
      borderBottomWidth="1px"
      borderColor="border.muted"
      data-member={member.id}
      onPointerEnter={() => onHover(member.id)}
      onPointerLeave={() => onHover(undefined)}
    >
      <Box gridArea="who" minW="0" lineHeight="1.25" pt={{ base: '1', md: '0' }}>
        <Box fontWeight="600" truncate fontSize={size === 'low' ? 'xs' : undefined}>
          {member.name}
        </Box>
        {size !== 'low' && (
          <Box fontSize="2xs" color="fg.muted" truncate>
            {packOf(trip, member).name}
            {elsewhere > 0 && ` · ${elsewhere} on other days`}
          </Box>
        )}
      </Box>
      <Beam
        member={member}
        load={load}
        here={here}
        ownKg={ownKg}
        x={x}
        part={part}
        size={size}
        highPx={highPx}
        named={named && !isPhone}
        chosenIds={chosenIds}
        heldIds={heldIds}
        onChoose={onChoose}
      />
      <Box gridArea="kg" textAlign="end" fontWeight="600" data-figure="kg">
        {massDigits(load.totalKg, massUnit)}
      </Box>
      <Box
        gridArea="ratio"
        textAlign="end"
        color={over ? 'overload.fg' : undefined}
        fontWeight={over ? '700' : undefined}
        whiteSpace="nowrap"
        data-figure="ratio"
      >
        <Why
          reason={`${formatMass(load.totalKg, massUnit)} on day ${load.day}: pack ${formatMass(load.packKg, massUnit)}, personal ${formatMass(load.personalKg, massUnit)}, water ${formatMass(load.waterKg, massUnit)}, group ${formatMass(load.groupKg, massUnit)}. ${limits.hidden ? 'The limit is hidden with the body weights' : `Limit ${load.limitReason}`}. A planning number, not medical advice.`}
        >
          {over && '▲ '}
          {limits.hidden ? (over ? 'above' : 'within') : limits.percent(load.ratio)}
        </Why>
        {trip.fairness === 'bodyWeight' && !limits.hidden && (
          <Box fontSize="2xs" color="fg.muted" fontWeight="400">
            {formatMeasure(trip.fairness, figures.measures[load.day - 1]!)} {fairnessSchool('bodyWeight').of}
          </Box>
        )}
      </Box>
      <Box
        gridArea="litres"
        textAlign="end"
        fontSize="xs"
        color={overfull ? 'overload.fg' : 'fg.muted'}
        fontWeight={overfull ? '700' : undefined}
      >
        {overfull && '▲ '}
        {digits(figures.fullestL, 'volume')} / {digits(figures.packVolumeL, 'volume', 0)}
      </Box>
      {isPhone && named && (
        <PieceList
          carrier={member.name}
          pieces={here.map(({ piece, name, massKg }) => ({ id: piece.id, name, massKg }))}
          onChoose={onChoose}
        />
      )}
    </Grid>
  );
}
