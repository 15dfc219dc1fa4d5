import { defineConfig } from '@playwright/test'

// Debian's Chromium, headless; without a sandbox because the tests may run as root in a container.
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  timeout: 90_000,
  expect: { timeout: 7_000 },
  workers: 2,
  fullyParallel: true,
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-IE',
    timezoneId: 'Europe/Dublin',
    actionTimeout: 8_000,
    trace: 'off',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
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
})
