import { useState, type CSSProperties } from 'react';
import { daysOver, isMarked, toldDay, type MemberSheet, type SheetThing } from '@graft/core/sheet';
import { BODY_PLACES, COMFORT_CHOICES, type BodyPlace } from '@graft/core/trip';
import { formatPercent, formatWay } from '@graft/core/units';
import { dayDate, tripDates } from '../dates';
import { BODY_WORDS, counted, DAY_ROLE_WORDS, MEAL_WORDS } from '../words';
import { paperSizePt } from './paperSize';
import { SafetyList } from './SafetyList';
import { Packing } from './SheetPacking';
import { SheetPicture } from './SheetPicture';
import { Mass, Tick } from './SheetTick';
import './sheet.css';
import { useSheetView } from './sheetView';
import type { Marks, Ticking } from './ticking';
import { useNow } from './useNow';

interface Props {
  readonly sheet: MemberSheet;
  /** Absent on paper. */
  readonly ticking: Ticking | undefined;
  /** What comes after the pack on a screen. */
  readonly children?: React.ReactNode;
}

/** What one member needs to know of the plan: on a phone one section under another, on paper one side of A4. */
export function SheetBody({ sheet, ticking, children }: Props) {
  const [chosenIds, setChosenIds] = useState<readonly string[]>([]);
  const { drawing, things } = sheet;
  const { mass, say, limitsHidden } = useSheetView();
  const ratio = sheet.loadKg / sheet.limitKg;
  return (
    <div className="sheet" lang="en" style={{ '--paper-size': `${paperSizePt(sheet)}pt` } as CSSProperties}>
      <div className="sheet-head">
        <p className="sheet-trip">
          {sheet.tripName} · {tripDates(sheet.startDate, sheet.days.length)}
        </p>
        <h1>{sheet.name}</h1>
        <p className="sheet-load">
          <strong>{mass(sheet.loadKg)}</strong> on your back at the start, water and pack included
        </p>
        {limitsHidden ? (
          <p className={ratio > 1 ? 'over' : 'muted'}>
            {ratio > 1 ? '▲ above your limit' : 'within your limit'}
          </p>
        ) : (
          <p className={ratio > 1 ? 'over' : 'muted'}>
            {ratio > 1 && '▲ '}
            {formatPercent(ratio, 0)} of your limit of {mass(sheet.limitKg)}
            {sheet.heaviest.day !== 1 &&
              `; most on day ${sheet.heaviest.day}: ${mass(sheet.heaviest.loadKg)}, ${formatPercent(sheet.heaviest.ratio, 0)}`}
          </p>
        )}
        {!limitsHidden && <p className="muted paper-less">{say(sheet.limitReason)}</p>}
        <p className="muted">
          {[
            sheet.packName,
            ...(sheet.buddy === undefined ? [] : [`buddy ${sheet.buddy}`]),
            ...(sheet.tent === undefined ? [] : [groupText(sheet.tent)]),
            ...(sheet.cook === undefined ? [] : [groupText(sheet.cook)]),
          ].join(' · ')}
        </p>
      </div>
      <Collect things={things} ticking={ticking} />
      <section id="pack" aria-labelledby="pack-head">
        <h2 id="pack-head">Your pack</h2>
        {drawing === undefined ? (
          <p className="muted">Your leader has not planned where things go in this pack yet.</p>
        ) : (
          <div className="sheet-pictures">
            <SheetPicture
              view={drawing.side}
              things={things}
              chosenIds={chosenIds}
              onChoose={setChosenIds}
              title="Side"
              note="your back at left"
            />
            <SheetPicture
              view={drawing.behind}
              things={things}
              chosenIds={chosenIds}
              onChoose={setChosenIds}
              title="Behind"
              note="your left at left"
            />
          </div>
        )}
        {drawing !== undefined && ticking !== undefined && (
          <p className="muted" data-screen-only>
            Tap a line to see where it goes; tick it when it is in.
          </p>
        )}
        <Packing sheet={sheet} ticking={ticking} chosenIds={chosenIds} onChoose={setChosenIds} />
      </section>
      {children}
      <section id="who" aria-labelledby="who-head">
        <h2 id="who-head">Who has the rest</h2>
        {sheet.others.length === 0 && <p className="muted">Nobody else carries group kit at the start.</p>}
        <dl className="sheet-who">
          {sheet.others.map(({ who, pieces }) => (
            <div key={who}>
              <dt>{who}</dt>
              <dd>{pieces.join(', ')}</dd>
            </div>
          ))}
        </dl>
      </section>
      <Safety sheet={sheet} ticking={ticking} />
      <Days sheet={sheet} ticking={ticking} />
    </div>
  );
}

function groupText(group: { readonly name: string; readonly with: readonly string[] }): string {
  return group.with.length === 0 ? group.name : `${group.name} with ${group.with.join(', ')}`;
}

/** What comes from somebody else, and whether it has come. */
function Collect({ things, ticking }: { things: readonly SheetThing[]; ticking: Ticking | undefined }) {
  const due = things.filter((t) => t.from !== undefined);
  if (due.length === 0) return null;
  return (
    <section id="collect" aria-labelledby="collect-head">
      <h2 id="collect-head">Get from others</h2>
      <ul className="sheet-list">
        {due.map((t) => (
          <Tick
            key={t.id}
            ticking={ticking}
            kind="received"
            thingIds={[t.id]}
            label={`I have ${t.name} from ${t.from!}`}
          >
            <span className="grow">
              {t.name}{' '}
              <span className="muted">
                from {t.from}
                {t.kit === undefined ? '' : ` · ${t.kit}`}
                {t.fromDay === undefined ? '' : ` · on day ${t.fromDay}`}
              </span>
            </span>
            <Mass things={[t]} />
          </Tick>
        ))}
      </ul>
    </section>
  );
}

function Safety({ sheet, ticking }: { sheet: MemberSheet; ticking: Ticking | undefined }) {
  const { say } = useSheetView();
  return (
    <section id="safety" aria-labelledby="safety-head">
      <h2 id="safety-head">In an emergency</h2>
      {sheet.safety.length === 0 ? (
        <p className="over">▲ Nobody carries first aid, a beacon or a map: ask your leader.</p>
      ) : (
        <SafetyList things={sheet.safety} numbers={sheet.numbers ?? []} me={sheet.name} />
      )}
      {ticking !== undefined && (
        <label className="wide-tick">
          <input
            type="checkbox"
            checked={isMarked(ticking.marks, { kind: 'safety' })}
            onChange={(e) => ticking.tick('safety', e.target.checked)}
          />{' '}
          I know where these are
        </label>
      )}
      <h3>Take care</h3>
      <ul className="bullets">
        {sheet.cautions.map((c) => (
          <li key={c}>{say(c)}</li>
        ))}
      </ul>
    </section>
  );
}

function Days({ sheet, ticking }: { sheet: MemberSheet; ticking: Ticking | undefined }) {
  const over = daysOver(sheet, useNow());
  const { mass, say, limitsHidden } = useSheetView();
  return (
    <section id="days" aria-labelledby="days-head">
      <h2 id="days-head">Day by day</h2>
      {sheet.days.map((d) => {
        const meals = d.meals.map((m) => `${MEAL_WORDS[m.kind]}: ${m.dish}`);
        const handed = sheet.handovers.filter((h) => h.day === d.day);
        return (
          <div key={d.day} className="sheet-day">
            <p>
              <b>
                {d.day}. {dayDate(sheet.startDate, d.day)}
              </b>{' '}
              {d.leg}
              {!d.isThere && ' (you are not with the party on this day)'}
            </p>
            {d.isThere && (
              <p className="muted">
                {say(formatWay(d))} · set off with {say(`${d.waterL.toFixed(1)} L water`)}
                {d.fillAt !== undefined && `, full at ${d.fillAt}`} · {mass(d.loadKg)}
                {!limitsHidden && `, ${formatPercent(d.ratio, 0)} of your limit`}
                {d.roles.length > 0 && (
                  <>
                    {' '}
                    · <b>you are {d.roles.map((r) => DAY_ROLE_WORDS[r].toLowerCase()).join(' and ')}</b>
                  </>
                )}
              </p>
            )}
            {handed.map((h, i) => (
              <p key={i}>
                {h.gives
                  ? `Give ${h.name} to ${h.other ?? 'nobody: it leaves the trip'}`
                  : `Take ${h.name}${h.other === undefined ? '' : ` from ${h.other}`}`}
                , {mass(h.massKg)}
              </p>
            ))}
            {d.isThere && meals.length > 0 && <p className="muted">{meals.join(' · ')}</p>}
            {d.evening !== undefined && d.evening.length > 0 && (
              <p className="muted">In the evening: {d.evening.join('; ')}</p>
            )}
            {d.isThere && ticking !== undefined && d.day <= over && <Felt day={d.day} ticking={ticking} />}
          </div>
        );
      })}
    </section>
  );
}

/** How the pack felt on a day, for the leader: a mark, and where it hurts. */
function Felt({ day, ticking }: { day: number; ticking: Ticking }) {
  const told = toldDay(ticking.marks, day);
  const toggle = (place: BodyPlace): void => {
    const hurts = told?.hurts ?? [];
    const next = hurts.includes(place) ? hurts.filter((p) => p !== place) : [...hurts, place];
    ticking.feel('hurts', next.join(' '), day);
  };
  return (
    <div className="sheet-felt">
      <label>
        How your pack felt{' '}
        <select
          value={told === undefined ? '' : String(Math.round(told.comfort))}
          aria-label={`How your pack felt on day ${day}, 1 never again to 10 forgot I carried it`}
          onChange={(e) => e.target.value !== '' && ticking.feel('comfort', Number(e.target.value), day)}
        >
          <option value="">–</option>
          {COMFORT_CHOICES.map((n) => (
            <option key={n} value={n}>
              {n}
              {n === 10 ? ', forgot I carried it' : n === 1 ? ', never again' : ''}
            </option>
          ))}
        </select>
      </label>
      {told !== undefined && (
        <fieldset>
          <legend>Where it hurts</legend>
          {BODY_PLACES.map((place) => (
            <label key={place}>
              <input type="checkbox" checked={told.hurts.includes(place)} onChange={() => toggle(place)} />{' '}
              {BODY_WORDS[place]}
            </label>
          ))}
        </fieldset>
      )}
    </div>
  );
}

/** "12 of 31 packed": what a member has ticked of what is theirs. */
export function packedText(sheet: MemberSheet, marks: Marks): string {
  const done = sheet.things.filter((t) => isMarked(marks, { kind: 'packed', thingId: t.id })).length;
  return `${done} of ${counted(sheet.things.length, 'thing')} packed`;
}
