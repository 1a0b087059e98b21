/** A bare quantity in a table: taken on Enter or on leaving, in any unit; a wrong entry stays and says why. */
import { useState } from 'react';
import { parseQuantity, type Quantity } from '@graft/core/units';

interface Props {
  /** Said by screen readers. */
  readonly label: string;
  readonly value: number | undefined;
  readonly quantity: Quantity;
  /** The unit of a bare number, and of what is shown. */
  readonly unit: string;
  /** The value in that unit, as shown. */
  readonly show: (value: number) => string;
  readonly low: number;
  readonly high: number;
  readonly readOnly: boolean;
  /** Undefined when the field was emptied. */
  readonly onTake: (value: number | undefined) => void;
}

export function QuantityInput(props: Props) {
  const { label, value, quantity, unit, show, low, high, readOnly, onTake } = props;
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
    const parsed = parseQuantity(text, quantity, unit.toLowerCase());
    const error = !parsed.ok
      ? parsed.error
      : parsed.value < low || parsed.value > high
        ? `expected ${show(low)} to ${show(high)} ${unit}, got "${text}"`
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
          {draft.error}
        </span>
      )}
    </span>
  );
}
