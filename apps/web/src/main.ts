import '@fontsource-variable/archivo';
import '@fontsource-variable/bricolage-grotesque';
import './theme/theme.css';
import { loadAhead } from './app/stations';
import { showFirstGround } from './shared/ground';

showFirstGround();
// Both are on their way at once: the program, and what of it the address asks for.
loadAhead(window.location);
void import('./start');

// Where the device has the fonts, text is set once, not once more when they come.
if ('serviceWorker' in navigator && navigator.serviceWorker.controller !== null)
  for (const family of ['Archivo Variable', 'Bricolage Grotesque Variable'])
    document.fonts.load(`1em '${family}'`).catch(() => undefined);
