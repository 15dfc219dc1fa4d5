import type { Takeoff } from '@bonitas/core/model/rows/takeoffs'
import type { Trade } from '@bonitas/core/model/vocabulary/takeoff'
import type { UnitSystem } from '@bonitas/core/kernel/units/length'
import { t } from './words.js'

/** What a field is called in a trade: the width of a roll, of a tile, of a cloth. */
export function fieldWord(trade: Trade, field: keyof Takeoff, system: UnitSystem): string {
  if (field === 'packMinor' && BY_LENGTH.has(trade))
    return system === 'metric' ? t('priceAMeter') : t('priceAYard')
  const own = WORDS[trade][field]
  return own ? own() : (COMMON[field]?.() ?? field)
}

/** Sold by the meter or by the yard. */
const BY_LENGTH: ReadonlySet<Trade> = new Set(['carpet', 'stairs', 'curtains', 'blinds', 'cover'])

const COMMON: Partial<Record<keyof Takeoff, () => string>> = {
  fromMm: () => t('from'),
  toMm: () => t('upTo'),
  packOf: () => t('inABox'),
  packMinor: () => t('priceOfOne'),
  repeatMm: () => t('repeat'),
  squareMm: () => t('sideOfASquare'),
  posts: () => t('posts'),
  trimMm: () => t('trimEachEnd'),
  seamMm: () => t('firstSeam'),
  jointMm: () => t('joint'),
  fullness: () => t('fullness'),
  returnMm: () => t('returnToWall'),
  overlapMm: () => t('overlap'),
  topHemMm: () => t('hemAtTheTop'),
  footHemMm: () => t('hemAtTheFoot'),
  sparePacks: () => t('spareToKeep'),
  riserMm: () => t('riserHigh'),
  goingMm: () => t('goingDeep'),
  stairMm: () => t('widthOnTheStair'),
  landingMm: () => t('ofTheLanding'),
  thickMm: () => t('thickness'),
  springDeg: () => t('springAngle'),
  pipingMm: () => t('piping'),
}
const WORDS: Readonly<Record<Trade, Partial<Record<keyof Takeoff, () => string>>>> = {
  wallpaper: {
    goodsWidthMm: () => t('rollWidth'),
    goodsLengthMm: () => t('rollLength'),
    packMinor: () => t('priceARoll'),
  },
  tile: {
    goodsWidthMm: () => t('tileWidth'),
    goodsLengthMm: () => t('tileHeight'),
    packMinor: () => t('priceABox'),
  },
  boards: {
    goodsWidthMm: () => t('boardWidth'),
    goodsLengthMm: () => t('boardLength'),
    packMinor: () => t('priceABox'),
  },
  carpet: {
    goodsWidthMm: () => t('rollWidth'),
    trimMm: () => t('trimADrop'),
  },
  stairs: {
    posts: () => t('risers'),
    goodsWidthMm: () => t('rollWidth'),
    trimMm: () => t('forItsEnds'),
  },
  curtains: {
    goodsWidthMm: () => t('clothWidth'),
    trimMm: () => t('railBeyond'),
    fromMm: () => t('footAboveFloor'),
    toMm: () => t('railAboveFloor'),
  },
  lengths: {
    goodsLengthMm: () => t('stockLength'),
    jointMm: () => t('sawTakes'),
    packMinor: () => t('priceOfOne'),
  },
  blinds: {
    goodsWidthMm: () => t('clothWidth'),
    overlapMm: () => t('sideHem'),
    trimMm: () => t('beyondWindow'),
  },
  sheets: {
    goodsWidthMm: () => t('sheetWidth'),
    goodsLengthMm: () => t('sheetLength'),
    jointMm: () => t('sawTakes'),
    trimMm: () => t('trimAround'),
    packMinor: () => t('priceASheet'),
  },
  ties: {},
  cover: { goodsWidthMm: () => t('clothWidth') },
}
