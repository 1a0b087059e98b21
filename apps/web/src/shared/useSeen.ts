import { useEffect, useRef, useState, type RefObject } from 'react';

/** Whether an element has come into sight yet: what is far down a list is not asked for. */
export function useSeen<E extends Element>(): readonly [RefObject<E | null>, boolean] {
  const element = useRef<E>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (element.current === null || seen) return undefined;
    const observer = new IntersectionObserver((all) => {
      if (all.some((e) => e.isIntersecting)) setSeen(true);
    });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [seen]);
  return [element, seen];
}
