import { useMutation } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { TEMPLATES, TRIP_STYLES, type TripStyle } from '@graft/core/trip';
import { api, ApiProblem } from '../shared/api';
import { today } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { Box, Button, Field, Flex, Input, NativeSelect } from '../theme/chakra';
import { errorAt, FirstDayField, TripNameField } from './tripFields';

/** A trip by its name, first day and style. */
export default function NewTrip() {
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
