import { defineConfig } from '@playwright/test';

const PORT = Number(process.env.TEST_PORT ?? 4390);

export default defineConfig({
  testDir: 'tests',
  outputDir: 'test-results/browser',
  fullyParallel: true,
  workers: 2,
  // a busy machine is slow, not wrong
  timeout: 180_000,
  expect: { timeout: 30_000 },
  reporter: 'line',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // only what is tested offline keeps the application in the browser
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
        // a browser without a save dialog of its own: files come as downloads. tests/saving.spec.ts has one with it
        '--disable-blink-features=FileSystemAccessLocal',
      ],
    },
    trace: process.env.TRACE ? 'on' : 'off',
  },
  webServer: {
    command: 'node scripts/serve.mjs',
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: !process.env.CI,
    env: { NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production', HOST: '127.0.0.1', PORT: String(PORT) },
  },
});
