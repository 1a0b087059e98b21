import { useId, useState } from 'react';
import { markKey, type MarkKind, type MarkValue, type MemberSheet } from '@graft/core/sheet';
import { THING_RANGES } from '@graft/core/trip';
import { parseQuantity } from '@graft/core/units';
import type { Marks } from '../shared/sheet/ticking';
import { useSheetView } from '../shared/sheet/sheetView';
import { typeInstead } from '../shared/typeInstead';

interface Props {
  readonly sheet: MemberSheet;
  readonly marks: Marks;
  readonly tell: (kind: MarkKind, value: MarkValue, thingId?: string) => void;
}
type Report = 'weight' | 'problem' | 'veto';

const ABOUT: Readonly<Record<Report, string>> = {
  weight: 'I weighed it',
  problem: 'Something is wrong',
  veto: 'I will not carry it',
};
const ALL = '';

/** What a member has to say: a measured weight, a problem, or that they will not carry something. */
export function TellLeader({ sheet, marks, tell }: Props) {
  const { units, mass, say } = useSheetView();
  const [kind, setKind] = useState<Report>('weight');
  const [thingId, setThingId] = useState(ALL);
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const ids = { thing: useId(), text: useId(), error: useId() };
  const about = thingId === ALL ? undefined : thingId;

  const send = (): void => {
    if (kind === 'weight') {
      const parsed = parseQuantity(text, 'mass', units);
      const [least, most] = THING_RANGES.massKg;
      if (about === undefined) setError('Choose what you have weighed.');
      else if (!parsed.ok) setError(say(`Weight: ${parsed.error}`));
      else if (parsed.value < least || parsed.value > most)
        setError(`Weight: expected ${mass(least)} to ${mass(most)}, got ${mass(parsed.value)}`);
      else done(parsed.value);
    } else if (text.trim() === '') setError('Say in a few words what it is.');
    else if (kind === 'veto' && about === undefined) setError('Choose what you will not carry.');
    else done(text.trim());
  };
  const done = (value: MarkValue): void => {
    tell(kind, value, about);
    setText('');
    setError(undefined);
  };

  return (
    <section id="tell" aria-labelledby="tell-head" data-screen-only>
      <h2 id="tell-head">Tell your leader</h2>
      <form
        className="sheet-form"
        onSubmit={(e) => {
          e.preventDefault();
          send();
        }}
      >
        <fieldset>
          <legend className="hidden">What it is</legend>
          {(Object.keys(ABOUT) as Report[]).map((k) => (
            <label key={k} className="choice">
              <input
                type="radio"
                name="report"
                checked={kind === k}
                onChange={() => {
                  setKind(k);
                  setError(undefined);
                }}
              />{' '}
              {ABOUT[k]}
            </label>
          ))}
        </fieldset>
        <label htmlFor={ids.thing}>What</label>
        <select id={ids.thing} value={thingId} onChange={(e) => setThingId(e.target.value)}>
          <option value={ALL}>{kind === 'problem' ? 'the whole load' : 'choose …'}</option>
          {sheet.things.map((t) => (
            <option key={t.id} value={t.id}>
              {t.name}
            </option>
          ))}
        </select>
        <label htmlFor={ids.text}>
          {kind === 'weight'
            ? units === 'lb'
              ? 'Weight, such as 2 lb 12 or 30 oz'
              : 'Weight, such as 1.25 kg or 850 g'
            : 'In your words'}
        </label>
        <input
          id={ids.text}
          value={text}
          maxLength={500}
          inputMode={kind === 'weight' ? 'decimal' : 'text'}
          aria-invalid={error !== undefined}
          aria-describedby={error === undefined ? undefined : ids.error}
          onChange={(e) => setText(e.target.value)}
        />
        {error !== undefined && (
          <p id={ids.error} role="alert" className="over">
            {typeInstead(error)}
          </p>
        )}
        <button type="submit">Tell</button>
      </form>
      <Told sheet={sheet} marks={marks} tell={tell} />
    </section>
  );
}

/** What was told, what the leader says to it, and a way to take it back. */
function Told({ sheet, marks, tell }: Props) {
  const { mass } = useSheetView();
  const valueText = (value: MarkValue): string =>
    typeof value === 'number' ? mass(value) : `“${String(value)}”`;
  const names = new Map(sheet.things.map((t) => [t.id, t.name]));
  const reports = [...marks.values()].filter(({ mark }) => mark.kind in ABOUT && mark.value !== '');
  if (reports.length === 0) return null;
  return (
    <ul className="sheet-list plain" aria-label="What you told">
      {reports.map(({ mark, others }) => {
        const kind = mark.kind as Report;
        const answer = marks.get(markKey({ kind: 'answer', thingId: mark.thingId }))?.mark.value;
        return (
          <li key={markKey(mark)} className="sheet-line">
            <span className="line-text">
              <span className="grow">
                {ABOUT[kind]}:{' '}
                {mark.thingId === undefined ? '' : `${names.get(mark.thingId) ?? 'no longer yours'}, `}
                {valueText(mark.value)}
                {others.length > 0 && (
                  <span className="conflict">
                    ▲ another device says {others.map((o) => valueText(o.value)).join(' and ')}: tell it once
                    more
                  </span>
                )}
                {typeof answer === 'string' && answer !== '' && kind !== 'weight' && (
                  <span className="answer">Leader: {answer}</span>
                )}
              </span>
              {kind !== 'weight' && (
                <button type="button" className="small" onClick={() => tell(kind, '', mark.thingId)}>
                  Settled
                </button>
              )}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
