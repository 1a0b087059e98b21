import { readFileSync } from 'node:fs';
import react from '@vitejs/plugin-react';
import { defineConfig, type Manifest } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const SHEET = 's/index.html';

/** Built files that members' sheets are made of: what their page names, and what those name. */
function sheetFiles(): ReadonlySet<string> {
  const manifest = JSON.parse(readFileSync('dist/.vite/manifest.json', 'utf8')) as Manifest;
  const files = new Set([SHEET, 'graft.svg']);
  const add = (key: string): void => {
    const chunk = manifest[key];
    if (chunk === undefined || files.has(chunk.file)) return;
    for (const file of [chunk.file, ...(chunk.css ?? []), ...(chunk.assets ?? [])]) files.add(file);
    for (const name of [...(chunk.imports ?? []), ...(chunk.dynamicImports ?? [])]) add(name);
  };
  add(SHEET);
  return files;
}

export default defineConfig({
  plugins: [
    react(),
    // A member's sheet opens without a network: its service worker keeps its page and what that is made of. What members
    // read and tell is kept by the page itself.
    VitePWA({
      filename: 's/sw.js',
      scope: '/s/',
      injectRegister: false,
      manifest: false,
      includeManifestIcons: false,
      workbox: {
        cacheId: 'graft-sheet',
        inlineWorkboxRuntime: true,
        sourcemap: false,
        skipWaiting: true,
        clientsClaim: true,
        globPatterns: [SHEET, 'graft.svg', 'assets/*.{js,css,woff2}'],
        modifyURLPrefix: { '': '/' },
        // Names of assets tell their contents.
        dontCacheBustURLsMatching: /^\/?assets\//,
        navigateFallback: `/${SHEET}`,
        navigateFallbackAllowlist: [/^\/s\//],
        manifestTransforms: [
          (entries) => {
            const files = sheetFiles();
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
    rolldownOptions: { input: { main: 'index.html', sheet: SHEET } },
  },
});
