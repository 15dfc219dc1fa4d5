import type { Finding, Rule } from '../../../findings/finding.js'
import { lrv } from '../../../kernel/color/lab.js'
import type { PaletteFacts } from '../paletteFacts.js'
import { dressPiece, finishRef, pieceRef, wornPieces } from './about.js'
import { pieceTakes } from '../materialFits.js'
import { envelopeOf } from './envelope.js'

/** From here down cloth is lost before a dark wall (LRV, common practice). */
const DARK_LRV = 15
const LARGE: ReadonlySet<string> = new Set(['sofa', 'sofa bed', 'armchair', 'bed'])

export const darkOnDark: Rule<PaletteFacts> = {
  name: 'palette.dark-on-dark',
  title: 'Large dark upholstery in a dark envelope',
  numbers: `A sofa, an armchair or a bed with an LRV up to ${DARK_LRV} in a room of the dark envelope.`,
  source: 'common practice',
  schools: ['one envelope, dark'],
  check: (facts) => {
    const of = envelopeOf(facts)
    if (!of || of.light || lrv(of.walls.lab) > DARK_LRV) return []
    return wornPieces(facts)
      .filter(({ piece, finish }) => LARGE.has(piece.kind) && lrv(finish.lab) <= DARK_LRV)
      .map(({ piece, finish }): Finding => ({
        rule: 'palette.dark-on-dark',
        severity: 'look',
        about: [pieceRef(piece), finishRef(finish)],
        title: `${piece.name} is dark before dark walls`,
        measured: `LRV ${facts.says.number(lrv(finish.lab))}`,
        wanted: `over ${DARK_LRV}: pale, as the one bright thing is`,
        because: 'Dark upholstery before dark walls is a hole in the room; its large seats are pale.',
        school: 'one envelope, dark',
        fixes: facts.finishes
          .filter(
            (o) => o !== finish && lrv(o.lab) > 3 * DARK_LRV && pieceTakes(piece.kind, o.finish.material),
          )
          .sort((x, y) => lrv(x.lab) - lrv(y.lab))
          .slice(0, 2)
          .flatMap((o) => dressPiece(facts, piece, o)),
      }))
  },
}
