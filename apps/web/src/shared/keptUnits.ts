/** The units in which this browser's reader sees things: kept beside the other preferences, for both programs. */
import type { MassUnit } from '@graft/core/units';

export const PREFERENCES_KEY = 'graft.preferences';

/** What is kept; an empty object where nothing is, or where somebody else wrote under our key. */
export function keptPreferences(): Record<string, unknown> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(PREFERENCES_KEY) ?? '{}');
    return typeof kept === 'object' && kept !== null ? (kept as Record<string, unknown>) : {};
  } catch {
    return {};
  }
}

export const keptUnits = (): MassUnit => (keptPreferences()['massUnit'] === 'lb' ? 'lb' : 'kg');

export function keepUnits(massUnit: MassUnit): void {
  localStorage.setItem(PREFERENCES_KEY, JSON.stringify({ ...keptPreferences(), massUnit }));
}
