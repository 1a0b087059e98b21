/**
 * The service worker of members' sheets: keeps the page and what it is made of, so that a sheet opens without a network.
 * What members read and tell is kept by the page itself.
 */
interface ExtendableEvent extends Event {
  waitUntil(work: Promise<unknown>): void;
}
interface FetchEvent extends ExtendableEvent {
  readonly request: Request;
  respondWith(answer: Promise<Response>): void;
}
interface WorkerScope {
  readonly clients: { claim(): Promise<void> };
  skipWaiting(): Promise<void>;
  addEventListener(kind: 'install' | 'activate', listener: (event: ExtendableEvent) => void): void;
  addEventListener(kind: 'fetch', listener: (event: FetchEvent) => void): void;
}
const scope = self as unknown as WorkerScope;

const PAGE = '/s/';
const STORE = 'graft-sheet';

/** Files that a page or a style sheet names. */
function named(text: string): readonly string[] {
  return [...new Set([...text.matchAll(/\/assets\/[\w.-]+|\/graft\.svg/g)].map(([path]) => path))];
}

/** Fetch the page and all it names; it takes the place of an older one only when all is there. */
async function keepPage(): Promise<void> {
  const answer = await fetch(PAGE, { cache: 'no-cache' });
  if (!answer.ok) throw new Error(`The page was answered with status ${answer.status}.`);
  const store = await caches.open(STORE);
  const files = new Map<string, Response>();
  const queue = [...named(await answer.clone().text())];
  for (const path of queue) {
    if (files.has(path)) continue;
    const file = (await store.match(path)) ?? (await fetch(path));
    if (!file.ok) throw new Error(`${path} was answered with status ${file.status}.`);
    files.set(path, file.clone());
    if (path.endsWith('.css')) queue.push(...named(await file.text()));
  }
  for (const [path, file] of files) await store.put(path, file);
  await store.put(PAGE, answer);
  // What no page names any more.
  for (const request of await store.keys()) {
    const { pathname } = new URL(request.url);
    if (pathname !== PAGE && !files.has(pathname)) await store.delete(request);
  }
}

async function fromStore(path: string, request: Request): Promise<Response> {
  const store = await caches.open(STORE);
  return (await store.match(path)) ?? fetch(request);
}

scope.addEventListener('install', (event) => {
  event.waitUntil(keepPage().then(() => scope.skipWaiting()));
});
scope.addEventListener('activate', (event) => {
  event.waitUntil(scope.clients.claim());
});
scope.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) return;
  if (request.mode === 'navigate' && pathname.startsWith(PAGE)) {
    event.respondWith(fromStore(PAGE, request));
    // Without a network the page stays as it is.
    event.waitUntil(keepPage().catch(() => undefined));
  } else if (pathname.startsWith('/assets/') || pathname === '/graft.svg')
    event.respondWith(fromStore(pathname, request));
});
