import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { dayMark, sheetChanges, standing, type MemberSheet } from '@graft/core/sheet';
import { inUnits, type MassUnit } from '@graft/core/units';
import { keepUnits, keptUnits } from '../shared/keptUnits';
import { SheetViewContext } from '../shared/sheet/sheetView';
import { packedText, SheetBody } from '../shared/sheet/SheetBody';
import { counted } from '../shared/words';
import type { SheetSession, SheetState } from './sheetSession';
import { AnswerForm } from './AnswerForm';
import { TellLeader } from './TellLeader';
import './page.css';

/** A member's own page, as their private link opens it. */
export function SheetApp({ session }: { session: SheetSession | undefined }) {
  if (session === undefined)
    return (
      <Notice title="This is no whole link">
        Open the link that your leader sent you, all of it: what stands behind the # is your key.
      </Notice>
    );
  return <Opened session={session} />;
}

function Opened({ session }: { session: SheetSession }) {
  const state = useSyncExternalStore(session.subscribe, session.current);
  const [units, setUnits] = useState(keptUnits);
  const view = useMemo(() => ({ units, limitsHidden: false }), [units]);
  const { opened, seen, pending, link } = state;
  const allMarks = useMemo(() => [...(opened?.marks ?? []), ...pending], [opened, pending]);
  const marks = useMemo(() => standing(allMarks), [allMarks]);
  const changes = useMemo(
    () => (opened === undefined || seen === undefined ? [] : sheetChanges(seen, opened.sheet)),
    [opened, seen],
  );
  const name = opened?.sheet.name;
  useEffect(() => {
    if (name !== undefined) document.title = `${name} · sheet · Graft`;
  }, [name]);
  if (link === 'gone')
    return (
      <Notice title="This link is void">
        It was withdrawn or replaced, or the trip is over. Ask your leader for a new one.
        {pending.length > 0 && ` ${counted(pending.length, 'tick')} could not be told any more.`}
      </Notice>
    );
  if (opened === undefined)
    return link === 'asking' ? (
      <Notice title="Loading your sheet …" />
    ) : (
      <Notice title="No connection yet">
        Your sheet has not been opened on this device before. It will load as soon as there is a network.
      </Notice>
    );
  const { sheet } = opened;
  const names = sheet.things.map((t) => t.name);
  return (
    <SheetViewContext value={view}>
      <div className="sheet-page">
        <main>
          {changes.length > 0 && (
            <section className="sheet-news" aria-labelledby="news-head" data-screen-only>
              <h2 id="news-head">Changed since you last looked</h2>
              <ul>
                {changes.map((change) => (
                  <li key={change}>{inUnits(change, units, names)}</li>
                ))}
              </ul>
              <button type="button" onClick={session.noteSeen}>
                I have seen it
              </button>
            </section>
          )}
          <SheetBody
            sheet={sheet}
            ticking={{
              marks,
              tick: (kind, value, thingId) => session.tell(kind, value, thingId),
              feel: (kind, value, day) => session.tell(kind, value, dayMark(day)),
            }}
          >
            {sheet.ask !== undefined && (
              <AnswerForm
                ask={sheet.ask}
                marks={allMarks}
                tell={(kind, value, about) => session.tell(kind, value, about)}
                newId={session.newId}
              />
            )}
            <TellLeader
              sheet={sheet}
              marks={marks}
              tell={(kind, value, id) => session.tell(kind, value, id)}
            />
            <Units
              units={units}
              onChoose={(next) => {
                keepUnits(next);
                setUnits(next);
              }}
            />
          </SheetBody>
        </main>
        <Bar sheet={sheet} packed={packedText(sheet, marks)} state={state} />
      </div>
    </SheetViewContext>
  );
}

const UNITS: readonly (readonly [MassUnit, string])[] = [
  ['kg', 'kg, km, °C'],
  ['lb', 'lb, miles, °F'],
];

/** In which units the phone's owner reads; kept on the phone. */
function Units({ units, onChoose }: { units: MassUnit; onChoose: (units: MassUnit) => void }) {
  return (
    <fieldset className="sheet-units" data-screen-only>
      <legend className="hidden">Units</legend>
      {UNITS.map(([id, text]) => (
        <label key={id} className="choice">
          <input type="radio" name="units" checked={units === id} onChange={() => onChoose(id)} /> {text}
        </label>
      ))}
    </fieldset>
  );
}

/** What stays in sight: how far the packing is, whether the leader knows, and the way to each section. */
function Bar({ sheet, packed, state }: { sheet: MemberSheet; packed: string; state: SheetState }) {
  const { pending, link, refused } = state;
  const waiting = pending.length === 0 ? '' : `${counted(pending.length, 'tick')} to tell`;
  const told =
    link === 'unreachable'
      ? `No network${waiting === '' ? '' : `: ${waiting} later`}`
      : waiting === ''
        ? 'Leader is up to date'
        : `Telling the leader: ${waiting}`;
  const sections: readonly (readonly [id: string, name: string])[] = [
    ...(sheet.things.some((t) => t.from !== undefined) ? [['collect', 'Get'] as const] : []),
    ['pack', 'Pack'],
    ...(sheet.ask === undefined ? [] : [['answer', 'You'] as const]),
    ['tell', 'Tell'],
    ['who', 'Who'],
    ['safety', 'Safety'],
    ['days', 'Days'],
  ];
  return (
    <div className="sheet-bar">
      <p role="status">
        <b>{packed}</b> · {told}
        {refused !== undefined && <span className="over"> · ▲ {refused}</span>}
      </p>
      <nav aria-label="Sections">
        {sections.map(([id, name]) => (
          <button key={id} type="button" onClick={() => goTo(id)}>
            {name}
          </button>
        ))}
      </nav>
    </div>
  );
}

/** The address keeps its key: sections are reached without their own hash. */
function goTo(id: string): void {
  const section = document.getElementById(id);
  section?.scrollIntoView();
  const head = section?.querySelector('h2');
  head?.setAttribute('tabindex', '-1');
  head?.focus({ preventScroll: true });
}

function Notice({ title, children }: { title: string; children?: React.ReactNode }) {
  return (
    <div className="sheet-page">
      <main className="sheet-notice">
        <h1>{title}</h1>
        <p role="status">{children}</p>
      </main>
    </div>
  );
}
