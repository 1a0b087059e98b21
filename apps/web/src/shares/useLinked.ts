import { useCallback, useRef, type FocusEvent, type PointerEvent, type RefObject } from 'react';

const LIT = 'data-lit';

interface Linked {
  readonly ref: RefObject<HTMLDivElement | null>;
  readonly onPointerOver: (e: PointerEvent) => void;
  readonly onPointerLeave: () => void;
  readonly onFocus: (e: FocusEvent) => void;
  readonly onBlur: () => void;
}

/**
 * What is pointed at, or has the focus, stands out with its name and with the other pieces of its kit. Marks are set on
 * the page itself: a board of hundreds of pieces is not drawn anew for them.
 */
export function useLinked(): Linked {
  const ref = useRef<HTMLDivElement>(null);
  const clear = useCallback((): void => {
    for (const each of ref.current?.querySelectorAll(`[${LIT}]`) ?? []) each.removeAttribute(LIT);
  }, []);
  const light = useCallback(
    (target: EventTarget): void => {
      clear();
      const at = target instanceof Element ? target.closest<HTMLElement>('[data-of-piece]') : null;
      if (at === null) return;
      const { ofPiece, ofKit } = at.dataset;
      for (const each of ref.current?.querySelectorAll<HTMLElement>('[data-of-piece]') ?? []) {
        if (each.dataset['ofPiece'] === ofPiece) each.setAttribute(LIT, 'it');
        else if (ofKit !== undefined && each.dataset['ofKit'] === ofKit) each.setAttribute(LIT, 'kit');
      }
    },
    [clear],
  );
  return {
    ref,
    onPointerOver: (e) => light(e.target),
    onPointerLeave: clear,
    onFocus: (e) => light(e.target),
    onBlur: clear,
  };
}
