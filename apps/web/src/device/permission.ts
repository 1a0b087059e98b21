/** Whether health notes and the incident log may stay on this device: only when the leader says so. */
const KEY = 'graft.device';

export const keepsNotes = (): boolean => localStorage.getItem(KEY) === 'notes';

export function setKeepsNotes(keeps: boolean): void {
  if (keeps) localStorage.setItem(KEY, 'notes');
  else localStorage.removeItem(KEY);
}
