/** A bare quantity in a table: taken on Enter or on leaving, in any unit; a wrong entry stays and says why. */
import { useState } from 'react';
import type { Shown } from '@graft/core/units';
import { useQuantities } from './useInUnits';
import { typeInstead } from './typeInstead';

interface Props {
  /** Said by screen readers. */
  readonly label: string;
  readonly value: number | undefined;
  /** What it is; shown and read in the reader's unit. */
  readonly quantity: Shown;
  /** Stands before a value that is a guess: "≈ ". */
  readonly mark?: string;
  readonly low: number;
  readonly high: number;
  readonly readOnly: boolean;
  /** Undefined when the field was emptied. */
  readonly onTake: (value: number | undefined) => void;
}

export function QuantityInput(props: Props) {
  const { label, value, quantity, mark = '', low, high, readOnly, onTake } = props;
  const { digits, show: withUnit, read } = useQuantities();
  const show = (shown: number): string => `${mark}${digits(shown, quantity)}`;
  const [draft, setDraft] = useState<{ readonly text: string; readonly error?: string } | undefined>();
  const finish = (): void => {
    if (draft === undefined) return;
    const text = draft.text.trim();
    if (text === (value === undefined ? '' : show(value))) {
      setDraft(undefined);
      return;
    }
    if (text === '') {
      onTake(undefined);
      setDraft(undefined);
      return;
    }
    const parsed = read(text.replace(/^[≈~]\s*/, ''), quantity);
    const error = !parsed.ok
      ? parsed.error
      : parsed.value < low || parsed.value > high
        ? `expected ${digits(low, quantity)} to ${withUnit(high, quantity)}, got "${text}"`
        : undefined;
    if (error !== undefined || !parsed.ok) {
      setDraft({ text: draft.text, error: error ?? '' });
      return;
    }
    onTake(parsed.value);
    setDraft(undefined);
  };
  return (
    <span style={{ position: 'relative', display: 'block' }}>
      <input
        className="cell-editor"
        data-numeric
        inputMode="decimal"
        aria-label={label}
        aria-invalid={draft?.error !== undefined}
        placeholder="–"
        readOnly={readOnly}
        value={draft?.text ?? (value === undefined ? '' : show(value))}
        onChange={(e) => setDraft({ text: e.target.value })}
        onBlur={finish}
        onKeyDown={(e) => {
          if (e.key === 'Enter') finish();
          if (e.key === 'Escape') setDraft(undefined);
        }}
      />
      {draft?.error !== undefined && (
        <span className="cell-error" role="alert">
          {typeInstead(draft.error)}
        </span>
      )}
    </span>
  );
}
