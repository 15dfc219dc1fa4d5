import type { Rule } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import {
  beforePictures,
  hangingOpen,
  householdUnknown,
  revealEarly,
  shareOutrun,
  splitOver,
  splurgeWhy,
  workBlocks,
} from './frame.js'
import { limitBroken, rentedChange, stripsOverload, tenureUnknown, tipOverRented } from './tenure.js'
import { doubleUse, focusEmpty, idlePieces, sentimentalGoing, stayingMoves, useUncovered } from './uses.js'

export const BRIEF_RULES: readonly Rule<BriefFacts>[] = [
  rentedChange,
  tipOverRented,
  stripsOverload,
  limitBroken,
  sentimentalGoing,
  stayingMoves,
  useUncovered,
  doubleUse,
  idlePieces,
  focusEmpty,
  workBlocks,
  beforePictures,
  revealEarly,
  splitOver,
  shareOutrun,
  splurgeWhy,
  tenureUnknown,
  householdUnknown,
  hangingOpen,
]
