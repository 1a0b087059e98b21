import {
  Box,
  Button,
  Field,
  Flex,
  Heading,
  HStack,
  Input,
  Link,
  NativeSelect,
  Table,
  Text,
} from '../theme/chakra';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { Link as RouterLink, useNavigate } from 'react-router';
import type { TripSummary } from '@graft/core/api';
import type { FieldError } from '@graft/core/schema';
import { TEMPLATES, TRIP_STYLES, type TripStyle } from '@graft/core/trip';
import { useAccountSession } from '../shared/AccountProvider';
import { api, ApiProblem } from '../shared/api';
import { today, tripDates } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { PlainDialog } from '../shared/PlainDialog';
import { counted, ROLE_WORDS } from '../shared/words';
import { typeInstead } from '../shared/typeInstead';

/** All trips: open one, start one, import one, copy, put aside, delete and bring back. */
export function TripsPage() {
  const { account } = useAccountSession();
  const trips = useQuery({ queryKey: ['trips'], queryFn: api.trips });
  const [starting, setStarting] = useState(false);
  const [showArchived, setShowArchived] = useState(false);
  const [justDeleted, setJustDeleted] = useState<TripSummary | undefined>();
  const all = trips.data ?? [];
  const current = all.filter((t) => !t.archived && t.deletedAt === undefined);
  const archived = all.filter((t) => t.archived && t.deletedAt === undefined);
  const deleted = all.filter((t) => t.deletedAt !== undefined);
  const table = { onDeleted: setJustDeleted };
  return (
    <Box as="main" maxW="64rem" mx="auto" px="6" py="8">
      <Flex align="baseline" gap="4" mb="6">
        <Heading as="h1" fontFamily="heading" fontSize="2xl">
          Graft
        </Heading>
        <Text color="fg.muted" flex="1">
          Shares a party’s kit by carry limits and plans what rides where in each pack.
        </Text>
        <Link asChild textDecoration="underline" textUnderlineOffset="3px">
          <RouterLink to="/library">Kit library</RouterLink>
        </Link>
        <Link asChild textDecoration="underline" textUnderlineOffset="3px">
          <RouterLink to="/account">{account?.name}</RouterLink>
        </Link>
      </Flex>
      <Flex mb="4" gap="3" wrap="wrap">
        <Button size="sm" onClick={() => setStarting((open) => !open)} aria-expanded={starting}>
          New trip
        </Button>
        <ImportButton />
      </Flex>
      {starting && <NewTrip />}
      {trips.isError && (
        <ErrorList title={`The trips could not be loaded. ${trips.error.message}`} errors={[]} />
      )}
      {justDeleted !== undefined && (
        <Restore trip={justDeleted} onRestored={() => setJustDeleted(undefined)} />
      )}
      {trips.data !== undefined && current.length === 0 && (
        <Text py="6">
          Start a trip with its name and dates, or import a trip file: its route and members come next.
        </Text>
      )}
      {current.length > 0 && <TripTable label="Trips" trips={current} {...table} />}
      {(archived.length > 0 || deleted.length > 0) && (
        <Button
          size="xs"
          variant="plain"
          px="0"
          mt="5"
          textDecoration="underline"
          aria-expanded={showArchived}
          onClick={() => setShowArchived((open) => !open)}
        >
          {showArchived ? 'Hide' : 'Show'}{' '}
          {[
            ...(archived.length > 0 ? [counted(archived.length, 'archived trip')] : []),
            ...(deleted.length > 0 ? [counted(deleted.length, 'deleted trip')] : []),
          ].join(' and ')}
        </Button>
      )}
      {showArchived && archived.length > 0 && (
        <Box mt="3">
          <TripTable label="Archived trips" trips={archived} {...table} />
        </Box>
      )}
      {showArchived &&
        deleted.map((trip) => (
          <Restore key={trip.id} trip={trip} onRestored={() => setJustDeleted(undefined)} />
        ))}
      <Text mt="10" fontSize="xs" color="fg.muted" maxW="46rem">
        Graft shows planning estimates, never medical advice. A qualified leader decides on the ground. Pain,
        numb hands or tingling arms: stop and refit. Body weights are private: they can be hidden on screen.
      </Text>
    </Box>
  );
}

/** A deleted trip, and the way back. */
function Restore({ trip, onRestored }: { trip: TripSummary; onRestored: () => void }) {
  const queries = useQueryClient();
  const restoring = useMutation({
    mutationFn: () => api.restore(trip.id),
    onSuccess: onRestored,
    onSettled: () => queries.invalidateQueries({ queryKey: ['trips'] }),
  });
  return (
    <Flex
      align="center"
      gap="3"
      my="2"
      px="3"
      py="2"
      bg="bg.panel"
      borderLeftWidth="4px"
      borderColor="border.emphasized"
      role="status"
    >
      <Text flex="1">“{trip.name}” is deleted. It can be brought back for 30 days.</Text>
      <Button size="xs" variant="outline" loading={restoring.isPending} onClick={() => restoring.mutate()}>
        Bring it back
      </Button>
      {restoring.isError && <ErrorList title={restoring.error.message} errors={[]} />}
    </Flex>
  );
}

function TripTable({
  label,
  trips,
  onDeleted,
}: {
  label: string;
  trips: readonly TripSummary[];
  onDeleted: (trip: TripSummary) => void;
}) {
  const queries = useQueryClient();
  const [copying, setCopying] = useState<TripSummary | undefined>();
  const fresh = { onSettled: () => queries.invalidateQueries({ queryKey: ['trips'] }) };
  const archive = useMutation({
    mutationFn: (t: TripSummary) => api.archive(t.id, !t.archived),
    ...fresh,
  });
  const remove = useMutation({
    mutationFn: (t: TripSummary) => api.remove(t.id, t.version),
    onSuccess: (_answer, t) => onDeleted(t),
    ...fresh,
  });
  const error = archive.error ?? remove.error;
  return (
    <>
      {error !== null && <ErrorList title={error.message} errors={[]} />}
      <Table.Root size="md" aria-label={label}>
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader>Trip</Table.ColumnHeader>
            <Table.ColumnHeader>Dates</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">Days</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">Members</Table.ColumnHeader>
            <Table.ColumnHeader />
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {trips.map((trip) => (
            <Table.Row key={trip.id} bg="transparent" _hover={{ bg: 'bg.panel' }}>
              <Table.Cell>
                <Link asChild fontWeight="600" textDecoration="underline" textUnderlineOffset="3px">
                  <RouterLink to={`/trips/${trip.id}`}>{trip.name}</RouterLink>
                </Link>
                {trip.owner !== undefined && (
                  <Text fontSize="xs" color="fg.muted">
                    {trip.owner}’s trip; {ROLE_WORDS[trip.role].label}
                  </Text>
                )}
              </Table.Cell>
              <Table.Cell>{tripDates(trip.startDate, trip.days)}</Table.Cell>
              <Table.Cell textAlign="end">{trip.days}</Table.Cell>
              <Table.Cell textAlign="end">{trip.members}</Table.Cell>
              <Table.Cell textAlign="end">
                <HStack justify="end" gap="1">
                  <Button
                    size="xs"
                    variant="ghost"
                    aria-label={`Copy ${trip.name}`}
                    title="Same party, new dates"
                    onClick={() => setCopying(trip)}
                  >
                    Copy
                  </Button>
                  <Button asChild size="xs" variant="ghost">
                    <a href={api.exportUrl(trip.id)} download>
                      Export
                    </a>
                  </Button>
                  {trip.role === 'owner' && (
                    <>
                      <Button
                        size="xs"
                        variant="ghost"
                        aria-label={`${trip.archived ? 'Take back' : 'Archive'} ${trip.name}`}
                        onClick={() => archive.mutate(trip)}
                      >
                        {trip.archived ? 'Take back' : 'Archive'}
                      </Button>
                      <Button
                        size="xs"
                        variant="ghost"
                        aria-label={`Delete ${trip.name}`}
                        onClick={() => remove.mutate(trip)}
                      >
                        Delete
                      </Button>
                    </>
                  )}
                </HStack>
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
      <CopyTrip key={copying?.id} trip={copying} onClose={() => setCopying(undefined)} />
    </>
  );
}

function ImportButton() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const importing = useMutation({
    mutationFn: async (file: File) => ({ file: file.name, ...(await api.importFile(await file.text())) }),
    onSuccess: async ({ id }) => {
      await queries.invalidateQueries({ queryKey: ['trips'] });
      await navigate(`/trips/${id}`);
    },
  });
  const problem = importing.error;
  return (
    <>
      <FileButton
        size="sm"
        variant="outline"
        loading={importing.isPending}
        loadingText="Reading …"
        label="Trip file"
        accept=".json,application/json"
        onFile={(file) => importing.mutate(file)}
      >
        Import a trip file
      </FileButton>
      {problem !== null && (
        <Box w="100%">
          <ErrorList
            title={`${importing.variables?.name ?? 'The file'} was not imported: ${problem.message}`}
            errors={problem instanceof ApiProblem ? problem.errors : []}
          />
        </Box>
      )}
    </>
  );
}

function NewTrip() {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [startDate, setStartDate] = useState(today);
  const [style, setStyle] = useState<TripStyle>('camp');
  const [days, setDays] = useState(String(TEMPLATES.camp.days));
  const creating = useMutation({
    mutationFn: api.create,
    onSuccess: ({ id }) => navigate(`/trips/${id}`),
  });
  const errors = creating.error instanceof ApiProblem ? creating.error.errors : [];
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
    creating.mutate({ name: name.trim(), startDate, days: Number(days), style, timeZone });
  };
  return (
    <Box as="form" onSubmit={submit} bg="bg.panel" borderWidth="1px" p="4" mb="6">
      <Flex gap="4" align="start" wrap="wrap">
        <TripNameField value={name} onChange={setName} error={errorAt(errors, 'name')} />
        <FirstDayField value={startDate} onChange={setStartDate} error={errorAt(errors, 'startDate')} />
        <Field.Root w="13rem">
          <Field.Label>Starts from</Field.Label>
          <NativeSelect.Root size="sm">
            <NativeSelect.Field
              value={style}
              onChange={(e) => {
                const chosen = TRIP_STYLES.find((s) => s === e.target.value) ?? 'camp';
                setStyle(chosen);
                setDays(String(TEMPLATES[chosen].days));
              }}
            >
              {TRIP_STYLES.map((s) => (
                <option key={s} value={s}>
                  {TEMPLATES[s].name}
                </option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
          <Field.HelperText>{TEMPLATES[style].about}</Field.HelperText>
        </Field.Root>
        <Field.Root invalid={errorAt(errors, 'days') !== undefined} w="6rem">
          <Field.Label>Days</Field.Label>
          <Input
            size="sm"
            type="number"
            min={1}
            max={60}
            value={days}
            onChange={(e) => setDays(e.target.value)}
          />
          <Field.ErrorText>{errorAt(errors, 'days')}</Field.ErrorText>
        </Field.Root>
        <Button type="submit" size="sm" mt="6" loading={creating.isPending}>
          Start the trip
        </Button>
      </Flex>
      {creating.isError && errors.length === 0 && <ErrorList title={creating.error.message} errors={[]} />}
    </Box>
  );
}

function CopyTrip({ trip, onClose }: { trip: TripSummary | undefined; onClose: () => void }) {
  const navigate = useNavigate();
  const [name, setName] = useState(trip?.name ?? '');
  const [startDate, setStartDate] = useState(trip?.startDate ?? '');
  const copying = useMutation({
    mutationFn: (id: string) => api.duplicate(id, { name: name.trim(), startDate }),
    onSuccess: ({ id }) => navigate(`/trips/${id}`),
  });
  const errors = copying.error instanceof ApiProblem ? copying.error.errors : [];
  return (
    <PlainDialog title="Same party, new dates" open={trip !== undefined} onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (trip !== undefined) copying.mutate(trip.id);
        }}
      >
        <Text mb="4">
          Way, people, packs, kit, share and stows are copied. The forecast, conditions, wet mornings and
          notes belong to the old dates and stay there.
        </Text>
        <Flex gap="4" align="start">
          <TripNameField value={name} onChange={setName} error={errorAt(errors, 'name')} />
          <FirstDayField value={startDate} onChange={setStartDate} error={errorAt(errors, 'startDate')} />
        </Flex>
        {copying.isError && errors.length === 0 && <ErrorList title={copying.error.message} errors={[]} />}
        <HStack justify="end" mt="5">
          <Button variant="outline" size="sm" onClick={onClose}>
            Leave it
          </Button>
          <Button size="sm" type="submit" loading={copying.isPending}>
            Make the copy
          </Button>
        </HStack>
      </form>
    </PlainDialog>
  );
}

function errorAt(errors: readonly FieldError[], path: string): string | undefined {
  const error = errors.find((e) => e.path === path);
  return error === undefined ? undefined : typeInstead(error.message);
}

interface EntryProps {
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error: string | undefined;
}
function TripNameField({ value, onChange, error }: EntryProps) {
  return (
    <Field.Root invalid={error !== undefined} w="18rem">
      <Field.Label>Name</Field.Label>
      <Input size="sm" value={value} autoFocus onChange={(e) => onChange(e.target.value)} />
      <Field.ErrorText>{error}</Field.ErrorText>
    </Field.Root>
  );
}
function FirstDayField({ value, onChange, error }: EntryProps) {
  return (
    <Field.Root invalid={error !== undefined} w="10rem">
      <Field.Label>First day</Field.Label>
      <Input size="sm" type="date" value={value} onChange={(e) => onChange(e.target.value)} />
      <Field.ErrorText>{error}</Field.ErrorText>
    </Field.Root>
  );
}
