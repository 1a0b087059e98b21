import { Box, Table } from '../theme/chakra';
import type { ShareFigures } from '@graft/core/share';
import { carriedPieces, handoverDays, type Trip } from '@graft/core/trip';
import { massDigits } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import type { BoardRow } from './boardRows';
import { useLimits } from '../shared/useLimits';

interface Props {
  readonly trip: Trip;
  readonly figures: ShareFigures;
  readonly rows: readonly BoardRow[];
}

/** The board as text: every member's load by day and what they carry; for screen readers, copying and print. */
export function ShareTable({ trip, figures, rows }: Props) {
  const limits = useLimits();
  const { massUnit } = usePreferences();
  const days = handoverDays(trip);
  return (
    <Box flex="1" minH="0" overflow="auto">
      <Box data-print-only fontSize="lg" fontWeight="600" px="2" pb="2">
        {trip.name}, {trip.startDate}: who carries what
      </Box>
      <Table.Root
        size="sm"
        aria-label="Shares as a table"
        css={{
          '& th, & td': { px: '2', py: '1.5', fontSize: 'xs', verticalAlign: 'top' },
          '& th:first-of-type, & td:first-of-type': { paddingInlineStart: '4' },
        }}
      >
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader>Member</Table.ColumnHeader>
            {trip.legs.map((leg, i) => (
              <Table.ColumnHeader key={leg.id} textAlign="end" whiteSpace="nowrap">
                Day {i + 1}
                <Box color="fg.muted">{massUnit}</Box>
              </Table.ColumnHeader>
            ))}
            <Table.ColumnHeader textAlign="end">Largest</Table.ColumnHeader>
            <Table.ColumnHeader>Carries for the group</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {rows.map(({ heading, figures: m }) => (
            <Table.Row key={m.member.id} bg="transparent">
              <Table.Cell fontWeight="600">
                {m.member.name}
                {heading !== undefined && <Box color="fg.muted">{heading}</Box>}
              </Table.Cell>
              {m.loads.map((l) => (
                <Table.Cell key={l.day} textAlign="end" color={l.ratio > 1 ? 'overload.fg' : undefined}>
                  {massDigits(l.totalKg, massUnit)}
                  <Box color={l.ratio > 1 ? 'overload.fg' : 'fg.muted'} whiteSpace="nowrap">
                    {l.ratio > 1 && '▲ '}
                    {limits.percent(l.ratio, 0)}
                  </Box>
                </Table.Cell>
              ))}
              <Table.Cell textAlign="end" whiteSpace="nowrap">
                {limits.measure(trip.fairness, m.largestMeasure)}
                <Box color="fg.muted">day {m.heaviest.day}</Box>
              </Table.Cell>
              <Table.Cell minW="16rem" w="100%">
                {days.map((day, i) => {
                  const pieces = carriedPieces(trip, m.member.id, day);
                  const before = i === 0 ? [] : carriedPieces(trip, m.member.id, days[i - 1]!);
                  if (i > 0 && pieces.length === before.length && pieces.every((p) => before.includes(p)))
                    return null;
                  return (
                    <Box key={day}>
                      {i > 0 && <b>From day {day}: </b>}
                      {pieces.length === 0 ? 'nothing' : pieces.map((p) => p.name).join('; ')}
                    </Box>
                  );
                })}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
      {figures.unshared.length > 0 && (
        <Box px="4" py="2" fontSize="xs">
          <b>Carried by nobody:</b> {figures.unshared.map((p) => p.name).join('; ')}
        </Box>
      )}
    </Box>
  );
}
