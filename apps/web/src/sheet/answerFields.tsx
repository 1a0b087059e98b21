import { useState } from 'react';
import { SAID_RANGES, type MarkValue } from '@graft/core/sheet';
import { parseQuantity, unitShown, type Quantity } from '@graft/core/units';
import { useSheetView } from '../shared/sheet/sheetView';
import { typeInstead } from '../shared/typeInstead';

/** Text that is told when it is left. */
export function TextField({
  label,
  value,
  onSay,
}: {
  label: string;
  value: MarkValue | undefined;
  onSay: (text: string) => void;
}) {
  const told = typeof value === 'string' ? value : '';
  const [text, setText] = useState<string>();
  return (
    <label className="field">
      {label}
      <input
        value={text ?? told}
        maxLength={300}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => {
          if (text !== undefined && text.trim() !== told) onSay(text.trim());
          setText(undefined);
        }}
      />
    </label>
  );
}

/** A quantity that is told when it is left; what cannot be read stays, with what is understood. */
function QuantityField({
  label,
  hint,
  field,
  quantity,
  bare,
  show,
  value,
  onSay,
}: {
  label: string;
  hint: string;
  field: keyof typeof SAID_RANGES;
  quantity: Quantity;
  bare: string;
  show: (value: number) => string;
  value: MarkValue | undefined;
  onSay: (value: number) => void;
}) {
  const told = typeof value === 'number' ? show(value) : '';
  const [text, setText] = useState<string>();
  const [error, setError] = useState<string>();
  const [least, most] = SAID_RANGES[field];
  const leave = (): void => {
    if (text === undefined || text.trim() === '' || text === told) return setText(undefined);
    const parsed = parseQuantity(text, quantity, bare);
    if (!parsed.ok) setError(parsed.error);
    else if (parsed.value < least || parsed.value > most)
      setError(`expected ${show(least)} to ${show(most)}, got ${text}`);
    else {
      onSay(Math.round(parsed.value * 100) / 100);
      setText(undefined);
      setError(undefined);
    }
  };
  return (
    <label className="field">
      {label}
      <input
        value={text ?? told}
        placeholder={hint}
        inputMode="text"
        aria-invalid={error !== undefined}
        onChange={(e) => {
          setText(e.target.value);
          setError(undefined);
        }}
        onBlur={leave}
      />
      {error !== undefined && (
        <span role="alert" className="over">
          {typeInstead(error)}
        </span>
      )}
    </label>
  );
}

type SaidQuantity = Pick<Parameters<typeof QuantityField>[0], 'label' | 'hint' | 'field' | 'value' | 'onSay'>;

/** A mass in any unit. */
export function MassField(of: SaidQuantity) {
  const { mass, units } = useSheetView();
  return <QuantityField {...of} quantity="mass" bare={units} show={mass} />;
}

/** A stature in any unit, kept in whole cm. */
export function StatureField(of: SaidQuantity) {
  const { say, units } = useSheetView();
  return (
    <QuantityField
      {...of}
      quantity="length"
      bare={unitShown('length', units).bare}
      show={(v) => say(`${v} cm`)}
      onSay={(v) => of.onSay(Math.round(v))}
    />
  );
}

/** Packs by their look and litres, all drawn to one scale. */
export function PackChoice({
  sizes,
  value,
  onChoose,
}: {
  sizes: readonly number[];
  value: MarkValue | undefined;
  onChoose: (litres: number) => void;
}) {
  const { say, units } = useSheetView();
  return (
    <fieldset className="packs">
      <legend>Your pack, about</legend>
      {sizes.map((litres) => {
        // A pack's height goes with the cube root of what it holds.
        const h = 10.5 * Math.cbrt(litres);
        return (
          <label key={litres}>
            <input
              type="radio"
              name="pack"
              className="hidden"
              checked={value === litres}
              onChange={() => onChoose(litres)}
            />
            <svg viewBox="0 0 40 52" width="40" height="52" aria-hidden>
              <path
                d={`M${20 - h / 4} 50 v-${h - 8} q0 -6 ${h / 4} -6 q${h / 4} 0 ${h / 4} 6 v${h - 8} z M${20 - h / 6} ${50 - h / 2} h${h / 3} v${h / 3} h-${h / 3} z`}
                fill="none"
                stroke="currentColor"
                strokeWidth="1.6"
              />
            </svg>
            {litres} L{units === 'lb' && `, ${say(`${litres} L`)}`}
          </label>
        );
      })}
    </fieldset>
  );
}
