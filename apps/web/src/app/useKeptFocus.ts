import { useEffect, type RefObject } from 'react';

/**
 * What Tab reaches. But not what answers "why" as soon as it is reached, nor what is typed into: there the keys of the
 * page, such as that for undo, would not do what they do.
 */
const REACHED = 'button:not([disabled]), a[href], [tabindex="0"]:not(.why)';
const TYPED = 'input, select, textarea';

/** An element and where among its siblings it stood, from the inside out. */
type Path = readonly { readonly element: Element; readonly index: number }[];

function pathOf(element: Element, within: Element): Path {
  const path: { element: Element; index: number }[] = [];
  for (let at: Element | null = element; at !== null && at !== within; at = at.parentElement)
    path.push({ element: at, index: [...(at.parentElement?.children ?? [])].indexOf(at) });
  return path;
}

/** What now stands where a removed element stood, or beside it, and can be reached. */
function besides(path: Path, within: Element): HTMLElement | undefined {
  const left = path.findIndex((p) => within.contains(p.element));
  const gone = path[(left < 0 ? path.length : left) - 1];
  const parents = [...(left < 0 ? [] : path.slice(left).map((p) => p.element)), within];
  const { children } = parents[0]!;
  const beside = children[Math.min(gone?.index ?? 0, children.length - 1)];
  if (beside?.matches(REACHED) === true) return beside as HTMLElement;
  for (const about of beside === undefined ? parents : [beside, ...parents]) {
    const reached = about.querySelector<HTMLElement>(REACHED);
    if (reached !== null) return reached;
  }
  return undefined;
}

/**
 * Focus stays where the work is. When what had it goes away, such as a button that gives way to a progress bar or a row
 * that is removed, what comes in its place gets it.
 */
export function useKeptFocus(area: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const within = area.current;
    if (within === null) return undefined;
    let path: Path = [];
    let frame = 0;
    const remember = (event: FocusEvent): void => {
      if (event.target instanceof Element) path = pathOf(event.target, within);
    };
    const look = (): void => {
      const last = path[0]?.element;
      if (last === undefined || document.activeElement !== document.body) return;
      if (within.contains(last) && !last.matches(':disabled')) return;
      besides(path, within)?.focus({ preventScroll: true });
    };
    // Whoever moves the focus on purpose does so first.
    const soon = (): void => {
      if (document.activeElement !== document.body || path.length === 0) return;
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => {
        frame = requestAnimationFrame(look);
      });
    };
    // A click on nothing gives the focus up on purpose.
    const forget = (event: PointerEvent): void => {
      if (event.target instanceof Element && event.target.closest(`${REACHED}, ${TYPED}`) === null) path = [];
    };
    const changes = new MutationObserver(soon);
    changes.observe(within, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['disabled'],
    });
    within.addEventListener('focusin', remember);
    document.addEventListener('pointerdown', forget);
    return () => {
      changes.disconnect();
      cancelAnimationFrame(frame);
      within.removeEventListener('focusin', remember);
      document.removeEventListener('pointerdown', forget);
    };
  }, [area]);
}
