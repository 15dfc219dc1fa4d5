import type { BriefFacts } from '../../stages/brief/briefFacts.js'
import type { ExamplesByRule } from '../ruleExamples.js'
import * as inheritedSchool from './inheritedSchool.js'
import * as leadOpen from './leadOpen.js'
import * as beforePictures from './beforePictures.js'
import * as splitOver from './splitOver.js'
import * as shareOutrun from './shareOutrun.js'
import * as splurgeWhy from './splurgeWhy.js'
import * as workBlocks from './workBlocks.js'
import * as revealEarly from './revealEarly.js'
import * as hangingOpen from './hangingOpen.js'
import * as householdUnknown from './householdUnknown.js'
import * as rentedChange from './rentedChange.js'
import * as tenureUnknown from './tenureUnknown.js'
import * as stripsOverload from './stripsOverload.js'
import * as tipOverRented from './tipOverRented.js'
import * as constraintBroken from './constraintBroken.js'
import * as clippedLoad from './clippedLoad.js'
import * as storageLost from './storageLost.js'
import * as storageShort from './storageShort.js'
import * as useUncovered from './useUncovered.js'
import * as doubleUse from './doubleUse.js'
import * as idlePieces from './idlePieces.js'
import * as sentimentalGoing from './sentimentalGoing.js'
import * as stayingMoves from './stayingMoves.js'
import * as focalPointEmpty from './focalPointEmpty.js'

/** A job that violates each rule of the brief and one that complies with it. */
export const BRIEF_EXAMPLES: ExamplesByRule<BriefFacts> = {
  'brief.before-pictures': beforePictures,
  'brief.split-over': splitOver,
  'brief.share-outrun': shareOutrun,
  'brief.splurge-why': splurgeWhy,
  'brief.work-blocks': workBlocks,
  'brief.reveal-early': revealEarly,
  'brief.hanging-open': hangingOpen,
  'brief.household-unknown': householdUnknown,
  'brief.rented-change': rentedChange,
  'brief.tenure-unknown': tenureUnknown,
  'brief.strips-overload': stripsOverload,
  'brief.tip-over-rented': tipOverRented,
  'brief.constraint-broken': constraintBroken,
  'brief.use-uncovered': useUncovered,
  'brief.double-use': doubleUse,
  'brief.idle-pieces': idlePieces,
  'brief.sentimental-going': sentimentalGoing,
  'brief.staying-moves': stayingMoves,
  'brief.clipped-load': clippedLoad,
  'brief.storage-lost': storageLost,
  'brief.storage-short': storageShort,
  'brief.focal-point-empty': focalPointEmpty,
  'brief.inherited-school': inheritedSchool,
  'brief.lead-open': leadOpen,
}
