import type { Formatter } from '../../../kernel/units/formatter.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import type { Reckoned, TakeoffInput } from '../takeoffTypes.js'
import { ceilDiv, tens, type Drawing } from '../trade.js'
import { upholsteryExtra } from '../customary.js'
import { boughtLength, coverDrawing, coverLayout } from './coverLayout.js'
import { biasLength, curtainCut, readyPanels, tiesFor, type CurtainCut } from './curtains.js'
import { clearingBeyond, clothStep, coveredOpen, railHeight, stackBack, windowWays } from './windowWays.js'

/** Curtains made up from cloth, or panels as they are sold. */
export function curtainsLine({ row, window, ceilingMm, says }: TakeoffInput): Reckoned {
  if (!window) throw new RangeError('the window it hangs at')
  const track = window.widthMm + 2 * row.trimMm
  const top = railHeight(row, window, ceilingMm)
  if (ceilingMm !== undefined && top > ceilingMm)
    throw new RangeError(`a rail under the ceiling, which is at ${says.length(ceilingMm)}`)
  const finished = top - row.fromMm
  if (finished <= 0) throw new RangeError('a rail above the foot of the curtain')
  const cloth = row.goodsWidthMm ?? 0
  const beside = windowWays(row, window, ceilingMm, says)
  if (row.readyMade) return { ...panelsLine(row, track, finished, says), beside }
  const got = curtainCut({
    track,
    returns: row.returnMm,
    overlap: row.overlapMm,
    fullness: row.fullness,
    finished,
    topHem: row.topHemMm,
    footHem: row.footHemMm,
    clothWidth: cloth,
    repeat: row.repeatMm,
  })
  const bare = finished + row.topHemMm + row.footHemMm
  return {
    lengthMm: boughtLength(got.length, clothStep(says.system)),
    packWord: ['', ''],
    needed: says.count(got.widths, 'width'),
    work: [
      { task: 'make up curtains', amount: got.widths },
      { task: 'put up a rail or a blind', amount: 1 },
    ],
    // Two long edges of each width, its head and its foot.
    seamMm: 2 * got.widths * (finished + cloth),
    over: got.cut > bare ? `${says.length(got.cut - bare)} of each width, for the repeat` : 'nothing',
    sum: [
      `${says.drawn(window.widthMm)} + 2 × ${says.drawn(row.trimMm)} = rail ${says.drawn(track)}`,
      `(${says.drawn(track)} + ${says.drawn(row.overlapMm)} + 2 × ${says.drawn(row.returnMm)}) × ${says.number(row.fullness, 2)} ÷ ${says.drawn(cloth)} → ${says.count(got.widths, 'width')}`,
      `${says.drawn(finished)} + ${says.drawn(row.topHemMm)} + ${says.drawn(row.footHemMm)}${row.repeatMm > 0 ? ` → whole repeats of ${says.drawn(row.repeatMm)}` : ''} = ${says.drawn(got.cut)}`,
      `${got.widths} × ${says.drawn(got.cut)} = ${says.length(got.length)}`,
    ],
    beside,
    goesWith: [
      { name: 'Rail', quantity: says.length(track) },
      { name: 'Lining, where it is lined', quantity: says.length(got.widths * (finished + row.topHemMm)) },
      { name: 'Heading tape', quantity: says.run(got.widths * cloth) },
      { name: 'Gliders or hooks', quantity: says.count(glidersFor(got.coverage, row.pair), 'piece') },
    ],
    notes: [
      `As full as it comes out: ${says.number(got.fullness, 2)} to 1.`,
      ...drawnBack(row, window.widthMm, track, got.fullness, says),
      ...(row.repeatMm > 0
        ? [
            `Of the pattern about ${says.percent(1 / got.fullness)} is seen at a time, in folds; flat it shows in a blind.`,
          ]
        : []),
      ...(got.widths % 2 === 1 ? ['An odd number of widths: one is cut in half for the pair.'] : []),
      'Measure the window itself, at the top, in the middle and at the foot, before the cloth is cut.',
    ],
    drawings: [widthsDrawing(got, bare, cloth)],
  }
}

/** The widths of a curtain one after the other on the cloth, with what the repeat costs between them. */
function widthsDrawing(got: CurtainCut, bareMm: number, clothMm: number): Drawing {
  const part = (xMm: number, widthMm: number, label: string, use: 'used' | 'lost') => {
    return { xMm, yMm: 0, widthMm, heightMm: clothMm, label, use }
  }
  return {
    name: 'Cloth, width after width',
    widthMm: got.length,
    heightMm: clothMm,
    times: 1,
    parts: Array.from({ length: got.widths }, (_, i) => [
      part(i * got.cut, bareMm, String(i + 1), 'used'),
      part(i * got.cut + bareMm, got.cut - bareMm, '', 'lost'),
    ]).flat(),
  }
}

/** One glider for so much of the rail, cloth gathered (common practice: 80 to 100 mm), and one at the end of each curtain. */
const GLIDER_MM = 100
const glidersFor = (coverageMm: number, pair: boolean): number =>
  ceilDiv(coverageMm, GLIDER_MM) + (pair ? 2 : 1)

/** How much of the window stays covered when the curtains are drawn back, and which rail would clear it. */
function drawnBack(
  row: Takeoff,
  windowMm: number,
  railMm: number,
  fullness: number,
  says: Formatter,
): string[] {
  const stack = stackBack(railMm, fullness, row.pair)
  const covered = coveredOpen(windowMm, railMm, fullness, row.pair)
  const side = row.pair ? 'each side' : 'one side'
  const takes = `Drawn back they take about ${says.length(tens(stack))} at ${side}`
  if (covered <= 0) return [`${takes}, and clear the window.`]
  return [
    `${takes}: ${says.length(tens(covered))} of the window stays covered there.${
      row.pair && fullness < 6
        ? ` A rail ${says.length(10 * Math.ceil(clearingBeyond(windowMm, fullness) / 10))} beyond it at each side would clear it.`
        : ''
    }`,
  ]
}

/** Panels as they are sold, each counted and priced by itself. */
function panelsLine(row: Takeoff, track: number, finished: number, says: Formatter): Reckoned {
  const wide = row.goodsWidthMm ?? 0
  const panels = readyPanels(track, row.fullness, wide, row.pair)
  return {
    pieces: panels,
    packWord: row.packOf > 1 ? ['pack', 'packs'] : ['panel', 'panels'],
    needed: says.count(panels, 'panel'),
    work: [{ task: 'put up a rail or a blind', amount: 1 }],
    over: 'nothing',
    sum: [
      `${says.drawn(track)} × ${says.number(row.fullness, 2)} ÷ ${says.drawn(wide)} → ${says.count(panels, 'panel')}${row.pair ? ', as many left as right' : ''}`,
    ],
    notes: [
      `Each ${says.length(finished)} long or longer, to be taken up.`,
      'Does the seller price a panel or a pair? Say in a pack how many there are.',
    ],
    drawings: [],
  }
}

/** Ties of a skirt of cloth. */
export function tiesLine({ row, says }: TakeoffInput): Reckoned {
  const ties = tiesFor(row.posts, row.ring)
  const gaps = row.ring ? row.posts : row.posts - 1
  return {
    pieces: ties,
    packWord: row.packOf > 1 ? ['pack', 'packs'] : ['tie', 'ties'],
    needed: says.count(ties, 'tie'),
    work: [{ task: 'tie on', amount: ties }],
    over: 'nothing',
    sum: [
      `${says.count(row.posts, 'post')} and ${says.count(gaps, 'gap')} between them → ${says.count(ties, 'tie')}`,
    ],
    notes: ['One at each joint and one half-way between, so that the cloth does not sag.'],
    drawings: [],
  }
}

/** Piping is covered with strips as wide as this (common practice: 38 mm, 1 1/2 in). */
const BIAS_MM = 38.1
/** The square that gives so much bias strip, to the next centimeter. */
const biasSquare = (pipingMm: number): number => {
  let side = 100
  while (biasLength(side, BIAS_MM) < pipingMm) side += 10
  return side
}

/** A cover laid out on its cloth. */
export function coverLine({ row, parts, says }: TakeoffInput): Reckoned {
  const cloth = row.goodsWidthMm ?? 0
  const square = row.pipingMm > 0 ? biasSquare(row.pipingMm) : 0
  const got = coverLayout(
    [
      ...parts.map((p) => ({
        name: p.name,
        acrossMm: p.widthMm ?? 0,
        alongMm: p.lengthMm,
        count: p.count,
        free: p.mayTurn,
      })),
      ...(square > 0 ? [{ name: 'Piping', acrossMm: square, alongMm: square, count: 1 }] : []),
    ],
    cloth,
    row.repeatMm,
  )
  const bought = boughtLength(got.lengthMm, says.system === 'metric' ? 500 : 457.2)
  return {
    lengthMm: bought,
    packWord: ['', ''],
    needed: says.length(got.lengthMm),
    work: [{ task: 'make up covers', amount: got.lengthMm }],
    // Each seam joins the edges of two pieces.
    seamMm: parts.reduce((sum, p) => sum + p.count * (p.lengthMm + (p.widthMm ?? 0)), 0),
    over: says.length(bought - got.lengthMm),
    sum: [
      `${says.count(got.places.length, 'piece')} laid out on ${says.drawn(cloth)} → ${says.length(got.lengthMm)}`,
      `sold by the half ${says.system === 'metric' ? 'meter' : 'yard'} → ${says.length(bought)}`,
    ],
    goesWith:
      square > 0
        ? [
            { name: 'Piping cord', quantity: says.length(row.pipingMm) },
            { name: 'Bias strips', quantity: `from a square of ${says.length(square)}` },
          ]
        : [],
    notes: [
      `By area alone it would be ${says.length(got.byAreaMm)}: the pieces do not lie so.`,
      ...(row.repeatMm > 0
        ? [
            `Every row begins with a whole repeat; upholsterers’ charts add about ${upholsteryExtra(row.repeatMm)} % for it.`,
          ]
        : []),
    ],
    drawings: [coverDrawing('Cloth', cloth, got)],
  }
}
