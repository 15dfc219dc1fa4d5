// How Chromium is started here: Debian's build, without a sandbox (root in a container) and without a word to anyone.
import { existsSync } from 'node:fs'
import { installPackages } from './packages.mjs'

export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--disable-domain-reliability',
    '--force-color-profile=srgb',
  ],
}

/** Installs Chromium from Debian's packages when it is missing. */
export function requireChromium() {
  if (!existsSync(CHROMIUM.executablePath)) installPackages('Chromium', ['chromium'])
}
