/** A single value with its label, edited where it stands: taken on Enter or on leaving, a wrong entry stays and says why. */
import { Box, Input, NativeSelect, Textarea } from '../theme/chakra';
import { useId, useState, type ReactNode } from 'react';
import type { Entry } from './table/column';
import { useReadOnly } from './tripContext';
import { useInUnits } from './useInUnits';
import { typeInstead } from './typeInstead';

interface Common {
  readonly label: string;
  readonly w?: string;
  readonly help?: ReactNode;
}

function Labelled({
  label,
  w,
  help,
  id,
  error,
  children,
}: Common & { id: string; error?: Entry; children: ReactNode }) {
  const inUnits = useInUnits();
  return (
    <Box w={w ?? '100%'}>
      <Box as="label" display="block" fontSize="xs" color="fg.muted" {...{ htmlFor: id }}>
        {label}
      </Box>
      {children}
      {error !== undefined && (
        <Box role="alert" fontSize="xs" color="overload.fg">
          {inUnits(typeInstead(error))}
        </Box>
      )}
      {help !== undefined && (
        <Box fontSize="xs" color="fg.muted">
          {help}
        </Box>
      )}
    </Box>
  );
}

interface TextProps extends Common {
  readonly value: string;
  /** Take the entry; an error leaves it in the field. */
  readonly take: (text: string) => Entry;
  readonly long?: boolean;
  readonly type?: 'text' | 'date' | 'time';
  readonly list?: readonly string[];
}

export function TextEntry({ value, take, long = false, type = 'text', list, ...common }: TextProps) {
  const id = useId();
  const readOnly = useReadOnly();
  const [draft, setDraft] = useState<{ readonly text: string; readonly error: Entry } | undefined>();
  const finish = (): void => {
    if (draft === undefined) return;
    const error = draft.text === value ? undefined : take(draft.text);
    setDraft(error === undefined ? undefined : { text: draft.text, error });
  };
  const field = {
    id,
    value: draft?.text ?? value,
    readOnly,
    'aria-invalid': draft?.error !== undefined,
    onBlur: finish,
    onChange: (e: { target: { value: string } }) => setDraft({ text: e.target.value, error: undefined }),
  };
  return (
    <Labelled {...common} id={id} error={draft?.error}>
      {long ? (
        <Textarea size="xs" rows={3} {...field} />
      ) : (
        <Input
          size="xs"
          type={type}
          {...field}
          list={list === undefined ? undefined : `${id}-list`}
          onKeyDown={(e) => {
            if (e.key === 'Enter') finish();
            if (e.key === 'Escape') setDraft(undefined);
          }}
        />
      )}
      {list !== undefined && (
        <datalist id={`${id}-list`}>
          {list.map((choice) => (
            <option key={choice} value={choice} />
          ))}
        </datalist>
      )}
    </Labelled>
  );
}

interface ChoiceProps extends Common {
  readonly value: string;
  readonly options: readonly (readonly [value: string, label: string])[];
  readonly onChoose: (value: string) => void;
}

export function ChoiceEntry({ value, options, onChoose, ...common }: ChoiceProps) {
  const id = useId();
  const readOnly = useReadOnly();
  return (
    <Labelled {...common} id={id}>
      <NativeSelect.Root size="xs" disabled={readOnly}>
        <NativeSelect.Field id={id} value={value} onChange={(e) => onChoose(e.target.value)}>
          {options.map(([key, label]) => (
            <option key={key} value={key}>
              {label}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Labelled>
  );
}
