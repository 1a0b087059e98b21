import { Box, Button, Flex, Text } from '../theme/chakra';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import { schemaErrors, type FieldError } from '@graft/core/schema';
import { incidentSchema, type IncidentNote, type KeptIncident } from '@graft/core/trail';
import { addDays, localMoment } from '@graft/core/units';
import { useReachable } from '../device/network';
import { post } from '../device/outbox';
import { ErrorList } from '../shared/ErrorList';
import { randomId } from '../shared/randomId';
import { useTrip } from '../shared/tripContext';
import type { Draft } from './incidentDraft';
import { EMPTY, noteOf } from './incidentDraft';
import { IncidentFields } from './IncidentFields';
import { IncidentText } from './IncidentText';
import { useIncidents } from './useIncidents';
import { usePreferences } from '../shared/preferences';

/** The incident log: notes that stay as they are written; what was wrong in one is said in a later one. */
export function IncidentLog({ day }: { day: number }) {
  const { id, trip } = useTrip();
  const { massUnit } = usePreferences();
  const queries = useQueryClient();
  const reachable = useReachable();
  const log = useIncidents(id);
  const now = (): string => {
    const clock = localMoment(new Date(), trip.timeZone);
    const last = addDays(trip.startDate, trip.legs.length);
    // On the trip it is now; looked at before or after, the day that is chosen is meant.
    return clock.slice(0, 10) >= trip.startDate && clock.slice(0, 10) <= last
      ? clock
      : `${addDays(trip.startDate, day - 1)}T12:00`;
  };
  const [draft, setDraft] = useState<Draft>(() => ({ ...EMPTY, at: now() }));
  const [corrects, setCorrects] = useState<KeptIncident | undefined>();
  const [errors, setErrors] = useState<readonly FieldError[]>([]);
  /** Given once a note: sent twice it is kept once. */
  const [noteId, setNoteId] = useState(randomId);
  const add = useMutation({
    mutationFn: (note: IncidentNote) => post({ kind: 'incident', tripId: id, noteId, note }),
    onSuccess: async () => {
      setDraft({ ...EMPTY, at: now() });
      setCorrects(undefined);
      setErrors([]);
      setNoteId(randomId());
      await queries.invalidateQueries({ queryKey: ['incidents', id] });
    },
  });
  const write = (): void => {
    const note = noteOf(trip, draft, corrects, massUnit);
    const found = schemaErrors(incidentSchema, note);
    setErrors(found);
    if (found.length === 0) add.mutate(note as unknown as IncidentNote);
  };

  return (
    <Box fontSize="sm">
      <Flex justify="space-between" align="center" gap="2">
        <Text fontWeight="600">Incident log</Text>
        <Button size="2xs" variant="outline" asChild>
          <RouterLink to="print?incidents">Print it for the professionals</RouterLink>
        </Button>
      </Flex>
      <Text fontSize="xs" color="fg.muted">
        For leaders only: on no sheet, in no trip file. A note stays as it is written, with who wrote it and
        when. A record, not medical advice; where life is in danger, call for help first.
      </Text>
      {corrects !== undefined && (
        <Flex gap="2" mt="2" fontSize="xs" align="center">
          Corrects the note of {corrects.at.replace('T', ' ')}, {corrects.who}
          <Button size="2xs" variant="ghost" onClick={() => setCorrects(undefined)}>
            It does not
          </Button>
        </Flex>
      )}
      <IncidentFields draft={draft} onSet={(key, value) => setDraft((d) => ({ ...d, [key]: value }))} />
      {errors.length > 0 && <ErrorList title="The note was not written." errors={errors} />}
      {add.error !== null && <ErrorList title={add.error.message} errors={[]} />}
      <Button size="sm" mt="2" w="100%" loading={add.isPending} onClick={write}>
        {reachable ? 'Write into the log' : 'Keep on this device and write it later'}
      </Button>
      {!reachable && (
        <Text fontSize="xs" color="fg.muted" mt="1">
          The server does not answer. The note stays on this device until it is in the log.
        </Text>
      )}
      {log.error !== null && <ErrorList title={log.error.message} errors={[]} />}
      {log.data?.length === 0 && (
        <Text fontSize="xs" color="fg.muted" mt="3">
          Nothing is in the log.
        </Text>
      )}
      {[...(log.data ?? [])].reverse().map((note) => (
        <Box key={note.id} mt="3" borderTopWidth="1px" pt="2">
          <IncidentText note={note} all={log.data ?? []} />
          <Button size="2xs" variant="ghost" mt="1" onClick={() => setCorrects(note)}>
            Correct it
          </Button>
        </Box>
      ))}
    </Box>
  );
}
