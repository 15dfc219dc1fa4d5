import { type PaletteFacts, finishOn, wallBehind, likeness } from '../paletteFacts.js'
import { stepOfOneHue } from '../toneOnTone.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { wornPieces, pieceRef, finishRef, dressPiece } from './about.js'

// Lit from behind cloth is seen lighter than it was chosen: the step has to be larger (common practice).
const CLOTH_STEP_L = 8

const HANGING: readonly string[] = ['curtains', 'blind', 'lamp']

function check(facts: PaletteFacts): Finding[] {
  return wornPieces(facts).flatMap(({ piece, finish }): Finding[] => {
    if (!HANGING.includes(piece.kind) || finish.finish.material !== 'textile') return []
    const wall = wallBehind(facts, piece)
    if (!wall || wall === finish) return []
    const { zone, deltaE } = likeness(finish.lab, wall.lab)
    if (zone !== 'near miss') return []
    if (stepOfOneHue(finish.lab, wall.lab, CLOTH_STEP_L)) return []
    // Cloth in the white of the woodwork belongs to the window, and not to the wall.
    const frame = piece.kind === 'lamp' ? undefined : finishOn(facts, 'trim')
    if (frame && frame !== wall && likeness(finish.lab, frame.lab).zone === 'merges') return []
    return [
      {
        rule: 'palette.cloth-near-wall',
        severity: 'look',
        about: [pieceRef(piece), finishRef(wall)],
        title: `${piece.name} nearly matches the wall it hangs before`,
        measured: `ΔE00 ${facts.says.number(deltaE, 1)} between ${finish.finish.name} and ${wall.finish.name}`,
        wanted: 'the color of the wall, or clearly another',
        because:
          'A shade or curtain beside the wall is the commonest near miss: lit from behind, the difference grows.',
        fixes: facts.finishes
          .filter((f) => f.finish.material === 'textile' && likeness(f.lab, wall.lab).zone !== 'near miss')
          .sort((x, y) => likeness(x.lab, finish.lab).deltaE - likeness(y.lab, finish.lab).deltaE)
          .slice(0, 2)
          .flatMap((f) => dressPiece(facts, piece, f)),
      },
    ]
  })
}

export const clothNearWall: Rule<PaletteFacts> = {
  name: 'palette.cloth-near-wall',
  title: 'A shade or curtain that nearly matches the wall',
  numbers:
    'ΔE00 between 4 and 9 from the finish of the wall it hangs before; curtains and blinds in the color of the woodwork are free, and so is a step of one hue from 8 L* on.',
  source: 'common practice',
  schools: 'all',
  check,
}
