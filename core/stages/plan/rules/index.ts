import type { Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { cordAcross } from './cordAcross.js'
import { flame } from './flame.js'
import { overBed } from './overBed.js'
import { overSeat } from './overSeat.js'
import { plants } from './plants.js'
import { shade } from './shade.js'
import { suspension } from './suspension.js'
import { tipOver } from './tipOver.js'
import { wetLamp } from './wetLamp.js'
import { blemish } from './blemish.js'
import { curvedFace } from './curvedFace.js'
import { heatNear } from './heatNear.js'
import { glare } from './glare.js'
import { matWider } from './matWider.js'
import { oneFrame } from './oneFrame.js'
import { paperGuard } from './paperGuard.js'
import { panelsThrough } from './panelsThrough.js'
import { setOutClash } from './setOutClash.js'
import { eyeLine } from './eyeLine.js'
import { faceRefuses } from './faceRefuses.js'
import { grid } from './grid.js'
import { hungOver } from './hungOver.js'
import { load } from './load.js'
import { mirrored } from './mirrored.js'
import { overFurniture } from './overFurniture.js'
import { underCeiling } from './underCeiling.js'
import { competes } from './competes.js'
import { decanted } from './decanted.js'
import { fuel } from './fuel.js'
import { cordAsked } from './cordAsked.js'
import { inCot } from './inCot.js'
import { bloomGap } from './bloomGap.js'
import { bedSwitch } from './bedSwitch.js'
import { bedsideHeight } from './bedsideHeight.js'
import { headboardHidden } from './headboardHidden.js'
import { crooked } from './crooked.js'
import { cord } from './cord.js'
import { lampSchool } from './lampSchool.js'
import { lampToSeat } from './lampToSeat.js'
import { pendant } from './pendant.js'
import { sleepDark } from './sleepDark.js'
import { useLamp } from './useLamp.js'
import { useDark } from './useDark.js'
import { floorCutUp } from './floorCutUp.js'
import { rugBorder } from './rugBorder.js'
import { rugFlat } from './rugFlat.js'
import { rugGrip } from './rugGrip.js'
import { rugLegs } from './rugLegs.js'
import { rugUnder } from './rugUnder.js'
import { rugNominal } from './rugNominal.js'
import { front } from './front.js'
import { knees } from './knees.js'
import { backTurned } from './backTurned.js'
import { talk } from './talk.js'
import { toiletSide } from './toiletSide.js'
import { walk } from './walk.js'
import { covered } from './covered.js'
import { doorSwing } from './doorSwing.js'
import { outside } from './outside.js'
import { overlap } from './overlap.js'
import { sizeDoubt } from './sizeDoubt.js'
import { tooTall } from './tooTall.js'
import { tooWide } from './tooWide.js'
import { balanced } from './balanced.js'
import { exposed } from './exposed.js'
import { extendedBlocked } from './extendedBlocked.js'
import { extendedFoot } from './extendedFoot.js'
import { manyFocal } from './manyFocal.js'
import { profile } from './profile.js'
import { sightEnds } from './sightEnds.js'
import { wayIn } from './wayIn.js'
import { windowBlocked } from './windowBlocked.js'

/** The rules of the plan, in the order they are told. */ import { buttonCells } from './buttonCells.js'
import { glassAsked } from './glassAsked.js'
import { outdoorPower } from './outdoorPower.js'
import { foundWood } from './foundWood.js'
import { floorLoad } from './floorLoad.js'
import { mirrorSun } from './mirrorSun.js'
import { changingReach } from './changingReach.js'
import { oneSocket } from './oneSocket.js'

export const PLAN_RULES: readonly Rule<PlanFacts>[] = [
  overlap,
  outside,
  doorSwing,
  front,
  knees,
  walk,
  crooked,
  headboardHidden,
  bedsideHeight,
  bedSwitch,
  bloomGap,
  toiletSide,
  talk,
  backTurned,
  covered,
  windowBlocked,
  tooTall,
  tooWide,
  sizeDoubt,
  rugLegs,
  rugFlat,
  rugBorder,
  rugNominal,
  rugUnder,
  floorCutUp,
  rugGrip,
  extendedBlocked,
  extendedFoot,
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
  curvedFace,
  blemish,
  faceRefuses,
  matWider,
  paperGuard,
  glare,
  oneFrame,
  setOutClash,
  panelsThrough,
  useDark,
  useLamp,
  lampToSeat,
  cord,
  competes,
  pendant,
  lampSchool,
  sleepDark,
  overBed,
  heatNear,
  fuel,
  decanted,
  inCot,
  cordAsked,
  overSeat,
  tipOver,
  flame,
  shade,
  suspension,
  plants,
  cordAcross,
  wetLamp,
  buttonCells,
  glassAsked,
  outdoorPower,
  foundWood,
  floorLoad,
  mirrorSun,
  changingReach,
  oneSocket,
]

/** Everything the rule book says of a plan. */
export const planFindings = (facts: PlanFacts) => PLAN_RULES.flatMap((rule) => rule.check(facts))
