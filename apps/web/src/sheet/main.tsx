import '@fontsource-variable/archivo';
import '@fontsource-variable/bricolage-grotesque';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { randomId } from '../shared/randomId';
import { SheetApp } from './SheetApp';
import { SheetSession } from './sheetSession';

/** How often to look for a network that was not there, and how much rarer for what is new. */
const BEAT_MS = 5000;
const CALM_BEATS = 6;

// The token stands behind the hash: browsers send that to nobody.
const token = window.location.hash.slice(1);
const session =
  token === ''
    ? undefined
    : new SheetSession(token, {
        storage: window.localStorage,
        fetch: (path, init) => fetch(path, init),
        now: () => new Date(),
        newId: randomId,
      });

if (session !== undefined) {
  const sync = (): void => void session.sync();
  sync();
  window.addEventListener('online', sync);
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') sync();
  });
  // Another tab of the same sheet.
  window.addEventListener('storage', session.reread);
  // Browsers do not always say that the network is back.
  let beat = 0;
  window.setInterval(() => {
    beat += 1;
    const { link, pending } = session.current();
    if (link === 'unreachable' || pending.length > 0 || beat % CALM_BEATS === 0) sync();
  }, BEAT_MS);
}
// Another link opened in the same tab is another sheet.
window.addEventListener('hashchange', () => {
  if (window.location.hash.length > 20) window.location.reload();
});
if ('serviceWorker' in navigator)
  navigator.serviceWorker
    .register('/s/sw.js', { scope: '/s/' })
    // Where earlier versions kept the page.
    .then(() => caches.delete('graft-sheet'))
    .catch(() => {
      // Where browsers allow none (plain http, private windows) the sheet works as long as there is a network.
      document.documentElement.dataset['offline'] = 'none';
    });

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <SheetApp session={session} />
  </StrictMode>,
);
