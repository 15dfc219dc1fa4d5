import type { Reckoned, TakeoffInput } from '../takeoffTypes.js'
import type { Drawing } from '../trade.js'
import { blindFor, RECESS_MM, romanCloth, type Blind } from './blinds.js'
import { boughtLength } from './coverLayout.js'
import { tens } from '../trade.js'
import { clothStep, windowWays } from './windowWays.js'

/** A blind at a window: roman from cloth, or made to measure by whoever sells it. */
export function blindLine({ row, window, ceilingMm, says }: TakeoffInput): Reckoned {
  if (!window) throw new RangeError('the window it hangs at')
  const blind = blindFor(window, row.inside, row.trimMm, ceilingMm)
  if (blind.widthMm <= 0)
    throw new RangeError(`a window wider than the ${says.length(RECESS_MM)} it is taken in by`)
  const size = `${says.drawn(blind.widthMm)} × ${says.drawn(blind.heightMm)}`
  const where = row.inside
    ? [
        `${says.drawn(window.widthMm)} − ${says.drawn(RECESS_MM)}, ${says.drawn(blind.heightMm)} high → ${size}`,
      ]
    : [`${says.drawn(window.widthMm)} + 2 × ${says.drawn(row.trimMm)} wide → ${size}`]
  const notes = [
    row.inside
      ? 'Measure the recess at three heights and order by the least; the maker is told whether a gap is taken off already.'
      : 'Before the wall it needs free wall at both sides: look for a handle that stands out.',
    blind.coversMm > 0
      ? `Drawn up it covers about ${says.length(tens(blind.coversMm))} of the window.`
      : 'Drawn up it clears the window.',
    'No cord or chain within reach of a child: a wand, a spring or a motor, or a breakaway fitted high.',
  ]
  const beside = windowWays(row, window, ceilingMm, says)
  if (row.readyMade)
    return {
      pieces: 1,
      packWord: ['blind', 'blinds'],
      needed: size,
      work: [{ task: 'put up a rail or a blind', amount: 1 }],
      over: 'nothing',
      sum: where,
      beside,
      notes,
      drawings: [drawn(blind, false)],
    }
  const hems = { side: row.overlapMm, top: row.topHemMm, foot: row.footHemMm }
  const cloth = romanCloth(blind, hems, row.goodsWidthMm ?? 0, row.repeatMm)
  return {
    lengthMm: boughtLength(cloth.lengthMm, clothStep(says.system)),
    packWord: ['', ''],
    needed: says.count(cloth.widths, 'width'),
    work: [
      { task: 'make up curtains', amount: cloth.widths },
      { task: 'put up a rail or a blind', amount: 1 },
    ],
    seamMm: 2 * (cloth.widths * blind.heightMm + blind.widthMm),
    over: says.length(boughtLength(cloth.lengthMm, clothStep(says.system)) - cloth.lengthMm),
    sum: [
      ...where,
      `(${says.drawn(blind.widthMm)} + 2 × ${says.drawn(row.overlapMm)}) ÷ ${says.drawn(row.goodsWidthMm ?? 0)} → ${says.count(cloth.widths, 'width')}`,
      `${says.drawn(blind.heightMm)} + ${says.drawn(row.topHemMm)} + ${says.drawn(row.footHemMm)}${row.repeatMm > 0 ? ` → whole repeats of ${says.drawn(row.repeatMm)}` : ''} = ${says.drawn(cloth.cutMm)}`,
      `${says.count(blind.folds, 'fold')} of ${says.drawn(blind.foldMm)} and half a one`,
    ],
    beside,
    goesWith: [
      { name: 'Lining', quantity: says.length(cloth.widths * (blind.heightMm + row.topHemMm)) },
      { name: 'Rods', quantity: `${blind.folds} of ${says.length(blind.widthMm)}` },
    ],
    notes: [
      ...notes,
      ...(cloth.widths > 1
        ? ['More than one width: a whole one in the middle, the others cut alike at both sides.']
        : []),
      ...(row.repeatMm > 0
        ? [`Let down it shows ${says.number(blind.heightMm / row.repeatMm, 1)} repeats flat and whole.`]
        : []),
    ],
    drawings: [drawn(blind, true)],
  }
}

/** The blind let down, its folds from above, half a one at the foot. */
function drawn(blind: Blind, folded: boolean): Drawing {
  const { widthMm, heightMm, foldMm } = blind
  const band = (yMm: number, toMm: number, label: string) => ({
    ...{ xMm: 0, yMm, widthMm, heightMm: toMm - yMm, label },
    use: 'used' as const,
  })
  const folds = Array.from({ length: blind.folds }, (_, i) =>
    band(i * foldMm, (i + 1) * foldMm, String(i + 1)),
  )
  const parts = folded ? [...folds, band(blind.folds * foldMm, heightMm, '½')] : [band(0, heightMm, '')]
  return { name: 'Blind, let down', widthMm, heightMm, times: 1, parts }
}
