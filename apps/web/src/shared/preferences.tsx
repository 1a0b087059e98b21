import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { MassUnit } from '@graft/core/units';
import { keptPreferences, keptUnits, PREFERENCES_KEY } from './keptUnits';

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

const PreferencesContext = createContext<Preferences | undefined>(undefined);

export function usePreferences(): Preferences {
  const preferences = useContext(PreferencesContext);
  if (preferences === undefined) throw new Error('usePreferences is used outside of its provider');
  return preferences;
}

function read(): Stored {
  const { hideWeights, dark } = keptPreferences();
  return {
    massUnit: keptUnits(),
    hideWeights: hideWeights === true,
    dark: typeof dark === 'boolean' ? dark : window.matchMedia('(prefers-color-scheme: dark)').matches,
  };
}

/** How this browser shows things: units, hidden body weights, light or dark. */
export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [stored, setStored] = useState(read);
  useEffect(() => {
    localStorage.setItem(PREFERENCES_KEY, JSON.stringify(stored));
    document.documentElement.classList.toggle('dark', stored.dark);
    document.documentElement.style.colorScheme = stored.dark ? 'dark' : 'light';
  }, [stored]);
  const value = useMemo<Preferences>(
    () => ({ ...stored, set: (change) => setStored((old) => ({ ...old, ...change })) }),
    [stored],
  );
  return <PreferencesContext value={value}>{children}</PreferencesContext>;
}
