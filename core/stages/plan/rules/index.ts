import type { Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import {
  cordAcross,
  flame,
  overBed,
  overSeat,
  plants,
  shade,
  suspension,
  tipOver,
  wetLamp,
} from './cautions.js'
import { matWider, oneFrame, paperGuard, setOutClash } from './frames.js'
import {
  eyeLine,
  faceRefuses,
  grid,
  hungOver,
  load,
  mirrored,
  overFurniture,
  underCeiling,
} from './hanging.js'
import { competes, cord, lampSchool, lampToSeat, pendant, sleepDark, useDark } from './lamps.js'
import { floorCutUp, rugBorder, rugFlat, rugGrip, rugLegs, rugUnder, rugNominal } from './rugs.js'
import { front, knees, talk, toiletSide, walk } from './space.js'
import { covered, doorSwing, outside, overlap, sizeDoubt, tooWide } from './standing.js'
import {
  balanced,
  exposed,
  letOutBlocked,
  letOutFoot,
  manyFocal,
  profile,
  sightEnds,
  wayIn,
  windowBlocked,
} from './view.js'

/** The rules of the plan, in the order they are told. */
export const PLAN_RULES: readonly Rule<PlanFacts>[] = [
  overlap,
  outside,
  doorSwing,
  front,
  knees,
  walk,
  toiletSide,
  talk,
  covered,
  windowBlocked,
  tooWide,
  sizeDoubt,
  rugLegs,
  rugFlat,
  rugBorder,
  rugNominal,
  rugUnder,
  floorCutUp,
  rugGrip,
  letOutBlocked,
  letOutFoot,
  wayIn,
  sightEnds,
  manyFocal,
  balanced,
  profile,
  exposed,
  eyeLine,
  underCeiling,
  grid,
  mirrored,
  overFurniture,
  hungOver,
  load,
  faceRefuses,
  matWider,
  paperGuard,
  oneFrame,
  setOutClash,
  useDark,
  lampToSeat,
  cord,
  competes,
  pendant,
  lampSchool,
  sleepDark,
  overBed,
  overSeat,
  tipOver,
  flame,
  shade,
  suspension,
  plants,
  cordAcross,
  wetLamp,
]

/** Everything the rule book says of a plan. */
export const planFindings = (facts: PlanFacts) => PLAN_RULES.flatMap((rule) => rule.check(facts))
