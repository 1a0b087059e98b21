import { Box, Flex, Grid } from '../theme/chakra';
import { useDroppable } from '@dnd-kit/core';
import { scaleLinear } from 'd3-scale';
import { Fragment, useMemo } from 'react';
import { legOfDay, massOnDayKg, type DayLoad } from '@graft/core/load';
import { fairnessSchool, formatMeasure, type MemberFigures, type ShareFigures } from '@graft/core/share';
import { carriedPieces, movableThings, nameAlone, ownInPack, packOf, type Trip } from '@graft/core/trip';
import { formatMass, massDigits } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { Why } from '../shared/Why';
import { BeamLegend } from './BeamLegend';
import { PieceBlock, type RowSize } from './PieceBlock';
import type { BoardRow } from './boardRows';
import type { DayChoice } from './boardSession';
import { OVERLOAD_HATCH, WATER_HATCH } from './hatches';
import { useQuantities } from '../shared/useInUnits';
import { useLimits } from '../shared/useLimits';

const COLUMNS = '132px minmax(0, 1fr) 50px 80px 86px';
/**
 * Few members get taller rows, so that the board fills the screen and names fit into their blocks; many get low ones,
 * so that the edge of most of the party is seen at once.
 */
const FEW_MEMBERS = 9;
const MANY_MEMBERS = 13;
const ROW_PX: Readonly<Record<RowSize, number>> = { tall: 54, usual: 44, low: 28 };
/** Room above and below a row's beam together, px. */
const ROW_GAP_PX: Readonly<Record<RowSize, number>> = { tall: 14, usual: 14, low: 6 };
const TICKS = [0, 0.25, 0.5, 0.75, 1];

interface Props {
  readonly trip: Trip;
  readonly figures: ShareFigures;
  readonly day: DayChoice;
  /** Members as they stand on the board, some under a heading of their own. */
  readonly rows: readonly BoardRow[];
  readonly chosenIds: ReadonlySet<string>;
  readonly heldIds: ReadonlySet<string>;
  readonly targetId: string | undefined;
  readonly onChoose: (pieceId: string, add: boolean) => void;
  readonly onHover: (memberId: string | undefined) => void;
}

/**
 * Load beams: one row a member, drawn on that member's own limit, so that a fair share has a straight edge; by the load
 * itself while limits are hidden.
 */
export function BeamBoard(props: Props) {
  const { trip, figures, day, rows, chosenIds, heldIds, targetId, onChoose, onHover } = props;
  const { massUnit } = usePreferences();
  const { unit } = useQuantities();
  const limits = useLimits();
  const drawn = figures.members.map((m) => limits.drawn(loadOn(m, day)));
  const widest = limits.hidden ? Math.max(1, ...drawn) * 1.03 : Math.max(1.1, ...drawn.map((v) => v + 0.03));
  const x = scaleLinear([0, widest], [0, 100]);
  const isLimit = (tick: number): boolean => !limits.hidden && tick === 1;
  const count = figures.members.length;
  const size: RowSize =
    count >= MANY_MEMBERS
      ? 'low'
      : count <= FEW_MEMBERS && rows.every((r) => r.heading === undefined)
        ? 'tall'
        : 'usual';
  return (
    <Box flex="1" minH="0" overflowY="auto" role="group" aria-label="Load beams">
      <Grid
        templateColumns={COLUMNS}
        gap="3"
        px="4"
        py="1.5"
        fontSize="xs"
        color="fg.muted"
        position="sticky"
        top="0"
        bg="bg"
        zIndex="2"
        borderBottomWidth="1px"
        borderColor="border.muted"
        alignItems="end"
      >
        <Box>{day === 'heaviest' ? 'Heaviest day of each' : `All on day ${day}`}</Box>
        <Box position="relative" h="18px" aria-hidden>
          {(limits.hidden ? x.ticks(5) : TICKS).map((tick) => (
            <Box
              key={tick}
              position="absolute"
              left={`${x(tick)}%`}
              bottom="0"
              transform={tick === 0 ? undefined : 'translateX(-50%)'}
              whiteSpace="nowrap"
              fontWeight={isLimit(tick) ? '600' : undefined}
              color={isLimit(tick) ? 'fg' : undefined}
            >
              {isLimit(tick) ? 'own limit' : limits.drawnText(tick, 0)}
            </Box>
          ))}
        </Box>
        <Box textAlign="end">{massUnit}</Box>
        <Box textAlign="end">of limit</Box>
        <Box textAlign="end">in the pack, {unit('volume')}</Box>
      </Grid>
      {rows.map(({ heading, figures: m }) => (
        <Fragment key={m.member.id}>
          {heading !== undefined && (
            <Box
              px="4"
              pt="2"
              pb="0.5"
              fontSize="xs"
              fontWeight="600"
              color="fg.muted"
              role="heading"
              aria-level={3}
            >
              {heading}
            </Box>
          )}
          <BeamRow
            trip={trip}
            figures={m}
            load={loadOn(m, day)}
            x={x}
            size={size}
            isTarget={targetId === m.member.id}
            chosenIds={chosenIds}
            heldIds={heldIds}
            onChoose={onChoose}
            onHover={onHover}
          />
        </Fragment>
      ))}
      <BeamLegend />
    </Box>
  );
}

/** The load that a row shows. */
function loadOn(m: MemberFigures, day: DayChoice): DayLoad {
  return day === 'heaviest' ? m.heaviest : (m.loads[day - 1] ?? m.heaviest);
}

function BeamRow(props: {
  trip: Trip;
  figures: MemberFigures;
  load: DayLoad;
  x: (ratio: number) => number;
  size: RowSize;
  isTarget: boolean;
  chosenIds: ReadonlySet<string>;
  heldIds: ReadonlySet<string>;
  onChoose: (pieceId: string, add: boolean) => void;
  onHover: (memberId: string | undefined) => void;
}) {
  const { trip, figures, load, x, size, isTarget, chosenIds, heldIds, onChoose, onHover } = props;
  const { massUnit } = usePreferences();
  const { digits } = useQuantities();
  const limits = useLimits();
  const { member } = figures;
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
    }));
  }, [trip, member.id, load.day, leg]);
  const here = pieces.filter((p) => p.massKg > 0);
  const elsewhere = pieces.length - here.length;
  // What is fixed: the whole load without the blocks.
  const ownKg = load.totalKg - load.waterKg - here.reduce((sum, p) => sum + p.massKg, 0);
  const part = (kg: number): number => x(limits.drawn({ totalKg: kg, limitKg: load.limitKg }));
  const width = (kg: number): string => `${part(kg)}%`;
  const over = load.ratio > 1;
  const overfull = figures.fullestL > figures.packVolumeL + 0.005;
  return (
    <Grid
      ref={setNodeRef}
      templateColumns={COLUMNS}
      gap="3"
      px="4"
      h={`${ROW_PX[size]}px`}
      alignItems="center"
      bg={isTarget ? 'pine.subtle' : undefined}
      borderBottomWidth="1px"
      borderColor="border.muted"
      data-member={member.id}
      onPointerEnter={() => onHover(member.id)}
      onPointerLeave={() => onHover(undefined)}
    >
      <Box minW="0" lineHeight="1.25">
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
      <Box
        position="relative"
        h={`${ROW_PX[size] - ROW_GAP_PX[size]}px`}
        role="list"
        aria-label={`${member.name}: ${here.length} pieces`}
      >
        <Flex h="100%" position="absolute" left="0" right="0">
          <Box
            w={width(ownKg)}
            bg="beam.own"
            flexShrink={0}
            title={`Pack and personal things: ${formatMass(ownKg, massUnit)}`}
          />
          <Box
            w={width(load.waterKg)}
            flexShrink={0}
            title={`Water on day ${load.day}: ${formatMass(load.waterKg, massUnit)}`}
            style={{ background: WATER_HATCH }}
          />
          {here.map(({ piece, name, massKg }) => (
            <PieceBlock
              key={piece.id}
              piece={piece}
              name={name}
              massKg={massKg}
              widthPercent={part(massKg)}
              size={size}
              tabStop={piece === here[0]?.piece}
              locked={trip.share.some((a) => a.pieceId === piece.id && a.locked)}
              chosen={chosenIds.has(piece.id)}
              held={heldIds.has(piece.id)}
              carrier={member.name}
              onChoose={onChoose}
            />
          ))}
        </Flex>
        {!limits.hidden && <LimitMarks x={x} ratio={load.ratio} gapPx={ROW_GAP_PX[size]} />}
      </Box>
      <Box textAlign="end" fontWeight="600" data-figure="kg">
        {massDigits(load.totalKg, massUnit)}
      </Box>
      <Box
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
        textAlign="end"
        fontSize="xs"
        color={overfull ? 'overload.fg' : 'fg.muted'}
        fontWeight={overfull ? '700' : undefined}
      >
        {overfull && '▲ '}
        {digits(figures.fullestL, 'volume')} / {digits(figures.packVolumeL, 'volume', 0)}
      </Box>
    </Grid>
  );
}

/** Where the limit is on a beam, through the whole row, so that it is one line for all; and what is above it. */
function LimitMarks({ x, ratio, gapPx }: { x: (ratio: number) => number; ratio: number; gapPx: number }) {
  return (
    <>
      {ratio > 1 && (
        <Box
          position="absolute"
          top="0"
          bottom="0"
          left={`${x(1)}%`}
          w={`${x(ratio) - x(1)}%`}
          pointerEvents="none"
          style={{ background: OVERLOAD_HATCH }}
        />
      )}
      <Box
        position="absolute"
        top={`-${gapPx / 2 + 1}px`}
        bottom={`-${gapPx / 2 + 1}px`}
        left={`${x(1)}%`}
        borderLeftWidth="2px"
        borderColor="fg"
        pointerEvents="none"
      />
    </>
  );
}
