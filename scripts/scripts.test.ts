import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { expect, test } from 'vitest'

const scripts = new URL('./', import.meta.url)

// Scripts name sources in texts that no compiler reads: what is moved is found here and not when a bench is run.
test.each(readdirSync(scripts).filter((f) => f.endsWith('.mjs')))(
  '%s names only files that are there',
  (file) => {
    const text = readFileSync(new URL(file, scripts), 'utf8')
    const named = [...text.matchAll(/'\.\/((?:core|web|server|simulators)\/[\w./-]+\.(?:ts|vue|mjs))'/g)]
    for (const [, path = ''] of named) expect(existsSync(new URL(`../${path}`, scripts)), path).toBe(true)
  },
)
