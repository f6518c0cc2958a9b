import { join } from 'node:path';
import { defineConfig } from '@playwright/test';

const folder = process.env['TEST_FOLDER'] ?? 'test-results';

export default defineConfig({
  testDir: '.',
  testMatch: '*.test.ts',
  outputDir: join(folder, 'stories'),
  fullyParallel: true,
  workers: 2,
  timeout: 300_000,
  // What is worked out may take a while on a busy machine.
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    trace: 'off',
    // A story that is about working without a server asks for it: elsewhere it only loads every page beforehand.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env['CHROME_BIN'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-dev-shm-usage',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
        '--disable-quic',
      ],
    },
  },
});
