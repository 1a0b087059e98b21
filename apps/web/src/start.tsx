/** The program itself; what is seen of the page before it is there comes with `main.ts`. */
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app/App';
import { registerServiceWorker } from './device/serviceWorker';
import { allThere } from './shared/there';

registerServiceWorker();

void allThere().then(() =>
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <App />
    </StrictMode>,
  ),
);
