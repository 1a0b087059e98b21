import type { EmergencyNumber, SafetyThing } from '@graft/core/sheet';

/** Whom to call in an emergency, what it asks for, and where each of it is. */
export function SafetyList({
  things,
  numbers,
  me,
}: {
  things: readonly SafetyThing[];
  numbers: readonly EmergencyNumber[];
  me?: string;
}) {
  return (
    <ul className="sheet-list plain">
      {numbers.map(({ name, relation, phone }) => (
        <li key={`${name} ${phone}`} className="sheet-line">
          <span className="grow">
            <b>{name}</b> <span className="muted">({relation})</span>:{' '}
            <a href={`tel:${phone.replace(/[^+\d]/g, '')}`}>{phone}</a>
          </span>
        </li>
      ))}
      {things.map(({ name, everybody, at }) => (
        <li key={name} className="sheet-line">
          <span className="grow">
            <b>{name}</b>: {everybody && `everybody has one${at.length > 0 ? '; ' : ''}`}
            {at.map(({ who, place }, i) => (
              <span key={who}>
                {i > 0 && '; '}
                {who === me ? 'you' : who}, <span className="muted">{place}</span>
              </span>
            ))}
          </span>
        </li>
      ))}
    </ul>
  );
}
