/** Fields that a new trip and a copy of one have in common. */
import type { FieldError } from '@graft/core/schema';
import { typeInstead } from '../shared/typeInstead';
import { Field, Input } from '../theme/chakra';

export function errorAt(errors: readonly FieldError[], path: string): string | undefined {
  const error = errors.find((e) => e.path === path);
  return error === undefined ? undefined : typeInstead(error.message);
}

interface EntryProps {
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error: string | undefined;
}
export function TripNameField({ value, onChange, error }: EntryProps) {
  return (
    <Field.Root invalid={error !== undefined} w="18rem">
      <Field.Label>Name</Field.Label>
      <Input size="sm" value={value} autoFocus onChange={(e) => onChange(e.target.value)} />
      <Field.ErrorText>{error}</Field.ErrorText>
    </Field.Root>
  );
}
export function FirstDayField({ value, onChange, error }: EntryProps) {
  return (
    <Field.Root invalid={error !== undefined} w="10rem">
      <Field.Label>First day</Field.Label>
      <Input size="sm" type="date" value={value} onChange={(e) => onChange(e.target.value)} />
      <Field.ErrorText>{error}</Field.ErrorText>
    </Field.Root>
  );
}
