import { type PaletteFacts, finishOn, likeness, CLEAR_DELTA_E } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { wornPieces, pieceRef, finishRef, dressPiece } from './about.js'

function check(facts: PaletteFacts): Finding[] {
  const floor = finishOn(facts, 'floor')
  if (!floor) return []
  return wornPieces(facts).flatMap(({ piece, finish }): Finding[] => {
    if (piece.kind !== 'rug') return []
    const { zone, deltaE } = likeness(finish.lab, floor.lab)
    if (zone === 'clear') return []
    return [
      {
        rule: 'palette.rug-against-floor',
        severity: zone === 'near miss' ? 'look' : 'note',
        about: [pieceRef(piece), finishRef(floor)],
        title:
          zone === 'near miss'
            ? `${piece.name} nearly matches the floor`
            : `${piece.name} sinks into the floor`,
        measured: `ΔE00 ${facts.says.number(deltaE, 1)} between ${finish.finish.name} and ${floor.finish.name}`,
        wanted: `from ${CLEAR_DELTA_E} on`,
        because: 'A rug draws the place where one sits; it does so by differing from the floor round it.',
        fixes: facts.finishes
          .filter((f) => f.finish.material === 'textile' && likeness(f.lab, floor.lab).zone === 'clear')
          .slice(0, 2)
          .flatMap((f) => dressPiece(facts, piece, f)),
      },
    ]
  })
}

export const rugAgainstFloor: Rule<PaletteFacts> = {
  name: 'palette.rug-against-floor',
  title: 'A rug that does not differ from the floor',
  numbers: `ΔE00 under ${CLEAR_DELTA_E} between rug and floor.`,
  source: 'common practice',
  schools: 'all',
  check,
}
