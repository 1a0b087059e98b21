import { useCallback, useState } from 'react';

/**
 * A text that somebody is writing, kept by this tab until it is taken: closing what it is written in, by Escape or by a
 * reload, loses nothing.
 */
export function useDraft(name: string): readonly [text: string, write: (text: string) => void] {
  const key = `graft.draft.${name}`;
  const [text, setText] = useState(() => sessionStorage.getItem(key) ?? '');
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
