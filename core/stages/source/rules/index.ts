import type { Rule } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import {
  companionMissing,
  intentLost,
  notLookedOver,
  placeholderDue,
  setNotChosen,
  struckOut,
} from './chosen.js'
import { dearerOverTheStay, priceMoved, rateNotGiven, reworkNearNew, slipOfAHundred } from './prices.js'
import { enteredTwice } from './enteredTwice.js'
import { saidTwice } from './saidTwice.js'
import { sizeDiffers } from './sizeDiffers.js'
import { holdEnds, houseFirst, orderBy, orderTooSmall } from './timing.js'

export const SOURCE_RULES: readonly Rule<SourceFacts>[] = [
  struckOut,
  setNotChosen,
  slipOfAHundred,
  rateNotGiven,
  companionMissing,
  intentLost,
  placeholderDue,
  notLookedOver,
  holdEnds,
  orderBy,
  orderTooSmall,
  priceMoved,
  reworkNearNew,
  dearerOverTheStay,
  houseFirst,
  enteredTwice,
  sizeDiffers,
  saidTwice,
]
