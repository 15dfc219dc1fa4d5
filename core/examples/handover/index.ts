import type { StylingFacts } from '../../stages/handover/stylingFacts.js'
import type { RecordFacts } from '../../stages/handover/recordFacts.js'
import type { ExamplesByRule } from '../ruleExamples.js'
import * as afterPictures from './afterPictures.js'
import * as finishRecord from './finishRecord.js'
import * as originMissing from './originMissing.js'
import * as seenInPicture from './seenInPicture.js'
import * as alikeStacked from './alikeStacked.js'
import * as crowded from './crowded.js'
import * as heavyNeighbors from './heavyNeighbors.js'
import * as moreThanThere from './moreThanThere.js'
import * as noRoom from './noRoom.js'
import * as oneMaterial from './oneMaterial.js'
import * as oneScale from './oneScale.js'
import * as tooHeavy from './tooHeavy.js'
import * as lopsided from './lopsided.js'
import * as doesTheSame from './doesTheSame.js'
import * as largeSet from './largeSet.js'
import * as offViewWhere from './offViewWhere.js'
import * as openDisplay from './openDisplay.js'

/** A job that violates each rule of the handover and one that complies with it. */
export const HANDOVER_EXAMPLES: ExamplesByRule<StylingFacts> = {
  'handover.more-than-there': moreThanThere,
  'handover.no-room': noRoom,
  'handover.one-scale': oneScale,
  'handover.alike-stacked': alikeStacked,
  'handover.one-material': oneMaterial,
  'handover.heavy-neighbors': heavyNeighbors,
  'handover.crowded': crowded,
  'handover.open-display': openDisplay,
  'handover.off-view-where': offViewWhere,
  'handover.large-set': largeSet,
  'handover.does-the-same': doesTheSame,
  'handover.lopsided': lopsided,
  'handover.too-heavy': tooHeavy,
}

/** Rooms that are done, of which something is not known, and of which everything is. */
export const RECORD_EXAMPLES: ExamplesByRule<RecordFacts> = {
  'handover.origin-missing': originMissing,
  'handover.finish-record': finishRecord,
  'handover.after-pictures': afterPictures,
  'handover.seen-in-picture': seenInPicture,
}
