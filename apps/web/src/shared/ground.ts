/** Light or dark, and high contrast: of the page as a whole, chosen before anything is drawn on it. */
import { keptPreferences } from './keptUnits';

export const DARK = '(prefers-color-scheme: dark)';

export function showGround(dark: boolean, contrast: boolean): void {
  const { classList, style } = document.documentElement;
  classList.toggle('dark', dark);
  classList.toggle('contrast', contrast);
  style.colorScheme = dark ? 'dark' : 'light';
}

/** As it was chosen here; light or dark is absent where the system decides. */
export function keptGround(): { readonly dark?: boolean; readonly contrast: boolean } {
  const { dark, contrast } = keptPreferences();
  return { contrast: contrast === true, ...(typeof dark === 'boolean' ? { dark } : {}) };
}

/** As it was chosen here, or as the system prefers it. */
export function showFirstGround(): void {
  const { dark, contrast } = keptGround();
  showGround(dark ?? window.matchMedia(DARK).matches, contrast);
}
