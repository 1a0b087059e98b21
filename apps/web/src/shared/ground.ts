/** Light or dark, and high contrast: of the page as a whole, chosen before anything is drawn on it. */
import { keptPreferences } from './keptUnits';

export const DARK = '(prefers-color-scheme: dark)';

export function showGround(dark: boolean, contrast: boolean): void {
  const { classList, style } = document.documentElement;
  classList.toggle('dark', dark);
  classList.toggle('contrast', contrast);
  style.colorScheme = dark ? 'dark' : 'light';
}

/** As it was chosen here, or as the system prefers it. */
export function showFirstGround(): void {
  const { dark, contrast } = keptPreferences();
  showGround(typeof dark === 'boolean' ? dark : window.matchMedia(DARK).matches, contrast === true);
}
