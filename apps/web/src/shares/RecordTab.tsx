import { Box, Table, Text } from '../theme/chakra';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { carriedWork, earlierWork } from '@graft/core/share';
import { formatPercent } from '@graft/core/units';
import { orKept } from '../device/answers';
import { api } from '../shared/api';
import { useTrip } from '../shared/tripContext';
import { useQuantities } from '../shared/useInUnits';
import { usePreferences } from '../shared/preferences';
import { workDigits, workUnit } from '../shared/work';

/** Who has carried how much how far: what makes a fair trip visible over its days. */
export function RecordTab() {
  const { massUnit } = usePreferences();
  const { show } = useQuantities();
  const { walked, id } = useTrip();
  const earlier = useQuery({
    queryKey: ['earlier', id],
    queryFn: () => orKept(`earlier ${id}`, () => api.earlier(id), { tripId: id }),
  });
  const records = useMemo(() => carriedWork(walked), [walked]);
  const most = Math.max(1, ...records.map((r) => r.totalKgKm));
  const km = walked.legs.reduce((sum, leg) => sum + leg.distanceKm, 0);
  if (km === 0) {
    return (
      <Text p="4" fontSize="sm">
        The days have no distances yet: give them at Trip, then this shows who carries how much how far.
      </Text>
    );
  }
  return (
    <Box p="4" fontSize="sm">
      <Text fontSize="xs" color="fg.muted">
        Load times distance over {show(km, 'distance', 0)}, with each day&apos;s heaviest load and all
        handovers.
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
            <Table.ColumnHeader textAlign="end">all, {workUnit(massUnit)}</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">group&apos;s, {workUnit(massUnit)}</Table.ColumnHeader>
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
              <Table.Cell textAlign="end">{workDigits(r.totalKgKm, massUnit)}</Table.Cell>
              <Table.Cell textAlign="end">{workDigits(r.groupKgKm, massUnit)}</Table.Cell>
              <Table.Cell textAlign="end">{formatPercent(r.groupPart)}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
      <Text fontWeight="600" mt="4">
        On your trips before this one
      </Text>
      {earlier.error !== null && (
        <Text fontSize="xs" color="overload.fg" role="alert">
          {earlier.error.message}
        </Text>
      )}
      {earlier.data !== undefined &&
        (earlier.data.length === 0 ? (
          <Text fontSize="xs" color="fg.muted">
            None of these members, by name, was on one.
          </Text>
        ) : (
          <>
            <Text fontSize="xs" color="fg.muted">
              {earlier.data.map((t) => t.name).join('; ')}. People are matched by name.
            </Text>
            <Table.Root
              size="sm"
              mt="1"
              aria-label="Carried on earlier trips"
              css={{ '& th, & td': { px: '1', py: '1.5', fontSize: 'xs' } }}
            >
              <Table.Header>
                <Table.Row bg="transparent">
                  <Table.ColumnHeader>Member</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">trips</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">all, {workUnit(massUnit)}</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">group&apos;s, {workUnit(massUnit)}</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {walked.members.map((m) => {
                  const work = earlierWork(earlier.data, m.name);
                  return (
                    <Table.Row key={m.id} bg="transparent">
                      <Table.Cell>{m.name}</Table.Cell>
                      <Table.Cell textAlign="end">{work.trips}</Table.Cell>
                      <Table.Cell textAlign="end">{workDigits(work.totalKgKm, massUnit)}</Table.Cell>
                      <Table.Cell textAlign="end">{workDigits(work.groupKgKm, massUnit)}</Table.Cell>
                    </Table.Row>
                  );
                })}
              </Table.Body>
            </Table.Root>
          </>
        ))}
    </Box>
  );
}
