import type { Rule } from '../../../findings/finding.js'
import type { MeasureFacts } from '../measureFacts.js'
import { runNotClosed } from './runNotClosed.js'
import { runCrossed } from './runCrossed.js'
import { runOpen } from './runOpen.js'
import { diagonalOff } from './diagonalOff.js'
import { pastWall } from './pastWall.js'
import { openingsMeet } from './openingsMeet.js'
import { openingUnmeasured } from './openingUnmeasured.js'
import { northUnknown } from './northUnknown.js'
import { wayInIncomplete } from './wayInIncomplete.js'

export const MEASURE_RULES: readonly Rule<MeasureFacts>[] = [
  runNotClosed,
  runCrossed,
  runOpen,
  diagonalOff,
  pastWall,
  openingsMeet,
  openingUnmeasured,
  northUnknown,
  wayInIncomplete,
]
