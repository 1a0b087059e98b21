import { defineConfig } from '@playwright/test';
import config from './playwright.config';

/** npm run pictures: the pictures of docs/screenshots, from the demo trips. */
export default defineConfig({ ...config, testDir: './pictures', reporter: 'list', timeout: 600_000 });
