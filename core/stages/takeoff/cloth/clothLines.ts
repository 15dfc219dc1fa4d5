import type { Formatter } from '../../../kernel/units/formatter.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import type { Reckoned, TakeoffInput } from '../takeoffTypes.js'
import { upholsteryExtra } from '../customary.js'
import { boughtLength, coverDrawing, coverLayout } from './coverLayout.js'
import { curtainCut, readyPanels, tiesFor } from './curtains.js'

/** A rail is hung so far over the window where no height is given (common practice). */
const OVER_WINDOW_MM = 150

/** Curtains made up from cloth, or panels as they are sold. */
export function curtainsLine({ row, window, says }: TakeoffInput): Reckoned {
  if (!window) throw new RangeError('the window it hangs at')
  const track = window.widthMm + 2 * row.trimMm
  const top = row.toMm ?? window.topMm + OVER_WINDOW_MM
  const finished = top - row.fromMm
  if (finished <= 0) throw new RangeError('a rail above the foot of the curtain')
  const cloth = row.goodsWidthMm ?? 0
  if (row.readyMade) return panelsLine(row, track, finished, says)
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
    lengthMm: boughtLength(got.length, says.system === 'metric' ? 100 : 228.6),
    packWord: ['', ''],
    needed: says.count(got.widths, 'width'),
    over: got.cut > bare ? `${says.length(got.cut - bare)} of each width, for the repeat` : 'nothing',
    sum: [
      `${says.drawn(window.widthMm)} + 2 × ${says.drawn(row.trimMm)} = rail ${says.drawn(track)}`,
      `(${says.drawn(track)} + ${says.drawn(row.overlapMm)} + 2 × ${says.drawn(row.returnMm)}) × ${says.number(row.fullness, 2)} ÷ ${says.drawn(cloth)} → ${says.count(got.widths, 'width')}`,
      `${says.drawn(finished)} + ${says.drawn(row.topHemMm)} + ${says.drawn(row.footHemMm)}${row.repeatMm > 0 ? ` → whole repeats of ${says.drawn(row.repeatMm)}` : ''} = ${says.drawn(got.cut)}`,
      `${got.widths} × ${says.drawn(got.cut)} = ${says.length(got.length)}`,
    ],
    notes: [
      `As full as it comes out: ${says.number(got.fullness, 2)} to 1.`,
      ...(got.widths % 2 === 1 ? ['An odd number of widths: one is cut in half for the pair.'] : []),
      'Measure the window itself, at the top, in the middle and at the foot, before the cloth is cut.',
    ],
    drawings: [
      {
        name: 'Cloth, width after width',
        widthMm: got.length,
        heightMm: cloth,
        times: 1,
        parts: Array.from({ length: got.widths }, (_, i) => [
          {
            xMm: i * got.cut,
            yMm: 0,
            widthMm: bare,
            heightMm: cloth,
            label: String(i + 1),
            use: 'used' as const,
          },
          {
            xMm: i * got.cut + bare,
            yMm: 0,
            widthMm: got.cut - bare,
            heightMm: cloth,
            label: '',
            use: 'lost' as const,
          },
        ]).flat(),
      },
    ],
  }
}

/** Panels as they are sold, each counted and priced by itself. */
function panelsLine(row: Takeoff, track: number, finished: number, says: Formatter): Reckoned {
  const wide = row.goodsWidthMm ?? 0
  const panels = readyPanels(track, row.fullness, wide, row.pair)
  return {
    pieces: panels,
    packWord: row.packOf > 1 ? ['pack', 'packs'] : ['panel', 'panels'],
    needed: says.count(panels, 'panel'),
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
    over: 'nothing',
    sum: [
      `${says.count(row.posts, 'post')} and ${says.count(gaps, 'gap')} between them → ${says.count(ties, 'tie')}`,
    ],
    notes: ['One at each joint and one half-way between, so that the cloth does not sag.'],
    drawings: [],
  }
}

/** A cover laid out on its cloth. */
export function coverLine({ row, parts, says }: TakeoffInput): Reckoned {
  const cloth = row.goodsWidthMm ?? 0
  const got = coverLayout(
    parts.map((p) => ({
      name: p.name,
      acrossMm: p.widthMm ?? 0,
      alongMm: p.lengthMm,
      count: p.count,
      free: p.mayTurn,
    })),
    cloth,
    row.repeatMm,
  )
  const bought = boughtLength(got.lengthMm, says.system === 'metric' ? 500 : 457.2)
  return {
    lengthMm: bought,
    packWord: ['', ''],
    needed: says.length(got.lengthMm),
    over: says.length(bought - got.lengthMm),
    sum: [
      `${says.count(got.places.length, 'piece')} laid out on ${says.drawn(cloth)} → ${says.length(got.lengthMm)}`,
      `sold by the half ${says.system === 'metric' ? 'meter' : 'yard'} → ${says.length(bought)}`,
    ],
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
