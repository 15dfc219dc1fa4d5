import type { Rule } from '../../../findings/finding.js'
import type { StylingFacts } from '../stylingFacts.js'
import { alikeStacked } from './alikeStacked.js'
import { crowded } from './crowded.js'
import { heavyNeighbors } from './heavyNeighbors.js'
import { moreThanThere } from './moreThanThere.js'
import { noRoom } from './noRoom.js'
import { oneMaterial } from './oneMaterial.js'
import { oneScale } from './oneScale.js'
import { openDisplay } from './openDisplay.js'

export const HANDOVER_RULES: readonly Rule<StylingFacts>[] = [
  noRoom,
  moreThanThere,
  oneScale,
  alikeStacked,
  oneMaterial,
  heavyNeighbors,
  crowded,
  openDisplay,
]
