import type { PieceKind } from '../../model/vocabulary/piece.js'
import { KIND_WORDS } from './words.js'

const KINDS: ReadonlyMap<string, PieceKind> = new Map(Object.entries(KIND_WORDS))
const MOST_WORDS = Math.max(...[...KINDS.keys()].map((k) => k.split(' ').length))
/** What follows these says more about a thing, not what it is: "shelf for scores", "cabinet, oak". */
const ASIDE = /,|\s(?:for|with|by|over|above|under|at|in|on|from|to)\s/i

// The same few names are asked after on every edit; the answer depends on nothing else.
const known = new Map<string, PieceKind | undefined>()
const MOST_KNOWN = 2000

/**
 * The kind a name speaks of; undefined when no word of it is known. The last known word decides, as in English: a
 * table lamp is a lamp, a desk chair a chair.
 */
export function kindOfName(name: string): PieceKind | undefined {
  if (known.has(name)) return known.get(name)
  const kind = findKind(name)
  if (known.size >= MOST_KNOWN) known.clear()
  known.set(name, kind)
  return kind
}

function findKind(name: string): PieceKind | undefined {
  const [head = ''] = name.split(ASIDE)
  return lastKind(head) ?? lastKind(name)
}

/** A word as it is said of one thing: chairs, benches, shelves. */
const ONE_OF: readonly ((said: string) => string)[] = [
  (said) => said,
  (said) => said.replace(/s$/, ''),
  (said) => said.replace(/(ch|sh|s|x)es$/, '$1'),
  (said) => said.replace(/ves$/, 'f'),
  (said) => said.replace(/ies$/, 'y'),
]

/** Of words that end alike the most are meant: a chest of drawers, not drawers. */
function lastKind(text: string): PieceKind | undefined {
  const words = text.toLowerCase().split(/[^\p{L}]+/u)
  for (let end = words.length; end > 0; end--)
    for (let from = Math.max(0, end - MOST_WORDS); from < end; from++) {
      const said = words.slice(from, end).join(' ')
      const kind = ONE_OF.map((one) => KINDS.get(one(said))).find((k) => k)
      if (kind) return kind
    }
  return undefined
}
