import type { InstallFacts } from '../../stages/install/installFacts.js'
import type { ExamplesByRule } from '../ruleExamples.js'
import * as agreedDayOff from './agreedDayOff.js'
import * as beforePictures from './beforePictures.js'
import * as hands from './hands.js'
import * as holding from './holding.js'
import * as intoKept from './intoKept.js'
import * as late from './late.js'
import * as leaseEnd from './leaseEnd.js'
import * as naps from './naps.js'
import * as nobodyWorks from './nobodyWorks.js'
import * as noDate from './noDate.js'
import * as nobodyThere from './nobodyThere.js'
import * as oneSightLine from './oneSightLine.js'
import * as orderLate from './orderLate.js'
import * as originalPlace from './originalPlace.js'
import * as outOfUse from './outOfUse.js'
import * as tooEarly from './tooEarly.js'
import * as unmeasured from './unmeasured.js'
import * as unanswered from './unanswered.js'
import * as unstaffed from './unstaffed.js'

/** A job that violates each rule of the plan of the work and one that complies with it. */
export const INSTALL_EXAMPLES: ExamplesByRule<InstallFacts> = {
  'install.before-pictures': beforePictures,
  'install.too-early': tooEarly,
  'install.late': late,
  'install.nobody-works': nobodyWorks,
  'install.order-late': orderLate,
  'install.no-date': noDate,
  'install.nobody-there': nobodyThere,
  'install.unanswered': unanswered,
  'install.licensed': unstaffed,
  'install.second-pair': hands,
  'install.into-kept': intoKept,
  'install.out-of-use': outOfUse,
  'install.holding': holding,
  'install.naps': naps,
  'install.lease-end': leaseEnd,
  'install.original-place': originalPlace,
  'install.one-sight-line': oneSightLine,
  'install.unmeasured': unmeasured,
  'install.agreed-day-off': agreedDayOff,
}
