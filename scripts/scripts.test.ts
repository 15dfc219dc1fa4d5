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

// These fetch the packages themselves on a machine that has none: a package named in an import at their top stops them
// before they can.
test.each(['start', 'test', 'soak', 'bench'].map((name) => `${name}.mjs`))(
  '%s begins without a package',
  (first) => {
    const seen = new Set<string>()
    const packages: string[] = []
    const follow = (file: string) => {
      if (seen.has(file)) return
      seen.add(file)
      for (const [, from = ''] of readFileSync(new URL(file, scripts), 'utf8').matchAll(
        /^(?:import|(?:import|export) [\w{}\s,*]+ from) '([^']+)'/gm,
      )) {
        if (from.startsWith('.')) follow(from)
        else if (!from.startsWith('node:')) packages.push(`${file}: ${from}`)
      }
    }
    follow(`./${first}`)
    expect(seen.size).toBeGreaterThan(1)
    expect(packages).toEqual([])
  },
)
