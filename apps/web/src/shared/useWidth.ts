import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** An element's width in pixels as it changes, for drawings that fill it; never less than `least`. */
export function useWidth<E extends HTMLElement>(least: number): readonly [RefObject<E | null>, number] {
  const holder = useRef<E>(null);
  const [width, setWidth] = useState(Math.max(least, 800));
  useLayoutEffect(() => {
    const element = holder.current;
    if (element === null) return undefined;
    const observer = new ResizeObserver(() => setWidth(Math.max(least, element.clientWidth)));
    observer.observe(element);
    return () => observer.disconnect();
  }, [least]);
  return [holder, width];
}
