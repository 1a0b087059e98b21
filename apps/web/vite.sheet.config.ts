import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { KEPT } from './vite.kept';

/** Members' sheets are a small program of their own, in files of their own: neither program waits for the other's. */
export default defineConfig({
  root: 's',
  base: '/s/',
  publicDir: false,
  plugins: [
    react(),
    // A member's sheet opens without a network: its service worker keeps its page and what that is made of. What members
    // read and tell is kept by the page itself.
    VitePWA({
      filename: 'sw.js',
      scope: '/s/',
      injectRegister: false,
      manifest: false,
      includeManifestIcons: false,
      workbox: {
        ...KEPT,
        modifyURLPrefix: { '': '/s/' },
        cacheId: 'graft-sheet',
        skipWaiting: true,
        clientsClaim: true,
        globPatterns: ['index.html', 'assets/*.{js,css,woff2,svg}'],
        navigateFallback: '/s/index.html',
        navigateFallbackAllowlist: [/^\/s\//],
      },
    }),
  ],
  build: { target: 'es2022', outDir: '../dist/s' },
});
