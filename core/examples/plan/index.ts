import type { PlanFacts } from '../../stages/plan/planFacts.js'
import type { ExamplesByRule } from '../ruleExamples.js'
import * as overBed from './overBed.js'
import * as buttonCells from './buttonCells.js'
import * as glassAsked from './glassAsked.js'
import * as outdoorPower from './outdoorPower.js'
import * as foundWood from './foundWood.js'
import * as floorLoad from './floorLoad.js'
import * as mirrorSun from './mirrorSun.js'
import * as changingReach from './changingReach.js'
import * as oneSocket from './oneSocket.js'
import * as decanted from './decanted.js'
import * as fuel from './fuel.js'
import * as cordAsked from './cordAsked.js'
import * as inCot from './inCot.js'
import * as bloomGap from './bloomGap.js'
import * as bedSwitch from './bedSwitch.js'
import * as bedsideHeight from './bedsideHeight.js'
import * as headboardHidden from './headboardHidden.js'
import * as crooked from './crooked.js'
import * as overSeat from './overSeat.js'
import * as tipOver from './tipOver.js'
import * as flame from './flame.js'
import * as shade from './shade.js'
import * as suspension from './suspension.js'
import * as plants from './plants.js'
import * as cordAcross from './cordAcross.js'
import * as wetLamp from './wetLamp.js'
import * as blemish from './blemish.js'
import * as curvedFace from './curvedFace.js'
import * as heatNear from './heatNear.js'
import * as glare from './glare.js'
import * as matWider from './matWider.js'
import * as paperGuard from './paperGuard.js'
import * as oneFrame from './oneFrame.js'
import * as panelsThrough from './panelsThrough.js'
import * as setOutClash from './setOutClash.js'
import * as eyeLine from './eyeLine.js'
import * as underCeiling from './underCeiling.js'
import * as grid from './grid.js'
import * as mirrored from './mirrored.js'
import * as overFurniture from './overFurniture.js'
import * as load from './load.js'
import * as hungOver from './hungOver.js'
import * as faceRefuses from './faceRefuses.js'
import * as useLamp from './useLamp.js'
import * as useDark from './useDark.js'
import * as lampToSeat from './lampToSeat.js'
import * as cord from './cord.js'
import * as competes from './competes.js'
import * as pendant from './pendant.js'
import * as lampSchool from './lampSchool.js'
import * as sleepDark from './sleepDark.js'
import * as rugLegs from './rugLegs.js'
import * as rugFlat from './rugFlat.js'
import * as rugBorder from './rugBorder.js'
import * as rugNominal from './rugNominal.js'
import * as rugUnder from './rugUnder.js'
import * as floorCutUp from './floorCutUp.js'
import * as rugGrip from './rugGrip.js'
import * as front from './front.js'
import * as knees from './knees.js'
import * as walk from './walk.js'
import * as backTurned from './backTurned.js'
import * as talk from './talk.js'
import * as toiletSide from './toiletSide.js'
import * as overlap from './overlap.js'
import * as outside from './outside.js'
import * as doorSwing from './doorSwing.js'
import * as tooTall from './tooTall.js'
import * as tooWide from './tooWide.js'
import * as sizeDoubt from './sizeDoubt.js'
import * as covered from './covered.js'
import * as sightEnds from './sightEnds.js'
import * as manyFocal from './manyFocal.js'
import * as balanced from './balanced.js'
import * as profile from './profile.js'
import * as exposed from './exposed.js'
import * as windowBlocked from './windowBlocked.js'
import * as extendedBlocked from './extendedBlocked.js'
import * as extendedFoot from './extendedFoot.js'
import * as wayIn from './wayIn.js'

/** A job that violates each rule of the plan and one that complies with it. */
export const PLAN_EXAMPLES: ExamplesByRule<PlanFacts> = {
  'plan.crooked': crooked,
  'plan.headboard-hidden': headboardHidden,
  'plan.bedside-height': bedsideHeight,
  'plan.bed-switch': bedSwitch,
  'plan.bloom-gap': bloomGap,
  'plan.over-bed': overBed,
  'plan.decanted': decanted,
  'plan.button-cells': buttonCells,
  'plan.glass': glassAsked,
  'plan.outdoor-power': outdoorPower,
  'plan.found-wood': foundWood,
  'plan.floor-load': floorLoad,
  'plan.mirror-sun': mirrorSun,
  'plan.changing-reach': changingReach,
  'plan.one-socket': oneSocket,
  'plan.fuel': fuel,
  'plan.cord-asked': cordAsked,
  'plan.in-cot': inCot,
  'plan.over-seat': overSeat,
  'plan.tip-over': tipOver,
  'plan.flame': flame,
  'plan.shade': shade,
  'plan.suspension': suspension,
  'plan.plants': plants,
  'plan.cord-across': cordAcross,
  'plan.wet-lamp': wetLamp,
  'plan.blemish': blemish,
  'plan.curved-face': curvedFace,
  'plan.heat-near': heatNear,
  'plan.glare': glare,
  'plan.mat-wider': matWider,
  'plan.paper-guard': paperGuard,
  'plan.one-frame': oneFrame,
  'plan.panels-through': panelsThrough,
  'plan.set-out': setOutClash,
  'plan.eye-line': eyeLine,
  'plan.under-ceiling': underCeiling,
  'plan.grid': grid,
  'plan.mirrored': mirrored,
  'plan.over-furniture': overFurniture,
  'plan.load': load,
  'plan.hung-over': hungOver,
  'plan.face-refuses': faceRefuses,
  'plan.use-lamp': useLamp,
  'plan.use-dark': useDark,
  'plan.lamp-seat': lampToSeat,
  'plan.lamp-cord': cord,
  'plan.lamp-competes': competes,
  'plan.pendant': pendant,
  'plan.lamp-school': lampSchool,
  'plan.sleep-dark': sleepDark,
  'plan.rug-legs': rugLegs,
  'plan.rug-flat': rugFlat,
  'plan.rug-border': rugBorder,
  'plan.rug-nominal': rugNominal,
  'plan.rug-under-table': rugUnder,
  'plan.floor-cut-up': floorCutUp,
  'plan.rug-grip': rugGrip,
  'plan.front': front,
  'plan.knees': knees,
  'plan.walk': walk,
  'plan.back-turned': backTurned,
  'plan.talk': talk,
  'plan.toilet-side': toiletSide,
  'plan.overlap': overlap,
  'plan.outside': outside,
  'plan.door-swing': doorSwing,
  'plan.too-tall': tooTall,
  'plan.too-wide': tooWide,
  'plan.size-doubt': sizeDoubt,
  'plan.covered': covered,
  'plan.sight-end': sightEnds,
  'plan.focus-many': manyFocal,
  'plan.balance': balanced,
  'plan.height-profile': profile,
  'plan.exposed': exposed,
  'plan.window-blocked': windowBlocked,
  'plan.extended-blocked': extendedBlocked,
  'plan.extended-foot': extendedFoot,
  'plan.way-in': wayIn,
}
