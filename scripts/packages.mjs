// Installs Debian packages when they are missing and we may; otherwise says exactly what to run.
import { spawnSync } from 'node:child_process'

/** A failure whose message is all the person needs: no stack is shown. */
export class Trouble extends Error {}

/**
 * @param {string} what the program, for people
 * @param {string[]} packages Debian packages
 * @param {string} otherwise another way out, said after the command
 * @param {(asRoot: (command: string, args: string[]) => void) => void} [before] run as root before installing
 */
export function installPackages(what, packages, otherwise = '', before) {
  const command = `apt-get update && apt-get install -y --no-install-recommends ${packages.join(' ')}`
  const root = process.getuid?.() === 0
  const sudo = !root && spawnSync('sudo', ['-n', 'true']).status === 0
  if (spawnSync('apt-get', ['--version']).status !== 0 || (!root && !sudo))
    throw new Trouble(
      `${what} is not installed. Run this, then start again:\n  ${root ? '' : 'sudo sh -c '}${root ? command : `"${command}"`}\n${otherwise.trim()}`,
    )
  console.log(`Installing ${what} from Debian's packages ...`)
  const asRoot = (program, args) => {
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
    const done = root
      ? spawnSync(program, args, { encoding: 'utf8', env })
      : spawnSync('sudo', ['-n', 'env', 'DEBIAN_FRONTEND=noninteractive', program, ...args], {
          encoding: 'utf8',
          env,
        })
    if (done.status !== 0)
      throw new Trouble(
        `${what} could not be installed: ${(done.stderr || done.stdout || '').trim().split('\n').slice(-4).join('\n')}\nRun by hand:\n  ${command}\n${otherwise.trim()}`,
      )
  }
  before?.(asRoot)
  asRoot('apt-get', ['update', '-q'])
  asRoot('apt-get', ['install', '-y', '-q', '--no-install-recommends', ...packages])
}
