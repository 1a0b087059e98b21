import { Box, Table, Text, VisuallyHidden } from '../theme/chakra';
import { useMemo, type ReactNode } from 'react';
import {
  asVariant,
  carriedWork,
  isOverloaded,
  NO_BOUND,
  shareFigures,
  whatIfText,
  type ShareFigures,
} from '@graft/core/share';
import type { Trip, Variant } from '@graft/core/trip';
import { formatMass, formatPercent } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import { useInUnits } from '../shared/useInUnits';
import { useLimits } from '../shared/useLimits';
import { useTripBound } from '../shared/useTripBound';
import { workText } from '../shared/work';

interface Column {
  readonly name: string;
  readonly about: string;
  readonly trip: Trip;
  /** All but how far it is from the bound: `Distance` asks for that. */
  readonly figures: ShareFigures;
}

/** The plan and one or two what-ifs side by side, first what the party has of it, then each member. */
export function CompareVariants({ variants }: { variants: readonly Variant[] }) {
  const { trip } = useTrip();
  const { massUnit } = usePreferences();
  const columns = useMemo(
    (): readonly Column[] => [
      { name: 'The plan', about: `${trip.legs.length} days`, trip, figures: shareFigures(trip, NO_BOUND) },
      ...variants.map((v) => {
        const as = asVariant(trip, v);
        return {
          name: v.name,
          about: v.changes.map((c) => whatIfText(trip, c)).join('; '),
          trip: as,
          figures: shareFigures(as, NO_BOUND),
        };
      }),
    ],
    [trip, variants],
  );
  const limits = useLimits();
  const inUnits = useInUnits();
  const say = (c: Column, ratio: number): string => limits.measure(c.trip.fairness, ratio);
  const rows: readonly (readonly [label: string, cell: (c: Column) => ReactNode])[] = [
    [
      'Largest load',
      (c) => `${say(c, c.figures.largestRatio)}, ${c.figures.largestMember?.name ?? 'nobody'}`,
    ],
    ['Lowest of the members', (c) => say(c, c.figures.smallestRatio)],
    ['Distance from the best possible', (c) => <Distance trip={c.trip} />],
    ['Above limits, members', (c) => String(c.figures.members.filter(isOverloaded).length)],
    [
      'Group kit at the start',
      (c) =>
        formatMass(
          c.figures.members.reduce((sum, m) => sum + m.loads[0]!.groupKg, 0),
          massUnit,
        ),
    ],
    [
      'Carried over the trip',
      (c) =>
        workText(
          carriedWork(c.trip).reduce((sum, w) => sum + w.totalKgKm, 0),
          massUnit,
        ),
    ],
    ['Warnings', (c) => (c.figures.warnings.length === 0 ? 'none' : String(c.figures.warnings.length))],
  ];
  return (
    <Box overflowX="auto">
      <Table.Root size="sm" css={{ '& th, & td': { px: '2', py: '1.5' } }} aria-label="Comparison">
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader>
              <VisuallyHidden>Figure</VisuallyHidden>
            </Table.ColumnHeader>
            {columns.map((c, i) => (
              <Table.ColumnHeader key={i} textAlign="end" verticalAlign="top">
                {c.name}
                <Text fontSize="2xs" color="fg.muted" fontWeight="400">
                  {c.about === c.name ? '' : inUnits(c.about)}
                </Text>
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {rows.map(([label, cell]) => (
            <Table.Row key={label} bg="transparent">
              <Table.Cell>{label}</Table.Cell>
              {columns.map((c, i) => (
                <Table.Cell key={i} textAlign="end">
                  {cell(c)}
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
          {trip.members.map((member) => (
            <Table.Row key={member.id} bg="transparent">
              <Table.Cell fontWeight="600">{member.name}</Table.Cell>
              {columns.map((c, i) => {
                const m = c.figures.members.find((x) => x.member.id === member.id);
                const over = m !== undefined && isOverloaded(m);
                return (
                  <Table.Cell key={i} textAlign="end" color={over ? 'overload.fg' : undefined}>
                    {m === undefined
                      ? 'not there'
                      : `${over ? '▲ ' : ''}${formatMass(m.heaviest.totalKg, massUnit)}${limits.hidden ? '' : `, ${limits.percent(m.heaviest.ratio)} of limit`}`}
                  </Table.Cell>
                );
              })}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}

/** How far a share is from the bound, which a worker works out. */
function Distance({ trip }: { trip: Trip }) {
  const { bound, isKnown, failed } = useTripBound(trip);
  const { unshared, gap } = useMemo(() => shareFigures(trip, bound), [trip, bound]);
  if (unshared.length > 0) return `${unshared.length} unshared`;
  if (failed !== '') return 'not known';
  if (!isKnown) return '…';
  return gap < 1e-6 ? 'none' : `within ${formatPercent(gap, 1, 'up')}`;
}
