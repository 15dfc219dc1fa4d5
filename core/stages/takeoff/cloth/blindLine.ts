import type { Reckoned, TakeoffInput } from '../takeoffTypes.js'
import type { Drawing } from '../trade.js'
import { blindFor, RECESS_MM, romanCloth, type Blind } from './blinds.js'
import { boughtLength } from './coverLayout.js'
import { clothStep, windowWays } from './windowWays.js'

/** A blind at a window: roman from cloth, or made to measure by whoever sells it. */
export function blindLine({ row, window, ceilingMm, says }: TakeoffInput): Reckoned {
  if (!window) throw new RangeError('the window it hangs at')
  const blind = blindFor(window, row.inside, row.trimMm)
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
    `Drawn up it hangs down about ${says.length(blind.drawnUpMm)}${row.inside ? ' over the glass' : ''}.`,
    'No cord or chain within reach of a child: a wand, a spring or a motor, or a breakaway fitted high.',
  ]
  const beside = windowWays(row, window, ceilingMm, says)
  if (row.readyMade)
    return {
      pieces: 1,
      packWord: ['blind', 'blinds'],
      needed: size,
      over: 'nothing',
      sum: where,
      beside,
      notes,
      drawings: [drawn(blind, 1)],
    }
  const hems = { side: row.overlapMm, top: row.topHemMm, foot: row.footHemMm }
  const cloth = romanCloth(blind, hems, row.goodsWidthMm ?? 0, row.repeatMm)
  return {
    lengthMm: boughtLength(cloth.lengthMm, clothStep(says.system)),
    packWord: ['', ''],
    needed: says.count(cloth.widths, 'width'),
    over: says.length(boughtLength(cloth.lengthMm, clothStep(says.system)) - cloth.lengthMm),
    sum: [
      ...where,
      `${says.drawn(blind.widthMm)} + 2 × ${says.drawn(row.overlapMm)} ÷ ${says.drawn(row.goodsWidthMm ?? 0)} → ${says.count(cloth.widths, 'width')}`,
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
    drawings: [drawn(blind, blind.folds)],
  }
}

/** The blind let down, its folds from above, half a one at the foot. */
function drawn(blind: Blind, folds: number): Drawing {
  const high = folds > 1 ? blind.foldMm : blind.heightMm
  const count = folds > 1 ? folds : 1
  return {
    name: 'Blind, let down',
    widthMm: blind.widthMm,
    heightMm: blind.heightMm,
    times: 1,
    parts: [
      ...Array.from({ length: count }, (_, i) => ({
        xMm: 0,
        yMm: i * high,
        widthMm: blind.widthMm,
        heightMm: high,
        label: count > 1 ? String(i + 1) : '',
        use: 'used' as const,
      })),
      ...(count > 1
        ? [
            {
              xMm: 0,
              yMm: count * high,
              widthMm: blind.widthMm,
              heightMm: blind.heightMm - count * high,
              label: '½',
              use: 'used' as const,
            },
          ]
        : []),
    ],
  }
}
