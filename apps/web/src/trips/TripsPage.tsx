import {
  Box,
  Button,
  Dialog,
  Field,
  Flex,
  Heading,
  HStack,
  Input,
  Link,
  Portal,
  Table,
  Text,
} from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState, type FormEvent } from 'react';
import { Link as RouterLink, useNavigate } from 'react-router';
import type { TripSummary } from '@graft/core';
import { api, ApiProblem } from '../shared/api';
import { tripDates } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';

/** All trips: open one, start one, import one. */
export function TripsPage() {
  const trips = useQuery({ queryKey: ['trips'], queryFn: api.trips });
  const [starting, setStarting] = useState(false);
  const [leaving, setLeaving] = useState<TripSummary | undefined>();
  return (
    <Box maxW="60rem" mx="auto" px="6" py="8">
      <Flex align="baseline" gap="4" mb="6">
        <Heading as="h1" fontFamily="heading" fontSize="2xl">
          Graft
        </Heading>
        <Text color="fg.muted">
          Shares a party’s kit by carry limits and plans what rides where in each pack.
        </Text>
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
      {trips.data?.length === 0 && (
        <Text py="6">
          Start a trip with its name and dates, or import a trip file: its members come next.
        </Text>
      )}
      {trips.data !== undefined && trips.data.length > 0 && (
        <Table.Root size="md" aria-label="Trips">
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
            {trips.data.map((trip) => (
              <Table.Row key={trip.id} bg="transparent" _hover={{ bg: 'bg.panel' }}>
                <Table.Cell>
                  <Link asChild fontWeight="600" textDecoration="underline" textUnderlineOffset="3px">
                    <RouterLink to={`/trips/${trip.id}`}>{trip.name}</RouterLink>
                  </Link>
                </Table.Cell>
                <Table.Cell>{tripDates(trip.startDate, trip.days)}</Table.Cell>
                <Table.Cell textAlign="end">{trip.days}</Table.Cell>
                <Table.Cell textAlign="end">{trip.members}</Table.Cell>
                <Table.Cell textAlign="end">
                  <HStack justify="end" gap="1">
                    <Button asChild size="xs" variant="ghost">
                      <a href={api.exportUrl(trip.id)} download>
                        Export
                      </a>
                    </Button>
                    <Button
                      size="xs"
                      variant="ghost"
                      onClick={() => setLeaving(trip)}
                      aria-label={`Delete ${trip.name}`}
                    >
                      Delete
                    </Button>
                  </HStack>
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      )}
      <Text mt="10" fontSize="xs" color="fg.muted" maxW="46rem">
        Graft shows planning estimates, never medical advice. A qualified leader decides on the ground. Pain,
        numb hands or tingling arms: stop and refit. Body weights are private: they can be hidden on screen.
      </Text>
      <DeleteTrip trip={leaving} onClose={() => setLeaving(undefined)} />
    </Box>
  );
}

function ImportButton() {
  const input = useRef<HTMLInputElement>(null);
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
      <Button
        size="sm"
        variant="outline"
        loading={importing.isPending}
        loadingText="Reading …"
        onClick={() => input.current?.click()}
      >
        Import a trip file
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept=".json,application/json"
        aria-label="Trip file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          // Cleared, so that the same file can be chosen again after it was mended.
          event.target.value = '';
          if (file !== undefined) importing.mutate(file);
        }}
      />
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
  const [startDate, setStartDate] = useState(() => new Date().toISOString().slice(0, 10));
  const [days, setDays] = useState('3');
  const creating = useMutation({
    mutationFn: api.create,
    onSuccess: ({ id }) => navigate(`/trips/${id}/people`),
  });
  const errors = creating.error instanceof ApiProblem ? creating.error.errors : [];
  const errorOf = (path: string): string | undefined => errors.find((e) => e.path === path)?.message;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    creating.mutate({ name: name.trim(), startDate, days: Number(days) });
  };
  return (
    <Box as="form" onSubmit={submit} bg="bg.panel" borderWidth="1px" p="4" mb="6">
      <Flex gap="4" align="start" wrap="wrap">
        <Field.Root invalid={errorOf('name') !== undefined} w="20rem">
          <Field.Label>Name</Field.Label>
          <Input size="sm" value={name} autoFocus onChange={(e) => setName(e.target.value)} />
          <Field.ErrorText>{errorOf('name')}</Field.ErrorText>
        </Field.Root>
        <Field.Root invalid={errorOf('startDate') !== undefined} w="11rem">
          <Field.Label>First day</Field.Label>
          <Input size="sm" type="date" value={startDate} onChange={(e) => setStartDate(e.target.value)} />
          <Field.ErrorText>{errorOf('startDate')}</Field.ErrorText>
        </Field.Root>
        <Field.Root invalid={errorOf('days') !== undefined} w="7rem">
          <Field.Label>Days</Field.Label>
          <Input
            size="sm"
            type="number"
            min={1}
            max={60}
            value={days}
            onChange={(e) => setDays(e.target.value)}
          />
          <Field.ErrorText>{errorOf('days')}</Field.ErrorText>
        </Field.Root>
        <Button type="submit" size="sm" mt="6" loading={creating.isPending}>
          Start the trip
        </Button>
      </Flex>
      {creating.isError && errors.length === 0 && <ErrorList title={creating.error.message} errors={[]} />}
    </Box>
  );
}

function DeleteTrip({ trip, onClose }: { trip: TripSummary | undefined; onClose: () => void }) {
  const queries = useQueryClient();
  const removing = useMutation({
    mutationFn: (t: TripSummary) => api.remove(t.id, t.version),
    onSuccess: onClose,
    onSettled: () => queries.invalidateQueries({ queryKey: ['trips'] }),
  });
  return (
    <Dialog.Root open={trip !== undefined} onOpenChange={(e) => !e.open && onClose()} role="alertdialog">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="bg.panel" color="fg">
            <Dialog.Header>
              <Dialog.Title>Delete “{trip?.name}”?</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              The trip goes with its members, kit, share and stows. Export it first if you may want it back.
              {removing.isError && <ErrorList title={removing.error.message} errors={[]} />}
            </Dialog.Body>
            <Dialog.Footer>
              <Button variant="outline" size="sm" onClick={onClose}>
                Keep it
              </Button>
              <Button
                size="sm"
                loading={removing.isPending}
                onClick={() => trip !== undefined && removing.mutate(trip)}
              >
                Delete the trip
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
