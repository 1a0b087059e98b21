/** A figure that answers "why?" on hover and on keyboard focus. One tooltip serves the whole page: tables hold thousands. */
import {
  createContext,
  lazy,
  Suspense,
  useCallback,
  useContext,
  useId,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { useInUnits } from './useInUnits';
import type { Shown } from './WhyTooltip';

interface WhyHost {
  readonly show: (shown: Shown) => void;
  readonly hide: () => void;
}
const WhyContext = createContext<WhyHost | undefined>(undefined);

/** Loaded when the first reason is asked for. */
const WhyTooltip = lazy(() => import('./WhyTooltip'));

const OPEN_DELAY_MS = 150;
/** Long enough to move the pointer onto the answer, which then stays. */
const CLOSE_DELAY_MS = 120;

export function WhyProvider({ children }: { children: ReactNode }) {
  const id = useId();
  const [shown, setShown] = useState<Shown | undefined>();
  const [asked, setAsked] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const after = useCallback(
    (ms: number, next: Shown | undefined): void => {
      clearTimeout(timer.current);
      timer.current = setTimeout(() => {
        setShown((old) => {
          old?.anchor.removeAttribute('aria-describedby');
          next?.anchor.setAttribute('aria-describedby', id);
          return next;
        });
        if (next !== undefined) setAsked(true);
      }, ms);
    },
    [id],
  );
  const host = useMemo<WhyHost>(
    () => ({
      show: (next) => after(OPEN_DELAY_MS, next),
      hide: () => after(CLOSE_DELAY_MS, undefined),
    }),
    [after],
  );
  return (
    <WhyContext value={host}>
      {children}
      {asked && (
        <Suspense fallback={null}>
          <WhyTooltip
            id={id}
            shown={shown}
            onClose={() => after(0, undefined)}
            onEnter={() => clearTimeout(timer.current)}
            onLeave={host.hide}
          />
        </Suspense>
      )}
    </WhyContext>
  );
}

export function Why({ reason, children }: { reason: ReactNode; children: ReactNode }) {
  const host = useContext(WhyContext);
  if (host === undefined) throw new Error('Why is used outside of its provider');
  const inUnits = useInUnits();
  const show = ({ currentTarget }: { currentTarget: HTMLElement }): void =>
    host.show({ anchor: currentTarget, reason: typeof reason === 'string' ? inUnits(reason) : reason });
  return (
    <span
      className="why"
      tabIndex={0}
      onPointerEnter={show}
      onPointerLeave={host.hide}
      onFocus={show}
      onBlur={host.hide}
      onKeyDown={(e) => e.key === 'Escape' && host.hide()}
    >
      {children}
    </span>
  );
}
