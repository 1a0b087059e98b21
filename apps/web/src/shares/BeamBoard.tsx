import { Box, Grid } from '../theme/chakra';
import { scaleLinear } from 'd3-scale';
import { Fragment } from 'react';
import type { ShareFigures } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { usePreferences } from '../shared/preferences';
import { BeamLegend } from './BeamLegend';
import { BEAM_PX, type RowSize } from './Beam';
import { BeamRow, GRID, loadOn } from './BeamRow';
import type { BoardRow } from './boardRows';
import type { DayChoice } from './boardSession';
import { useQuantities } from '../shared/useInUnits';
import { useLimits } from '../shared/useLimits';
import { useWidth } from '../shared/useWidth';
import { useWindowHeight } from '../shared/useWindowHeight';
import { useLinked } from './useLinked';

/**
 * Few members get taller rows, so that the board fills the screen and names fit into their blocks; many get low ones,
 * so that the edge of most of the party is seen at once.
 */
const HANDFUL = 3;
const FEW_MEMBERS = 5;
const MANY_MEMBERS = 13;
/** A beam is not narrower, px. */
const LEAST_BEAM_PX = 120;
/** What stands about the board, and about each beam with its names; a beam is no higher than that. */
const ABOUT_BOARD_PX = 430;
const ABOUT_BEAM_PX = 66;
const MOST_BEAM_PX = 190;
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
  /** For a glance only: without names below the beams and without a legend. */
  readonly glance?: boolean;
}

/**
 * Load beams: one row a member, drawn on that member's own limit, so that a fair share has a straight edge; by the load
 * itself while limits are hidden.
 */
export function BeamBoard(props: Props) {
  const { trip, figures, day, rows, chosenIds, heldIds, targetId, onChoose, onHover, glance = false } = props;
  const { massUnit } = usePreferences();
  const { unit } = useQuantities();
  const limits = useLimits();
  const drawn = figures.members.map((m) => limits.drawn(loadOn(m, day)));
  const widest = limits.hidden ? Math.max(1, ...drawn) * 1.03 : Math.max(1.1, ...drawn.map((v) => v + 0.03));
  const x = scaleLinear([0, widest], [0, 100]);
  const isLimit = (tick: number): boolean => !limits.hidden && tick === 1;
  const count = figures.members.length;
  const isOneList = rows.every((r) => r.heading === undefined);
  const size: RowSize = glance
    ? 'tall'
    : count >= MANY_MEMBERS
      ? 'low'
      : count > FEW_MEMBERS || !isOneList
        ? 'usual'
        : count > HANDFUL
          ? 'tall'
          : 'tallest';
  // Rows grow with the window.
  const windowHeight = useWindowHeight();
  const roomPx = (windowHeight - ABOUT_BOARD_PX) / Math.max(1, count) - ABOUT_BEAM_PX;
  const grows = !glance && isOneList;
  const highPx = grows ? Math.max(BEAM_PX[size], Math.min(MOST_BEAM_PX, roomPx)) : BEAM_PX[size];
  const [ticks, beamPx] = useWidth<HTMLDivElement>(LEAST_BEAM_PX);
  const linked = useLinked();
  return (
    <Box flex="1" minH="0" overflowY="auto" role="group" aria-label="Load beams" {...linked}>
      <Grid
        {...GRID}
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
        <Box gridArea="who">{day === 'heaviest' ? 'Heaviest day of each' : `All on day ${day}`}</Box>
        <Box ref={ticks} gridArea="beam" position="relative" h="18px" aria-hidden>
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
        <Box gridArea="kg" textAlign="end">
          {massUnit}
        </Box>
        <Box gridArea="ratio" textAlign="end">
          of limit
        </Box>
        <Box gridArea="litres" textAlign="end">
          in the pack, {unit('volume')}
        </Box>
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
            highPx={highPx}
            beamPx={beamPx}
            named={!glance}
            isTarget={targetId === m.member.id}
            chosenIds={chosenIds}
            heldIds={heldIds}
            onChoose={onChoose}
            onHover={onHover}
          />
        </Fragment>
      ))}
      {!glance && <BeamLegend />}
    </Box>
  );
}
