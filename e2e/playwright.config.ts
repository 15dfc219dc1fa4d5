import { defineConfig } from '@playwright/test'
import { CHROMIUM } from '../scripts/chromium.mjs'

export default defineConfig({
  testDir: '.',
  globalSetup: './demoOnce.ts',
  outputDir: '../test-results',
  timeout: 240_000,
  // A machine that is shared may be slow; a wait ends as soon as what is waited for is there.
  expect: { timeout: 25_000 },
  workers: 2,
  fullyParallel: true,
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-IE',
    timezoneId: 'Europe/Dublin',
    actionTimeout: 25_000,
    trace: 'off',
    launchOptions: CHROMIUM,
  },
})
