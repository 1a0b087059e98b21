import { useState } from 'react';

/**
 * A value as it was before something was taken in hand: what is drawn by it keeps its place while it is moved.
 *
 * @param value the same as before where it has not changed
 */
export function useAtRest<T>(value: T, isInHand: boolean): T {
  const [kept, setKept] = useState(value);
  if (!isInHand && kept !== value) setKept(value);
  return isInHand ? kept : value;
}
