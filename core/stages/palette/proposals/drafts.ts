import { chroma, hueDeg, hueTurn, type LabD65 } from '../../../kernel/color/lab.js'
import { seededNumbers } from '../../../kernel/random/seededNumbers.js'
import { labOf } from '../paletteFacts.js'
import { undertoneSilent } from '../undertone.js'
import type { ProposalWish } from './propose.js'
import type { Part } from './slots.js'

/** One draft: the color wanted for each part. */
export interface Draft {
  readonly target: Readonly<Record<Exclude<Part, 'metal'>, LabD65>>
}

export const polar = (l: number, c: number, deg: number): LabD65 => ({
  l,
  a: c * Math.cos((deg * Math.PI) / 180),
  b: c * Math.sin((deg * Math.PI) / 180),
})

/**
 * Drafts out of what stays, what inspires and the school: a neutral that leans with what stays, a second color and
 * an accent from the inspiration, or, without one, hues a third of the circle and more apart.
 */
export function drafts(wish: ProposalWish): Draft[] {
  const { rows, seed } = wish
  const next = seededNumbers(seed)
  const { colorScheme, mood, trimAndCeiling, textiles, pieceAgainstWall } = rows.schools
  const kept = rows.finishes.filter((f) => f.role === 'stays').map(labOf)
  const strong = kept.filter((l) => chroma(l) >= 12)
  const sampledColors = rows.sampledColors.map((p) => ({ l: p.labL, a: p.labA, b: p.labB }))
  const colored = sampledColors.filter((p) => chroma(p) >= 10)
  const quiet = colorScheme === 'quiet neutral' || textiles === 'recede'
  const warm = hueDeg(strong[0] ?? kept.find((l) => !undertoneSilent(l)) ?? polar(50, 10, 80))
  // Neutrals lean with the timber that stays; among beige and grey greens the eye finds few faults.
  const leanings = [78, 88, 96, ...(Math.abs(hueTurn(warm, 80)) > 90 ? [200, 250] : [])]
  const dark = trimAndCeiling === 'one envelope, dark'
  const cocoon = mood === 'warm cocoon'
  const ls = dark ? [30, 34] : mood === 'bright and airy' ? [91, 88] : cocoon ? [72, 80] : [88, 82]
  const freeHues = Array.from({ length: 6 }, () => Math.floor(360 * next()))
  // What inspires comes first; free hues are there for the case that it gives too little.
  const free = (c: number, from: number, to: number) => freeHues.slice(from, to).map((h) => polar(48, c, h))
  const seconds = [...colored, ...free(quiet ? 10 : 18, 0, 4)]
  const accents = [...colored, ...strong.slice(0, 1), ...free(quiet ? 14 : 42, 2, 6)]
  const lifted = (lab: LabD65) => colored.length < 2 || colored.includes(lab)
  const list: { draft: Draft; key: number }[] = []
  for (const lean of leanings)
    for (const l of ls)
      for (const s of seconds)
        for (const a of accents) {
          const apart = Math.abs(hueTurn(hueDeg(s), hueDeg(a)))
          if (s === a || (apart < 35 && !quiet)) continue
          // A dark envelope is deep and colored, not black.
          const wall = dark ? polar(l, Math.max(13, 0.7 * chroma(s)), hueDeg(s)) : polar(l, 7, lean)
          const second = quiet ? polar(Math.max(35, l - 22), 8, lean) : s
          const accent = quiet ? polar(58, 13, hueDeg(a)) : chroma(a) < 25 ? polar(a.l, 28, hueDeg(a)) : a
          const seatL = pieceAgainstWall === 'tone in' ? l : l > 75 ? l - 16 : l + 20
          // A seeded order, so that a cut in the middle is no bias towards the first leaning.
          const key = next() + (lifted(s) ? 0 : 1) + (lifted(a) ? 0 : 1)
          list.push({
            key,
            draft: {
              target: {
                wall,
                pale:
                  dark || trimAndCeiling === 'one envelope, light'
                    ? wall
                    : polar(Math.min(96, l + 9), 4, lean),
                lower: dark || trimAndCeiling === 'one envelope, light' ? wall : second,
                seat: polar(seatL, 8, lean),
                second: { l: Math.min(70, second.l + 12), a: second.a * 0.8, b: second.b * 0.8 },
                accent,
              },
            },
          })
        }
  return list.sort((x, y) => x.key - y.key).map(({ draft }) => draft)
}
