import type { Rule } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { frameSize } from './frameSize.js'
import { companionMissing } from './companionMissing.js'
import { intentLost } from './intentLost.js'
import { notLookedOver } from './notLookedOver.js'
import { placeholderDue } from './placeholderDue.js'
import { setNotChosen } from './setNotChosen.js'
import { struckOut } from './struckOut.js'
import { dearerOverTheStay } from './dearerOverTheStay.js'
import { priceMoved } from './priceMoved.js'
import { rateNotGiven } from './rateNotGiven.js'
import { reworkNearNew } from './reworkNearNew.js'
import { slipOfAHundred } from './slipOfAHundred.js'
import { enteredTwice } from './enteredTwice.js'
import { saidTwice } from './saidTwice.js'
import { sizeDiffers } from './sizeDiffers.js'
import { holdEnds } from './holdEnds.js'
import { houseFirst } from './houseFirst.js'
import { orderBy } from './orderBy.js'
import { orderTooSmall } from './orderTooSmall.js'
import { offTheList } from './offTheList.js'
import { pace } from './pace.js'
import { moneySchool } from './moneySchool.js'

export const SOURCE_RULES: readonly Rule<SourceFacts>[] = [
  struckOut,
  setNotChosen,
  slipOfAHundred,
  rateNotGiven,
  companionMissing,
  frameSize,
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
  offTheList,
  pace,
  moneySchool,
]
