// What the parts of npm run bench share: modules of the core bundled to be measured, and the demo's first job.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ROOT, STATE } from './prepare.mjs'

/** Modules of the core bundled into one file; its path. */
export async function bundled(contents, name, options = {}) {
  const { build } = await import('esbuild')
  const outfile = join(STATE, name)
  await build({
    absWorkingDir: ROOT,
    stdin: { contents, resolveDir: ROOT, loader: 'ts' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    outfile,
    logLevel: 'error',
    ...options,
  })
  return outfile
}

/** The demo's first job over an empty one, as a snapshot without its ledger. */
export function demoOver(empty) {
  const demo = JSON.parse(readFileSync(join(ROOT, 'demo/jobs/1-music-and-reading-room.json'), 'utf8'))
  return { ...empty, ...demo, brief: { ...empty.brief, ...demo.brief }, lines: [], orders: [], entries: [] }
}
