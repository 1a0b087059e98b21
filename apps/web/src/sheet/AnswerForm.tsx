import {
  answersOf,
  BODY_BANDS,
  type MarkValue,
  type SaidField,
  type SheetAsk,
  type SheetMark,
} from '@graft/core/sheet';
import { MassField, PackChoice, StatureField, TextField } from './answerFields';
import { Offers, OwnThings, type Tell } from './ownAnswers';
import { useSheetView } from '../shared/sheet/sheetView';

interface Props {
  readonly ask: SheetAsk;
  readonly marks: readonly SheetMark[];
  readonly tell: Tell;
  readonly newId: () => string;
}

/** What a member says of themselves before the trip; every answer is kept at once, with or without a network. */
export function AnswerForm({ ask, marks, tell, newId }: Props) {
  const { units, mass, say: inUnits } = useSheetView();
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
      <MassField
        label="Body weight"
        hint={units === 'lb' ? '137 lb, 62 kg or 9 st 10' : '62 kg, 137 lb or 9 st 10'}
        field="body"
        value={said.body}
        onSay={(v) => say('body', v)}
      />
      {said.body === undefined && (
        <label className="field">
          or about
          <select value={String(said.band ?? '')} onChange={(e) => say('band', e.target.value)}>
            <option value="">not said</option>
            {BODY_BANDS.map((band) => (
              <option key={band} value={band}>
                {inUnits(`${band} kg`)}
              </option>
            ))}
          </select>
        </label>
      )}
      <StatureField
        label="Stature"
        hint={units === 'lb' ? '5 ft 8 or 172 cm' : '172 cm or 5 ft 8'}
        field="stature"
        value={said.stature}
        onSay={(v) => say('stature', v)}
      />
      <PackChoice sizes={ask.packsL} value={said.pack} onChoose={(l) => say('pack', l)} />
      <OwnThings ask={ask} answers={answers} tell={tell} newId={newId} say={say} />
      <Offers answers={answers} tell={tell} newId={newId} />
      <TextField label="What you cannot eat" value={said.eats} onSay={(v) => say('eats', v)} />
      <TextField label="Medicines you carry" value={said.medicines} onSay={(v) => say('medicines', v)} />
      <label>
        <input
          type="checkbox"
          checked={said.medicinesForAll === true}
          onChange={(e) => say('medicinesForAll', e.target.checked)}
        />{' '}
        Everybody on the trip may know of my medicines, for an emergency. Otherwise the leaders alone do.
      </label>
      <MassField
        label="The most you can carry, all together"
        hint={mass(14)}
        field="cap"
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
