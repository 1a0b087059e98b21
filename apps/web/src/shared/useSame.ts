import { useState } from 'react';
import { sameContent } from '@graft/core/trip';

/** Gives the earlier value back while the new one holds the same. What depends on it by identity is then not made anew. */
export function useSame<T>(value: T): T {
  const [kept, keep] = useState(value);
  if (kept === value || sameContent(kept, value)) return kept;
  keep(value);
  return value;
}
