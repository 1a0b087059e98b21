import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { MassUnit } from '@graft/core/units';

interface Preferences {
  readonly massUnit: MassUnit;
  readonly hideWeights: boolean;
  readonly dark: boolean;
  readonly set: (change: Partial<{ massUnit: MassUnit; hideWeights: boolean; dark: boolean }>) => void;
}
interface Stored {
  readonly massUnit: MassUnit;
  readonly hideWeights: boolean;
  readonly dark: boolean;
}

const KEY = 'graft.preferences';
const PreferencesContext = createContext<Preferences | undefined>(undefined);

export function usePreferences(): Preferences {
  const preferences = useContext(PreferencesContext);
  if (preferences === undefined) throw new Error('usePreferences is used outside of its provider');
  return preferences;
}

function read(): Stored {
  const fallback: Stored = {
    massUnit: 'kg',
    hideWeights: false,
    dark: window.matchMedia('(prefers-color-scheme: dark)').matches,
  };
  const text = localStorage.getItem(KEY);
  if (text === null) return fallback;
  try {
    const stored = JSON.parse(text) as Partial<Stored>;
    return {
      massUnit: stored.massUnit === 'lb' ? 'lb' : 'kg',
      hideWeights: stored.hideWeights === true,
      dark: typeof stored.dark === 'boolean' ? stored.dark : fallback.dark,
    };
  } catch {
    // Somebody else wrote under our key; the defaults are as good as any.
    return fallback;
  }
}

/** How this browser shows things: units, hidden body weights, light or dark. */
export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [stored, setStored] = useState(read);
  useEffect(() => {
    localStorage.setItem(KEY, JSON.stringify(stored));
    document.documentElement.classList.toggle('dark', stored.dark);
    document.documentElement.style.colorScheme = stored.dark ? 'dark' : 'light';
  }, [stored]);
  const value = useMemo<Preferences>(
    () => ({ ...stored, set: (change) => setStored((old) => ({ ...old, ...change })) }),
    [stored],
  );
  return <PreferencesContext value={value}>{children}</PreferencesContext>;
}
