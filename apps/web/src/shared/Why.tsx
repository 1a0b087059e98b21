/** A figure that answers "why?" on hover and on keyboard focus. One tooltip serves the whole page: tables hold thousands. */
import { Portal, Tooltip } from '../theme/chakra';
import {
  createContext,
  useCallback,
  useContext,
  useId,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { useInUnits } from './useInUnits';

interface Shown {
  readonly anchor: HTMLElement;
  readonly reason: ReactNode;
}
interface WhyHost {
  readonly show: (shown: Shown) => void;
  readonly hide: () => void;
}
const WhyContext = createContext<WhyHost | undefined>(undefined);

const OPEN_DELAY_MS = 150;
/** Long enough to move the pointer onto the answer, which then stays. */
const CLOSE_DELAY_MS = 120;

export function WhyProvider({ children }: { children: ReactNode }) {
  const id = useId();
  const [shown, setShown] = useState<Shown | undefined>();
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
      <Tooltip.Root
        open={shown !== undefined}
        onOpenChange={({ open }) => !open && after(0, undefined)}
        ids={{ content: id }}
        positioning={{
          placement: 'bottom',
          getAnchorRect: () => shown?.anchor.getBoundingClientRect() ?? null,
        }}
      >
        <Portal>
          <Tooltip.Positioner>
            {shown !== undefined && (
              <Tooltip.Content
                maxW="22rem"
                bg="fg"
                color="bg"
                fontSize="xs"
                px="2.5"
                py="1.5"
                borderRadius="l2"
                pointerEvents="auto"
                onPointerEnter={() => clearTimeout(timer.current)}
                onPointerLeave={host.hide}
              >
                {shown.reason}
              </Tooltip.Content>
            )}
          </Tooltip.Positioner>
        </Portal>
      </Tooltip.Root>
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
