import type { Suspect } from '../explainGap.js'
import type { Wall } from '../../../model/rows/walls.js'
import type { Fix } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import type { Formatter } from '../../../kernel/units/formatter.js'

/** A suspect as an edit: the length or the turn set right, or the missed wall put in. */
export function fixOf(suspect: Suspect, walls: readonly Wall[], says: Formatter): Fix {
  const at = walls.findIndex((w) => w.id === suspect.wallId)
  const length = says.typed(suspect.lengthMm)
  const turned =
    suspect.turnDeg === undefined ? [] : [put('walls', suspect.wallId, { turnDeg: suspect.turnDeg })]
  if (suspect.slip === 'corner turned the other way')
    return {
      label: `Turn ${suspect.turnDeg !== undefined && suspect.turnDeg < 0 ? 'left' : 'right'} at the end of ${suspect.wallName}`,
      changes: turned,
    }
  if (suspect.slip === 'missed wall')
    return {
      label: `Put in a wall of ${length} after ${suspect.wallName}`,
      changes: [
        ...turned,
        ...walls.slice(at + 1).map((w) => put('walls', w.id, { position: w.position + 1 })),
        {
          collection: 'walls',
          add: {
            position: (walls[at]?.position ?? at) + 1,
            name: '',
            lengthMm: suspect.lengthMm,
            turnDeg: suspect.thenTurnDeg ?? 90,
            face: walls[at]?.face ?? 'smooth paint',
          },
        },
      ],
    }
  const why: Readonly<Record<string, string>> = {
    'swapped digits': ', two digits changed about',
    'inch read as centimeter': ', inches and centimeters mixed up',
    'decimal point': ', the point misplaced',
    'tape begun past its end': ', the tape begun past its end',
    'one digit': ', one digit misread',
  }
  return {
    label: `${suspect.wallName} is ${length}${why[suspect.slip] ?? ''}`,
    changes: [put('walls', suspect.wallId, { lengthMm: suspect.lengthMm })],
  }
}
