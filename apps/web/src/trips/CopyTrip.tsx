import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { TripSummary } from '@graft/core/api';
import { api, ApiProblem } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { PlainDialog } from '../shared/PlainDialog';
import { Button, Flex, HStack, Text } from '../theme/chakra';
import { errorAt, FirstDayField, TripNameField } from './tripFields';

/** A trip once more: the same party, new dates. */
export default function CopyTrip({ trip, onClose }: { trip: TripSummary | undefined; onClose: () => void }) {
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
