import { useEffect } from 'react';

/** Trips that are open on this page send for themselves. */
const openHere = new Set<string>();

export const isOpenHere = (id: string): boolean => openHere.has(id);

export function useOpenHere(id: string): void {
  useEffect(() => {
    openHere.add(id);
    return () => void openHere.delete(id);
  }, [id]);
}
