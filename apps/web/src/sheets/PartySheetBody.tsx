import type { PartySheet } from '@graft/core/sheet';
import { formatPercent } from '@graft/core/units';
import { dayDate, tripDates } from '../shared/dates';
import { DAY_ROLE_WORDS } from '../shared/words';
import { SafetyList } from '../shared/sheet/SafetyList';
import '../shared/sheet/sheet.css';
import { useSheetView } from '../shared/sheet/sheetView';

/** The whole party on one side of A4, for the leader's pocket. */
export function PartySheetBody({ sheet }: { sheet: PartySheet }) {
  const { mass, limitsHidden } = useSheetView();
  const days = [...new Set(sheet.roles.map((r) => r.day))];
  return (
    <div className="sheet party">
      <div className="sheet-head">
        <p className="sheet-trip">
          {sheet.tripName} · {tripDates(sheet.startDate, sheet.days)}
        </p>
        <h1>The whole party</h1>
      </div>
      <section>
        <h2>Who carries what</h2>
        {sheet.unshared.length > 0 && (
          <p className="over">▲ Carried by nobody: {sheet.unshared.join(', ')}</p>
        )}
        <dl className="sheet-who">
          {sheet.rows.map((row) => (
            <div key={row.memberId}>
              <dt>
                {row.name} <span className="mass">{mass(row.loadKg)}</span>{' '}
                <span className={row.ratio > 1 ? 'over' : 'muted'}>
                  {row.ratio > 1 && '▲ '}
                  {[
                    limitsHidden
                      ? `${row.ratio > 1 ? 'above' : 'within'} the limit`
                      : `${formatPercent(row.ratio, 0)} of the limit on day ${row.heaviestDay}`,
                    ...(row.buddy === undefined ? [] : [`buddy ${row.buddy}`]),
                  ].join(' · ')}
                </span>
              </dt>
              <dd>
                {row.pieces.length === 0
                  ? 'no group kit'
                  : row.pieces.map((p) => `${p.name} ${mass(p.massKg)}`).join(', ')}
              </dd>
            </div>
          ))}
        </dl>
      </section>
      <section>
        <h2>In an emergency</h2>
        <SafetyList things={sheet.safety} numbers={sheet.numbers} />
      </section>
      {days.length > 0 && (
        <section>
          <h2>Roles</h2>
          {days.map((day) => (
            <p key={day}>
              <b>
                {day}. {dayDate(sheet.startDate, day)}
              </b>{' '}
              {sheet.roles
                .filter((r) => r.day === day)
                .map((r) => `${DAY_ROLE_WORDS[r.role].toLowerCase()} ${r.who}`)
                .join(' · ')}
            </p>
          ))}
        </section>
      )}
      <p className="muted">Planning estimates. The leader decides on the ground.</p>
    </div>
  );
}
