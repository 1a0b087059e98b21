import { Box, Button, Flex, Text } from '../theme/chakra';
import { useSearchParams } from 'react-router';
import { RouterLink } from '../shared/RouterLink';
import { emergencyNumbers, safetyThings } from '@graft/core/sheet';
import { scentedRound } from '@graft/core/trail';
import type { Trip } from '@graft/core/trip';
import { ErrorList } from '../shared/ErrorList';
import { tripDates } from '../shared/dates';
import { useTrip } from '../shared/tripContext';
import { useIncidents } from './useIncidents';
import { IncidentText } from './IncidentText';

/** The safety sheet of a day, or the incident log, as they go on paper: leaders' papers. */
export function PrintTrail() {
  const { walked, role } = useTrip();
  const [query] = useSearchParams();
  const isLog = query.has('incidents');
  const asked = Number(query.get('day') ?? '1');
  const day = Math.min(walked.legs.length, Math.max(1, Number.isInteger(asked) ? asked : 1));
  return (
    <Box>
      <Flex px="4" py="3" gap="3" data-screen-only borderBottomWidth="1px">
        <Button size="sm" onClick={() => window.print()}>
          Print
        </Button>
        <Button size="sm" variant="ghost" asChild>
          <RouterLink to="../trail?view=safety">Back to Safety</RouterLink>
        </Button>
      </Flex>
      <Box px={{ base: '4', _print: '0' }} py="4" maxW="52rem" fontSize="sm">
        {isLog ? (
          role === 'read' ? (
            <Text>The incident log is for those who lead the trip in full.</Text>
          ) : (
            <LogPaper trip={walked} />
          )
        ) : (
          <SafetyPaper trip={walked} day={day} />
        )}
      </Box>
    </Box>
  );
}

function Head({ trip, what }: { trip: Trip; what: string }) {
  return (
    <>
      <Text as="h1" fontFamily="heading" fontSize="xl" fontWeight="600">
        {what}
      </Text>
      <Text mb="3">
        {trip.name}, {tripDates(trip.startDate, trip.legs.length)}
      </Text>
    </>
  );
}

function LogPaper({ trip }: { trip: Trip }) {
  const { id } = useTrip();
  const log = useIncidents(id);
  return (
    <>
      <Head trip={trip} what="Incident log" />
      {log.error !== null && <ErrorList title={log.error.message} errors={[]} />}
      {log.data?.length === 0 && <Text>Nothing is in the log.</Text>}
      {log.data?.map((note) => (
        <Box key={note.id} borderTopWidth="1px" py="2" style={{ breakInside: 'avoid' }}>
          <IncidentText note={note} all={log.data} />
        </Box>
      ))}
      <Text mt="4" fontSize="xs">
        Confidential. Notes of laypeople, as they were written; not medical advice.
      </Text>
    </>
  );
}

function SafetyPaper({ trip, day }: { trip: Trip; day: number }) {
  const round = scentedRound(trip, day);
  const name = (id: string | undefined): string => trip.members.find((m) => m.id === id)?.name ?? '';
  const people = trip.contacts.filter((c) => c.memberId !== undefined);
  return (
    <>
      <Head trip={trip} what={`Safety sheet, day ${day}`} />
      <PaperTable
        title="Whom to call"
        rows={emergencyNumbers(trip).map((n) => [`${n.name} (${n.relation})`, n.phone])}
      />
      <PaperTable
        title="Where it is"
        rows={safetyThings(trip, undefined, day).map((t) => [
          t.name,
          t.everybody ? 'on everybody' : t.at.map((a) => `${a.who}: ${a.place}`).join('; '),
        ])}
      />
      <PaperTable
        title="Members’ people, for leaders only"
        rows={people.map((c) => [name(c.memberId), `${c.name} (${c.relation}), ${c.phone}`])}
      />
      {round !== undefined && (
        <PaperTable
          title="What smells, for the evening’s round"
          rows={round.members.map((m) => [
            m.member.name,
            m.things.map((t) => `${t.name} (${t.place})`).join('; '),
          ])}
        />
      )}
    </>
  );
}

function PaperTable({ title, rows }: { title: string; rows: readonly (readonly [string, string])[] }) {
  if (rows.length === 0) return null;
  return (
    <Box mb="3">
      <Text fontWeight="600" style={{ breakAfter: 'avoid' }}>
        {title}
      </Text>
      <table className="plain-table" style={{ width: '100%' }}>
        <tbody>
          {rows.map(([what, where], i) => (
            <tr key={i} style={{ breakInside: 'avoid', verticalAlign: 'top' }}>
              <td style={{ width: '34%' }}>
                <b>{what}</b>
              </td>
              <td>{where}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  );
}
