// Moves files and folders and rewrites every import that names them, in TypeScript, Vue and scripts alike.
//   node scripts/move.mjs core/money core/kernel/money core/job/fields.ts core/model/checks.ts …
// A string counts as an import when it begins with a dot or a package of ours and names a file that is there, so
// worker addresses and mocks are followed as well. Markdown and JSON are left alone: grep for the old path after.
import { execFileSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'

const ROOT = process.cwd()
const PACKAGE = /^@bonitas\/(core|server|web|simulators|demo)\/(.+)$/
const args = process.argv.slice(2)
const moves = []
for (let i = 0; i + 1 < args.length; i += 2) moves.push([resolve(args[i]), resolve(args[i + 1])])
if (moves.length === 0 || args.length % 2 !== 0) {
  console.error('Give pairs: from to from to …')
  process.exit(1)
}

const tracked = execFileSync('git', ['ls-files', '-co', '--exclude-standard'], { encoding: 'utf8' })
  .split('\n')
  .filter((file) => file && existsSync(file))
  .map((file) => join(ROOT, file))

const movedTo = (file) => {
  for (const [from, to] of moves) {
    if (file === from) return to
    if (file.startsWith(`${from}/`)) return to + file.slice(from.length)
  }
  return file
}

/** The file an import names, with its ending as written, or undefined. */
function target(specifier, from) {
  const own = PACKAGE.exec(specifier)
  const path = own ? join(ROOT, own[1], own[2]) : resolve(dirname(from), specifier)
  const tries = own ? [`${path}.ts`] : [path.replace(/\.js$/, '.ts'), path]
  return tries.find((file) => existsSync(file) && statSync(file).isFile())
}

let changed = 0
const texts = new Map()
for (const file of tracked.filter((f) => /\.(ts|vue|mjs|js)$/.test(f))) {
  const to = movedTo(file)
  const text = readFileSync(file, 'utf8')
  const next = text.replace(
    /(['"`])((?:\.{1,2}|@bonitas\/[a-z]+)\/[^'"`\n${}]+)\1/g,
    (all, quote, specifier) => {
      const named = target(specifier, file)
      if (!named) return all
      const then = movedTo(named)
      if (then === named && to === file) return all
      // Another package is named by its name, a file of one's own by the way to it.
      const packageOf = (path) => relative(ROOT, path).split('/')[0]
      if (packageOf(then) !== packageOf(to))
        return `${quote}@bonitas/${relative(ROOT, then).replace(/\.ts$/, '')}${quote}`
      const path = relative(dirname(to), then)
      const script = specifier.endsWith('.js') || PACKAGE.test(specifier)
      const ending = script ? path.replace(/\.ts$/, '.js') : path
      return `${quote}${ending.startsWith('.') ? ending : `./${ending}`}${quote}`
    },
  )
  if (next !== text) texts.set(to, next)
  if (next !== text) changed++
}
for (const [from, to] of moves) {
  mkdirSync(dirname(to), { recursive: true })
  execFileSync('git', ['mv', relative(ROOT, from), relative(ROOT, to)])
}
for (const [file, text] of texts) writeFileSync(file, text)
console.log(`${moves.length} moved, imports rewritten in ${changed} files`)
