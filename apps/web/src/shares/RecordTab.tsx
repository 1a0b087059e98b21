import { Box, Table, Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { carriedWork, formatPercent } from '@graft/core';
import { useTrip } from '../shared/TripProvider';

/** Who has carried how much how far: what makes a fair trip visible over its days. */
export function RecordTab() {
  const { trip } = useTrip();
  const records = useMemo(() => carriedWork(trip), [trip]);
  const most = Math.max(1, ...records.map((r) => r.totalKgKm));
  const km = trip.legs.reduce((sum, leg) => sum + leg.distanceKm, 0);
  if (km === 0) {
    return (
      <Text p="4" fontSize="sm">
        The days have no distances yet: give them at Brief, then this shows who carries how much how far.
      </Text>
    );
  }
  return (
    <Box p="4" fontSize="sm">
      <Text fontSize="xs" color="fg.muted">
        Load times distance over {km.toFixed(0)} km, with each day&apos;s heaviest load and all handovers.
      </Text>
      <Table.Root
        size="sm"
        mt="2"
        aria-label="Carried by each member"
        css={{ '& th, & td': { px: '1', py: '1.5', fontSize: 'xs' } }}
      >
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader>Member</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">all, kg·km</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">group&apos;s, kg·km</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">of the group&apos;s</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {records.map((r) => (
            <Table.Row key={r.member.id} bg="transparent">
              <Table.Cell position="relative">
                {r.member.name}
                <Box h="3px" mt="0.5" bg="beam.own" w={`${(100 * r.totalKgKm) / most}%`} aria-hidden />
              </Table.Cell>
              <Table.Cell textAlign="end">{r.totalKgKm.toFixed(0)}</Table.Cell>
              <Table.Cell textAlign="end">{r.groupKgKm.toFixed(0)}</Table.Cell>
              <Table.Cell textAlign="end">{formatPercent(r.groupPart)}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}
