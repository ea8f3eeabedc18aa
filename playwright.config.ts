import { defineConfig } from '@playwright/test';

const PORT = Number(process.env.E2E_PORT ?? 4391);

/** The built app in Debian's Chromium. The build is made by the test script. */
export default defineConfig({
  testDir: 'e2e',
  workers: 2,
  // Generous: a slow machine is no failure. What is waited for is waited for by its own appearance.
  timeout: 600_000,
  expect: { timeout: 90_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  outputDir: 'test-results/artifacts',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
        '--disable-dev-shm-usage',
      ],
    },
    timezoneId: 'Europe/Oslo',
    locale: 'en-GB',
    screenshot: 'only-on-failure',
  },
  webServer: {
    command: `node node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${PORT}`,
    url: `http://127.0.0.1:${PORT}/start`,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    env: { LOMVIK_ROOM: 'own', NEXT_TELEMETRY_DISABLED: '1' },
  },
});
