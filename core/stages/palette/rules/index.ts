import type { Rule } from '../../../findings/finding.js'
import type { PaletteFacts } from '../paletteFacts.js'
import { accentMissing } from './accentMissing.js'
import { accentNowhere } from './accentNowhere.js'
import { darkOnDark } from './darkOnDark.js'
import { wantedColor } from './wantedColor.js'
import { accentScarce } from './accentScarce.js'
import { accentSeenAgain } from './accentSeenAgain.js'
import { boldUnrelated } from './boldUnrelated.js'
import { clothNearWall } from './clothNearWall.js'
import { darkFocus } from './darkFocus.js'
import { envelope } from './envelope.js'
import { envelopeDepth } from './envelopeDepth.js'
import { foliageFollows } from './foliageFollows.js'
import { inspirationUnused } from './inspirationUnused.js'
import { notInInspiration } from './notInInspiration.js'
import { inheritedApart } from './inheritedApart.js'
import { metamericShift } from './metamericShift.js'
import { largeNeighbors } from './largeNeighbors.js'
import { metals } from './metals.js'
import { metalWarmth } from './metalWarmth.js'
import { mood } from './mood.js'
import { nearMiss } from './nearMiss.js'
import { openFloor } from './openFloor.js'
import { orphanColor } from './orphanColor.js'
import { patternsAlike } from './patternsAlike.js'
import { patternSharesNoColor } from './patternSharesNoColor.js'
import { tooManyPatterns } from './tooManyPatterns.js'
import { pieceAgainstWall } from './pieceAgainstWall.js'
import { rugAgainstFloor } from './rugAgainstFloor.js'
import { shares } from './shares.js'
import { sheen } from './sheen.js'
import { dominates } from './dominates.js'
import { staysIgnored } from './staysIgnored.js'
import { texture } from './texture.js'
import { timberLightness } from './timberLightness.js'
import { tooManyHues } from './tooManyHues.js'
import { trimContrast } from './trimContrast.js'
import { undertoneClash } from './undertoneClash.js'
import { unfit } from './unfit.js'

export const PALETTE_RULES: readonly Rule<PaletteFacts>[] = [
  undertoneClash,
  inheritedApart,
  largeNeighbors,
  foliageFollows,
  nearMiss,
  pieceAgainstWall,
  clothNearWall,
  rugAgainstFloor,
  envelope,
  envelopeDepth,
  darkFocus,
  trimContrast,
  openFloor,
  tooManyHues,
  shares,
  accentSeenAgain,
  accentScarce,
  accentNowhere,
  darkOnDark,
  wantedColor,
  accentMissing,
  orphanColor,
  notInInspiration,
  inspirationUnused,
  staysIgnored,
  boldUnrelated,
  dominates,
  metals,
  metalWarmth,
  timberLightness,
  patternsAlike,
  patternSharesNoColor,
  tooManyPatterns,
  texture,
  sheen,
  mood,
  unfit,
  metamericShift,
]
