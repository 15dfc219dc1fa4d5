import type { PaletteFacts } from '../paletteFacts.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { wornPieces, pieceRef, finishRef, dressPiece } from './about.js'
import { chroma } from '../../../kernel/color/lab.js'
import type { Material } from '../../../model/vocabulary/finish.js'
import { put } from '../../../model/changes.js'

// Chroma from which a thing is heard across a quiet room, and across a room whose textiles recede (common practice).
const LOUD = 30

const LOUD_TEXTILE = 25

// Color comes from leaves, art and the view; what stays is no choice.
const MAY: readonly string[] = ['plant', 'picture']

/** Timber as it grew and stone as it was cut are no hue in anybody's eyes. */
const NATURAL: readonly Material[] = ['timber', 'stone', 'foliage']

const TEXTILES: readonly string[] = ['cushion', 'throw', 'curtains', 'blind']

function check(facts: PaletteFacts): Finding[] {
  const quiet = facts.school === 'quiet neutral'
  const recede = facts.schools.textiles === 'recede'
  if (!quiet && !recede) return []
  return wornPieces(facts).flatMap(({ piece, finish }): Finding[] => {
    if (
      MAY.includes(piece.kind) ||
      NATURAL.includes(finish.finish.material) ||
      ['foliage', 'metal', 'stays'].includes(finish.finish.role) ||
      piece.stays ||
      piece.sentimental
    )
      return []
    const c = chroma(finish.lab)
    const textile = recede && TEXTILES.includes(piece.kind)
    const limit = textile ? LOUD_TEXTILE : LOUD
    if (c < limit || (!quiet && !textile)) return []
    const calm = facts.finishes
      .filter((f) => f.finish.material === finish.finish.material && chroma(f.lab) < 15)
      .sort((x, y) => Math.abs(x.lab.l - finish.lab.l) - Math.abs(y.lab.l - finish.lab.l))
    const away: Fix[] = piece.there
      ? [
          {
            label: `Keep ${piece.name.toLowerCase()} off display`,
            changes: [put('pieces', piece.id, { verdict: 'move' })],
          },
        ]
      : []
    return [
      {
        rule: 'palette.dominates',
        severity: 'look',
        about: [pieceRef(piece), finishRef(finish)],
        title: `${piece.name} shouts`,
        measured: `${finish.finish.name}, ${finish.undertone.word}, chroma ${facts.says.number(c)}`,
        wanted: `under ${limit}`,
        because: piece.there
          ? 'It may be owned and used, and not shown.'
          : 'In a quiet room color comes from leaves, art and the view.',
        school: quiet ? 'quiet neutral' : 'recede',
        fixes: [...away, ...calm.slice(0, 2).flatMap((f) => dressPiece(facts, piece, f))],
      },
    ]
  })
}

export const dominates: Rule<PaletteFacts> = {
  name: 'palette.dominates',
  title: 'A colored piece that shouts in a quiet room',
  numbers: `Chroma ${LOUD} and more in “quiet neutral”, ${LOUD_TEXTILE} in cushions, throws and curtains where textiles recede. Plants, pictures, timber, stone, metals and what stays are free.`,
  source: 'common practice',
  schools: ['quiet neutral', 'recede'],
  check,
}
