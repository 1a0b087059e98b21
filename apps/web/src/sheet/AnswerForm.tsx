import { useState, type ReactNode } from 'react';
import {
  answersOf,
  BODY_BANDS,
  OFFER_KINDS,
  SAID_RANGES,
  type Answers,
  type MarkKind,
  type MarkValue,
  type OfferKind,
  type SaidField,
  type SheetAsk,
  type SheetMark,
} from '@graft/core/sheet';
import { formatMass, parseQuantity, type Quantity } from '@graft/core/units';

type Tell = (kind: MarkKind, value: MarkValue, about?: string) => void;
interface Props {
  readonly ask: SheetAsk;
  readonly marks: readonly SheetMark[];
  readonly tell: Tell;
  readonly newId: () => string;
}

/** What a member says of themselves before the trip; every answer is kept at once, with or without a network. */
export function AnswerForm({ ask, marks, tell, newId }: Props) {
  const answers = answersOf(marks);
  const { said, isDone } = answers;
  const say = (field: SaidField, value: MarkValue): void => tell('said', value, field);
  const mayEnd = !ask.isMinor || typeof said.guardian === 'string';
  return (
    <section id="answer" aria-labelledby="answer-head" data-screen-only>
      <h2 id="answer-head">About you, before the trip</h2>
      <p className="muted">
        Only your leader reads this. Leave out what you like; change it until you leave. It is kept on this
        phone and told as soon as there is a network.
      </p>
      {ask.isMinor && (
        <>
          <p>
            <b>For somebody under 18 a parent or guardian fills this in</b> and agrees that the leader keeps
            it for this trip.
          </p>
          <TextField
            label="Your name, as the guardian"
            value={said.guardian}
            onSay={(v) => say('guardian', v)}
          />
        </>
      )}
      <QuantityField
        label="Body weight"
        hint="62 kg, 137 lb or 9 st 10"
        field="body"
        quantity="mass"
        bare="kg"
        show={(v) => formatMass(v)}
        value={said.body}
        onSay={(v) => say('body', v)}
      />
      {said.body === undefined && (
        <label className="field">
          or about, kg
          <select value={String(said.band ?? '')} onChange={(e) => say('band', e.target.value)}>
            <option value="">not said</option>
            {BODY_BANDS.map((band) => (
              <option key={band}>{band}</option>
            ))}
          </select>
        </label>
      )}
      <QuantityField
        label="Stature"
        hint="172 cm or 5 ft 8"
        field="stature"
        quantity="length"
        bare="cm"
        show={(v) => `${v} cm`}
        value={said.stature}
        onSay={(v) => say('stature', Math.round(v))}
      />
      <PackChoice sizes={ask.packsL} value={said.pack} onChoose={(l) => say('pack', l)} />
      <OwnThings ask={ask} answers={answers} tell={tell} newId={newId} say={say} />
      <Offers answers={answers} tell={tell} newId={newId} />
      <TextField label="What you cannot eat" value={said.eats} onSay={(v) => say('eats', v)} />
      <TextField label="Medicines you carry" value={said.medicines} onSay={(v) => say('medicines', v)} />
      <QuantityField
        label="The most you can carry, all together"
        hint="14 kg"
        field="cap"
        quantity="mass"
        bare="kg"
        show={(v) => formatMass(v)}
        value={said.cap}
        onSay={(v) => say('cap', v)}
      />
      <TextField label="Why, if there is a reason" value={said.capWhy} onSay={(v) => say('capWhy', v)} />
      <label className="field">
        Shares a tent with
        <select value={String(said.tentWith ?? '')} onChange={(e) => say('tentWith', e.target.value)}>
          <option value="">whoever it is</option>
          {ask.others.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {answers.disputed > 0 && <p className="conflict">▲ Another device says otherwise: say it once more.</p>}
      <button type="button" disabled={!mayEnd} aria-pressed={isDone} onClick={() => say('done', !isDone)}>
        {isDone ? '✓ That is all; change it' : 'That is all'}
      </button>
      {!mayEnd && <p className="muted">The guardian’s name comes first.</p>}
    </section>
  );
}

/** Text that is told when it is left. */
function TextField({
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
          {error}
        </span>
      )}
    </label>
  );
}

/** Packs by their look and litres, all drawn to one scale. */
function PackChoice({
  sizes,
  value,
  onChoose,
}: {
  sizes: readonly number[];
  value: MarkValue | undefined;
  onChoose: (litres: number) => void;
}) {
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
            {litres} L
          </label>
        );
      })}
    </fieldset>
  );
}

/** Own things: one figure, or what of the usual list comes along, each with its own weight where it is known. */
function OwnThings({
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
  const usual = new Set(ask.own.map((o) => o.id));
  const more = [...answers.own].filter(([id]) => !usual.has(id));
  return (
    <fieldset>
      <legend>What you bring for yourself</legend>
      <QuantityField
        label="All of it together, without pack, food and water"
        hint="6.5 kg"
        field="ownKg"
        quantity="mass"
        bare="kg"
        show={(v) => formatMass(v)}
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
                {kg === undefined ? '' : `, ${formatMass(kg)}`}
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
  const [text, setText] = useState<string>();
  return (
    <input
      className="weight"
      aria-label={`Weight of ${name}`}
      placeholder={`≈ ${formatMass(usualKg)}`}
      value={text ?? (kg === undefined ? '' : formatMass(kg))}
      onChange={(e) => setText(e.target.value)}
      onBlur={() => {
        const parsed = parseQuantity(text ?? '', 'mass', 'g');
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
function Offers({ answers, tell, newId }: { answers: Answers; tell: Tell; newId: () => string }) {
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
              {offer.kg === undefined ? '' : `, ${formatMass(offer.kg)}`}
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
}): ReactNode {
  const [name, setName] = useState('');
  const [weight, setWeight] = useState('');
  const [error, setError] = useState<string>();
  const add = (): void => {
    const called = name.trim() || usual;
    const parsed = weight.trim() === '' ? undefined : parseQuantity(weight, 'mass', 'kg');
    if (called === '') return setError('Say what it is.');
    if (parsed?.ok === false) return setError(parsed.error);
    if (parsed !== undefined && parsed.value > 60) return setError('expected at most 60 kg');
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
        placeholder="1.9 kg"
        value={weight}
        onChange={(e) => setWeight(e.target.value)}
      />
      <button type="button" className="small" onClick={add}>
        Add
      </button>
      {error !== undefined && (
        <span role="alert" className="over">
          {error}
        </span>
      )}
    </div>
  );
}
