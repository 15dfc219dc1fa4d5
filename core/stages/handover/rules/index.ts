import type { Rule } from '../../../findings/finding.js'
import type { StylingFacts } from '../stylingFacts.js'
import type { RecordFacts } from '../recordFacts.js'
import { afterPictures } from './afterPictures.js'
import { alikeStacked } from './alikeStacked.js'
import { crowded } from './crowded.js'
import { doesTheSame } from './doesTheSame.js'
import { finishRecord } from './finishRecord.js'
import { heavyNeighbors } from './heavyNeighbors.js'
import { largeSet } from './largeSet.js'
import { lopsided } from './lopsided.js'
import { moreThanThere } from './moreThanThere.js'
import { noRoom } from './noRoom.js'
import { offViewWhere } from './offViewWhere.js'
import { oneMaterial } from './oneMaterial.js'
import { oneScale } from './oneScale.js'
import { openDisplay } from './openDisplay.js'
import { originMissing } from './originMissing.js'
import { seenInPicture } from './seenInPicture.js'
import { tooHeavy } from './tooHeavy.js'

/** What stands on and in what. */
export const HANDOVER_RULES: readonly Rule<StylingFacts>[] = [
  noRoom,
  tooHeavy,
  moreThanThere,
  oneScale,
  alikeStacked,
  oneMaterial,
  heavyNeighbors,
  crowded,
  openDisplay,
  lopsided,
  doesTheSame,
  largeSet,
  offViewWhere,
]

/** What is known of the room when it is handed over. */
export const RECORD_RULES: readonly Rule<RecordFacts>[] = [
  originMissing,
  finishRecord,
  afterPictures,
  seenInPicture,
]
