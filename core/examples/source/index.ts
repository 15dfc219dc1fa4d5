import type { SourceFacts } from '../../stages/source/sourceFacts.js'
import type { ExamplesByRule } from '../ruleExamples.js'
import * as offTheList from './offTheList.js'
import * as pace from './pace.js'
import * as moneySchool from './moneySchool.js'
import * as struckOut from './struckOut.js'
import * as frameSize from './frameSize.js'
import * as companionMissing from './companionMissing.js'
import * as intentLost from './intentLost.js'
import * as placeholderDue from './placeholderDue.js'
import * as notLookedOver from './notLookedOver.js'
import * as setNotChosen from './setNotChosen.js'
import * as enteredTwice from './enteredTwice.js'
import * as slipOfAHundred from './slipOfAHundred.js'
import * as rateNotGiven from './rateNotGiven.js'
import * as priceMoved from './priceMoved.js'
import * as reworkNearNew from './reworkNearNew.js'
import * as dearerOverTheStay from './dearerOverTheStay.js'
import * as saidTwice from './saidTwice.js'
import * as sizeDiffers from './sizeDiffers.js'
import * as holdEnds from './holdEnds.js'
import * as orderBy from './orderBy.js'
import * as orderTooSmall from './orderTooSmall.js'
import * as houseFirst from './houseFirst.js'

/** A job that violates each rule of the source and one that complies with it. */
export const SOURCE_EXAMPLES: ExamplesByRule<SourceFacts> = {
  'source.struck-out': struckOut,
  'source.frame-size': frameSize,
  'source.companion-missing': companionMissing,
  'source.intent': intentLost,
  'source.placeholder-due': placeholderDue,
  'source.not-looked-over': notLookedOver,
  'source.set-not-chosen': setNotChosen,
  'source.entered-twice': enteredTwice,
  'source.slip-of-a-hundred': slipOfAHundred,
  'source.rate-not-given': rateNotGiven,
  'source.price-moved': priceMoved,
  'source.rework-near-new': reworkNearNew,
  'source.dearer-over-the-stay': dearerOverTheStay,
  'source.said-twice': saidTwice,
  'source.size-differs': sizeDiffers,
  'source.hold-ends': holdEnds,
  'source.order-by': orderBy,
  'source.order-too-small': orderTooSmall,
  'source.house-first': houseFirst,
  'source.off-the-list': offTheList,
  'source.pace': pace,
  'source.money-school': moneySchool,
}
