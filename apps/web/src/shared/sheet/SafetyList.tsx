import type { SafetyThing } from '@graft/core';

/** What an emergency asks for, and where each of it is. */
export function SafetyList({ things, me }: { things: readonly SafetyThing[]; me?: string }) {
  return (
    <ul className="sheet-list plain">
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
