import type { Rule } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { beforePictures } from './beforePictures.js'
import { hangingOpen } from './hangingOpen.js'
import { householdUnknown } from './householdUnknown.js'
import { revealEarly } from './revealEarly.js'
import { shareOutrun } from './shareOutrun.js'
import { splitOver } from './splitOver.js'
import { splurgeWhy } from './splurgeWhy.js'
import { workBlocks } from './workBlocks.js'
import { constraintBroken } from './constraintBroken.js'
import { rentedChange } from './rentedChange.js'
import { stripsOverload } from './stripsOverload.js'
import { tenureUnknown } from './tenureUnknown.js'
import { tipOverRented } from './tipOverRented.js'
import { doubleUse } from './doubleUse.js'
import { focalPointEmpty } from './focalPointEmpty.js'
import { idlePieces } from './idlePieces.js'
import { sentimentalGoing } from './sentimentalGoing.js'
import { clippedLoad } from './clippedLoad.js'
import { storageLost } from './storageLost.js'
import { storageShort } from './storageShort.js'
import { stayingMoves } from './stayingMoves.js'
import { useUncovered } from './useUncovered.js'
import { inheritedSchool } from './inheritedSchool.js'
import { leadOpen } from './leadOpen.js'

export const BRIEF_RULES: readonly Rule<BriefFacts>[] = [
  rentedChange,
  tipOverRented,
  stripsOverload,
  clippedLoad,
  constraintBroken,
  sentimentalGoing,
  stayingMoves,
  useUncovered,
  doubleUse,
  idlePieces,
  storageLost,
  storageShort,
  focalPointEmpty,
  workBlocks,
  beforePictures,
  revealEarly,
  splitOver,
  shareOutrun,
  splurgeWhy,
  tenureUnknown,
  householdUnknown,
  hangingOpen,
  inheritedSchool,
  leadOpen,
]
