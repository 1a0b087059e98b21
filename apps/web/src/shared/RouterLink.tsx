import type { ComponentProps, MouseEvent } from 'react';
import { useHref, useLinkClickHandler, useLocation, useResolvedPath, type To } from 'react-router';

interface RouterLinkProps extends Omit<ComponentProps<'a'>, 'href'> {
  readonly to: To;
  readonly state?: unknown;
}

/**
 * A link to a page of Graft. The router's own link brings with it what loads routes ahead, which is not used here and
 * which every start would pay for.
 */
export function RouterLink({ to, state, onClick, target, ...rest }: RouterLinkProps) {
  const href = useHref(to);
  const follow = useLinkClickHandler<HTMLAnchorElement>(to, { state, target });
  const click = (event: MouseEvent<HTMLAnchorElement>): void => {
    onClick?.(event);
    if (!event.defaultPrevented) follow(event);
  };
  return <a {...rest} href={href} target={target} onClick={click} />;
}

/** Whether a page, or one within it, is the one that is open. @param to its address, from here */
export function useIsOpen(to: To): boolean {
  const { pathname } = useResolvedPath(to);
  const open = useLocation().pathname;
  return open === pathname || open.startsWith(`${pathname}/`);
}
