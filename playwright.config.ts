import { defineConfig } from '@playwright/test';
import { browserPath } from './scripts/browserPath';

const PORT = 4191;

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results',
  workers: 2,
  // A small machine that lints meanwhile is slow, and no fault for that.
  expect: { timeout: 30_000 },
  fullyParallel: true,
  timeout: 120_000,
  reporter: [['list'], ['./tests/support/interfaceCounts.ts']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // Filling the offline cache for every test would be most of their work; the test of it allows one.
    serviceWorkers: 'block',
    trace: process.env['TRACE'] === undefined ? 'off' : 'retain-on-failure',
    launchOptions: {
      executablePath: browserPath,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  projects: [{ name: 'chromium', use: { browserName: 'chromium' } }],
  webServer: {
    command: `PORT=${PORT} node --import tsx server/main.ts`,
    url: `http://127.0.0.1:${PORT}/health`,
    reuseExistingServer: false,
    timeout: 30_000,
  },
});
