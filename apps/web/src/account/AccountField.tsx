import { Field, Input } from '../theme/chakra';
import { typeInstead } from '../shared/typeInstead';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly type?: 'text' | 'email' | 'password';
  /** What a password manager should fill in or keep. */
  readonly autoComplete: string;
  readonly name?: string;
  readonly w?: string;
  readonly help?: string;
  readonly error?: string | undefined;
}

/** A labelled field of the account's forms. */
export function AccountField({
  label,
  value,
  onChange,
  type = 'text',
  autoComplete,
  name,
  w,
  help,
  error,
}: Props) {
  return (
    <Field.Root invalid={error !== undefined} w={w ?? '100%'}>
      <Field.Label>{label}</Field.Label>
      <Input
        size="sm"
        type={type}
        name={name}
        autoComplete={autoComplete}
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
      {help !== undefined && <Field.HelperText>{help}</Field.HelperText>}
      <Field.ErrorText>{error === undefined ? undefined : typeInstead(error)}</Field.ErrorText>
    </Field.Root>
  );
}
