import { Box, Input, Text } from '../theme/chakra';
import { useState } from 'react';
import { useReadOnly } from './tripContext';
import { typeInstead } from './typeInstead';

interface Props {
  readonly name: string;
  readonly label: string;
  readonly check: (name: string) => string | undefined;
  readonly onName: (name: string) => void;
  readonly w?: string;
}

/** A name that is edited where it stands; a refused one stays in the field with the reason. */
export function InlineName({ name, label, check, onName, w = '18rem' }: Props) {
  const readOnly = useReadOnly();
  const [draft, setDraft] = useState<{ text: string; error: string | undefined } | undefined>();
  if (readOnly) return <Text fontWeight="600">{name}</Text>;
  if (draft === undefined) {
    return (
      <Box
        as="button"
        fontWeight="600"
        cursor="text"
        textAlign="start"
        title="Rename"
        onClick={() => setDraft({ text: name, error: undefined })}
      >
        {name}
      </Box>
    );
  }
  const finish = (): void => {
    const text = draft.text.trim();
    const error = text === name ? undefined : check(text);
    if (error !== undefined) {
      setDraft({ text: draft.text, error });
      return;
    }
    if (text !== name) onName(text);
    setDraft(undefined);
  };
  return (
    <Box>
      <Input
        size="xs"
        w={w}
        autoFocus
        value={draft.text}
        aria-label={label}
        aria-invalid={draft.error !== undefined}
        onChange={(e) => setDraft({ text: e.target.value, error: undefined })}
        onBlur={finish}
        onKeyDown={(e) => {
          if (e.key === 'Enter') finish();
          if (e.key === 'Escape') setDraft(undefined);
        }}
      />
      {draft.error !== undefined && (
        <Text role="alert" fontSize="xs" color="overload.fg">
          {typeInstead(draft.error)}
        </Text>
      )}
    </Box>
  );
}
