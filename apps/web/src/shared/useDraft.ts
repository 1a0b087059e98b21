import { useCallback, useState } from 'react';

/**
 * A text that somebody is writing, kept by this tab until it is taken: closing what it is written in, by Escape or by a
 * reload, loses nothing.
 *
 * @param given what it begins with in place of what was kept, unless that is empty
 */
export function useDraft(name: string, given = ''): readonly [text: string, write: (text: string) => void] {
  const key = `graft.draft.${name}`;
  const [text, setText] = useState(() => (given === '' ? (sessionStorage.getItem(key) ?? '') : given));
  const write = useCallback(
    (next: string) => {
      setText(next);
      if (next === '') sessionStorage.removeItem(key);
      else sessionStorage.setItem(key, next);
    },
    [key],
  );
  return [text, write];
}
