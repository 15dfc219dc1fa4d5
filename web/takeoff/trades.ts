import type { Takeoff } from '@bonitas/core/model/rows/takeoffs'
import type { Trade } from '@bonitas/core/model/vocabulary/takeoff'
import { t } from './words.js'

export const TRADE_NAMES: Readonly<Record<Trade, () => string>> = {
  wallpaper: () => t('wallpaper'),
  tile: () => t('tile'),
  boards: () => t('boards'),
  carpet: () => t('carpet'),
  stairs: () => t('stairs'),
  curtains: () => t('curtains'),
  blinds: () => t('blinds'),
  lengths: () => t('lengths'),
  sheets: () => t('sheets'),
  cover: () => t('cover'),
  ties: () => t('ties'),
}

/** What a line of a trade begins with: sizes that are sold nearly everywhere, to be changed. */
export const TRADE_BEGINS: Readonly<Record<Trade, { metric: Partial<Takeoff>; imperial: Partial<Takeoff> }>> =
  {
    wallpaper: {
      metric: { goodsWidthMm: 530, goodsLengthMm: 10_050 },
      imperial: { goodsWidthMm: 520.7, goodsLengthMm: 10_058.4, trimMm: 50.8 },
    },
    tile: { metric: { jointMm: 3 }, imperial: { jointMm: 3.175 } },
    boards: { metric: {}, imperial: {} },
    carpet: { metric: { goodsWidthMm: 4000, trimMm: 100 }, imperial: { goodsWidthMm: 3657.6, trimMm: 76.2 } },
    stairs: {
      metric: { riserMm: 180, goingMm: 250, goodsWidthMm: 700, trimMm: 100 },
      imperial: { riserMm: 190.5, goingMm: 254, goodsWidthMm: 685.8, trimMm: 101.6 },
    },
    curtains: {
      metric: { goodsWidthMm: 1400, trimMm: 150, fromMm: 10 },
      imperial: { goodsWidthMm: 1371.6, trimMm: 152.4, fromMm: 12.7, topHemMm: 203.2, footHemMm: 203.2 },
    },
    blinds: {
      metric: { goodsWidthMm: 1400, trimMm: 100, topHemMm: 50, footHemMm: 80, overlapMm: 40 },
      imperial: { goodsWidthMm: 1371.6, trimMm: 101.6, topHemMm: 50.8, footHemMm: 76.2, overlapMm: 38.1 },
    },
    lengths: {
      metric: { goodsLengthMm: 2400, jointMm: 3 },
      imperial: { goodsLengthMm: 2438.4, jointMm: 3.175 },
    },
    sheets: {
      metric: { goodsWidthMm: 1220, goodsLengthMm: 2440, jointMm: 3, trimMm: 0 },
      imperial: { goodsWidthMm: 1219.2, goodsLengthMm: 2438.4, jointMm: 3.175, trimMm: 0 },
    },
    ties: { metric: {}, imperial: {} },
    cover: { metric: { goodsWidthMm: 1400 }, imperial: { goodsWidthMm: 1371.6 } },
  }
