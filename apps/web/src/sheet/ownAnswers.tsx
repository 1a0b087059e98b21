import { useState } from 'react';
import {
  OFFER_KINDS,
  type Answers,
  type MarkKind,
  type MarkValue,
  type OfferKind,
  type SaidField,
  type SheetAsk,
} from '@graft/core/sheet';
import { parseQuantity, unitShown } from '@graft/core/units';
import { MassField } from './answerFields';
import { useSheetView } from '../shared/sheet/sheetView';
import { typeInstead } from '../shared/typeInstead';

export type Tell = (kind: MarkKind, value: MarkValue, about?: string) => void;

/** Own things: one figure, or what of the usual list comes along, each with its own weight where it is known. */
export function OwnThings({
  ask,
  answers,
  tell,
  newId,
  say,
}: {
  ask: SheetAsk;
  answers: Answers;
  tell: Tell;
  newId: () => string;
  say: (field: SaidField, value: MarkValue) => void;
}) {
  const { mass } = useSheetView();
  const usual = new Set(ask.own.map((o) => o.id));
  const more = [...answers.own].filter(([id]) => !usual.has(id));
  return (
    <fieldset>
      <legend>What you bring for yourself</legend>
      <MassField
        label="All of it together, without pack, food and water"
        hint={mass(6.5)}
        field="ownKg"
        value={answers.said.ownKg}
        onSay={(v) => say('ownKg', v)}
      />
      <details>
        <summary>or tick it, thing by thing</summary>
        <ul className="plain">
          {ask.own.map(({ id, name, kg }) => {
            const mine = answers.own.get(id);
            return (
              <li key={id} className="answer-line">
                <label>
                  <input
                    type="checkbox"
                    checked={mine !== undefined}
                    onChange={() => tell('own', mine === undefined ? JSON.stringify({ name }) : '', id)}
                  />{' '}
                  {name}
                </label>
                {mine !== undefined && (
                  <OwnWeight
                    name={name}
                    usualKg={kg}
                    kg={mine.kg}
                    onSay={(own) => tell('own', JSON.stringify({ name, kg: own }), id)}
                  />
                )}
              </li>
            );
          })}
          {more.map(([id, { name, kg }]) => (
            <li key={id} className="answer-line">
              <span>
                {name}
                {kg === undefined ? '' : `, ${mass(kg)}`}
              </span>
              <button type="button" className="small" onClick={() => tell('own', '', id)}>
                Take it back
              </button>
            </li>
          ))}
        </ul>
        <Adding label="Something else" onAdd={(thing) => tell('own', JSON.stringify(thing), newId())} />
      </details>
    </fieldset>
  );
}

function OwnWeight({
  name,
  usualKg,
  kg,
  onSay,
}: {
  name: string;
  usualKg: number;
  kg: number | undefined;
  onSay: (kg: number) => void;
}) {
  const { mass, units } = useSheetView();
  const [text, setText] = useState<string>();
  return (
    <input
      className="weight"
      aria-label={`Weight of ${name}`}
      placeholder={`≈ ${mass(usualKg)}`}
      value={text ?? (kg === undefined ? '' : mass(kg))}
      onChange={(e) => setText(e.target.value)}
      onBlur={() => {
        const parsed = parseQuantity(text ?? '', 'mass', unitShown('smallMass', units).bare);
        if (parsed.ok && parsed.value <= 60) onSay(parsed.value);
        setText(undefined);
      }}
    />
  );
}

const OFFER_WORDS: Readonly<Record<OfferKind, string>> = {
  tent: 'a tent',
  stove: 'a stove',
  pot: 'a pot',
  filter: 'a water filter',
  firstAid: 'a group first-aid kit',
  other: 'something else',
};

/** Shared kit that a member owns and would lend to the party. */
export function Offers({ answers, tell, newId }: { answers: Answers; tell: Tell; newId: () => string }) {
  const { mass } = useSheetView();
  const [what, setWhat] = useState<OfferKind>('tent');
  const [sleeps, setSleeps] = useState('2');
  return (
    <fieldset>
      <legend>What you have that the party could use</legend>
      <ul className="plain">
        {[...answers.offers].map(([id, offer]) => (
          <li key={id} className="answer-line">
            <span>
              {offer.name}
              {offer.sleeps === undefined ? '' : `, sleeps ${offer.sleeps}`}
              {offer.kg === undefined ? '' : `, ${mass(offer.kg)}`}
            </span>
            <button type="button" className="small" onClick={() => tell('offer', '', id)}>
              Take it back
            </button>
          </li>
        ))}
      </ul>
      <label className="field">
        Kind
        <select
          value={what}
          onChange={(e) => setWhat(OFFER_KINDS.find((k) => k === e.target.value) ?? 'other')}
        >
          {OFFER_KINDS.map((k) => (
            <option key={k} value={k}>
              {OFFER_WORDS[k]}
            </option>
          ))}
        </select>
      </label>
      {what === 'tent' && (
        <label className="field">
          How many it sleeps
          <input value={sleeps} inputMode="numeric" onChange={(e) => setSleeps(e.target.value)} />
        </label>
      )}
      <Adding
        label="Its name"
        usual={OFFER_WORDS[what].replace(/^an? /, '')}
        onAdd={(thing) => {
          const places = Number(sleeps);
          const isTent = what === 'tent' && Number.isInteger(places) && places >= 1 && places <= 12;
          tell('offer', JSON.stringify({ ...thing, what, ...(isTent ? { sleeps: places } : {}) }), newId());
        }}
      />
    </fieldset>
  );
}

/** A name and, where it is known, a weight. */
function Adding({
  label,
  usual = '',
  onAdd,
}: {
  label: string;
  usual?: string;
  onAdd: (thing: { readonly name: string; readonly kg?: number }) => void;
}) {
  const { mass, units } = useSheetView();
  const [name, setName] = useState('');
  const [weight, setWeight] = useState('');
  const [error, setError] = useState<string>();
  const add = (): void => {
    const called = name.trim() || usual;
    const parsed = weight.trim() === '' ? undefined : parseQuantity(weight, 'mass', units);
    if (called === '') return setError('Say what it is.');
    if (parsed?.ok === false) return setError(parsed.error);
    if (parsed !== undefined && parsed.value > 60) return setError(`expected at most ${mass(60)}`);
    onAdd({ name: called.slice(0, 80), ...(parsed === undefined ? {} : { kg: parsed.value }) });
    setName('');
    setWeight('');
    setError(undefined);
  };
  return (
    <div className="adding">
      <input
        aria-label={label}
        placeholder={usual || label}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <input
        className="weight"
        aria-label={`${label}: weight`}
        placeholder={mass(1.9)}
        value={weight}
        onChange={(e) => setWeight(e.target.value)}
      />
      <button type="button" className="small" onClick={add}>
        Add
      </button>
      {error !== undefined && (
        <span role="alert" className="over">
          {typeInstead(error)}
        </span>
      )}
    </div>
  );
}
