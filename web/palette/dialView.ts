import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { undertoneSilent } from '@bonitas/core/stages/palette/undertone'
import { t } from './words.js'

export interface DialDot {
  readonly id: string
  readonly name: string
  readonly x: number
  readonly y: number
  readonly r: number
  readonly color: string
  readonly text: string
  /** Neutral or near black: its hue says nothing, so it is drawn without a ring. */
  readonly silent: boolean
  readonly benched: boolean
}

export const DIAL_RADIUS = 100
/** Chroma of each ring; the scale is the square root, so that the leanings of near-neutrals can be told apart. */
export const DIAL_RINGS = [5, 15, 30, 50] as const
const DIAL_CHROMA = 60

export const dialDistance = (chroma: number): number =>
  DIAL_RADIUS * Math.sqrt(Math.min(chroma, DIAL_CHROMA) / DIAL_CHROMA)

/**
 * Finishes on the hue circle: angle is h_ab counted from the right (red) against the clock, distance the chroma,
 * size the share. Large ones first, so that small ones lie on top.
 */
export function dialView(finishes: readonly FinishFacts[]): DialDot[] {
  return [...finishes]
    .sort((x, y) => y.share - x.share)
    .map((f) => {
      const angle = (f.undertone.hueDeg * Math.PI) / 180
      const d = dialDistance(f.undertone.chroma)
      return {
        id: f.finish.id,
        name: f.finish.name,
        x: d * Math.cos(angle),
        y: -d * Math.sin(angle),
        r: 4.5 + 22 * Math.sqrt(f.share),
        color: labToHex(f.lab),
        text: t('namePhraseHueDegChromaChroma', {
          name: f.finish.name,
          phrase: f.undertone.phrase,
          hueDeg: Math.round(f.undertone.hueDeg),
          chroma: Math.round(f.undertone.chroma),
        }),
        silent: undertoneSilent(f.lab),
        benched: f.share === 0,
      }
    })
}
