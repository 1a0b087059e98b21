import { Box, Button, Flex, Input, NativeSelect, SimpleGrid, Text, Textarea } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useId, useState, type ReactNode } from 'react';
import { Link as RouterLink } from 'react-router';
import { schemaErrors, type FieldError } from '@graft/core/schema';
import {
  CONSCIOUSNESS,
  incidentSchema,
  type Consciousness,
  type IncidentNote,
  type KeptIncident,
} from '@graft/core/trail';
import { addDays } from '@graft/core/units';
import { api } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { randomId } from '../shared/randomId';
import { readNumber } from '../shared/tripFields';
import { useTrip } from '../shared/TripProvider';
import { localNow } from './localNow';

const CONSCIOUSNESS_WORDS: Readonly<Record<Consciousness, string>> = {
  alert: 'alert',
  voice: 'reacts to voice',
  pain: 'reacts to pain',
  unresponsive: 'does not react',
};

/** The log of a trip, for those who lead it in full. */
export function useIncidents(tripId: string) {
  return useQuery({ queryKey: ['incidents', tripId], queryFn: () => api.incidents(tripId) });
}

const EMPTY = {
  who: '',
  place: '',
  seen: '',
  given: '',
  pulse: '',
  breaths: '',
  consciousness: '',
  temperature: '',
  skin: '',
  pupils: '',
};
type Draft = typeof EMPTY & { readonly at: string };

/** A text that is left out when empty. */
const said = <K extends string>(key: K, text: string): Partial<Record<K, string>> =>
  text.trim() === '' ? {} : ({ [key]: text.trim() } as Record<K, string>);
/** A number; a text that is none stays a text, for the schema to name. */
const counted = <K extends string>(key: K, text: string): Partial<Record<K, unknown>> =>
  text.trim() === '' ? {} : ({ [key]: readNumber(text) ?? text } as Record<K, unknown>);

/** The incident log: notes that stay as they are written; what was wrong in one is said in a later one. */
export function IncidentLog({ day }: { day: number }) {
  const { id, trip } = useTrip();
  const queries = useQueryClient();
  const log = useIncidents(id);
  const now = (): string => {
    const clock = localNow(trip.timeZone);
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
    mutationFn: (note: IncidentNote) => api.addIncident(id, noteId, note),
    onSuccess: async () => {
      setDraft({ ...EMPTY, at: now() });
      setCorrects(undefined);
      setErrors([]);
      setNoteId(randomId());
      await queries.invalidateQueries({ queryKey: ['incidents', id] });
    },
  });
  const set =
    (key: keyof Draft) =>
    (value: string): void =>
      setDraft((d) => ({ ...d, [key]: value }));

  const write = (): void => {
    const member = trip.members.find((m) => m.name === draft.who.trim());
    const vitals = {
      ...counted('pulsePerMin', draft.pulse),
      ...counted('breathsPerMin', draft.breaths),
      ...said('consciousness', draft.consciousness),
      ...counted('temperatureC', draft.temperature),
      ...said('skin', draft.skin),
      ...said('pupils', draft.pupils),
    };
    const note = {
      at: draft.at,
      ...(member === undefined ? {} : { memberId: member.id }),
      ...said('who', draft.who),
      ...said('place', draft.place),
      ...said('seen', draft.seen),
      ...said('given', draft.given),
      ...(Object.keys(vitals).length === 0 ? {} : { vitals }),
      ...(corrects === undefined ? {} : { corrects: corrects.id }),
    };
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
      <Flex gap="2" mt="2">
        <Labelled label="When, by the clocks there" w="11.5rem">
          {(id) => (
            <Input
              id={id}
              size="xs"
              type="datetime-local"
              value={draft.at}
              onChange={(e) => set('at')(e.target.value)}
            />
          )}
        </Labelled>
        <Labelled label="Who">
          {(id) => (
            <>
              <Input
                id={id}
                size="xs"
                list="incident-members"
                value={draft.who}
                onChange={(e) => set('who')(e.target.value)}
              />
              <datalist id="incident-members">
                {trip.members.map((m) => (
                  <option key={m.id} value={m.name} />
                ))}
              </datalist>
            </>
          )}
        </Labelled>
        <Labelled label="Where">
          {(id) => (
            <Input id={id} size="xs" value={draft.place} onChange={(e) => set('place')(e.target.value)} />
          )}
        </Labelled>
      </Flex>
      <Labelled label="What was seen, and what happened">
        {(id) => (
          <Textarea
            id={id}
            size="xs"
            rows={3}
            value={draft.seen}
            onChange={(e) => set('seen')(e.target.value)}
          />
        )}
      </Labelled>
      <Labelled label="What was done and given, with times">
        {(id) => (
          <Textarea
            id={id}
            size="xs"
            rows={2}
            value={draft.given}
            onChange={(e) => set('given')(e.target.value)}
          />
        )}
      </Labelled>
      <SimpleGrid columns={3} gap="2">
        {(
          [
            ['pulse', 'Pulse, a minute'],
            ['breaths', 'Breaths, a minute'],
            ['temperature', 'Temperature, °C'],
            ['skin', 'Skin'],
            ['pupils', 'Pupils'],
          ] as const
        ).map(([key, label]) => (
          <Labelled key={key} label={label}>
            {(id) => (
              <Input id={id} size="xs" value={draft[key]} onChange={(e) => set(key)(e.target.value)} />
            )}
          </Labelled>
        ))}
        <Labelled label="Consciousness">
          {(id) => (
            <NativeSelect.Root size="xs">
              <NativeSelect.Field
                id={id}
                value={draft.consciousness}
                onChange={(e) => set('consciousness')(e.target.value)}
              >
                <option value="">–</option>
                {CONSCIOUSNESS.map((c) => (
                  <option key={c} value={c}>
                    {CONSCIOUSNESS_WORDS[c]}
                  </option>
                ))}
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
          )}
        </Labelled>
      </SimpleGrid>
      {errors.length > 0 && <ErrorList title="The note was not written." errors={errors} />}
      {add.error !== null && <ErrorList title={add.error.message} errors={[]} />}
      <Button size="sm" mt="2" w="100%" loading={add.isPending} onClick={write}>
        Write into the log
      </Button>
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

function Labelled({
  label,
  w,
  children,
}: {
  label: string;
  w?: string;
  children: (id: string) => ReactNode;
}) {
  const id = useId();
  return (
    <Box flex={w === undefined ? '1' : undefined} w={w} mt="1">
      <Box as="label" display="block" fontSize="xs" color="fg.muted" {...{ htmlFor: id }}>
        {label}
      </Box>
      {children(id)}
    </Box>
  );
}

/** A note as it is read, on screen and on paper. */
export function IncidentText({ note, all }: { note: KeptIncident; all: readonly KeptIncident[] }) {
  const corrected = all.find((n) => n.id === note.corrects);
  const later = all.find((n) => n.corrects === note.id);
  const { vitals } = note;
  const signs = [
    vitals?.consciousness === undefined ? '' : CONSCIOUSNESS_WORDS[vitals.consciousness],
    vitals?.pulsePerMin === undefined ? '' : `pulse ${vitals.pulsePerMin} a minute`,
    vitals?.breathsPerMin === undefined ? '' : `${vitals.breathsPerMin} breaths a minute`,
    vitals?.temperatureC === undefined ? '' : `${vitals.temperatureC} °C`,
    vitals?.skin === undefined ? '' : `skin ${vitals.skin}`,
    vitals?.pupils === undefined ? '' : `pupils ${vitals.pupils}`,
  ].filter((s) => s !== '');
  return (
    <Box fontSize="xs">
      <Text fontWeight="600">
        {note.at.replace('T', ' ')} · {note.who}
        {note.place === undefined ? '' : ` · ${note.place}`}
      </Text>
      {corrected !== undefined && <Text>Corrects the note of {corrected.at.replace('T', ' ')}.</Text>}
      {later !== undefined && (
        <Text fontWeight="600">Corrected by the note of {later.at.replace('T', ' ')}.</Text>
      )}
      <Text whiteSpace="pre-wrap">
        <b>Seen:</b> {note.seen}
      </Text>
      {note.given !== undefined && (
        <Text whiteSpace="pre-wrap">
          <b>Given:</b> {note.given}
        </Text>
      )}
      {signs.length > 0 && (
        <Text>
          <b>Vital signs:</b> {signs.join(', ')}
        </Text>
      )}
      <Text color="fg.muted">
        Written by {note.writtenBy}, {note.writtenAt.slice(0, 16).replace('T', ' ')} UTC
      </Text>
    </Box>
  );
}
