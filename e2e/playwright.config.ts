import { defineConfig } from '@playwright/test'
import { CHROMIUM } from '../scripts/chromium.mjs'

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
    launchOptions: CHROMIUM,
  },
})
