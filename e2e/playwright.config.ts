import { defineConfig } from '@playwright/test';
import { LOOK } from './quick';

const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

export default defineConfig({
  testDir: './tests',
  outputDir: './results',
  globalSetup: './globalSetup.ts',
  // One server and one database; two browsers at a time, each with its own trips: the machine has two cores.
  workers: 2,
  fullyParallel: false,
  forbidOnly: process.env['CI'] !== undefined,
  retries: 0,
  // Guards against what hangs, not measures of speed: a machine that is shared can be many times slower.
  timeout: 240_000,
  expect: { timeout: 40_000 },
  reporter: [['list'], ['json']],
  use: {
    viewport: LOOK.viewport,
    locale: LOOK.locale,
    contextOptions: { reducedMotion: LOOK.reducedMotion },
    launchOptions: { executablePath: '/usr/bin/chromium-headless-shell', args: CHROMIUM_ARGS },
    screenshot: 'only-on-failure',
    // Each test's browser would load all of the program to keep it; tests without a network say that they want it.
    serviceWorkers: 'block',
  },
});
