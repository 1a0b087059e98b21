import type { VitePWAOptions } from 'vite-plugin-pwa';

/** What the service workers of the leader's program and of members' sheets have in common. */
export const KEPT = {
  inlineWorkboxRuntime: true,
  sourcemap: false,
  // Names of assets tell their contents.
  dontCacheBustURLsMatching: /^\/?(?:s\/)?assets\//,
} satisfies Partial<VitePWAOptions['workbox']>;
