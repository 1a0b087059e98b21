import { useEffect, useState } from 'react';

/** Not later than this, ms. */
const AT_MOST = 400;

/** False until what is read first has been drawn and the browser has time. */
export function useLate(): boolean {
  const [isLate, setLate] = useState(false);
  useEffect(() => {
    const go = (): void => setLate(true);
    if (typeof requestIdleCallback === 'undefined') {
      const timer = setTimeout(go);
      return () => clearTimeout(timer);
    }
    const asked = requestIdleCallback(go, { timeout: AT_MOST });
    return () => cancelIdleCallback(asked);
  }, []);
  return isLate;
}
