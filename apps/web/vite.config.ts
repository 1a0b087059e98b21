import { readFileSync } from 'node:fs';
import react from '@vitejs/plugin-react';
import { defineConfig, type Manifest, type Plugin } from 'vite';
import { VitePWA, type VitePWAOptions } from 'vite-plugin-pwa';

const SHEET = 's/index.html';

/** Built files that a page is made of: what it names, and what those name. */
function filesOf(page: string): ReadonlySet<string> {
  const manifest = JSON.parse(readFileSync('dist/.vite/manifest.json', 'utf8')) as Manifest;
  const files = new Set([page, 'graft.svg']);
  const add = (key: string): void => {
    const chunk = manifest[key];
    if (chunk === undefined || files.has(chunk.file)) return;
    for (const file of [chunk.file, ...(chunk.css ?? []), ...(chunk.assets ?? [])]) files.add(file);
    for (const name of [...(chunk.imports ?? []), ...(chunk.dynamicImports ?? [])]) add(name);
  };
  add(page);
  return files;
}

type Workbox = VitePWAOptions['workbox'];
/** What the service workers of both programs have in common. */
const KEPT = {
  inlineWorkboxRuntime: true,
  sourcemap: false,
  modifyURLPrefix: { '': '/' },
  // Names of assets tell their contents.
  dontCacheBustURLsMatching: /^\/?assets\//,
} satisfies Partial<Workbox>;

/** Pages, and what stands in an open trip: each is loaded when it is asked for. */
const PAGES =
  /\/src\/(?:\w+\/(?:Trips|Account|Library|Invitation|MailLink|Welcome)Page|app\/TripShell)\.tsx$/;
const IN_A_TRIP =
  /\/src\/(?:\w+\/\w+Station|app\/(?:StartPage|OverTheStation|StationFigures|BarDialogs)|\w+\/Print\w+|trail\/(?:\w+View|HappenedWizard))\.tsx$/;

/**
 * Says to the bundler what it cannot know: a page is never loaded without the program, a station never without the shell
 * of its trip. What they share then comes in one file each, not in a hundred small ones.
 */
const standsOn: Plugin = {
  name: 'stands-on',
  apply: 'build',
  transform(code, id) {
    if (IN_A_TRIP.test(id)) return { code: `import '/src/app/TripShell.tsx';\n${code}`, map: null };
    if (PAGES.test(id)) return { code: `import '/src/main.tsx';\n${code}`, map: null };
    return null;
  },
};

/** The solver of linear programs is the largest file, bytes. */
const LARGEST_FILE = 4_000_000;
/** What nobody needs without a network: the demo's data. */
const NOT_KEPT = 'assets/*.graft-*.json';

export default defineConfig({
  plugins: [
    react(),
    standsOn,
    // The leader's program opens without a network, with its engines. A new version waits until nobody uses the old one
    // or somebody takes it: a page never finds files of another version than its own.
    VitePWA({
      filename: 'sw.js',
      scope: '/',
      injectRegister: false,
      includeManifestIcons: false,
      manifest: {
        name: 'Graft',
        short_name: 'Graft',
        description: 'Shares a party’s kit by carry limits and plans what rides where in each pack.',
        start_url: '/trips',
        scope: '/',
        display: 'standalone',
        background_color: '#ece9e1',
        theme_color: '#1f3a31',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        ...KEPT,
        cacheId: 'graft-leader',
        maximumFileSizeToCacheInBytes: LARGEST_FILE,
        globPatterns: ['index.html', '*.svg', '*.png', 'assets/*.{js,css,woff2,wasm}'],
        globIgnores: [NOT_KEPT],
        navigateFallback: '/index.html',
        // Answers of the server and members' sheets are no pages of this program.
        navigateFallbackDenylist: [/^\/(api|s|stand-ins)\//],
      },
    }),
    // A member's sheet opens without a network: its service worker keeps its page and what that is made of. What members
    // read and tell is kept by the page itself.
    VitePWA({
      filename: 's/sw.js',
      scope: '/s/',
      injectRegister: false,
      manifest: false,
      includeManifestIcons: false,
      workbox: {
        ...KEPT,
        cacheId: 'graft-sheet',
        skipWaiting: true,
        clientsClaim: true,
        globPatterns: [SHEET, 'graft.svg', 'assets/*.{js,css,woff2}'],
        navigateFallback: `/${SHEET}`,
        navigateFallbackAllowlist: [/^\/s\//],
        manifestTransforms: [
          (entries) => {
            const files = filesOf(SHEET);
            return { manifest: entries.filter(({ url }) => files.has(url.replace(/^\//, ''))), warnings: [] };
          },
        ],
      },
    }),
  ],
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    manifest: true,
    // Component library, router and queries are the first load, about 180 kB compressed.
    chunkSizeWarningLimit: 700,
    // Members' sheets are a small program of their own.
    rolldownOptions: {
      input: { main: 'index.html', sheet: SHEET },
      // The component library's recipes are data: what is not used of them is left out.
      treeshake: {
        manualPureFunctions: ['defineConfig', 'defineRecipe', 'defineSlotRecipe', 'createAnatomy'],
      },
    },
  },
});
