import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { MassUnit } from '@graft/core/units';
import { DARK, keptGround, showGround } from './ground';
import { keptPreferences, keptUnits, PREFERENCES_KEY } from './keptUnits';
import { useMedia } from './useMedia';

interface Preferences {
  readonly massUnit: MassUnit;
  readonly hideWeights: boolean;
  readonly dark: boolean;
  /** Black on white, or white on black: for bright sun and weak eyes. */
  readonly contrast: boolean;
  readonly set: (
    change: Partial<{ massUnit: MassUnit; hideWeights: boolean; dark: boolean; contrast: boolean }>,
  ) => void;
}
interface Stored {
  readonly massUnit: MassUnit;
  readonly hideWeights: boolean;
  /** As chosen here; what the system prefers where nothing was. */
  readonly dark?: boolean;
  readonly contrast: boolean;
}

const PreferencesContext = createContext<Preferences | undefined>(undefined);

export function usePreferences(): Preferences {
  const preferences = useContext(PreferencesContext);
  if (preferences === undefined) throw new Error('usePreferences is used outside of its provider');
  return preferences;
}

function read(): Stored {
  return {
    massUnit: keptUnits(),
    hideWeights: keptPreferences()['hideWeights'] === true,
    ...keptGround(),
  };
}

/** How this browser shows things: units, hidden body weights, light or dark. */
export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [stored, setStored] = useState(read);
  const systemIsDark = useMedia(DARK);
  const onPaper = useMedia('print');
  const dark = stored.dark ?? systemIsDark;
  useEffect(() => localStorage.setItem(PREFERENCES_KEY, JSON.stringify(stored)), [stored]);
  const { contrast } = stored;
  useEffect(() => showGround(dark && !onPaper, contrast && !onPaper), [dark, contrast, onPaper]);
  const value = useMemo<Preferences>(
    () => ({ ...stored, dark, set: (change) => setStored((old) => ({ ...old, ...change })) }),
    [stored, dark],
  );
  return <PreferencesContext value={value}>{children}</PreferencesContext>;
}
