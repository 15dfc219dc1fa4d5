import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'
import type { ExamplesByRule } from '../ruleExamples.js'
import * as accentNowhere from './accentNowhere.js'
import * as darkOnDark from './darkOnDark.js'
import * as wantedColor from './wantedColor.js'
import * as accentScarce from './accentScarce.js'
import * as accentMissing from './accentMissing.js'
import * as accentSeenAgain from './accentSeenAgain.js'
import * as boldUnrelated from './boldUnrelated.js'
import * as clothNearWall from './clothNearWall.js'
import * as darkFocus from './darkFocus.js'
import * as envelope from './envelope.js'
import * as envelopeDepth from './envelopeDepth.js'
import * as foliageFollows from './foliageFollows.js'
import * as inheritedApart from './inheritedApart.js'
import * as notInInspiration from './notInInspiration.js'
import * as inspirationUnused from './inspirationUnused.js'
import * as metamericShift from './metamericShift.js'
import * as largeNeighbors from './largeNeighbors.js'
import * as metals from './metals.js'
import * as metalWarmth from './metalWarmth.js'
import * as mood from './mood.js'
import * as nearMiss from './nearMiss.js'
import * as openFloor from './openFloor.js'
import * as orphanColor from './orphanColor.js'
import * as patternsAlike from './patternsAlike.js'
import * as patternSharesNoColor from './patternSharesNoColor.js'
import * as tooManyPatterns from './tooManyPatterns.js'
import * as pieceAgainstWall from './pieceAgainstWall.js'
import * as rugAgainstFloor from './rugAgainstFloor.js'
import * as shares from './shares.js'
import * as sheen from './sheen.js'
import * as dominates from './dominates.js'
import * as staysIgnored from './staysIgnored.js'
import * as texture from './texture.js'
import * as timberLightness from './timberLightness.js'
import * as tooManyHues from './tooManyHues.js'
import * as trimContrast from './trimContrast.js'
import * as undertoneClash from './undertoneClash.js'
import * as unfit from './unfit.js'

/** A job that violates each rule of the palette and one that complies with it. */
export const PALETTE_EXAMPLES: ExamplesByRule<PaletteFacts> = {
  'palette.accent-nowhere': accentNowhere,
  'palette.dark-on-dark': darkOnDark,
  'palette.wanted-color': wantedColor,
  'palette.accent-scarce': accentScarce,
  'palette.accent-missing': accentMissing,
  'palette.accent-seen-again': accentSeenAgain,
  'palette.bold-unrelated': boldUnrelated,
  'palette.cloth-near-wall': clothNearWall,
  'palette.dark-focus': darkFocus,
  'palette.envelope': envelope,
  'palette.envelope-depth': envelopeDepth,
  'palette.foliage-follows': foliageFollows,
  'palette.inherited-apart': inheritedApart,
  'palette.not-in-inspiration': notInInspiration,
  'palette.inspiration-unused': inspirationUnused,
  'palette.metameric-shift': metamericShift,
  'palette.large-neighbors': largeNeighbors,
  'palette.metals': metals,
  'palette.metal-warmth': metalWarmth,
  'palette.mood': mood,
  'palette.near-miss': nearMiss,
  'palette.open-floor': openFloor,
  'palette.orphan-color': orphanColor,
  'palette.patterns-alike': patternsAlike,
  'palette.pattern-shares-no-color': patternSharesNoColor,
  'palette.too-many-patterns': tooManyPatterns,
  'palette.piece-against-wall': pieceAgainstWall,
  'palette.rug-against-floor': rugAgainstFloor,
  'palette.shares': shares,
  'palette.sheen': sheen,
  'palette.dominates': dominates,
  'palette.stays-ignored': staysIgnored,
  'palette.texture': texture,
  'palette.timber-lightness': timberLightness,
  'palette.too-many-hues': tooManyHues,
  'palette.trim-contrast': trimContrast,
  'palette.undertone-clash': undertoneClash,
  'palette.unfit': unfit,
}
