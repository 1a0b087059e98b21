import { useState } from 'react';
import { sameContent } from '@graft/core/trip';

/** The value given before, as long as the new one holds the same: what hangs on it is then not made anew. */
export function useSame<T>(value: T): T {
  const [kept, keep] = useState(value);
  if (kept === value || sameContent(kept, value)) return kept;
  keep(value);
  return value;
}
