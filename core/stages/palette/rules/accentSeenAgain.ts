import type { PaletteFacts } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { accentGroups, occurrences } from './accents.js'
import { finishRef, addPiece } from './about.js'

// Seen once it is an accident, twice a pair, three times a scheme (common practice).
const PLACES = 3

function check(facts: PaletteFacts): Finding[] {
  return accentGroups(facts).flatMap((group): Finding[] => {
    const [first] = group
    if (!first) return []
    const found = occurrences(facts, first.lab)
    const sides = new Set(found.flatMap((o) => o.wallId ?? []))
    const located = found.filter((o) => o.wallId !== null).length
    const one = sides.size === 1 && located === found.length && found.length > 1
    // Seen on both sides of the room it is carried across, by two already.
    const across = sides.size > 1 && located === found.length
    if ((found.length >= PLACES && !one) || across) return []
    const names = [...new Set(found.map((o) => o.name))]
    const where = names
      .map((name) => ({ name, times: found.filter((o) => o.name === name).length }))
      .map(({ name, times }) => (times > 1 ? `${times} × ${name}` : name))
      .join(', ')
    return [
      {
        rule: 'palette.accent-seen-again',
        severity: 'look',
        about: group.map(finishRef),
        title: one
          ? 'Accent is seen on one side only'
          : found.length === 1
            ? 'Accent is seen in one place only'
            : 'Accent is seen too seldom',
        measured: `${group.map((f) => f.finish.name).join(', ')}: ${found.length === 1 ? 'one place' : `${found.length} places`}${where ? ` (${where})` : ''}${one ? ', all at one wall' : ''}`,
        wanted: `at least ${PLACES} places, on more than one side of the room`,
        because:
          'An accent seen once is an accident. Carry it across: a tray, book spines, a lamp shade, a cushion at the other end.',
        fixes: carryAcross(facts, first.finish.id, found.length, sides),
      },
    ]
  })
}

/** Small things in the accent, at walls where it is not seen yet: a cushion and a tray make up what is missing. */
function carryAcross(facts: PaletteFacts, finishId: string, places: number, sides: ReadonlySet<string>) {
  const walls = [...new Set(facts.pieces.flatMap((p) => p.wallId ?? []))].filter((w) => !sides.has(w))
  const missing = Math.max(PLACES - places, 1)
  const things = [
    { name: 'Tray in the accent', kind: 'object' as const, widthMm: 400, depthMm: 300, heightMm: 40 },
    { name: 'Cushion in the accent', kind: 'cushion' as const, widthMm: 450, depthMm: 150, heightMm: 450 },
  ].slice(0, missing)
  if (things.length < missing) return []
  return [
    {
      label: `Add ${things.map((t) => `a ${t.name.split(' ')[0]?.toLowerCase() ?? 'thing'}`).join(' and ')} in it${sides.size > 0 && walls[0] ? ' at another wall' : ''}`,
      changes: things.map((t, i) =>
        addPiece(facts, { ...t, finishId, wallId: walls[i % Math.max(1, walls.length)] ?? null }, i),
      ),
    },
  ]
}

export const accentSeenAgain: Rule<PaletteFacts> = {
  name: 'palette.accent-seen-again',
  title: 'An accent that is not seen again',
  numbers: `At least ${PLACES} places, not all at one wall; two do on two sides of the room. Each of a number of pieces is a place. Colors within 25° of hue and 25 of lightness are the same one.`,
  source: 'common practice',
  schools: 'all',
  check,
}
