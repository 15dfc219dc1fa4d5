import type { Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'
import { agreedDayOff } from './agreedDayOff.js'
import { beforePictures } from './beforePictures.js'
import { hands } from './hands.js'
import { holding } from './holding.js'
import { intoKept } from './intoKept.js'
import { late } from './late.js'
import { leaseEnd } from './leaseEnd.js'
import { naps } from './naps.js'
import { nobodyThere } from './nobodyThere.js'
import { nobodyWorks } from './nobodyWorks.js'
import { noDate } from './noDate.js'
import { oneSightLine } from './oneSightLine.js'
import { orderLate } from './orderLate.js'
import { originalPlace } from './originalPlace.js'
import { outOfUse } from './outOfUse.js'
import { tooEarly } from './tooEarly.js'
import { unmeasured } from './unmeasured.js'
import { unanswered } from './unanswered.js'
import { unstaffed } from './unstaffed.js'

export const INSTALL_RULES: readonly Rule<InstallFacts>[] = [
  beforePictures,
  tooEarly,
  late,
  nobodyWorks,
  orderLate,
  noDate,
  nobodyThere,
  unanswered,
  unstaffed,
  hands,
  intoKept,
  outOfUse,
  holding,
  naps,
  leaseEnd,
  originalPlace,
  oneSightLine,
  unmeasured,
  agreedDayOff,
]

/** What a rented room is asked whether its work is planned or not. */
export const LEASE_RULES: ReadonlySet<Rule<InstallFacts>> = new Set([leaseEnd, originalPlace])
